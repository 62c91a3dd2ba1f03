<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** What makes a metal brittle or must not be in it. */
final readonly class PotHarmAnswer extends Answer
{
    public function __construct(public string $kind, public string $words, public bool $sure)
    {
    }
}
