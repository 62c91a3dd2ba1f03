<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Kilograms, never negative. */
final readonly class Mass extends ScalarQuantity
{
    /** Canonical in kg. */
    public static function dimension(): Dimension
    {
        return Dimension::Mass;
    }
}
