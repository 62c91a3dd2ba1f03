<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Quantity\Gravity;
use MoltenNotes\Core\Quantity\Speed;

/**
 * Above this a stream rises higher than a drop of the metal lies, and breaks its own surface: v = √(2 g h), h = 2√(γ/ρg).
 *
 * γ surface tension of the family at its melting point N/m, ρ of the liquid alloy kg/m³: 0.5 m/s for aluminium, about 0.45 iron, 0.4
 * copper, 0.37 zinc, 0.35 silver, 0.33 tin. Source: J. Campbell, Complete Casting Handbook, recalled from memory.
 */
final class CriticalSpeed
{
    /** m/s, 0.2…0.6. */
    public static function of(Alloy $alloy): Speed
    {
        $drop = 2 * sqrt(MetalFamily::of($alloy)->tension / ($alloy->densityLiquid->si() * Gravity::M_S2));

        return Speed::fromSi(sqrt(2 * Gravity::M_S2 * $drop));
    }
}
