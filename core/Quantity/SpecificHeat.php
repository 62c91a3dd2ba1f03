<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Joules per kilogram and kelvin, never negative. */
final readonly class SpecificHeat extends ScalarQuantity
{
    public static function dimension(): Dimension
    {
        return Dimension::SpecificHeat;
    }
}
