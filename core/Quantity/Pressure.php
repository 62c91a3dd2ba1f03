<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Pascals above the surroundings; may be negative (suction). */
final readonly class Pressure extends ScalarQuantity
{
    /** Canonical in Pa. */
    public static function dimension(): Dimension
    {
        return Dimension::Pressure;
    }

    protected static function leastSi(): ?float
    {
        return null;
    }
}
