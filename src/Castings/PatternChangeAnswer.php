<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use MoltenNotes\App\Shared\Http\Answer;

/** A change to the pattern: it stays with the casting. */
final readonly class PatternChangeAnswer extends Answer
{
    /** @param int $number of the attempt from which on it is so */
    public function __construct(public int $number, public string $label, public string $words)
    {
    }
}
