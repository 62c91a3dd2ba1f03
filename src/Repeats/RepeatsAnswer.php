<?php

declare(strict_types=1);

namespace MoltenNotes\App\Repeats;

use MoltenNotes\App\Shared\Http\Answer;

/** What this caster got wrong before in pours like the one in hand. */
final readonly class RepeatsAnswer extends Answer
{
    /** @param list<RepeatEntryAnswer> $repeats */
    public function __construct(public array $repeats)
    {
    }
}
