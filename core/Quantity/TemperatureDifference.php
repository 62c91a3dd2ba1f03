<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Kelvins of difference; may be negative. */
final readonly class TemperatureDifference extends ScalarQuantity
{
    /** Canonical in K. */
    public static function dimension(): Dimension
    {
        return Dimension::TemperatureDifference;
    }

    protected static function leastSi(): ?float
    {
        return null;
    }
}
