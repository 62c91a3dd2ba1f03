<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Shared\Http\Answer;

/** A typed entry as it was understood. */
final readonly class ReadValueAnswer extends Answer
{
    /** @param array<mixed>|string|int|bool|null $raw */
    public function __construct(
        public array|string|int|bool|null $raw,
        public string $shown,
        public ?string $question,
    ) {
    }
}
