<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** One element of the mix against its window. */
final readonly class MixElementAnswer extends Answer
{
    public function __construct(
        public string $element,
        public float $percent,
        public float $low,
        public ?float $high,
        public bool $met,
    ) {
    }
}
