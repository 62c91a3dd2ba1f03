<?php

declare(strict_types=1);

namespace MoltenNotes\App\Patterns;

use MoltenNotes\App\Shared\Http\Answer;

/** One line of the book of a pattern. */
final readonly class PatternEntryAnswer extends Answer
{
    /**
     * @param object $columns column → ToldAnswer
     * @param list<string> $unreadable
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $kind,
        public string $title,
        public float $at,
        public object $columns,
        public array $unreadable,
    ) {
    }
}
