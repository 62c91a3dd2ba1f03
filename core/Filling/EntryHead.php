<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Filling;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Quantity\Gravity;
use MoltenNotes\Core\Quantity\Length;

/**
 * Least height of metal that pushes its surface into a slot: h = 2γ / (ρ g t), twice that through an oxide skin.
 *
 * t slot thickness m, above zero; γ surface tension at the melting point N/m. Below this head the slot stays empty however hot the metal.
 * Source: J. Campbell, Complete Casting Handbook; γ T. Iida, R. I. L. Guthrie; both recalled from memory.
 */
final class EntryHead
{
    /** N/m by family, recalled from memory. */
    private const TENSION = [
        'aluminium' => 0.914,
        'zinc' => 0.78,
        'copper' => 1.29,
        'iron' => 1.87,
        'silver' => 0.9,
        'tin' => 0.54,
        'lead' => 0.47,
    ];

    /** Metres of metal above the slot; the slot is above zero. A family without a figure counts 1 N/m, recalled from memory. */
    public static function of(Alloy $alloy, Length $slot): Length
    {
        $skin = $alloy->has('dross_former') ? 2.0 : 1.0;

        return Length::fromSi(
            ($skin * 2 * (self::TENSION[$alloy->family] ?? 1.0)) / ($alloy->densityLiquid->si() * Gravity::M_S2 * $slot->si()),
        );
    }
}
