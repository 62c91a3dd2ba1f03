<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Shared\Http\Answer;

/** A cheap pour that would tell the leading suspect. */
final readonly class TrialAnswer extends Answer
{
    /** @param list<string> $common what it must have in common with the part */
    public function __construct(public string $label, public string $causeLabel, public string $words, public array $common)
    {
    }
}
