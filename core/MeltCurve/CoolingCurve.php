<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Quantity\Radiation;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\TemperatureDifference;

/**
 * The arrests of a cooling curve: where it cools more slowly than a body without a change in it would, by Newton's law from its own
 * fastest part. Thermal analysis with a Newtonian base line: common practice of foundries; J. A. Bäckerud and others, Solidification
 * Characteristics of Aluminum Alloys, recalled from memory. The thresholds are the founders', tried on simulated curves of all alloys of
 * the table with noise of up to two kelvin.
 */
final readonly class CoolingCurve
{
    /** Cooling at less than this share of the base line is an arrest; above the other it is over. */
    private const SLOW = 0.55;
    private const STILL = 0.4;
    private const FREE = 0.7;
    /** Where it stands still and does not only cool slowly; and what is clearly quicker than the stillest. */
    private const PLATEAU = 0.25;
    private const QUICKER = 0.12;
    private const FEWEST = 40;
    /** Arrests of one curve that lie nearer are one. */
    private const ONE_ARREST_K = 6.0;
    /** What the way of finding them adds: undercooling that is not seen, the rounding of the bend. Tried on simulated curves. */
    private const METHOD_K = 1.0;
    private const AIR = 293.15;
    /** W/m²K in still air, and of a dull surface; common practice. */
    private const CONVECTION = 10.0;
    private const EMISSIVITY = 0.5;

    /** @param string|null $why what could not be told, and why; null where nothing is missing */
    private function __construct(
        public ?Arrest $upper,
        public ?Arrest $lower,
        public bool $ends,
        public ?Temperature $endsAt,
        public TemperatureDifference $noise,
        public ?string $why,
    ) {
    }

    /**
     * From its hottest reading on.
     *
     * $ends: whether it goes on to where all is solid; without that a lower arrest may still be to come.
     */
    public static function read(Curve $curve): self
    {
        $noise = $curve->noise();
        $cooling = self::cooling($curve->withoutStrays());
        if ($cooling->count() < self::FEWEST) {
            return self::nothing($noise, 'There are too few readings of it cooling.');
        }
        $fall = max(...$cooling->kelvin) - min(...$cooling->kelvin);
        if ($fall < max(15.0, 10 * $noise->si())) {
            return self::nothing($noise, 'It has hardly cooled yet.');
        }
        $window = self::window($cooling, $noise->si(), $fall);
        $even = $cooling->evenly(max($cooling->step(), $window / 12));
        ['level' => $level, 'rate' => $rate] = $even->lines($window);
        // Half a window from either end the line is the one through a shorter piece, and less sure.
        $begin = $even->at[0] + $window / 2;
        $skip = count(array_filter($even->at, static fn (float $at): bool => $at < $begin));
        $sure = $even->between($begin, $even->at[$even->count() - 1] - $window / 2);
        if ($sure->count() < 4) {
            return self::nothing($noise, 'There are too few readings of it cooling.');
        }
        $level = array_slice($level, $skip, $sure->count());
        $free = [];
        foreach (array_slice($rate, $skip, $sure->count()) as $i => $slope) {
            $free[] = -$slope / self::loss($level[$i]);
        }
        $base = self::base($free);
        if ($base <= 0.0) {
            return self::nothing($noise, 'It does not cool.');
        }
        $pace = array_map(static fn (float $is): float => $is / $base, $free);

        return self::arrests($sure, $level, $pace, $window, $noise);
    }

    /** What a cup loses at a temperature, as a number to compare with: to air that moves by itself, and by radiation of a dull body. */
    private static function loss(float $kelvin): float
    {
        $above = max(20.0, $kelvin - self::AIR);

        return self::CONVECTION * $above + self::EMISSIVITY * Radiation::STEFAN_BOLTZMANN * (($above + self::AIR) ** 4 - self::AIR ** 4);
    }

    /**
     * Its fastest part, but not the single fastest reading.
     *
     * @param list<float> $free
     */
    private static function base(array $free): float
    {
        sort($free);

        return $free[(int) floor(0.9 * (count($free) - 1))] ?? 0.0;
    }

    /**
     * @param list<float> $level
     * @param list<float> $pace share of the base line at which it cools
     */
    private static function arrests(Curve $even, array $level, array $pace, float $window, TemperatureDifference $noise): self
    {
        $count = count($pace);
        $liquid = self::next($pace, 0, static fn (float $is): bool => $is > self::FREE);
        $upper = null;
        $why = null;
        $begin = null === $liquid ? null : self::next($pace, $liquid, static fn (float $is): bool => $is < self::SLOW);
        if (null === $liquid || null === $begin) {
            return new self(null, null, false, null, $noise, 'It cools evenly all along: no arrest is to be seen.');
        }
        // The end of freezing: after the last place where it is slow it cools freely again.
        $last = null;
        for ($i = $count - 1; $i >= $begin; --$i) {
            if ($pace[$i] < self::SLOW) {
                $last = $i;
                break;
            }
        }
        $ends = null !== $last && null !== self::next($pace, $last, static fn (float $is): bool => $is > self::FREE);
        $until = $last ?? $begin;
        $upper = self::at($even, $level, $pace, $begin, self::first($even, $pace, $begin, $until, $window), $window, $noise, true);
        $lower = null;
        $to = $until;
        while ($to > $begin && $pace[$to] >= self::STILL) {
            --$to;
        }
        $from = self::lastFrom($pace, $begin, $to);
        if ($pace[self::lowest($pace, $from, $to)] < self::PLATEAU) {
            $lower = self::at($even, $level, $pace, $from, $to, $window, $noise, false);
        }
        $tail = $level[$until];
        if (
            null !== $lower
            && ($from === $begin || $upper->temperature->minus($lower->temperature)->si() < self::ONE_ARREST_K)
        ) {
            $lower = null;
        }
        if (!$ends) {
            $why = 'It ends before all is solid: an arrest further down would not be seen.';
            // What it stands at while the readings end is an arrest all the same; what it only cools slowly at is none yet.
            $lower = null !== $lower && $pace[$count - 1] < self::STILL ? $lower : null;
        }

        return new self($upper, $lower, $ends, $ends ? Temperature::fromSi($tail) : null, $noise, $why);
    }

    /**
     * One arrest between two readings: where it warmed up again it lies at the top of that; else where it cooled most slowly.
     *
     * @param list<float> $level
     * @param list<float> $pace
     */
    private static function at(
        Curve $even,
        array $level,
        array $pace,
        int $from,
        int $to,
        float $window,
        TemperatureDifference $noise,
        bool $onset,
    ): Arrest {
        $still = self::lowest($pace, $from, $to);
        $scatter = max(0.15, $noise->si() / sqrt(max(1.0, $window / max(1e-9, $even->step()))));
        $deepest = $from;
        $undercooling = null;
        $temperature = $level[$still];
        for ($i = $from; $i <= $still; ++$i) {
            $deepest = $level[$i] < $level[$deepest] ? $i : $deepest;
        }
        $top = $still;
        while ($pace[$still] < 0.0 && $top < $to && $level[$top + 1] >= $level[$top]) {
            ++$top;
        }
        $rise = $level[$top] - $level[$deepest];
        if ($rise > max(0.7, 3 * $scatter)) {
            $temperature = $level[$top];
            $still = $top;
            $undercooling = TemperatureDifference::fromSi($rise);
        } elseif ($onset) {
            $temperature = self::bend($even, $even->at[$from], $window) ?? $temperature;
        }
        // What it fell by over half a window while it was stillest is not known better than that.
        $drift = 0.25 * abs($level[max($from, $still - 2)] - $level[min($to, $still + 2)]);

        return new Arrest(
            Temperature::fromSi($temperature),
            $even->at[$from],
            $even->at[$to],
            TemperatureDifference::fromSi(sqrt(self::METHOD_K ** 2 + $scatter ** 2 + $drift ** 2)),
            $undercooling,
        );
    }

    /**
     * Kelvin at the bend around a second: of all pairs of lines that meet, the pair that runs best through the readings before and after
     * it. Null where there are too few. Source: least squares with one knot.
     */
    private static function bend(Curve $even, float $around, float $window): ?float
    {
        $part = $even->between($around - 2.2 * $window, $around + 1.8 * $window);
        if ($part->count() < 12) {
            return null;
        }
        $best = null;
        $least = \INF;
        for ($knot = $around - $window; $knot <= $around + $window; $knot += $window / 16) {
            [$square, $kelvin] = self::knotted($part, $knot);
            if ($square < $least) {
                $least = $square;
                $best = $kelvin;
            }
        }

        return $best;
    }

    /** @return array{float, float} sum of squares of two lines that meet at a second, and kelvin there */
    private static function knotted(Curve $part, float $knot): array
    {
        // Normal equations of y = c + p min(0, x) + q max(0, x); the two slopes share no reading.
        $n = $part->count();
        $x1 = $x2 = $x11 = $x22 = $y1 = $y2 = $y = $yy = 0.0;
        $mean = array_sum($part->kelvin) / $n;
        foreach ($part->at as $i => $at) {
            $left = min(0.0, $at - $knot);
            $right = max(0.0, $at - $knot);
            $is = $part->kelvin[$i] - $mean;
            $x1 += $left;
            $x2 += $right;
            $x11 += $left * $left;
            $x22 += $right * $right;
            $y1 += $left * $is;
            $y2 += $right * $is;
            $y += $is;
            $yy += $is * $is;
        }
        if ($x11 < 1e-9 || $x22 < 1e-9) {
            return [\INF, $mean];
        }
        $c = ($y - $x1 * $y1 / $x11 - $x2 * $y2 / $x22) / ($n - $x1 * $x1 / $x11 - $x2 * $x2 / $x22);
        $p = ($y1 - $c * $x1) / $x11;
        $q = ($y2 - $c * $x2) / $x22;

        return [$yy - $c * $y - $p * $y1 - $q * $y2, $mean + $c];
    }

    /**
     * How long a piece must be for its slope to be known to a tenth of the mean one. Source: variance of a slope, derived.
     */
    private static function window(Curve $cooling, float $noise, float $fall): float
    {
        $step = $cooling->step();
        $typical = $fall / max($step, $cooling->seconds());
        $wanted = (($noise * sqrt(12 * $step)) / (0.1 * $typical)) ** (2 / 3);

        return min(max($wanted, 6 * $step, $cooling->seconds() / 120), $cooling->seconds() / 20);
    }

    /**
     * The first stretch of an arrest: until it cools clearly quicker again, and no longer than four windows: what comes later is
     * another one.
     *
     * @param list<float> $pace
     */
    private static function first(Curve $even, array $pace, int $begin, int $until, float $window): int
    {
        $still = $begin;
        for ($i = $begin; $i < $until; ++$i) {
            $still = $pace[$i] < $pace[$still] ? $i : $still;
            if ($pace[$i] > $pace[$still] + self::QUICKER || $even->at[$i] > $even->at[$begin] + 4 * $window) {
                return $i;
            }
        }

        return $until;
    }

    /**
     * Where the last arrest begins: back from its end, past its stillest, until it was clearly quicker before.
     *
     * @param list<float> $pace
     */
    private static function lastFrom(array $pace, int $begin, int $to): int
    {
        $still = $to;
        for ($i = $to; $i > $begin; --$i) {
            $still = $pace[$i] < $pace[$still] ? $i : $still;
            // Warming up again is not stiller than standing still.
            if ($pace[$i] > max(0.0, $pace[$still]) + self::QUICKER) {
                return $i;
            }
        }

        return $begin;
    }

    /** @param list<float> $pace */
    private static function lowest(array $pace, int $from, int $to): int
    {
        $lowest = $from;
        for ($i = $from; $i <= $to; ++$i) {
            $lowest = $pace[$i] < $pace[$lowest] ? $i : $lowest;
        }

        return $lowest;
    }

    /**
     * The first reading from one on of which this is so, and of the next one too.
     *
     * @param list<float> $pace
     * @param \Closure(float): bool $is
     */
    private static function next(array $pace, int $from, \Closure $is): ?int
    {
        for ($i = $from; $i + 1 < count($pace); ++$i) {
            if ($is($pace[$i]) && $is($pace[$i + 1])) {
                return $i;
            }
        }

        return null;
    }

    private static function cooling(Curve $curve): Curve
    {
        if (0 === $curve->count()) {
            return $curve;
        }
        $hottest = array_search(max(...$curve->kelvin, ...[0.0]), $curve->kelvin, true);

        return $curve->between($curve->at[(int) $hottest], \INF);
    }

    private static function nothing(TemperatureDifference $noise, string $why): self
    {
        return new self(null, null, false, null, $noise, $why);
    }
}
