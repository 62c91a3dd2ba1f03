<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** One thing to weigh out and stir in. */
final readonly class CorrectionLineAnswer extends Answer
{
    /**
     * @param string|null $lotId null where it would have to be bought
     * @param array<string, mixed> $working
     */
    public function __construct(
        public ?string $lotId,
        public string $name,
        public string $shown,
        public float $kg,
        public array $working,
    ) {
    }
}
