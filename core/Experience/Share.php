<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Experience;

/**
 * How often something went well, with what so few pours leave open: the score interval at nine in ten.
 *
 * Source: E. B. Wilson, J. Am. Stat. Assoc. 22 (1927), recalled from memory.
 */
final readonly class Share
{
    private const Z = 1.6449;

    /**
     * @param float $low end of the interval, 0…1
     * @param float $high end of the interval, 0…1
     */
    private function __construct(public int $good, public int $of, public float $low, public float $high)
    {
    }

    /**
     * So many of so many; between none and all where there are none.
     *
     * @throws \LogicException when more are good than there are
     */
    public static function of(int $good, int $of): self
    {
        if ($good > $of || $good < 0) {
            throw new \LogicException("{$good} of {$of} is no share.");
        }
        if (0 === $of) {
            return new self(0, 0, 0.0, 1.0);
        }
        $z2 = self::Z ** 2;
        $p = $good / $of;
        $middle = ($p + $z2 / (2 * $of)) / (1 + $z2 / $of);
        $half = self::Z / (1 + $z2 / $of) * sqrt($p * (1 - $p) / $of + $z2 / (4 * $of ** 2));

        return new self($good, $of, max(0.0, $middle - $half), min(1.0, $middle + $half));
    }

    /** "3 of 4 good (41 to 94 %)". */
    public function words(): string
    {
        return 0 === $this->of
            ? 'not done yet'
            : "{$this->good} of {$this->of} good (".round(100 * $this->low).' to '.round(100 * $this->high).' %)';
    }
}
