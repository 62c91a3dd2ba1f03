<?php

declare(strict_types=1);

namespace MoltenNotes\App\Repeats;

use MoltenNotes\App\Shared\Http\Answer;

/** A cause that this caster confirmed before, and how often. */
final readonly class RepeatEntryAnswer extends Answer
{
    /**
     * @param list<string>|null $processes
     * @param string $look what to do about it before this pour
     */
    public function __construct(
        public string $cause,
        public string $label,
        public int $times,
        public ?string $lastOn,
        public ?array $processes,
        public string $look,
    ) {
    }
}
