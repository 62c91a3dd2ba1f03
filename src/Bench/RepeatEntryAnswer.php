<?php

declare(strict_types=1);

namespace MoltenNotes\App\Bench;

use MoltenNotes\App\Shared\Http\Answer;

/** A cause that this caster confirmed before, and how often. */
final readonly class RepeatEntryAnswer extends Answer
{
    /** @param list<string>|null $processes */
    public function __construct(
        public string $cause,
        public string $label,
        public int $times,
        public ?string $lastOn,
        public ?array $processes,
    ) {
    }
}
