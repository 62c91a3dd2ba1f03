<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Shared\Http\Answer;

/** A change that the caster made up, and what became of the fault it was meant against. */
final readonly class OwnChangeAnswer extends Answer
{
    /**
     * @param string|null $against defect
     * @param 'gone'|'better'|'same'|'worse'|'new'|null $found null until the attempt after is judged, or where it is meant against nothing
     */
    public function __construct(public string $id, public string $words, public ?string $against, public ?string $found)
    {
    }
}
