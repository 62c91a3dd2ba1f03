<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Joules per kilogram and kelvin, never negative. */
final readonly class SpecificHeat extends ScalarQuantity
{
    /** Canonical in J/kgK. */
    public static function dimension(): Dimension
    {
        return Dimension::SpecificHeat;
    }
}
