<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Shared\Http\Answer;

/** A level to part a mesh at, and what it would lock in. */
final readonly class PartingAnswer extends Answer
{
    public function __construct(public MeasuredAnswer $level, public MeasuredAnswer $undercut)
    {
    }
}
