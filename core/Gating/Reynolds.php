<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

/**
 * Re = ρ v d / η, d the hydraulic diameter 4A/perimeter. Above about 2000 a stream is turbulent inside; nearly every channel of a hand
 * pour is. Source: O. Reynolds 1883.
 */
final class Reynolds
{
    /** kg/m³, m/s, m, Pa·s; all above zero. */
    public static function of(float $density, float $speed, float $hydraulicDiameter, float $viscosity): float
    {
        return ($density * $speed * $hydraulicDiameter) / $viscosity;
    }
}
