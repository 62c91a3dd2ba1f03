<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Standard gravity. Source: CGPM 1901, published. */
final class Gravity
{
    public const M_S2 = 9.80665;
}
