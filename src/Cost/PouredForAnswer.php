<?php

declare(strict_types=1);

namespace MoltenNotes\App\Cost;

use MoltenNotes\App\Shared\Http\Answer;

/** One pour among those that a good casting is paid by. */
final readonly class PouredForAnswer extends Answer
{
    /**
     * @param int $good castings that came out of it
     */
    public function __construct(
        public string $attemptId,
        public int $number,
        public string $verdict,
        public int $good,
        public string $shown,
        public CostAmountAnswer $amount,
    ) {
    }
}
