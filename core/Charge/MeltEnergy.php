<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Quantity\Energy;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;

/**
 * Heat that a charge takes up: Q = m [c_s (T_liq − T_0) + L + c_l (T_pour − T_liq)].
 *
 * m kg; temperatures as they are, T_pour at or above the liquidus. Source: M. P. Groover, Fundamentals of Modern Manufacturing, recalled
 * from memory.
 */
final class MeltEnergy
{
    /** Joules; a pour temperature below the liquidus counts as the liquidus. Source: as the class says, with the table's heats. */
    public static function of(Alloy $alloy, Mass $mass, Temperature $start, Temperature $pour): Energy
    {
        return Energy::fromSi(
            self::joules(
                $mass->si(),
                $alloy->heatSolid->si(),
                $alloy->liquidus->kelvin() - $start->kelvin(),
                $alloy->latentHeat->si(),
                $alloy->heatLiquid->si(),
                max(0.0, $alloy->superheatAt($pour)->si()),
            ),
        );
    }

    /** The formula on plain SI numbers, for metals that are not in the table. */
    public static function joules(float $kg, float $heatSolid, float $rise, float $latent, float $heatLiquid, float $superheat): float
    {
        return $kg * ($heatSolid * $rise + $latent + $heatLiquid * $superheat);
    }
}
