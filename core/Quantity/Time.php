<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Seconds of duration, never negative. */
final readonly class Time extends ScalarQuantity
{
    /** Canonical in s. */
    public static function dimension(): Dimension
    {
        return Dimension::Time;
    }
}
