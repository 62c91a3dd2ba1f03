<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Filling;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\FreezingClass;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Quantity\Density;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;

/**
 * How long metal keeps running in a channel before it stops.
 *
 * t = max( M·e / (h (T_m − T_0)), (π/4) [M·e / (b (T_m − T_0))]² ), e = ρ (k L + c ΔT)
 *
 * M m, 0.0002…0.1: section area over perimeter, half the thickness of a plate. T_m liquidus, T_0 mould, ΔT superheat (below the liquidus
 * none, and k loses what is frozen already), ρ and c liquid,
 * L latent heat, k share solid when the stream stops: 0.2 long-freezing, 0.35 intermediate, 0.6 short. b of the mould √(kρc).
 * In lost foam e loses 3 · ρ_foam · 1.5 MJ/kg to the foam at the front.
 * Source: first term and k M. C. Flemings, Solidification Processing, recalled from memory; second term (the mould warming up, which rules
 * sections above some 5 mm) and the foam's share derived.
 */
final class FluidLife
{
    public const SHARE_SOLID = ['long' => 0.2, 'intermediate' => 0.35, 'short' => 0.6];
    /** Heat to break foam down, J/kg, and how much it crowds into the front. */
    private const FOAM_HEAT = 1.5e6;
    private const FOAM_CROWDING = 3.0;

    /** Seconds; 0 where the metal has nothing left to give. Transfer W/m²K at the face; foam only in lost foam, kg/m³. */
    public static function of(
        Alloy $alloy,
        MouldMaterial $mould,
        Length $modulus,
        Temperature $metal,
        Temperature $mouldTemperature,
        float $transfer,
        ?Density $foam = null,
    ): Time {
        $drop = max(1.0, $alloy->liquidus->kelvin() - $mouldTemperature->kelvin());
        $heat = max(0.0, self::heatToLose($alloy, $metal) - (null === $foam ? 0.0 : self::FOAM_CROWDING * $foam->si() * self::FOAM_HEAT));
        $load = ($modulus->si() * $heat) / $drop;

        return Time::fromSi(max($load / $transfer, (\M_PI / 4) * ($load / $mould->greed()) ** 2));
    }

    /** Share frozen when a stream stops, 0…1. Source: M. C. Flemings, recalled from memory. */
    public static function shareSolid(FreezingClass $freezing): float
    {
        return self::SHARE_SOLID[$freezing->value];
    }

    /** J/m³ that the metal gives up before it stops; what froze on the way to the mould is taken off, linearly over the freezing range. */
    private static function heatToLose(Alloy $alloy, Temperature $metal): float
    {
        $superheat = $alloy->superheatAt($metal)->si();
        $below = max(0.0, -$superheat);
        $frozen = $below / max(1.0, $alloy->liquidus->kelvin() - $alloy->solidus->kelvin());
        $share = max(0.0, self::shareSolid($alloy->freezing) - $frozen);

        return $alloy->densityLiquid->si() * ($share * $alloy->latentHeat->si() + $alloy->heatLiquid->si() * max(0.0, $superheat));
    }
}
