<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;

/** What a meter read: watts over time. Between two readings it is the mean of them; a gap is not known any better than that. */
final readonly class MeterReading
{
    /** A pause is a gap when it is so many times the usual one, and longer than so many seconds. */
    private const GAP_TIMES = 5.0;
    private const GAP_S = 30.0;
    /** A clip-on or plug meter's error. Common practice. */
    private const METER_WITHIN = 0.02;

    /** @param Curve $watts the same as a curve: seconds and watts, each above zero */
    private function __construct(private Curve $watts)
    {
    }

    /** @param iterable<array{float, float}> $readings second since 1970 and watts; what a meter cannot read is left out */
    public static function of(iterable $readings): self
    {
        $kept = [];
        foreach ($readings as [$at, $watts]) {
            if ($watts >= 0.0) {
                // Curve leaves out what is not above zero; a meter may well read nothing.
                $kept[] = [$at, $watts + 1e-9];
            }
        }

        return new self(Curve::of($kept));
    }

    /** Joules between two seconds; null where fewer than two readings lie between them. Source: trapezium rule, derived. */
    public function energy(float $from, float $to): ?Estimate
    {
        $part = $this->watts->between($from, $to);
        if ($part->count() < 2) {
            return null;
        }
        $gap = max(self::GAP_S, self::GAP_TIMES * $part->step());
        $most = max(0.0, ...$part->kelvin);
        $joules = $low = $high = 0.0;
        $add = static function (float $seconds, float $mean) use (&$joules, &$low, &$high, $gap, $most): void {
            $joules += $seconds * $mean;
            $low += $seconds > $gap ? 0.0 : $seconds * $mean;
            $high += $seconds * ($seconds > $gap ? $most : $mean);
        };
        $add($part->at[0] - $from, $part->kelvin[0]);
        for ($i = 1; $i < $part->count(); ++$i) {
            $add($part->at[$i] - $part->at[$i - 1], ($part->kelvin[$i] + $part->kelvin[$i - 1]) / 2);
        }
        $add($to - $part->at[$part->count() - 1], $part->kelvin[$part->count() - 1]);

        return Estimate::between(Dimension::Energy, $joules, $low, $high)->widenedBy(self::METER_WITHIN);
    }

    /** Joules over all that it read; null where that is nothing. */
    public function all(): ?Estimate
    {
        $last = $this->watts->count() - 1;

        return $last < 1 ? null : $this->energy($this->watts->at[0], $this->watts->at[$last]);
    }

    /** Mean watts between two seconds; null as above. */
    public function power(float $from, float $to): ?Estimate
    {
        $energy = $this->energy($from, $to);

        return null === $energy || $to <= $from ? null : Estimate::between(
            Dimension::Power,
            $energy->si / ($to - $from),
            $energy->lowSi / ($to - $from),
            $energy->highSi / ($to - $from),
        );
    }
}
