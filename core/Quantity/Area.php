<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Square metres, never negative. */
final readonly class Area extends ScalarQuantity
{
    /** Canonical in m². */
    public static function dimension(): Dimension
    {
        return Dimension::Area;
    }
}
