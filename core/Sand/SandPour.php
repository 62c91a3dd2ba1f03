<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Quantity\Mass;

/** A mould of this heap that was poured, and what it burnt. */
final readonly class SandPour
{
    /**
     * @param float $at seconds since 1970
     * @param Mass|null $burnt null where metal or temperature are not told
     */
    public function __construct(public float $at, public ?Mass $burnt)
    {
    }
}
