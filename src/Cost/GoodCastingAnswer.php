<?php

declare(strict_types=1);

namespace MoltenNotes\App\Cost;

use MoltenNotes\App\Shared\Http\Answer;

/** What a good casting cost, the failed pours for it among it. */
final readonly class GoodCastingAnswer extends Answer
{
    /**
     * @param 'good'|'usable' $counts what counts as a good one
     * @param string|null $each null while there is none
     * @param string|null $failure what a failed pour cost in the mean
     * @param array<string, mixed>|null $working
     * @param list<PouredForAnswer> $pours
     * @param list<array{code: string, words: string, shown: string, working: array<string, mixed>}> $savings the largest first
     */
    public function __construct(
        public string $counts,
        public string $sentence,
        public ?string $each,
        public ?string $failure,
        public ?array $working,
        public array $pours,
        public array $savings,
    ) {
    }
}
