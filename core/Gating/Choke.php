<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

use MoltenNotes\Core\Quantity\Gravity;

/**
 * The narrowest place, which sets the flow.
 *
 * A = W / (ρ t c √(2 g H_e)); the other way round Q = c A √(2 g H_e). c 0.85 tapered sprue with basin, 0.73 straight sprue.
 * W kg poured, ρ kg/m³ liquid, t s pour time, H_e m effective head, A m², Q m³/s; all above zero. Spread of c ± 10 % in hand pours
 * (common practice).
 * Source: American Foundry Society practice; P. N. Rao, Manufacturing Technology, recalled from memory.
 */
final class Choke
{
    public const SPREAD = 0.1;
    private const TAPERED = 0.85;
    private const STRAIGHT = 0.73;

    /** Discharge coefficient c, without a unit. Source: as the class says. */
    public static function coefficient(bool $tapered): float
    {
        return $tapered ? self::TAPERED : self::STRAIGHT;
    }

    /** Area of the narrowest place, m²; all given above zero, or nothing comes out that means anything. */
    public static function area(float $massKg, float $density, float $seconds, float $coefficient, float $headM): float
    {
        return $massKg / ($density * $seconds * $coefficient * sqrt(2 * Gravity::M_S2 * $headM));
    }

    /** m³/s through the narrowest place; all given above zero. */
    public static function flow(float $areaM2, float $coefficient, float $headM): float
    {
        return $coefficient * $areaM2 * sqrt(2 * Gravity::M_S2 * $headM);
    }

    /**
     * Sprue top over sprue base as areas: √(H_total / h_basin), from continuity and Bernoulli. Null when no metal stands over the
     * sprue: it then draws air, whatever its taper.
     */
    public static function taper(float $headM, float $basinM): ?float
    {
        return $basinM <= 0.0 ? null : sqrt(max(1.0, $headM / $basinM));
    }
}
