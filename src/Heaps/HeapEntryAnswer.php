<?php

declare(strict_types=1);

namespace MoltenNotes\App\Heaps;

use MoltenNotes\App\Shared\Http\Answer;

/** One line of the book of a heap. */
final readonly class HeapEntryAnswer extends Answer
{
    /**
     * @param object $columns column → ToldAnswer
     * @param list<string> $found what it came to, in words
     * @param list<string> $unreadable what of it can no longer be read
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $kind,
        public string $title,
        public float $at,
        public object $columns,
        public array $found,
        public array $unreadable,
    ) {
    }
}
