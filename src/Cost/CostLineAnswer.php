<?php

declare(strict_types=1);

namespace MoltenNotes\App\Cost;

use MoltenNotes\App\Shared\Http\Answer;

/** One part of what a pour cost. */
final readonly class CostLineAnswer extends Answer
{
    /**
     * @param string|null $shown null where it cannot be told
     * @param 'measured'|'reckoned'|'unknown' $how
     * @param array<string, mixed>|null $working
     */
    public function __construct(
        public string $code,
        public string $label,
        public ?string $shown,
        public ?CostAmountAnswer $amount,
        public string $words,
        public string $how,
        public ?array $working,
    ) {
    }
}
