<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Shared\Http\Answer;

/** One command that was done: who, when, and what it changed. */
final readonly class HistoryCommandAnswer extends Answer
{
    /** @param list<HistoryChangeAnswer> $changes */
    public function __construct(
        public string $id,
        public string $device,
        public string $madeAt,
        public string $keptAt,
        public ?string $undoes,
        public bool $takenBack,
        public array $changes,
    ) {
    }
}
