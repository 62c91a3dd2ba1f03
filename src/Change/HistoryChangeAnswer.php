<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\App\Shared\Http\ToldAnswer;

/** One field that a command changed, from what to what. */
final readonly class HistoryChangeAnswer extends Answer
{
    public function __construct(
        public string $part,
        public string $id,
        public string $field,
        public string $label,
        public ToldAnswer $was,
        public ToldAnswer $became,
    ) {
    }
}
