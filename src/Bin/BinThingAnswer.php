<?php

declare(strict_types=1);

namespace MoltenNotes\App\Bin;

use MoltenNotes\App\Shared\Http\Answer;

/** One thing in the bin. */
final readonly class BinThingAnswer extends Answer
{
    public function __construct(
        public string $part,
        public string $id,
        public string $words,
        public string $binnedOn,
        public int $daysLeft,
    ) {
    }
}
