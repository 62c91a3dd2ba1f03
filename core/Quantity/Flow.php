<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Cubic metres per second, never negative. */
final readonly class Flow extends ScalarQuantity
{
    /** Canonical in m³/s. */
    public static function dimension(): Dimension
    {
        return Dimension::Flow;
    }
}
