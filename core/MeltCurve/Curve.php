<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\TemperatureDifference;

/** Temperatures over time as a probe told them: seconds since 1970 and kelvin, in order, each second once. */
final readonly class Curve
{
    /** A normal distribution's median deviation is 0.6745 of its standard one. Source: definition. */
    private const MEDIAN_OF_NORMAL = 0.6745;

    /**
     * @param list<float> $at seconds, rising
     * @param list<float> $kelvin above zero
     */
    private function __construct(public array $at, public array $kelvin)
    {
    }

    /**
     * @param iterable<array{float, float}> $points second and kelvin, in any order; of two for one second the first counts, and what no
     *                                              temperature can be is left out
     */
    public static function of(iterable $points): self
    {
        $seconds = $values = [];
        foreach ($points as [$at, $kelvin]) {
            $seconds[] = $at;
            $values[] = $kelvin;
        }

        return self::fromLists($seconds, $values);
    }

    /**
     * The same from two lists of one length, which is quicker for tens of thousands that are in order already.
     *
     * @param list<float> $seconds
     * @param list<float> $values kelvin
     */
    public static function fromLists(array $seconds, array $values): self
    {
        $last = -\INF;
        $rises = true;
        foreach ($seconds as $i => $at) {
            $rises = $rises && $at > $last && is_finite($at) && is_finite($values[$i]) && $values[$i] > 0.0;
            $last = $at;
        }
        if ($rises) {
            return new self($seconds, $values);
        }
        $order = array_keys($seconds);
        // Sorting is stable: what came first stays first.
        usort($order, static fn (int $a, int $b): int => $seconds[$a] <=> $seconds[$b]);
        $times = [];
        $kelvins = [];
        foreach ($order as $i) {
            $known = is_finite($seconds[$i]) && is_finite($values[$i]) && $values[$i] > 0.0;
            if ($known && ([] === $times || $seconds[$i] > $times[count($times) - 1])) {
                $times[] = $seconds[$i];
                $kelvins[] = $values[$i];
            }
        }

        return new self($times, $kelvins);
    }

    /** How many readings it has. */
    public function count(): int
    {
        return count($this->at);
    }

    /** Seconds from the first reading to the last, 0 or more. */
    public function seconds(): float
    {
        return $this->count() < 2 ? 0.0 : $this->at[$this->count() - 1] - $this->at[0];
    }

    /** From one second to another, both among it. */
    public function between(float $from, float $to): self
    {
        $at = $kelvin = [];
        foreach ($this->at as $index => $second) {
            if ($second >= $from && $second <= $to) {
                $at[] = $second;
                $kelvin[] = $this->kelvin[$index];
            }
        }

        return new self($at, $kelvin);
    }

    /** Seconds between readings that are usual in it: the median, so that a gap does not count. Above zero. */
    public function step(): float
    {
        $steps = [];
        for ($i = 1; $i < $this->count(); ++$i) {
            $steps[] = $this->at[$i] - $this->at[$i - 1];
        }

        return [] === $steps ? 1.0 : self::median($steps);
    }

    /**
     * How far single readings scatter, one standard deviation: from how far each lies off the line between its neighbours, by the median,
     * so that arrests and stray readings do not count. Source: derived (variance of a difference of three independent readings).
     */
    public function noise(): TemperatureDifference
    {
        $off = [];
        for ($i = 1; $i + 1 < $this->count(); ++$i) {
            $share = ($this->at[$i] - $this->at[$i - 1]) / ($this->at[$i + 1] - $this->at[$i - 1]);
            $line = $this->kelvin[$i - 1] + $share * ($this->kelvin[$i + 1] - $this->kelvin[$i - 1]);
            $off[] = abs($this->kelvin[$i] - $line) / sqrt(1 + (1 - $share) ** 2 + $share ** 2);
        }

        return TemperatureDifference::fromSi([] === $off ? 0.0 : self::median($off) / self::MEDIAN_OF_NORMAL);
    }

    /** Means over steps of so many seconds; where a step has no reading it has none here. */
    public function evenly(float $seconds): self
    {
        $at = $kelvin = [];
        $sum = $moment = 0.0;
        $count = 0;
        $bin = null;
        foreach ($this->at as $index => $second) {
            $here = (int) floor(($second - $this->at[0]) / $seconds);
            if (null !== $bin && $here !== $bin) {
                $at[] = $moment / $count;
                $kelvin[] = $sum / $count;
                $sum = $moment = 0.0;
                $count = 0;
            }
            $bin = $here;
            $sum += $this->kelvin[$index];
            $moment += $second;
            ++$count;
        }
        if ($count > 0) {
            $at[] = $moment / $count;
            $kelvin[] = $sum / $count;
        }

        return new self($at, $kelvin);
    }

    /**
     * A stray reading (a loose plug, a spark) lies further off the readings beside it than eight times their scatter: it goes. Source:
     * common practice, a median of five.
     */
    public function withoutStrays(): self
    {
        $most = max(2.0, 8 * $this->noise()->si());
        $at = $kelvin = [];
        $last = $this->count() - 1;
        foreach ($this->at as $i => $second) {
            $near = array_slice($this->kelvin, max(0, min($i - 2, $last - 4)), 5);
            if (abs($this->kelvin[$i] - self::median($near)) <= $most) {
                $at[] = $second;
                $kelvin[] = $this->kelvin[$i];
            }
        }

        return new self($at, $kelvin);
    }

    /**
     * The straight line that runs best through the readings around each one.
     *
     * @param float $window seconds, all in all, above zero
     *
     * @return array{level: list<float>, rate: list<float>} kelvin, and kelvin a second, at each reading. Source: least squares.
     */
    public function lines(float $window): array
    {
        $origin = $this->at[0] ?? 0.0;
        $level = $rate = [];
        $from = $to = 0;
        $t = $y = $tt = $ty = 0.0;
        $count = $this->count();
        for ($i = 0; $i < $count; ++$i) {
            while ($to < $count && $this->at[$to] <= $this->at[$i] + $window / 2) {
                $x = $this->at[$to] - $origin;
                $t += $x;
                $y += $this->kelvin[$to];
                $tt += $x * $x;
                $ty += $x * $this->kelvin[$to];
                ++$to;
            }
            while ($this->at[$from] < $this->at[$i] - $window / 2) {
                $x = $this->at[$from] - $origin;
                $t -= $x;
                $y -= $this->kelvin[$from];
                $tt -= $x * $x;
                $ty -= $x * $this->kelvin[$from];
                ++$from;
            }
            $n = $to - $from;
            $spread = $tt - ($t * $t) / $n;
            $slope = $n < 2 || $spread <= 1e-9 ? 0.0 : ($ty - ($t * $y) / $n) / $spread;
            $rate[] = $slope;
            $level[] = $y / $n + $slope * ($this->at[$i] - $origin - $t / $n);
        }

        return ['level' => $level, 'rate' => $rate];
    }

    /** What it read last: one reading alone may be off, the last three are not all off the same way. Null where it read nothing. */
    public function latest(): ?Temperature
    {
        return [] === $this->kelvin ? null : Temperature::fromSi(self::median(array_slice($this->kelvin, -3)));
    }

    /** The hottest reading that is not a stray one; null where it read nothing. */
    public function hottest(): ?Temperature
    {
        $kelvin = $this->withoutStrays()->kelvin;

        return [] === $kelvin ? null : Temperature::fromSi(max($kelvin));
    }

    /** @param list<float> $numbers */
    private static function median(array $numbers): float
    {
        sort($numbers);

        return $numbers[intdiv(count($numbers), 2)] ?? 0.0;
    }
}
