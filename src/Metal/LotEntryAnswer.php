<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** One line of the book of a lot. */
final readonly class LotEntryAnswer extends Answer
{
    /**
     * @param object $columns column → ToldAnswer
     * @param array{attempt_id: string|null, name: string}|null $heat
     * @param list<string> $unreadable what of it can no longer be read
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $kind,
        public string $title,
        public float $at,
        public object $columns,
        public ?array $heat,
        public array $unreadable,
    ) {
    }
}
