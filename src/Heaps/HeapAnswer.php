<?php

declare(strict_types=1);

namespace MoltenNotes\App\Heaps;

use MoltenNotes\App\Shared\Http\Answer;

/** A heap with its book: what is known of it, how it went, what to add. */
final readonly class HeapAnswer extends Answer
{
    /**
     * @param object $columns column → ToldAnswer, as it stands in the workshop
     * @param list<HeapMeasureAnswer> $measures in the order a test is made
     * @param array<string, mixed>|null $burnt share that was burnt, with its working
     * @param array<string, mixed>|null $poursLeft until it is tired, with its working
     * @param list<HeapEntryAnswer> $entries tests and additions, the newest first
     * @param list<HeapPourAnswer> $pours the newest first
     * @param list<string> $lookedBack what went with what, with its counts
     */
    public function __construct(
        public HeapLineAnswer $line,
        public int $version,
        public object $columns,
        public float $now,
        public ?string $squeeze,
        public array $measures,
        public ?array $burnt,
        public ?array $poursLeft,
        public ?MendingAnswer $mending,
        public array $entries,
        public array $pours,
        public array $lookedBack,
        public ?HeapSieveAnswer $sieve,
    ) {
    }
}
