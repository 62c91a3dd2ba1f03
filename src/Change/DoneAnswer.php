<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Shared\Http\Answer;

/** What became of a command; the same answer each time it is sent. */
final readonly class DoneAnswer extends Answer
{
    /**
     * @param 'done'|'known' $outcome
     * @param list<array{part: string, id: string, version: int, created: bool}> $parts
     * @param list<array{pointer: string, code: string, message: string}> $questions
     */
    public function __construct(
        public string $command,
        public string $outcome,
        public array $parts,
        public array $questions,
    ) {
    }
}
