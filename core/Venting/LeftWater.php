<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Venting;

use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;

/**
 * Water that a wash, a coat or a plaster mould still holds when the metal comes.
 *
 * A coat loses it the faster the drier and warmer the air: by the gap between the air's vapour and what it could hold (Magnus formula,
 * published), measured against 18 h for a foam coat at 20 °C and 50 % humidity (12 to 24 h, common practice). Gypsum is 20.9 % water by its
 * atomic masses (published); three quarters leave between about 110 and 180 °C, the rest below 300 °C (recalled from memory).
 */
final class LeftWater
{
    /** Grams per square metre in a coat just dipped: 0.3 mm of slurry, a third of it water. Common practice, rough. */
    public const PER_COAT = 200.0;
    /** Grams per square metre in a wash that still feels damp. Common practice, rough. */
    public const DAMP_WASH = 150.0;
    /** Gypsum in the dry powder of an investment: 30 to 40 %. Common practice. */
    private const GYPSUM = 0.35;
    private const CRYSTAL_WATER = 0.209;
    private const DRIES_S = 18 * 3600.0;
    private const ROUNDS = 3.0;

    /** Share of its water that a coat still holds, 0…1, after so long in air of this temperature and humidity (0…1). */
    public static function inCoat(Time $dried, Temperature $air, float $humidity): float
    {
        $pull = self::vapour($air->celsius()) * (1 - min(0.99, max(0.0, $humidity)));
        $usual = self::vapour(20.0) * 0.5;

        return exp((-self::ROUNDS * $dried->si() * $pull) / ($usual * self::DRIES_S));
    }

    /** How many times as long as at 20 °C and 50 % humidity a coat takes to dry in such air (humidity 0…1); above zero. */
    public static function slowness(Temperature $air, float $humidity): float
    {
        return (self::vapour(20.0) * 0.5) / (self::vapour($air->celsius()) * (1 - min(0.95, max(0.0, $humidity))));
    }

    /** Water left in a plaster mould as a share of its mass, after a burnout right through to this temperature. */
    public static function inPlaster(Temperature $peak): float
    {
        $at = $peak->celsius();
        $left = match (true) {
            $at <= 110.0 => 1.0,
            $at <= 180.0 => 1.0 - (0.75 * ($at - 110)) / 70,
            $at < 300.0 => (0.25 * (300 - $at)) / 120,
            default => 0.0,
        };

        return self::GYPSUM * self::CRYSTAL_WATER * $left;
    }

    /** Saturation pressure of water over °C, hPa: Magnus formula with the constants of the World Meteorological Organization. */
    private static function vapour(float $celsius): float
    {
        return 6.112 * exp((17.62 * $celsius) / (243.12 + $celsius));
    }
}
