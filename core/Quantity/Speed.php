<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Metres per second, never negative. */
final readonly class Speed extends ScalarQuantity
{
    /** Canonical in m/s. */
    public static function dimension(): Dimension
    {
        return Dimension::Speed;
    }
}
