<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

/**
 * Exact posteriors of a noisy-OR network by eliminating one cause after the other.
 *
 * State: the set of positive signs already explained, as a bit mask. The leak gives the first distribution over masks; each cause in turn
 * either stays absent (weight 1 − p) or, present, explains each of its signs independently (weight p). P(signs) is the weight of the full
 * mask.
 * A backward pass gives P(cause, signs) for all causes at once. Negative signs only scale the weight of a present cause: closed form.
 *
 * Every term is positive. Quickscore (Heckerman 1989), exact as well, adds 2ⁿ terms of alternating sign and loses its figures
 * when P(signs) is small; it serves as the second way in the tests. Cost: O(links · 2ⁿ) time, O(causes · 2ⁿ) memory for n positive signs.
 * Source: derived; the sum is that of Heckerman 1989.
 */
final class ExactElimination
{
    /** 2¹² masks and some hundred links are about ten milliseconds and a few megabytes. */
    public const MOST_SIGNS = 12;

    /** @throws TooManySigns beyond what is answered in good time */
    public static function solve(Network $network): Posterior
    {
        $count = count($network->positive);
        if ($count > self::MOST_SIGNS) {
            throw TooManySigns::asked($count, self::MOST_SIGNS);
        }
        [$present, $absent, $constant] = self::weights($network);
        $links = self::links($network);
        $forward = [];
        $state = self::leakState($network);
        foreach ($links as $cause => $own) {
            $explained = self::explain($state, $own);
            $forward[$cause] = $explained;
            $state = self::mix($absent[$cause], $state, $present[$cause], $explained);
        }

        return self::backward($network, $links, $forward, $present, $absent, $state, $constant);
    }

    /** @return array{array<int, float>, array<int, float>, float} weight of present and absent per cause, and of the negative leaks */
    private static function weights(Network $network): array
    {
        $present = $network->priors;
        $absent = array_map(static fn (float $p): float => 1 - $p, $network->priors);
        $constant = 1.0;
        foreach ($network->negative as $sign) {
            $constant *= 1 - $sign['leak'];
            foreach ($sign['strengths'] as $cause => $strength) {
                $present[$cause] *= 1 - $strength;
            }
        }

        return [$present, $absent, $constant];
    }

    /** @return array<int, list<array{int, float}>> cause → [bit of the sign, strength], only causes with a positive sign */
    private static function links(Network $network): array
    {
        $links = [];
        foreach ($network->positive as $bit => $sign) {
            foreach ($sign['strengths'] as $cause => $strength) {
                $links[$cause][] = [1 << $bit, $strength];
            }
        }
        ksort($links);

        return $links;
    }

    /** @return array<int, float> */
    private static function leakState(Network $network): array
    {
        $state = [1.0];
        foreach ($network->positive as $sign) {
            $with = [];
            foreach ($state as $weight) {
                $with[] = $weight * $sign['leak'];
            }
            foreach ($state as $i => $weight) {
                $state[$i] = $weight * (1 - $sign['leak']);
            }
            foreach ($with as $weight) {
                $state[] = $weight;
            }
        }

        return $state;
    }

    /**
     * The distribution after a present cause has explained what it could.
     *
     * @param array<int, float> $state
     * @param list<array{int, float}> $links
     *
     * @return array<int, float>
     */
    private static function explain(array $state, array $links): array
    {
        $size = count($state);
        foreach ($links as [$bit, $strength]) {
            $rest = 1 - $strength;
            for ($base = 0; $base < $size; $base += $bit << 1) {
                $end = $base + $bit;
                for ($mask = $base; $mask < $end; ++$mask) {
                    $weight = $state[$mask];
                    $state[$mask | $bit] += $strength * $weight;
                    $state[$mask] = $rest * $weight;
                }
            }
        }

        return $state;
    }

    /**
     * The same step seen from the end: what a mask is still worth before the cause has spoken.
     *
     * @param array<int, float> $worth
     * @param list<array{int, float}> $links
     *
     * @return array<int, float>
     */
    private static function explainBackward(array $worth, array $links): array
    {
        $size = count($worth);
        foreach ($links as [$bit, $strength]) {
            $rest = 1 - $strength;
            for ($base = 0; $base < $size; $base += $bit << 1) {
                $end = $base + $bit;
                for ($mask = $base; $mask < $end; ++$mask) {
                    $worth[$mask] = $rest * $worth[$mask] + $strength * $worth[$mask | $bit];
                }
            }
        }

        return $worth;
    }

    /**
     * @param array<int, float> $a
     * @param array<int, float> $b
     *
     * @return array<int, float>
     */
    private static function mix(float $weightA, array $a, float $weightB, array $b): array
    {
        foreach ($a as $i => $value) {
            $a[$i] = $weightA * $value + $weightB * $b[$i];
        }

        return $a;
    }

    /**
     * @param array<int, list<array{int, float}>> $links
     * @param array<int, array<int, float>> $forward
     * @param array<int, float> $present
     * @param array<int, float> $absent
     * @param array<int, float> $state the distribution over masks when all causes have spoken
     */
    private static function backward(
        Network $network,
        array $links,
        array $forward,
        array $present,
        array $absent,
        array $state,
        float $constant,
    ): Posterior {
        $total = $state[count($state) - 1];
        $posterior = [];
        $evidence = $total * $constant;
        foreach ($network->priors as $cause => $prior) {
            $sum = $present[$cause] + $absent[$cause];
            $posterior[$cause] = $sum > 0 ? $present[$cause] / $sum : $prior;
            if (!isset($links[$cause])) {
                $evidence *= $sum;
            }
        }
        $worth = array_fill(0, 1 << count($network->positive), 0.0);
        $worth[count($worth) - 1] = 1.0;
        foreach (array_reverse($links, true) as $cause => $own) {
            $joint = 0.0;
            foreach ($forward[$cause] as $mask => $weight) {
                $joint += $weight * $worth[$mask];
            }
            $posterior[$cause] = $total > 0 ? min(1.0, ($present[$cause] * $joint) / $total) : $posterior[$cause];
            $worth = self::mix($absent[$cause], $worth, $present[$cause], self::explainBackward($worth, $own));
        }

        return new Posterior(array_values($posterior), $evidence, true, self::byItself($network, $state));
    }

    /**
     * The mask that lacks one sign weighs (1 − leak) · P(others, causes silent on this one); the leak made it with leak / (1 − leak) of
     * that.
     *
     * @param array<int, float> $state
     *
     * @return list<float>
     */
    private static function byItself(Network $network, array $state): array
    {
        $full = count($state) - 1;
        $shares = [];
        foreach ($network->positive as $bit => $sign) {
            $shares[] =
                $state[$full] > 0 ? min(1.0, (($sign['leak'] / (1 - $sign['leak'])) * $state[$full ^ (1 << $bit)]) / $state[$full]) : 1.0;
        }

        return $shares;
    }
}
