<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** One element of a metal against its window, per cent. */
final readonly class PotElementAnswer extends Answer
{
    /**
     * @param array{low: float, high: float, shown: string}|null $window
     * @param array<string, mixed>|null $working
     */
    public function __construct(
        public string $element,
        public string $shown,
        public float $percent,
        public float $low,
        public float $high,
        public ?array $window,
        public string $standing,
        public string $words,
        public ?array $working,
    ) {
    }
}
