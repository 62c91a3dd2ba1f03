<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Square metres, never negative. */
final readonly class Area extends ScalarQuantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Area;
    }
}
