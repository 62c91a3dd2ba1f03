<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

/**
 * A bounded linear programme by the two-phase simplex method: least c·x with A x = b, lower ≤ x ≤ upper.
 *
 * Dense tableau with bounded variables: a variable at its upper bound is turned over (x → u − x) instead of given a row of its own. Ties
 * and
 * degenerate steps follow Bland's rule (R. G. Bland 1977, recalled from memory), so it cannot circle. Cost: rows × columns per step;
 * meant for tens
 * of each. Source: G. B. Dantzig; V. Chvátal, Linear Programming, chapter 8; recalled from memory.
 */
final class LinearProgramme
{
    private const EPSILON = 1e-9;
    private const MOST_STEPS = 5000;

    /**
     * @param array<int, float> $cost by column, from 0
     * @param array<int, array<int, float>> $rows coefficients, one row for each equation
     * @param array<int, float> $right
     * @param array<int, float> $lower finite
     * @param array<int, float> $upper INF where there is none
     *
     * @return list<float>|null the least-cost x, or null when nothing satisfies the equations
     *
     * @throws UnsolvableMix when the cost has no lower end or the steps run out
     */
    public static function minimise(array $cost, array $rows, array $right, array $lower, array $upper): ?array
    {
        $columns = count($cost);
        foreach ($lower as $j => $least) {
            if ($least > $upper[$j] + self::EPSILON) {
                return null;
            }
            foreach ($rows as $i => $row) {
                $right[$i] -= $row[$j] * $least;
            }
        }
        $bounds = array_map(static fn (float $u, float $l): float => $u - $l, $upper, $lower);
        foreach ($rows as $i => $row) {
            if ($right[$i] < 0) {
                $rows[$i] = array_map(static fn (float $a): float => -$a, $row);
                $right[$i] = -$right[$i];
            }
        }
        // Phase one: an artificial variable for each equation, to be driven to zero.
        $count = count($rows);
        $basis = [];
        foreach (array_keys($rows) as $i) {
            for ($k = 0; $k < $count; ++$k) {
                $rows[$i][] = $i === $k ? 1.0 : 0.0;
            }
            $basis[$i] = $columns + $i;
            $bounds[] = \INF;
        }
        $state = new SimplexState($rows, $right, $bounds, $basis);
        $first = [...array_fill(0, $columns, 0.0), ...array_fill(0, $count, 1.0)];
        self::run($state, $first, self::EPSILON);
        if ($state->value($first) > 1e-7 * (1 + array_sum($right))) {
            return null;
        }
        // Artificials stay at zero from here on: their room is taken away.
        for ($k = 0; $k < $count; ++$k) {
            $state->bounds[$columns + $k] = 0.0;
        }
        self::run($state, [...$cost, ...array_fill(0, $count, 0.0)], self::EPSILON);
        $x = $state->values();

        return array_map(static fn (float $value, float $least): float => $value + $least, array_slice($x, 0, $columns), $lower);
    }

    /** @param list<float> $cost */
    private static function run(SimplexState $state, array $cost, float $epsilon): void
    {
        for ($step = 0; $step < self::MOST_STEPS; ++$step) {
            $enter = $state->entering($cost, $epsilon);
            if (null === $enter) {
                return;
            }
            if (!$state->advance($enter, $epsilon)) {
                throw UnsolvableMix::unbounded();
            }
        }
        throw UnsolvableMix::tooManySteps(self::MOST_STEPS);
    }
}
