<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** So much of one lot. */
final readonly class ChargePartAnswer extends Answer
{
    public function __construct(
        public string $lotId,
        public string $name,
        public float $kg,
        public string $shown,
        public ?int $pieces,
    ) {
    }
}
