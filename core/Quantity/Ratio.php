<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** A plain fraction: 0.035 for 3.5 %. */
final readonly class Ratio extends ScalarQuantity
{
    /** Canonical in 1. */
    public static function dimension(): Dimension
    {
        return Dimension::Ratio;
    }

    protected static function leastSi(): ?float
    {
        return null;
    }
}
