<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

use MoltenNotes\Core\Quantity\Estimate;

/**
 * What the way of the metal takes from its speed: v = C √(2 g h), C = 1/√(1 + ΣK), a filter on top of that.
 *
 * A tapered sprue with its basin comes to 0.85, a straight one to 0.73 (Choke); a square foot, a sharp turn from sprue into runner, adds K
 * 0.8…1.1. A foam filter that is primed leaves 0.6…0.8 of the speed. Source: loss coefficients of hydraulics, published, recalled from
 * memory; the filter common practice.
 */
final class FlowLosses
{
    /** Sharp turn by a right angle: least, middle, most. */
    private const SQUARE_FOOT = [0.8, 0.95, 1.1];
    private const FILTER = [0.6, 0.7, 0.8];

    /** C, without a unit, 0…1, with the spread of a hand pour. */
    public static function coefficient(bool $tapered, bool $squareFoot, bool $filter): Estimate
    {
        $base = Choke::coefficient($tapered);
        $one = Estimate::ratio(1.0);
        $foot = $squareFoot ? Estimate::ratio(self::SQUARE_FOOT[1], self::SQUARE_FOOT[0], self::SQUARE_FOOT[2]) : Estimate::ratio(0.0);
        $through = $filter ? Estimate::ratio(self::FILTER[1], self::FILTER[0], self::FILTER[2]) : $one;

        return Estimate::through(
            $one->dimension,
            static fn (float $c, float $k, float $f): float => $f / sqrt(1 / $c ** 2 + $k),
            Estimate::ratio($base, $base * (1 - Choke::SPREAD), $base * (1 + Choke::SPREAD)),
            $foot,
            $through,
        );
    }
}
