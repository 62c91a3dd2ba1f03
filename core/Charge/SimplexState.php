<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

/**
 * The tableau of LinearProgramme while it is being solved. Not for use elsewhere.
 *
 * Invariants: the columns of the basis are unit vectors; right[i] is the value of the basic variable of row i; a flipped variable counts
 * downwards from its upper bound; every value lies between zero and its bound.
 */
final class SimplexState
{
    /** @var array<int, bool> variables counted downwards from their upper bound */
    private array $flipped = [];

    /**
     * @param array<int, array<int, float>> $rows
     * @param array<int, float> $right
     * @param array<int, float> $bounds
     * @param array<int, int> $basis row → variable
     */
    public function __construct(private array $rows, private array $right, public array $bounds, private array $basis)
    {
    }

    /**
     * Bland: the first variable whose cost would fall.
     *
     * @param list<float> $cost
     */
    public function entering(array $cost, float $epsilon): ?int
    {
        $basic = array_flip($this->basis);
        foreach ($cost as $j => $c) {
            if (isset($basic[$j]) || $this->bounds[$j] <= $epsilon) {
                continue;
            }
            $reduced = $this->flipped[$j] ?? false ? -$c : $c;
            foreach ($this->basis as $i => $variable) {
                $reduced -= $this->signedCost($cost, $variable) * $this->rows[$i][$j];
            }
            if ($reduced < -$epsilon) {
                return $j;
            }
        }

        return null;
    }

    /** Lets the variable grow as far as the basis and its own bound allow. False when nothing stops it. */
    public function advance(int $enter, float $epsilon): bool
    {
        $best = $this->bounds[$enter];
        $leaves = null;
        $atUpper = false;
        foreach ($this->basis as $i => $variable) {
            $a = $this->rows[$i][$enter];
            $room = \INF;
            if ($a > $epsilon) {
                $room = max(0.0, $this->right[$i]) / $a;
            } elseif ($a < -$epsilon && is_finite($this->bounds[$variable])) {
                $room = max(0.0, $this->bounds[$variable] - $this->right[$i]) / -$a;
            }
            if (
                $room < $best - $epsilon
                || ($room <= $best + $epsilon && null !== $leaves && $variable < $this->basis[$leaves] && $room <= $best)
            ) {
                [$best, $leaves, $atUpper] = [$room, $i, $a < 0];
            }
        }
        if (!is_finite($best)) {
            return false;
        }
        if (null === $leaves) {
            // It reaches its own bound first: count it from there.
            $this->flip($enter);

            return true;
        }
        if ($atUpper) {
            $this->flipBasic($leaves);
        }
        $this->pivot($leaves, $enter);

        return true;
    }

    /** @param list<float> $cost */
    public function value(array $cost): float
    {
        $sum = 0.0;
        foreach ($this->values() as $j => $x) {
            $sum += $cost[$j] * $x;
        }

        return $sum;
    }

    /** @return array<int, float> */
    public function values(): array
    {
        $values = array_fill(0, count($this->bounds), 0.0);
        foreach ($this->basis as $i => $variable) {
            $values[$variable] = $this->right[$i];
        }
        foreach ($this->flipped as $j => $isFlipped) {
            if ($isFlipped) {
                $values[$j] = $this->bounds[$j] - $values[$j];
            }
        }

        return $values;
    }

    /** @param list<float> $cost */
    private function signedCost(array $cost, int $variable): float
    {
        return $this->flipped[$variable] ?? false ? -$cost[$variable] : $cost[$variable];
    }

    private function flip(int $j): void
    {
        foreach ($this->rows as $i => $row) {
            $this->right[$i] -= $row[$j] * $this->bounds[$j];
            $this->rows[$i][$j] = -$row[$j];
        }
        $this->flipped[$j] = !($this->flipped[$j] ?? false);
    }

    /**
     * The basic variable of this row leaves at its upper bound: turn it over, and the row with it, so that its column stays a unit
     * vector.
     */
    private function flipBasic(int $i): void
    {
        $j = $this->basis[$i];
        $this->right[$i] = $this->bounds[$j] - $this->right[$i];
        foreach ($this->rows[$i] as $k => $a) {
            $this->rows[$i][$k] = $k === $j ? $a : -$a;
        }
        $this->flipped[$j] = !($this->flipped[$j] ?? false);
    }

    private function pivot(int $i, int $j): void
    {
        $pivot = $this->rows[$i][$j];
        $this->rows[$i] = array_map(static fn (float $a): float => $a / $pivot, $this->rows[$i]);
        $this->right[$i] /= $pivot;
        $lead = $this->rows[$i];
        foreach ($this->rows as $k => $row) {
            $factor = $row[$j];
            if ($k === $i || 0.0 === $factor) {
                continue;
            }
            foreach ($lead as $column => $a) {
                $row[$column] -= $factor * $a;
            }
            $row[$j] = 0.0;
            $this->rows[$k] = $row;
            $this->right[$k] -= $factor * $this->right[$i];
        }
        $this->basis[$i] = $j;
    }
}
