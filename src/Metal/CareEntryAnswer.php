<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** One look at a crucible or a furnace. */
final readonly class CareEntryAnswer extends Answer
{
    public function __construct(public string $id, public float $at, public string $found, public string $note)
    {
    }
}
