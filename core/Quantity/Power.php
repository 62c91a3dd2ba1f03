<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Watts, never negative. */
final readonly class Power extends ScalarQuantity
{
    /** Canonical in W. */
    public static function dimension(): Dimension
    {
        return Dimension::Power;
    }
}
