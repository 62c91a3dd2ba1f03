<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Filling;

use MoltenNotes\Core\Quantity\Density;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Temperature;

/**
 * How fast metal drives foam out of its way. The foam sets the pace, whatever the sprue would let through.
 *
 * v = q / (ρ_foam H): the front can go no faster than its heat breaks the foam down. The flow of heat q goes with the distance of the metal
 * to the temperature at which polystyrene leaves as gas, so v = v₀ · (T − T_g)/(T₀ − T_g) · ρ₀/ρ_foam · coat, held at 50 mm/s, where the
 * coat lets
 * no more gas out; metal no hotter than T_g drives no foam out at all.
 * T 400…2000 K above nothing; ρ_foam 1…300 kg/m³. Source: 10 to 40 mm/s with hobby coats in aluminium, falling with the density of the foam
 * and with a thicker coat, common practice: v₀ 22 mm/s at 750 °C, 20 kg/m³ and two coats lies in its middle, and its ends are the spread;
 * that the speed goes with heat over foam is derived, T_g about 400 °C recalled from memory.
 */
final class FoamFront
{
    /** Foam where its density is not told: packaging and insulation board, kg/m³. Common practice. */
    public const USUAL_FOAM = 20.0;
    private const MIDDLE_M_S = 0.022;
    private const FASTEST_M_S = 0.05;
    /** The ends of what is seen, as shares of the middle: 10 and 40 against 22 mm/s. */
    private const SPREAD = [0.45, 1.8];
    private const MIDDLE_K = 1023.15;
    private const GAS_FROM_K = 673.15;
    /** What a coat more or less changes; the thicker, the slower its gas leaves. Common practice, rough. */
    private const COATS = [1 => 1.2, 2 => 1.0, 3 => 0.85, 4 => 0.75];

    /** m/s; nothing where the metal is too cold to drive the foam out. Coats 0…20, null for two. */
    public static function speed(Temperature $metal, Density $foam, ?int $coats = null): Estimate
    {
        $hot = max(0.0, ($metal->kelvin() - self::GAS_FROM_K) / (self::MIDDLE_K - self::GAS_FROM_K));
        $coat = self::COATS[max(1, min(4, $coats ?? 2))];
        $speed = min(self::FASTEST_M_S, (self::MIDDLE_M_S * $hot * $coat * self::USUAL_FOAM) / $foam->si());

        return Estimate::between(Dimension::Speed, $speed, $speed * self::SPREAD[0], $speed * self::SPREAD[1]);
    }
}
