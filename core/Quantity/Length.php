<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Metres, never negative. */
final readonly class Length extends ScalarQuantity
{
    /** Canonical in m. */
    public static function dimension(): Dimension
    {
        return Dimension::Length;
    }
}
