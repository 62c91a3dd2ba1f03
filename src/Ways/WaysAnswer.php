<?php

declare(strict_types=1);

namespace MoltenNotes\App\Ways;

use MoltenNotes\App\Shared\Http\Answer;

/** Ways of making one part, side by side. */
final readonly class WaysAnswer extends Answer
{
    /**
     * @param list<array{question: string, label: string, words: string}> $questions
     * @param list<WayOfMakingAnswer> $ways
     * @param list<string> $bears codes of processes that bear its metal
     */
    public function __construct(
        public string $attemptId,
        public string $castingId,
        public string $castingName,
        public int $number,
        public string $sentence,
        public array $questions,
        public array $ways,
        public array $bears,
        public string $alloy,
    ) {
    }
}
