<?php

declare(strict_types=1);

namespace MoltenNotes\App\PourDay;

use MoltenNotes\App\Shared\Http\Answer;

/** What must be so before lighting or before pouring, and whether it was seen to. */
final readonly class HoldAnswer extends Answer
{
    /**
     * @param 'lighting'|'pouring' $when
     * @param string|null $reason why it was overridden; null where it was seen to, or not yet
     */
    public function __construct(
        public string $code,
        public string $when,
        public string $text,
        public string $why,
        public bool $seen,
        public ?string $reason,
    ) {
    }
}
