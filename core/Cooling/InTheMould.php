<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Cooling;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;

/**
 * How a casting that is solid cools in a thick mould, and in the air once it is out.
 *
 * In the mould: all its heat as one plane source on thick sand, t = [E/(b (T − T₀))]²/π, E = M ρ (L + c_l ΔT + c_s (T_liq − T₀)) for each
 * square metre of face, b = √(k ρ c) of the mould. H. S. Carslaw, J. C. Jaeger, Conduction of Heat in Solids, recalled from memory; within
 * 15 % of a numerical solution once T is below 0.4 of the solidus in °C, later than true above it (derived).
 * In the air: t = ρ M c_s / h · ln[(T − T_air)/(T₂ − T_air)], h 15 W/m²K: Newton's cooling; h common practice.
 * Little sand soaks: nothing in the flask gets below T₀ + E/(m_sand c + m c_s) unless the heat gets out of the flask (derived).
 */
final class InTheMould
{
    /** W/m²K of a casting that lies in still air. Common practice. */
    private const AIR = 15.0;

    /** Seconds from the pour until it has this temperature; null when the mould itself is as warm. Modulus m, above zero. */
    public static function until(
        Temperature $wanted,
        Alloy $alloy,
        MouldMaterial $mould,
        Length $modulus,
        Temperature $metal,
        Temperature $mouldTemperature,
    ): ?Time {
        $above = $wanted->kelvin() - $mouldTemperature->kelvin();
        if ($above < 1.0) {
            return null;
        }
        $heat = $modulus->si() * $alloy->densityLiquid->si() * self::heat($alloy, $metal, $mouldTemperature);

        return Time::fromSi(($heat / ($mould->greed() * $above)) ** 2 / \M_PI);
    }

    /** Where casting and sand even out, however long it is left; masses above zero. */
    public static function soaks(
        Alloy $alloy,
        Mass $casting,
        Mass $sand,
        MouldMaterial $mould,
        Temperature $metal,
        Temperature $mouldTemperature,
    ): Temperature {
        $heat = $casting->si() * self::heat($alloy, $metal, $mouldTemperature);
        $holds = $sand->si() * $mould->heat + $casting->si() * $alloy->heatSolid->si();

        return Temperature::fromSi($mouldTemperature->kelvin() + $heat / $holds);
    }

    /** Seconds in the air from one temperature to another; null when the air is as warm. */
    public static function inAir(Alloy $alloy, Length $modulus, Temperature $from, Temperature $to, Temperature $air): ?Time
    {
        $begun = $from->kelvin() - $air->kelvin();
        $ended = $to->kelvin() - $air->kelvin();
        if ($ended < 1.0) {
            return null;
        }

        return Time::fromSi(
            ($alloy->densitySolid->si() * $modulus->si() * $alloy->heatSolid->si() / self::AIR) * log(max(1.0, $begun / $ended)),
        );
    }

    /** J/kg that a casting gives up from the pour down to the mould's temperature. */
    private static function heat(Alloy $alloy, Temperature $metal, Temperature $mouldTemperature): float
    {
        return $alloy->heatToFreeze($metal)->si()
            + $alloy->heatSolid->si() * max(0.0, $alloy->liquidus->kelvin() - $mouldTemperature->kelvin());
    }
}
