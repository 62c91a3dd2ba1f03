<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Venting;

/**
 * Steam from the skin of a moist mould, and the back pressure it needs to leave through the sand.
 *
 * Skin above 100 °C after t: x = 2√(αt) · erfc⁻¹((100 − T_0)/(T_m − T_0)); water x · ρ_sand · moisture; at 1.67 L of steam per gram of
 * water
 * (steam tables, recalled from memory) the gas per area over t is Q. Back pressure in g/cm² is Q·H/(P·A) with the permeability number P,
 * H cm of
 * sand to a vent, Q cm³/min from A cm². A blow is to be expected when it exceeds ρ_l × head. An upper bound: steam condenses in cool
 * sand. Derived.
 */
final class SandGas
{
    private const STEAM_CM3_PER_G = 1670.0;

    /** @return float back pressure in g/cm² */
    public static function backPressure(
        float $seconds,
        float $moisture,
        float $permeability,
        float $sandCm,
        float $metalCelsius,
        float $sandCelsius,
        float $diffusivity,
        float $sandDensity,
    ): float {
        $share = (100 - $sandCelsius) / ($metalCelsius - $sandCelsius);
        $skinCm = 2 * sqrt($diffusivity * $seconds) * self::inverseErfc($share) * 100;
        $gasPerCm2 = (($skinCm * $sandDensity) / 1000) * $moisture * self::STEAM_CM3_PER_G;

        return (($gasPerCm2 / ($seconds / 60)) * $sandCm) / $permeability;
    }

    /**
     * By bisection on the series of Abramowitz & Stegun 7.1.26 (recalled from memory); four figures are plenty here. Argument between 0
     * and 1.
     */
    private static function inverseErfc(float $y): float
    {
        $low = 0.0;
        $high = 5.0;
        while ($high - $low > 1e-6) {
            $x = ($low + $high) / 2;
            $t = 1 / (1 + 0.3275911 * $x);
            $erfc = ((((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592) * $t * exp(-$x * $x);
            if ($erfc > $y) {
                $low = $x;
            } else {
                $high = $x;
            }
        }

        return ($low + $high) / 2;
    }
}
