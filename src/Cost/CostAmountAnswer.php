<?php

declare(strict_types=1);

namespace MoltenNotes\App\Cost;

use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\Core\Cost\Amount;

/** An amount of money for drawing it, in the workshop's currency. */
final readonly class CostAmountAnswer extends Answer
{
    public function __construct(public float $middle, public float $low, public float $high)
    {
    }

    public static function of(Amount $amount): self
    {
        return new self(round($amount->middle, 4), round($amount->low, 4), round($amount->high, 4));
    }
}
