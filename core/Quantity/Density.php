<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Kilograms per cubic metre, never negative. */
final readonly class Density extends ScalarQuantity
{
    /** Canonical in kg/m³. */
    public static function dimension(): Dimension
    {
        return Dimension::Density;
    }
}
