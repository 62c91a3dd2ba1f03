<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** A crucible or a furnace, and what its book says of it. */
final readonly class CareAnswer extends Answer
{
    /**
     * @param string|null $family of metals that it is kept for, in words
     * @param string $size in words; empty where nobody said
     * @param list<string> $words what speaks against it, the gravest first
     * @param float|null $worn share of its usual life, 0 or more
     * @param list<CareEntryAnswer> $entries the latest first
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $family,
        public string $size,
        public int $heats,
        public ?float $worn,
        public bool $isOut,
        public array $words,
        public string $standing,
        public array $entries,
    ) {
    }
}
