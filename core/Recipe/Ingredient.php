<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Recipe;

use MoltenNotes\Core\Quantity\Density;

/** One part of a recipe. */
final readonly class Ingredient
{
    /**
     * @param float $parts by mass, above 0
     * @param string $how what is done with it
     */
    public function __construct(public string $name, public float $parts, public Density $density, public string $how)
    {
    }
}
