<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Shared\Http\Answer;

/** One choice of a list. */
final readonly class ChoiceAnswer extends Answer
{
    public function __construct(public string $code, public string $label, public string $hint)
    {
    }
}
