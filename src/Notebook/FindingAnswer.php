<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use MoltenNotes\App\Shared\Http\Answer;

/** One defect that was seen. */
final readonly class FindingAnswer extends Answer
{
    /**
     * @param list<string> $places
     * @param list<string> $looks
     * @param list<int> $pieces
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $kind,
        public array $places,
        public array $looks,
        public ?string $shownAt,
        public ?string $severity,
        public ?string $note,
        public ?string $section,
        public array $pieces,
        public ?int $number,
    ) {
    }
}
