<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use MoltenNotes\App\Shared\Http\Answer;

/** A casting without its attempts. */
final readonly class CastingAnswer extends Answer
{
    public function __construct(
        public string $id,
        public string $name,
        public ?string $purpose,
        public int $wanted,
        public ?string $note,
        public int $version,
        public string $createdOn,
        public string $updatedAt,
    ) {
    }
}
