<?php

declare(strict_types=1);

namespace MoltenNotes\App\Ways;

use MoltenNotes\App\Shared\Http\Answer;

/** One question answered for one way. */
final readonly class WayCellAnswer extends Answer
{
    /**
     * @param string $shown in words
     * @param float|null $low for drawing it, with high; null where there is nothing to draw
     * @param bool $best whether it answers it best of all, beyond what is unsure
     */
    public function __construct(
        public string $question,
        public string $shown,
        public ?float $low,
        public ?float $high,
        public bool $best,
    ) {
    }
}
