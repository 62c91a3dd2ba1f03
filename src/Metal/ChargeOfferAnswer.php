<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** The cheapest charge of an alloy from the shelf. */
final readonly class ChargeOfferAnswer extends Answer
{
    /**
     * @param list<ChargePartAnswer> $charge
     * @param list<string> $left lots of which too little is known
     */
    public function __construct(
        public string $words,
        public string $standing,
        public string $cost,
        public string $currency,
        public array $charge,
        public array $left,
        public ?PotAnswer $pot,
    ) {
    }
}
