<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Cost;

use MoltenNotes\Core\Working\Working;

/** Something that would make a good casting cheaper, and by how much. */
final readonly class Saving
{
    /** @param Amount $amount of one good casting */
    public function __construct(public string $code, public string $words, public Amount $amount, public Working $working)
    {
    }
}
