<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Joules; may be negative where heat is given off. */
final readonly class Energy extends ScalarQuantity
{
    /** Canonical in J. */
    public static function dimension(): Dimension
    {
        return Dimension::Energy;
    }

    protected static function leastSi(): ?float
    {
        return null;
    }
}
