<?php

declare(strict_types=1);

namespace MoltenNotes\App\Patterns;

use MoltenNotes\App\Shared\Http\Answer;

/** A pattern, or a mould that is used again, at a glance. */
final readonly class PatternLineAnswer extends Answer
{
    /**
     * @param list<string> $serves mould processes
     * @param int|null $left pieces, where each mould uses one up
     * @param float|null $worn share of the uses after which most of its kind have failed, 0 or more
     * @param list<string> $words what speaks against it, the gravest first
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $form,
        public string $formLabel,
        public array $serves,
        public string $kept,
        public ?string $takenFrom,
        public int $uses,
        public ?int $left,
        public ?float $worn,
        public bool $isOut,
        public array $words,
        public string $standing,
    ) {
    }
}
