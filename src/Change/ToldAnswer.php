<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Shared\Http\Answer;

/** A value of the past as it was stored and as this caster reads it. */
final readonly class ToldAnswer extends Answer
{
    public function __construct(public mixed $raw, public string $shown)
    {
    }
}
