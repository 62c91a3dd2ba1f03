<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Venting;

use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Volume;

/**
 * Gas that polystyrene foam gives off at the front: about 230 mL per gram at 750 °C, 760 at 1300 °C, straight between and below them.
 *
 * Source: literature of lost foam, recalled from memory; the line between the two points derived.
 */
final class FoamGas
{
    private const COOL = [1023.15, 230.0];
    private const HOT = [1573.15, 760.0];

    /** Volume at room temperature of the gas of so much foam; none below some 510 °C, where the line ends. */
    public static function of(Mass $foam, Temperature $metal): Volume
    {
        $slope = (self::HOT[1] - self::COOL[1]) / (self::HOT[0] - self::COOL[0]);
        $perGram = max(0.0, self::COOL[1] + $slope * ($metal->kelvin() - self::COOL[0]));

        return Volume::of($foam->in('g') * $perGram, 'mL');
    }
}
