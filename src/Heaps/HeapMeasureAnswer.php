<?php

declare(strict_types=1);

namespace MoltenNotes\App\Heaps;

use MoltenNotes\App\Shared\Http\Answer;

/** One measure of a heap: what it is now, how it went, when it is due. Numbers are per cent where it is a share. */
final readonly class HeapMeasureAnswer extends Answer
{
    /**
     * @param string|null $shown what is known of it, in words
     * @param 'tested'|'reckoned'|'recipe'|null $origin
     * @param array{low: float, high: float, shown: string}|null $band
     * @param array{now: bool, words: string}|null $due
     * @param list<array{at: float, value: float, low: float, high: float, tested: bool}> $trend the oldest first
     */
    public function __construct(
        public string $code,
        public string $label,
        public string $how,
        public ?string $shown,
        public string $standing,
        public ?string $origin,
        public ?float $at,
        public bool $old,
        public ?array $band,
        public ?array $due,
        public array $trend,
    ) {
    }
}
