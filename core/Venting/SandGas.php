<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Venting;

/**
 * Gas that a hot skin of the mould gives off, and the back pressure it needs to leave through the sand.
 *
 * Skin above a temperature T after t: x = 2√(αt) · erfc⁻¹((T − T_0)/(T_m − T_0)). Water leaves it at 100 °C: x · ρ_sand · moisture, at
 * 1.67 L of steam per gram of water (steam tables, recalled from memory); the binder from about 300 °C (recalled from memory), so many mL
 * per gram of sand. The gas per area over t is Q. Back pressure in g/cm² is Q·H/(P·A) with the permeability number P of the standard test,
 * H cm of sand to a vent, Q cm³/min from A cm²; hot gas is more viscous, about twice. A blow is to be expected when it exceeds ρ_l × head.
 * Upper bounds: steam and tar condense in cool sand. Derived.
 */
final class SandGas
{
    private const STEAM_CM3_PER_G = 1670.0;
    private const STEAM_AT = 100.0;
    private const BINDER_AT = 300.0;
    /** Gas of a hot face is more viscous than the air of the standard test. Derived, rough. */
    private const HOT = 2.0;

    /** Steam of moist sand, g/cm²: moisture as a share, temperatures in °C, the sand's diffusivity m²/s and density kg/m³. */
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
        $grams = self::heated($seconds, self::STEAM_AT, $metalCelsius, $sandCelsius, $diffusivity, $sandDensity);

        return self::pressure($grams * $moisture * self::STEAM_CM3_PER_G, $seconds, $sandCm, $permeability);
    }

    /** Steam of so many grams of water on each square metre of the face, g/cm²; the rest as for steam. */
    public static function ofCoat(float $seconds, float $gramsPerM2, float $permeability, float $sandCm): float
    {
        return self::HOT * self::pressure(($gramsPerM2 / 1e4) * self::STEAM_CM3_PER_G, $seconds, $sandCm, $permeability);
    }

    /** Gas of a binder, g/cm²: mL of gas per gram of sand when heated through; the rest as for steam. */
    public static function ofBinder(
        float $seconds,
        float $gasPerGram,
        float $permeability,
        float $sandCm,
        float $metalCelsius,
        float $sandCelsius,
        float $diffusivity,
        float $sandDensity,
    ): float {
        $grams = self::heated($seconds, self::BINDER_AT, $metalCelsius, $sandCelsius, $diffusivity, $sandDensity);

        return self::HOT * self::pressure($grams * $gasPerGram, $seconds, $sandCm, $permeability);
    }

    /** g of sand per cm² of face that got this hot, °C; none where the metal itself is no hotter. */
    private static function heated(
        float $seconds,
        float $from,
        float $metalCelsius,
        float $sandCelsius,
        float $diffusivity,
        float $density,
    ): float {
        if ($metalCelsius <= $from) {
            return 0.0;
        }
        $share = max(1e-6, $from - $sandCelsius) / ($metalCelsius - $sandCelsius);
        $skinCm = 2 * sqrt($diffusivity * $seconds) * self::inverseErfc(min(1.0, $share)) * 100;

        return ($skinCm * $density) / 1000;
    }

    private static function pressure(float $gasPerCm2, float $seconds, float $sandCm, float $permeability): float
    {
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
