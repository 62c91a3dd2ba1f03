<?php

declare(strict_types=1);

namespace MoltenNotes\App\LogPour;

use MoltenNotes\App\Shared\Http\Answer;

/** Last used values, to be offered and never filled in silently. */
final readonly class SuggestionsAnswer extends Answer
{
    /**
     * @param object $casting field → ShownValueAnswer
     * @param object $workshop field → ShownValueAnswer
     * @param list<HeatAnswer> $heats
     */
    public function __construct(public object $casting, public object $workshop, public array $heats)
    {
    }
}
