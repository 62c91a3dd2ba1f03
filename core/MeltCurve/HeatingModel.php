<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Temperature;

/**
 * A pot in its furnace as one body: dT/dt = a − b (T − T_0), fitted to the readings of one phase. The fit runs over the integrated form,
 * T − T_1 = a t − b ∫(T − T_0) dt, which noise hardly moves; b has a weak prior, for a short piece of curve does not tell it. Source:
 * lumped heat balance, derived; the prior is common practice (a small pot loses its heat within half an hour to some hours).
 */
final readonly class HeatingModel
{
    private const FEWEST = 8;
    private const SHORTEST_S = 20.0;
    private const LOSS_PER_S = 1 / 2400;
    /** Neighbouring readings err alike, so that the fit is less sure than their number says. */
    private const LESS_SURE = 4.0;
    /** How many times the scatter of the readings a line may miss them by, all in all. Founders' estimate, tried on simulated heats. */
    private const MISFIT = 1.5;
    /** Nineteen of twenty. */
    private const SIGMAS = 1.96;
    private const LONGEST_S = 86400.0;
    private const PIECES_S = [480.0, 240.0, 120.0, 60.0];

    /**
     * @param float $gain a, K/s
     * @param float $loss b, 1/s
     * @param array{float, float, float} $spread lower triangle of the square root of their covariance: aa, ba, bb
     * @param bool $runsThrough whether the readings lie about it as they scatter, and not all on one side for a while
     */
    private function __construct(
        private float $gain,
        private float $loss,
        private array $spread,
        private float $air,
        public bool $runsThrough,
    ) {
    }

    /** Null where there are too few readings for it. */
    public static function fit(Curve $curve, Temperature $air): ?self
    {
        if ($curve->count() < self::FEWEST || $curve->seconds() < self::SHORTEST_S) {
            return null;
        }
        $noise = max(0.3, $curve->noise()->si());
        $variance = self::LESS_SURE * $noise ** 2;
        // Normal equations of y = c + a x₁ + b x₂; the prior on b stands in its diagonal.
        $m = [[1e-9, 0.0, 0.0], [0.0, 1e-9, 0.0], [0.0, 0.0, $variance / self::LOSS_PER_S ** 2]];
        $v = [0.0, 0.0, ($variance * self::LOSS_PER_S) / self::LOSS_PER_S ** 2];
        $rows = [];
        $area = 0.0;
        foreach ($curve->at as $i => $at) {
            if ($i > 0) {
                $area += ($at - $curve->at[$i - 1]) * (($curve->kelvin[$i] + $curve->kelvin[$i - 1]) / 2 - $air->kelvin());
            }
            $row = [1.0, $at - $curve->at[0], -$area];
            $y = $curve->kelvin[$i] - $curve->kelvin[0];
            $rows[] = [$row, $y];
            for ($p = 0; $p < 3; ++$p) {
                $v[$p] += $row[$p] * $y;
                for ($q = 0; $q < 3; ++$q) {
                    $m[$p][$q] += $row[$p] * $row[$q];
                }
            }
        }
        $inverse = self::inverse($m);
        if (null === $inverse) {
            return null;
        }
        $c = $inverse[0][0] * $v[0] + $inverse[0][1] * $v[1] + $inverse[0][2] * $v[2];
        $a = $inverse[1][0] * $v[0] + $inverse[1][1] * $v[1] + $inverse[1][2] * $v[2];
        $b = $inverse[2][0] * $v[0] + $inverse[2][1] * $v[1] + $inverse[2][2] * $v[2];
        $aa = sqrt(max(0.0, $variance * $inverse[1][1]));
        $ba = $aa > 0.0 ? ($variance * $inverse[2][1]) / $aa : 0.0;
        $bb = sqrt(max(0.0, $variance * $inverse[2][2] - $ba ** 2));
        $misfit = 0.0;
        foreach ($rows as [$row, $y]) {
            $misfit += ($y - $c - $a * $row[1] - $b * $row[2]) ** 2;
        }
        $beyond = sqrt($misfit / count($rows)) > self::MISFIT * $noise;

        return new self($a, $b, [$aa, $ba, $bb], $air->kelvin(), !$beyond);
    }

    /**
     * Over the longest of these last pieces through which one line runs: a furnace that was turned up or down a minute ago heats as it
     * does since then. Null where there are too few readings.
     */
    public static function latest(Curve $curve, Temperature $air): ?self
    {
        $last = $curve->at[$curve->count() - 1] ?? 0.0;
        $model = null;
        foreach (self::PIECES_S as $seconds) {
            $shorter = self::fit($curve->between($last - $seconds, $last), $air);
            $model = $shorter ?? $model;
            if (null === $shorter || $shorter->runsThrough) {
                break;
            }
        }

        return $model;
    }

    /** The same furnace with a body that takes so many times the heat for a kelvin; factor above zero. */
    public function withHeat(float $factor): self
    {
        return new self(
            $this->gain / $factor,
            $this->loss / $factor,
            [$this->spread[0] / $factor, $this->spread[1] / $factor, $this->spread[2] / $factor],
            $this->air,
            $this->runsThrough,
        );
    }

    /** K/s at a temperature; below zero where it cools. As a plain number with its spread. */
    public function rateAt(Temperature $there): Estimate
    {
        $above = $there->kelvin() - $this->air;

        return $this->through(
            Dimension::TemperatureDifference,
            static fn (float $a, float $b): float => $a - $b * $above,
        );
    }

    /** Seconds from one temperature up to another; null where it does not get there. */
    public function secondsTo(Temperature $from, Temperature $to): ?Estimate
    {
        $start = $from->kelvin() - $this->air;
        $end = $to->kelvin() - $this->air;
        if ($end <= $start) {
            return Estimate::exact(Dimension::Time, 0.0);
        }
        $seconds = static function (float $a, float $b) use ($start, $end): float {
            $first = $a - $b * $start;
            $last = $a - $b * $end;
            if ($first <= 0.0 || $last <= 0.0) {
                return self::LONGEST_S;
            }

            return min(self::LONGEST_S, abs($b) < 1e-9 ? ($end - $start) / $a : log($first / $last) / $b);
        };
        $time = $this->through(Dimension::Time, $seconds);

        return $time->si >= self::LONGEST_S ? null : $time;
    }

    /** Where it would level off; null where it rises without an end to be seen. */
    public function levelsOff(): ?Temperature
    {
        return $this->loss <= 1e-6 || $this->gain <= 0.0 ? null : Temperature::fromSi($this->air + $this->gain / $this->loss);
    }

    /** @param \Closure(float, float): float $formula of a and b */
    private function through(Dimension $dimension, \Closure $formula): Estimate
    {
        [$aa, $ba, $bb] = $this->spread;
        $unit = Estimate::between(Dimension::TemperatureDifference, 0.0, -self::SIGMAS, self::SIGMAS);

        return Estimate::through(
            $dimension,
            fn (float $p, float $q): float => $formula($this->gain + $aa * $p, $this->loss + $ba * $p + $bb * $q),
            $unit,
            $unit,
        );
    }

    /**
     * @param list<list<float>> $m three by three, symmetric
     *
     * @return list<list<float>>|null
     */
    private static function inverse(array $m): ?array
    {
        $minor = static fn (int $r, int $s, int $p, int $q): float => $m[$r][$p] * $m[$s][$q] - $m[$r][$q] * $m[$s][$p];
        $determinant = $m[0][0] * $minor(1, 2, 1, 2) - $m[0][1] * $minor(1, 2, 0, 2) + $m[0][2] * $minor(1, 2, 0, 1);
        if (abs($determinant) < 1e-300 || !is_finite($determinant)) {
            return null;
        }

        return [
            [$minor(1, 2, 1, 2) / $determinant, -$minor(0, 2, 1, 2) / $determinant, $minor(0, 1, 1, 2) / $determinant],
            [-$minor(1, 2, 0, 2) / $determinant, $minor(0, 2, 0, 2) / $determinant, -$minor(0, 1, 0, 2) / $determinant],
            [$minor(1, 2, 0, 1) / $determinant, -$minor(0, 2, 0, 1) / $determinant, $minor(0, 1, 0, 1) / $determinant],
        ];
    }
}
