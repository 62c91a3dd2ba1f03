<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

/**
 * A linear programme in the form least c·x with A x = b, l ≤ x ≤ u, where every equation has a slack of its own, kept so that it can be
 * solved again after a bound was drawn tighter. Not for use outside LinearProgramme and WholePieces.
 *
 * Dual simplex with bounded variables on a dense tableau: every variable stands at one of its bounds or is basic; costs are kept such that
 * no variable at a bound would get cheaper by leaving it, and a basic variable outside its bounds leaves the basis. Source: C. E. Lemke
 * 1954; R. Vanderbei, Linear Programming, chapter 9; both recalled from memory. After many steps the lowest index decides (Bland), so that
 * it cannot circle.
 */
final class SimplexTableau
{
    private const EPSILON = 1e-9;
    private const MOST_STEPS = 5000;
    private const STEPS_BEFORE_BLAND = 500;

    /** @var array<int, int> row → basic variable */
    private array $basis = [];

    /** @var array<int, true> basic variables */
    private array $basic = [];

    /** @var array<int, float> value of each variable */
    private array $x = [];

    /** @var array<int, float> what a unit of each variable would cost beyond the basis */
    private array $reduced;

    public int $steps = 0;

    /**
     * Variables are the columns, and after them a slack for each row. Costs of variables without an upper bound are 0 or more.
     *
     * @param array<int, array<int, float>> $rows coefficients of the columns
     * @param array<int, float> $right
     * @param array<int, float> $lower finite, of columns and slacks
     * @param array<int, float> $upper of columns and slacks; INF where there is none
     * @param array<int, float> $cost of columns and slacks
     *
     * @throws UnsolvableMix when the cost has no lower end
     */
    public function __construct(
        private array $rows,
        private readonly array $right,
        private array $lower,
        private array $upper,
        private readonly array $cost,
    ) {
        $columns = count($cost) - count($rows);
        $this->reduced = $cost;
        foreach ($cost as $j => $c) {
            $this->x[$j] = $c < 0.0 ? $upper[$j] : $lower[$j];
            if (!is_finite($this->x[$j])) {
                throw UnsolvableMix::unbounded();
            }
        }
        foreach ($rows as $i => $row) {
            $value = $right[$i];
            foreach ($row as $j => $a) {
                $value -= $a * $this->x[$j];
            }
            for ($k = 0; $k < count($rows); ++$k) {
                $this->rows[$i][$columns + $k] = $i === $k ? 1.0 : 0.0;
            }
            $this->basis[$i] = $columns + $i;
            $this->basic[$columns + $i] = true;
            $this->x[$columns + $i] = $value;
        }
    }

    /** Draws the bounds of a variable tighter; solve() then goes on from where it is. */
    public function bound(int $j, float $lower, float $upper): void
    {
        $this->lower[$j] = $lower;
        $this->upper[$j] = $upper;
        if (isset($this->basic[$j])) {
            return;
        }
        $there = min(max($this->x[$j], $lower), $upper);
        $by = $there - $this->x[$j];
        if (0.0 !== $by) {
            $this->x[$j] = $there;
            foreach ($this->rows as $i => $row) {
                $this->x[$this->basis[$i]] -= $row[$j] * $by;
            }
        }
    }

    /**
     * True when every variable is inside its bounds at least cost, false when nothing satisfies the equations.
     *
     * @throws UnsolvableMix when the steps run out
     */
    public function solve(): bool
    {
        for ($step = 0; $step < self::MOST_STEPS; ++$step) {
            $row = $this->leaving($step > self::STEPS_BEFORE_BLAND);
            if (null === $row) {
                return true;
            }
            $enters = $this->entering($row, $step > self::STEPS_BEFORE_BLAND);
            if (null === $enters) {
                return false;
            }
            $this->pivot($row, $enters);
            ++$this->steps;
        }
        throw UnsolvableMix::tooManySteps(self::MOST_STEPS);
    }

    /** Cost of where it stands. */
    public function value(): float
    {
        $sum = 0.0;
        foreach ($this->cost as $j => $c) {
            $sum += $c * $this->x[$j];
        }

        return $sum;
    }

    /** Where a variable stands. Source: definition. */
    public function valueOf(int $j): float
    {
        return $this->x[$j];
    }

    /** @return array{float, float} lower and upper bound */
    public function boundsOf(int $j): array
    {
        return [$this->lower[$j], $this->upper[$j]];
    }

    /** The row whose variable lies farthest outside its bounds. */
    private function leaving(bool $lowest): ?int
    {
        $worst = null;
        $most = 0.0;
        foreach ($this->basis as $i => $j) {
            $off = max($this->lower[$j] - $this->x[$j], $this->x[$j] - $this->upper[$j]);
            if ($off <= self::EPSILON * max(1.0, abs($this->x[$j]))) {
                continue;
            }
            if ($lowest ? null === $worst || $j < $this->basis[$worst] : $off > $most) {
                [$worst, $most] = [$i, $off];
            }
        }

        return $worst;
    }

    /** The variable that can bring it back at the least rise in cost; null where none can. */
    private function entering(int $row, bool $lowest): ?int
    {
        $leaves = $this->basis[$row];
        $grows = $this->x[$leaves] < $this->lower[$leaves];
        $best = null;
        $least = \INF;
        $largest = 0.0;
        foreach ($this->rows[$row] as $j => $a) {
            if (abs($a) <= self::EPSILON || isset($this->basic[$j]) || $this->upper[$j] - $this->lower[$j] <= 0.0) {
                continue;
            }
            $atLower = $this->x[$j] <= $this->lower[$j];
            // A variable at its lower bound may grow, at its upper bound shrink; x_leaves falls by a for each unit.
            if ($atLower === ($grows ? $a > 0.0 : $a < 0.0)) {
                continue;
            }
            $ratio = abs($this->reduced[$j]) / abs($a);
            $better = $ratio < $least - self::EPSILON || ($ratio <= $least + self::EPSILON && !$lowest && abs($a) > $largest);
            if (null === $best || $better) {
                [$best, $least, $largest] = [$j, $ratio, abs($a)];
            }
        }

        return $best;
    }

    private function pivot(int $row, int $enters): void
    {
        $leaves = $this->basis[$row];
        $bound = $this->x[$leaves] < $this->lower[$leaves] ? $this->lower[$leaves] : $this->upper[$leaves];
        $a = $this->rows[$row][$enters];
        $by = ($this->x[$leaves] - $bound) / $a;
        foreach ($this->rows as $i => $line) {
            $this->x[$this->basis[$i]] -= $line[$enters] * $by;
        }
        $this->x[$leaves] = $bound;
        $this->x[$enters] += $by;
        $lead = [];
        foreach ($this->rows[$row] as $j => $value) {
            if (0.0 !== $value) {
                $lead[$j] = $value / $a;
                $this->rows[$row][$j] = $lead[$j];
            }
        }
        foreach ($this->rows as $i => $line) {
            $factor = $line[$enters];
            if ($i === $row || 0.0 === $factor) {
                continue;
            }
            foreach ($lead as $j => $value) {
                $line[$j] -= $factor * $value;
            }
            $line[$enters] = 0.0;
            $this->rows[$i] = $line;
        }
        $factor = $this->reduced[$enters];
        foreach ($lead as $j => $value) {
            $this->reduced[$j] -= $factor * $value;
        }
        $this->reduced[$enters] = 0.0;
        $this->basis[$row] = $enters;
        unset($this->basic[$leaves]);
        $this->basic[$enters] = true;
    }
}
