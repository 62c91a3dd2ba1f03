<?php

declare(strict_types=1);

namespace MoltenNotes\App\Heaps;

use MoltenNotes\App\Shared\Http\Answer;

/** A mould of this heap that was poured. */
final readonly class HeapPourAnswer extends Answer
{
    /**
     * @param string|null $burnt mass of sand it burnt, in words
     * @param list<string> $sandDefects what it showed that sand may have to do with, in words
     * @param string $state what the sand was like that day, in words
     */
    public function __construct(
        public string $attemptId,
        public string $name,
        public int $number,
        public float $at,
        public ?string $verdict,
        public ?string $burnt,
        public array $sandDefects,
        public string $state,
    ) {
    }
}
