<?php

declare(strict_types=1);

namespace MoltenNotes\App\Bench;

use MoltenNotes\App\Repeats\RepeatEntryAnswer;
use MoltenNotes\App\Shared\Http\Answer;

/** What waits for what, and what this caster got wrong before. */
final readonly class BenchAnswer extends Answer
{
    /**
     * @param list<BenchLineAnswer> $waiting
     * @param list<RepeatEntryAnswer> $repeatList
     */
    public function __construct(public array $waiting, public array $repeatList)
    {
    }
}
