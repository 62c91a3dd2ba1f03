<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Shared\Http\Answer;

/** The sections of a usual casting, to be taken over. */
final readonly class StarterAnswer extends Answer
{
    /** @param list<array<string, mixed>> $sections */
    public function __construct(public array $sections)
    {
    }
}
