<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** So much of one thing in stock. */
final readonly class MixChargeAnswer extends Answer
{
    public function __construct(public string $name, public float $kg, public string $shown)
    {
    }
}
