<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Radians; sign gives the sense. */
final readonly class Angle extends ScalarQuantity
{
    /** Canonical in rad. */
    public static function dimension(): Dimension
    {
        return Dimension::Angle;
    }

    protected static function leastSi(): ?float
    {
        return null;
    }
}
