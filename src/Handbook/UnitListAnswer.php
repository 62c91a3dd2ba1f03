<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Shared\Http\Answer;

/** The units of a dimension. */
final readonly class UnitListAnswer extends Answer
{
    /** @param list<UnitLabelAnswer> $units */
    public function __construct(public string $dimension, public array $units)
    {
    }
}
