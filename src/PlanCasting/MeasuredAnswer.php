<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Shared\Http\Answer;

/** A measured figure to take over, and as this caster reads it. */
final readonly class MeasuredAnswer extends Answer
{
    public function __construct(public float $value, public string $unit, public string $shown)
    {
    }
}
