<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Shared\Http\Answer;

/** A change that may be made. */
final readonly class ProposalAnswer extends Answer
{
    protected const AMONG_ITS_OWN = 'line';

    public function __construct(public SheetLineAnswer $line, public bool $accepted, public float $causeProbability)
    {
    }
}
