<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Joules per kilogram, never negative. */
final readonly class SpecificEnergy extends ScalarQuantity
{
    /** Canonical in J/kg. */
    public static function dimension(): Dimension
    {
        return Dimension::SpecificEnergy;
    }
}
