<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;

/**
 * How much sand a pour heats past the point at which its binder is spent.
 *
 * The metal is taken as a plate that gives its heat, with its freezing, to thick sand on the one face; the hottest that each depth of the
 * sand ever gets is followed by explicit steps of the heat equation (H. S. Carslaw, J. C. Jaeger, recalled from memory). The equation has
 * no scale of its own: a plate twice as thick burns twice as deep, so that the mass burnt by a kilogram of metal is the same whatever the
 * shape. Far from the face it agrees with the closed form of an instantaneous plane source, where the hottest at a depth x is
 * ΔT = √(2/πe) · E/(ρ c x), so that 0.484 · Q/(c ΔT) burns; near the face sand is never hotter than the metal, and less does. Derived.
 * How far clay is dead at that temperature depends on the time it has, and a mould is no plate: ± 50 % (the founders' estimate). Iron at
 * five parts of sand to one of metal comes to 0.4 to 0.7 % of clay spent by a pour, as foundries replace it (recalled from memory).
 */
final class BurntSand
{
    /** Share that what burns may be off by, in the same direction at every pour. */
    public const WITHIN = 0.5;
    /** Any thickness gives the same; m. */
    private const PLATE = 0.005;
    private const CELLS_TO_DEPTH = 10;
    private const DEPTHS = 5;

    /** @var array<string, float> what was reckoned already */
    private static array $known = [];

    /** Mass of sand that was hotter than this, once; none where the metal is not so hot itself. */
    public static function from(
        Mass $poured,
        Alloy $alloy,
        Temperature $metal,
        MouldMaterial $sand,
        Temperature $spent,
        Temperature $air,
    ): Estimate {
        return Estimate::exact(Dimension::Mass, $poured->si() * self::perKilogram($alloy, $metal, $sand, $spent, $air))->widenedBy(
            self::WITHIN,
        );
    }

    /** kg of sand hotter than this, at any time, to a kg of metal: 0…2; 0 where the metal is not so hot itself. */
    public static function perKilogram(
        Alloy $alloy,
        Temperature $metal,
        MouldMaterial $sand,
        Temperature $spent,
        Temperature $air,
    ): float {
        if ($metal->kelvin() <= $spent->kelvin() || $spent->kelvin() <= $air->kelvin()) {
            return 0.0;
        }
        $key = implode(' ', [
            $alloy->code,
            round($metal->kelvin()),
            $sand->process,
            $sand->conductivity,
            round($spent->kelvin()),
            round($air->kelvin()),
        ]);

        return self::$known[$key] ??=
            (self::depth($alloy, $metal, $sand, $spent, $air) * $sand->density) / (self::PLATE * $alloy->densitySolid->si());
    }

    /** m that get hotter than this, at any time. */
    private static function depth(Alloy $alloy, Temperature $metal, MouldMaterial $sand, Temperature $spent, Temperature $air): float
    {
        $perArea = self::PLATE * $alloy->densitySolid->si();
        $heat = $perArea * self::heatAt($alloy, $metal->kelvin(), $air->kelvin());
        // The depth that the closed form gives: cells are cut to it.
        $expected = (0.484 * $heat) / ($sand->density * $sand->heat * ($spent->kelvin() - $air->kelvin()));
        $cell = $expected / self::CELLS_TO_DEPTH;
        $step = (0.4 * $cell ** 2) / $sand->diffusivity();
        $count = self::CELLS_TO_DEPTH * self::DEPTHS;
        $now = array_fill(0, $count, $air->kelvin());
        $hottest = $now;
        $left = $heat;
        $taken = $step / ($sand->density * $sand->heat * $cell);
        // The hottest at the depth in question has passed when its cooling has reached it: x²/2α, and the freezing before it.
        $spread = (2.0 * $expected ** 2) / $sand->diffusivity();
        $steps = (int) ceil($spread / $step) + self::freezingSteps($heat, $metal, $air, $sand, $step);
        for ($i = 0; $i < $steps; ++$i) {
            $face = ($sand->conductivity * (self::temperatureOf($alloy, $left / $perArea, $air->kelvin()) - $now[0])) / ($cell / 2);
            // No more than brings metal and sand together within one step.
            $from = min($face, (0.5 * $left) / $step);
            $left -= $from * $step;
            foreach ($now as $x => $here) {
                $to = $x === $count - 1 ? 0.0 : ($sand->conductivity * ($here - $now[$x + 1])) / $cell;
                $next = $here + ($from - $to) * $taken;
                $now[$x] = $next;
                $hottest[$x] = max($hottest[$x], $next);
                $from = $to;
            }
        }

        return self::crossing($hottest, $cell, $spent->kelvin(), $metal->kelvin());
    }

    /** Enough steps for the face to give up its heat at the pace of a face held at the metal's own temperature. */
    private static function freezingSteps(float $heat, Temperature $metal, Temperature $air, MouldMaterial $sand, float $step): int
    {
        $seconds = (($heat * sqrt(\M_PI)) / (2 * $sand->greed() * ($metal->kelvin() - $air->kelvin()))) ** 2;

        return (int) ceil($seconds / $step);
    }

    /** J/kg above the air. */
    private static function heatAt(Alloy $alloy, float $kelvin, float $air): float
    {
        $liquidus = $alloy->liquidus->kelvin();
        $solidus = $alloy->solidus->kelvin();
        if ($kelvin <= $solidus) {
            return $alloy->heatSolid->si() * ($kelvin - $air);
        }
        $molten = $kelvin >= $liquidus || $liquidus === $solidus ? 1.0 : ($kelvin - $solidus) / ($liquidus - $solidus);

        return $alloy->heatSolid->si() * (min($kelvin, $liquidus) - $air)
            + $molten * $alloy->latentHeat->si()
            + $alloy->heatLiquid->si() * max(0.0, $kelvin - $liquidus);
    }

    /** The temperature at which the metal holds so much, K; the other way round of heatAt(). */
    private static function temperatureOf(Alloy $alloy, float $perKg, float $air): float
    {
        $liquidus = $alloy->liquidus->kelvin();
        $solidus = $alloy->solidus->kelvin();
        $cold = $alloy->heatSolid->si() * ($solidus - $air);
        $hot = $alloy->heatSolid->si() * ($liquidus - $air) + $alloy->latentHeat->si();

        return match (true) {
            $perKg <= $cold => $air + $perKg / $alloy->heatSolid->si(),
            $perKg >= $hot => $liquidus + ($perKg - $hot) / $alloy->heatLiquid->si(),
            default => $solidus + (($perKg - $cold) / ($hot - $cold)) * ($liquidus - $solidus),
        };
    }

    /**
     * Depth at which the hottest falls below this, between the middles of cells.
     *
     * @param list<float> $hottest K
     */
    private static function crossing(array $hottest, float $cell, float $kelvin, float $face): float
    {
        $before = $face;
        $at = 0.0;
        foreach ($hottest as $x => $here) {
            $middle = ($x + 0.5) * $cell;
            if ($here <= $kelvin) {
                return $before <= $kelvin ? 0.0 : $at + (($middle - $at) * ($before - $kelvin)) / max(1e-9, $before - $here);
            }
            [$before, $at] = [$here, $middle];
        }

        return count($hottest) * $cell;
    }
}
