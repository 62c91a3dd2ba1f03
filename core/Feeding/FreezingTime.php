<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Feeding;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Radiation;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;

/**
 * How long a section takes to freeze.
 *
 * Thick mould: t = B M², B = (π/4) [ρ (L + c ΔT) / (T_m − T_0)]² / (k ρ c)_mould, ρ and c liquid, T_m liquidus
 * (N. Chvorinov 1940; M. C. Flemings; recalled from memory).
 * Last liquid gone: c_s (T_liq − T_sol) joins the heat and T_m = (T_liq + T_sol)/2; within 10 % of a numerical solution where the plain
 * rule
 * is 1.5 to 2.1 times too short for long-freezing alloys (derived).
 * Metal mould: t = ρ (L + c ΔT) M / (h (T_m − T_0)).
 * Thin mould free in the air: t = ρ (L + c ΔT) M / q, q what its wall conducts and its outside radiates and loses to the air (derived).
 * M m: volume over cooled area, 0.0002…0.2. ΔT superheat, 0 or more.
 */
final class FreezingTime
{
    /** Of a fired shell, 0…1; of still air, W/m²K: both common practice. */
    private const EMISSIVITY = 0.85;
    private const STILL_AIR = 10.0;

    /** Seconds until solid by the plain rule; the mould is taken as at least 1 K colder than the liquidus. */
    public static function chvorinov(
        Alloy $alloy,
        MouldMaterial $mould,
        Length $modulus,
        Temperature $metal,
        Temperature $mouldTemperature,
    ): Time {
        return self::time($mould, self::liquidHeat($alloy, $metal), $modulus, $alloy->liquidus->kelvin(), $mouldTemperature);
    }

    /** Seconds until the last liquid is gone; the mould is taken as at least 1 K colder than the middle of the freezing range. */
    public static function lastLiquid(
        Alloy $alloy,
        MouldMaterial $mould,
        Length $modulus,
        Temperature $metal,
        Temperature $mouldTemperature,
    ): Time {
        $heat =
            self::liquidHeat($alloy, $metal) + $alloy->densityLiquid->si() * $alloy->heatSolid->si() * $alloy->freezingRange()->si();

        return self::time($mould, $heat, $modulus, ($alloy->liquidus->kelvin() + $alloy->solidus->kelvin()) / 2, $mouldTemperature);
    }

    /** J/m³ given up by freezing, and by the superheat before it. */
    private static function liquidHeat(Alloy $alloy, Temperature $metal): float
    {
        return $alloy->densityLiquid->si() * $alloy->heatToFreeze($metal)->si();
    }

    /**
     * W/m² that get through a thin wall and off its outside: as much as the wall conducts is radiated and carried off,
     * (k/δ)(T_m − T_s) = ε σ (T_s⁴ − T_e⁴) + h (T_s − T_e), solved for the outside T_s by halving.
     *
     * @param float $conductivity W/mK
     * @param float $wall m
     * @param float $drop K from the metal to the surroundings
     */
    private static function throughWall(float $conductivity, float $wall, float $drop, Temperature $surroundings): float
    {
        $air = $surroundings->kelvin();
        $inside = $air + $drop;
        [$cold, $hot] = [$air, $inside];
        for ($i = 0; $i < 60; ++$i) {
            $outside = ($cold + $hot) / 2;
            $off = self::EMISSIVITY * Radiation::STEFAN_BOLTZMANN * ($outside ** 4 - $air ** 4) + self::STILL_AIR * ($outside - $air);
            if (($conductivity / $wall) * ($inside - $outside) > $off) {
                $cold = $outside;
            } else {
                $hot = $outside;
            }
        }

        return ($conductivity / $wall) * ($inside - ($cold + $hot) / 2);
    }

    private static function time(
        MouldMaterial $mould,
        float $heat,
        Length $modulus,
        float $meltingKelvin,
        Temperature $mouldTemperature,
    ): Time {
        $drop = max(1.0, $meltingKelvin - $mouldTemperature->kelvin());
        if (null !== $mould->wall) {
            return Time::fromSi(($modulus->si() * $heat) / self::throughWall($mould->conductivity, $mould->wall, $drop, $mouldTemperature));
        }
        $load = ($modulus->si() * $heat) / $drop;

        return Time::fromSi($mould->isMetal() ? $load / $mould->transfer->si : (\M_PI / 4) * ($load / $mould->greed()) ** 2);
    }
}
