<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Support;

/** Closed outlines, measured for tests. */
final class Loops
{
    /**
     * Positive where it runs with what it encloses on its left.
     *
     * @param list<array{float, float}> $loop
     */
    public static function area(array $loop): float
    {
        $sum = 0.0;
        foreach ($loop as $i => [$x, $y]) {
            [$u, $v] = $loop[($i + 1) % count($loop)];
            $sum += ($x * $v - $u * $y) / 2;
        }

        return $sum;
    }
}
