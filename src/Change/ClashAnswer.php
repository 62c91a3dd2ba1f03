<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\App\Shared\Http\ToldAnswer;

/** A field that two devices changed: what it was, what is asked for, what is stored, and who stored it. */
final readonly class ClashAnswer extends Answer
{
    public function __construct(
        public string $pointer,
        public string $part,
        public string $id,
        public string $field,
        public string $label,
        public ToldAnswer $was,
        public ToldAnswer $yours,
        public ToldAnswer $stored,
        public ?string $device,
        public ?string $changedAt,
    ) {
    }
}
