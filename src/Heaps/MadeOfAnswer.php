<?php

declare(strict_types=1);

namespace MoltenNotes\App\Heaps;

use MoltenNotes\App\Shared\Http\Answer;

/** The heap a mould is made of, and what it was like that day. */
final readonly class MadeOfAnswer extends Answer
{
    /** @param object $values field → ShownValueAnswer */
    public function __construct(
        public string $id,
        public string $name,
        public string $standing,
        public string $sentence,
        public object $values,
    ) {
    }
}
