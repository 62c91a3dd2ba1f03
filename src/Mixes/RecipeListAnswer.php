<?php

declare(strict_types=1);

namespace MoltenNotes\App\Mixes;

use MoltenNotes\App\Shared\Http\Answer;

/** All recipes, and the planned moulds that one of them may be mixed for. */
final readonly class RecipeListAnswer extends Answer
{
    /**
     * @param list<RecipeAnswer> $recipes the caster's own first
     * @param list<array{id: string, name: string, number: int, process: string|null}> $waiting
     */
    public function __construct(public array $recipes, public array $waiting)
    {
    }
}
