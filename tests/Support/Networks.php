<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Support;

use MoltenNotes\Core\Diagnosis\Network;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Noisy-OR networks for the tests, and the plain ways to solve them that the fast ones are held against. */
final class Networks
{
    public static function random(int $seed, int $causes, int $positive, int $negative): Network
    {
        $chance = new Randomizer(new Mt19937($seed));
        $priors = [];
        for ($c = 0; $c < $causes; ++$c) {
            $priors[] = $chance->getInt(5, 300) / 1000;
        }
        $sign = static function () use ($chance, $causes): array {
            $strengths = [];
            for ($c = 0; $c < $causes; ++$c) {
                if ($chance->getInt(0, 99) < 45) {
                    $strengths[$c] = $chance->getInt(50, 900) / 1000;
                }
            }

            return ['leak' => $chance->getInt(5, 60) / 1000, 'strengths' => $strengths];
        };
        $signs = static fn (int $count): array => array_map(static fn (): array => $sign(), array_fill(0, $count, 0));

        return new Network($priors, 0 === $positive ? [] : $signs($positive), 0 === $negative ? [] : $signs($negative));
    }

    /**
     * Every combination of causes, one by one.
     *
     * @return array{float, list<float>} P(signs) and the posteriors
     */
    public static function bruteForce(Network $network): array
    {
        $count = count($network->priors);
        $total = 0.0;
        $with = array_fill(0, $count, 0.0);
        for ($mask = 0; $mask < 1 << $count; ++$mask) {
            $weight = 1.0;
            foreach ($network->priors as $c => $p) {
                $weight *= ($mask >> $c & 1) ? $p : 1 - $p;
            }
            foreach ($network->positive as $sign) {
                $weight *= 1 - self::absent($sign, $mask);
            }
            foreach ($network->negative as $sign) {
                $weight *= self::absent($sign, $mask);
            }
            $total += $weight;
            for ($c = 0; $c < $count; ++$c) {
                $with[$c] += ($mask >> $c & 1) ? $weight : 0.0;
            }
        }

        return [$total, array_values(array_map(static fn (float $w): float => $w / $total, $with))];
    }

    /**
     * Quickscore: 2ⁿ terms of alternating sign over the subsets of positive signs.
     * D. Heckerman, "A tractable inference algorithm for diagnosing multiple diseases", UAI 1989 (recalled from memory).
     *
     * @return array{float, list<float>}
     */
    public static function quickscore(Network $network): array
    {
        $count = count($network->positive);
        $total = 0.0;
        $with = array_fill(0, count($network->priors), 0.0);
        for ($subset = 0; $subset < 1 << $count; ++$subset) {
            $signs = $network->negative;
            $sign = 1.0;
            foreach ($network->positive as $f => $row) {
                if ($subset >> $f & 1) {
                    $signs[] = $row;
                    $sign = -$sign;
                }
            }
            $term = $sign * array_product(array_map(static fn (array $row): float => 1 - $row['leak'], $signs));
            $absent = [];
            foreach ($network->priors as $c => $p) {
                $absent[$c] = $p * array_product(array_map(static fn (array $row): float => 1 - ($row['strengths'][$c] ?? 0.0), $signs));
                $term *= $absent[$c] + 1 - $p;
            }
            $total += $term;
            foreach ($network->priors as $c => $p) {
                $with[$c] += $term * $absent[$c] / ($absent[$c] + 1 - $p);
            }
        }

        return [$total, array_values(array_map(static fn (float $w): float => $w / $total, $with))];
    }

    /** @param array{leak: float, strengths: array<int, float>} $sign */
    private static function absent(array $sign, int $mask): float
    {
        $absent = 1 - $sign['leak'];
        foreach ($sign['strengths'] as $c => $strength) {
            $absent *= ($mask >> $c & 1) ? 1 - $strength : 1.0;
        }

        return $absent;
    }
}
