<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Mould;

use MoltenNotes\Core\Quantity\Gravity;

/**
 * Gross lift of liquid metal on what lies over it, as a mass: ρ_l Σ(projected area × head above it), and core buoyancy V (ρ_metal −
 * ρ_core).
 * Weights = max(0, factor × lift − cope), factor 1.5 to 2: it covers the surge and so goes on the gross lift (common practice).
 * SI: kg/m³, m², m, kg. Source: hydrostatics; M. P. Groover, Fundamentals of Modern Manufacturing, recalled from memory.
 */
final class CopeLift
{
    public const CORE_DENSITY = 1600.0;
    /** What a core print bears: a third of the usual strength of the sand it lies in. Derived. */
    private const BEARING_GREEN_PA = 35e3;
    private const BEARING_BONDED_PA = 350e3;

    /** kg of lift: kg/m³ of the metal, m² it lies under, m of head above them. Source: hydrostatics. */
    public static function mass(float $density, float $area, float $head): float
    {
        return $density * $area * $head;
    }

    /** Buoyancy of a core of this volume, as a mass; never less than nothing. */
    public static function core(float $metalDensity, float $volume, float $coreDensity = self::CORE_DENSITY): float
    {
        return max(0.0, $volume * ($metalDensity - $coreDensity));
    }

    /** Area of the prints that carry this lift, m². */
    public static function printArea(float $liftKg, bool $bonded): float
    {
        return ($liftKg * Gravity::M_S2) / ($bonded ? self::BEARING_BONDED_PA : self::BEARING_GREEN_PA);
    }

    /** kg to lay on the cope: kg of lift, kg of the cope itself, factor 1.5…2. Source: common practice. */
    public static function weights(float $lift, float $cope, float $factor): float
    {
        return max(0.0, $factor * $lift - $cope);
    }
}
