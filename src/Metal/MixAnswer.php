<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** The cheapest charge for what was asked, or the nearest one. */
final readonly class MixAnswer extends Answer
{
    /**
     * @param list<MixChargeAnswer> $charge
     * @param list<MixElementAnswer> $composition
     */
    public function __construct(
        public bool $feasible,
        public string $words,
        public string $cost,
        public string $currency,
        public array $charge,
        public array $composition,
    ) {
    }
}
