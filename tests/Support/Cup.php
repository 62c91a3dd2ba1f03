<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Support;

use MoltenNotes\Core\MeltCurve\Curve;
use MoltenNotes\Core\MeltCurve\KnownArrests;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Power;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Simulated\Noise;
use MoltenNotes\Core\Simulated\SimulatedMelt;

/** A cup of a known alloy, poured and left to cool under a probe that scatters. */
final class Cup
{
    public static function of(string $alloy, int $seed = 1, float $noise = 1.0, float $probeOff = 0.0, float $downTo = 60.0): Curve
    {
        $known = KnownArrests::all()[$alloy];
        $melt = SimulatedMelt::liquid(
            $known->alloy,
            Mass::fromSi(0.3),
            Temperature::fromCelsius(20),
            Temperature::fromSi($known->upper->si() + 50),
        );
        $end = KnownArrests::meltingBegins($known->alloy)->si() - $downTo - 0.1 * $known->upper->celsius();
        $scatter = new Noise($seed, $noise, 0.02);
        $readings = [];
        for ($second = 0.0; $melt->temperature()->si() > $end && $second < 7200; $second += 0.5) {
            $read = $scatter->read($melt->temperature()->si() + $probeOff);
            if (null !== $read) {
                $readings[] = [$second, $read];
            }
            $melt->run(0.5, Power::fromSi(0));
        }

        return Curve::of($readings);
    }
}
