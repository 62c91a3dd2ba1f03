<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Shared\Http\Answer;

/** A unit that may be chosen. */
final readonly class UnitLabelAnswer extends Answer
{
    public function __construct(public string $code, public string $label)
    {
    }
}
