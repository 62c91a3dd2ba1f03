<?php

declare(strict_types=1);

namespace MoltenNotes\App\PourDay;

use MoltenNotes\App\Shared\Http\Answer;

/** A mould that may be filled from the same melt, in pouring order. */
final readonly class TogetherAnswer extends Answer
{
    /** @param string|null $needs temperature in the furnace that it asks for */
    public function __construct(public string $id, public string $castingName, public int $number, public ?string $needs, public bool $here)
    {
    }
}
