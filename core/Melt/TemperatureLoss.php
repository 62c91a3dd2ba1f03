<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Melt;

use MoltenNotes\Core\Quantity\Radiation;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;

/**
 * Temperature of the metal in its crucible after a time out of the furnace.
 *
 * (m c + m_c c_c) dT/dt = −[Σ ε_i σ A_i (T⁴ − T_0⁴) + h ΣA_i (T − T_0)], solved by the classical fourth-order Runge-Kutta rule in steps
 * of a
 * second at most. Temperatures in kelvin; σ = 5.670374·10⁻⁸ W/m²K⁴. Source: Stefan-Boltzmann and Newton's law of cooling; emissivities
 * recalled
 * from memory: crucible outside 0.8, clean aluminium 0.1–0.3, iron and copper alloys 0.6–0.8.
 */
final class TemperatureLoss
{
    private const MOST_ABOVE_K = 3000.0;

    /** Temperature when it arrives; never below that of the air. */
    public static function after(Time $carry, Temperature $start, Temperature $air, Pot $pot): Temperature
    {
        return Temperature::fromSi(self::run($carry->si(), $start->kelvin(), $air->kelvin(), $pot, 1.0));
    }

    /** What the furnace must read so that this arrives: the same, run backwards in time; at most 3000 K above, where no furnace reaches. */
    public static function before(Time $carry, Temperature $arrival, Temperature $air, Pot $pot): Temperature
    {
        return Temperature::fromSi(self::run($carry->si(), $arrival->kelvin(), $air->kelvin(), $pot, -1.0));
    }

    /** @param float $direction 1 forwards, −1 backwards in time */
    private static function run(float $seconds, float $t, float $air, Pot $pot, float $direction): float
    {
        $steps = max(1, (int) ceil($seconds));
        $dt = ($direction * $seconds) / $steps;
        $most = $t + self::MOST_ABOVE_K;
        $slope = static fn (float $kelvin): float => -$pot->losses(Radiation::STEFAN_BOLTZMANN, $kelvin, $air) / $pot->heatCapacity;
        for ($i = 0; $i < $steps && $t < $most; ++$i) {
            $k1 = $slope($t);
            $k2 = $slope($t + ($dt / 2) * $k1);
            $k3 = $slope($t + ($dt / 2) * $k2);
            $k4 = $slope($t + $dt * $k3);
            $t += ($dt / 6) * ($k1 + 2 * $k2 + 2 * $k3 + $k4);
        }

        return min($t, $most);
    }
}
