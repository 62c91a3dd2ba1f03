<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Mould;

use MoltenNotes\Core\Geometry\CastingGeometry;

/**
 * Dry sand round foam: how much lies over it, what of the metal's lift it holds down, and what weight it asks for on top.
 *
 * Cover wanted: half the width of a flat casting, at least 100 mm (common practice). Lift: that of the metal on the upper side (CopeLift).
 * Held: the sand straight above, ρ d A, and its friction on the sides of that plug, ½ K tan φ ρ d² · 2√(πA), with the least outline that an
 * area can have, so that it is not thought better held than it is. K tan φ 0.3…0.66, 0.5 in the middle: uplift of anchors in dense sand,
 * G. G. Meyerhof, J. I. Adams 1968, K 0.95 and φ 35°, recalled from memory; the low end is our own caution [derived]. SI: m, m², kg/m³, kg.
 */
final class FoamSand
{
    /** Dry sand, vibrated, kg/m³: least, middle, most. Common practice. */
    private const SAND = [1500.0, 1600.0, 1700.0];
    private const FRICTION = [0.3, 0.5, 0.66];
    private const LEAST_COVER_M = 0.1;

    /** Metres of sand over the highest foam, as told, else as wanted. */
    public static function cover(?float $told, ?CastingGeometry $solid): float
    {
        return $told ?? self::coverWanted($solid);
    }

    /** Metres. */
    public static function coverWanted(?CastingGeometry $solid): float
    {
        return max(self::LEAST_COVER_M, null === $solid ? 0.0 : min($solid->box[0], $solid->box[1]) / 2);
    }

    /** Metres of metal whose pressure keeps sand of this depth from falling in; kg/m³ of the metal. Source: hydrostatics. */
    public static function holdsBack(float $cover, float $density): float
    {
        return ($cover * self::SAND[2]) / $density;
    }

    /**
     * kg that the sand over an area holds down by itself: low, middle and high end.
     *
     * @return array{float, float, float}
     */
    public static function holdsDown(float $area, float $cover): array
    {
        $of = static fn (int $end): float => self::SAND[$end] * $cover
            * ($area + 0.5 * self::FRICTION[$end] * $cover * 2 * sqrt(\M_PI * $area));

        return [$of(0), $of(1), $of(2)];
    }
}
