<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Cubic metres, never negative. */
final readonly class Volume extends ScalarQuantity
{
    /** Canonical in m³. */
    public static function dimension(): Dimension
    {
        return Dimension::Volume;
    }
}
