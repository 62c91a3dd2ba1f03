<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use MoltenNotes\App\Shared\Http\Answer;

/** One attempt at a casting, as small as it can be told. */
final readonly class TrailStepAnswer extends Answer
{
    public function __construct(public string $id, public int $number, public string $state, public ?string $verdict)
    {
    }
}
