<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Filling;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\MetalFamily;
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
    /** Metres of metal above the slot; the slot is above zero. */
    public static function of(Alloy $alloy, Length $slot): Length
    {
        $skin = $alloy->has('dross_former') ? 2.0 : 1.0;

        return Length::fromSi(
            ($skin * 2 * MetalFamily::of($alloy)->tension) / ($alloy->densityLiquid->si() * Gravity::M_S2 * $slot->si()),
        );
    }
}
