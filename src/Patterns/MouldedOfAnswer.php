<?php

declare(strict_types=1);

namespace MoltenNotes\App\Patterns;

use MoltenNotes\App\Shared\Http\Answer;

/** What a mould is made of, or poured into again, and how that stands. */
final readonly class MouldedOfAnswer extends Answer
{
    /** @param object $values field → ShownValueAnswer that its record takes from it */
    public function __construct(
        public string $id,
        public string $name,
        public string $standing,
        public string $sentence,
        public object $values,
    ) {
    }
}
