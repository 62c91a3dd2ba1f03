<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** What a black body radiates: σ of q = σ T⁴, W/m²K⁴. Source: CODATA, published. */
final class Radiation
{
    public const STEFAN_BOLTZMANN = 5.670374419e-8;
}
