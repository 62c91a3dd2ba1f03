<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** What one lot gave to a melt, or got from it. */
final readonly class ChargeLineAnswer extends Answer
{
    /**
     * @param string|null $how it was charged, or what came back, as a code
     * @param string $words the same in words
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $lotId,
        public string $lot,
        public string $shown,
        public float $at,
        public ?string $how,
        public string $words,
    ) {
    }
}
