<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Mould;

/**
 * Gross lift of liquid metal on what lies over it, as a mass: ρ_l Σ(projected area × head above it), and core buoyancy V (ρ_metal − ρ_core).
 * Weights = max(0, factor × lift − cope), factor 1.5 to 2: it covers the surge and so goes on the gross lift (common practice).
 * SI: kg/m³, m², m, kg. Source: hydrostatics; M. P. Groover, Fundamentals of Modern Manufacturing, recalled from memory.
 */
final class CopeLift
{
    public static function mass(float $density, float $area, float $head): float
    {
        return $density * $area * $head;
    }

    public static function weights(float $lift, float $cope, float $factor): float
    {
        return max(0.0, $factor * $lift - $cope);
    }
}
