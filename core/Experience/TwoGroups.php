<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Experience;

/**
 * How often something happened in two groups, and whether the difference is more than chance would make.
 *
 * Fisher's exact test, two-sided: the sum of the hypergeometric probabilities of all tables with the same margins that are no more likely
 * XX
 */
final readonly class TwoGroups
{
    private const LEAST = 5;
    /** Tables that differ only by rounding count as equally likely. */
    private const SLACK = 1e-7;

    /** @param int $a of $of1 in the first group, $b of $of2 in the second; none more than there are */
    public function __construct(public int $a, public int $of1, public int $b, public int $of2)
    {
    }

    /** Whether both groups are large enough for a test to mean anything. */
    public function canBeTested(): bool
    {
        return min($this->of1, $this->of2) >= self::LEAST;
    }

    /** Probability of a difference so large by chance alone, 0…1. */
    public function chance(): float
    {
        $hits = $this->a + $this->b;
        $all = $this->of1 + $this->of2;
        $probability = fn (int $x): float => exp(
            self::logChoose($this->of1, $x) + self::logChoose($this->of2, $hits - $x) - self::logChoose($all, $hits),
        );
        $seen = $probability($this->a);
        $sum = 0.0;
        for ($x = max(0, $hits - $this->of2); $x <= min($this->of1, $hits); ++$x) {
            $here = $probability($x);
            $sum += $here <= $seen * (1 + self::SLACK) ? $here : 0.0;
        }

        return min(1.0, $sum);
    }

    private static function logChoose(int $n, int $k): float
    {
        $sum = 0.0;
        for ($i = 1; $i <= $k; ++$i) {
            $sum += log(($n - $k + $i) / $i);
        }

        return $sum;
    }
}
