<?php

declare(strict_types=1);

namespace MoltenNotes\App\Diagnose;

use MoltenNotes\App\Shared\Http\Answer;

/** What the caster found when making a check. */
final readonly class GivenAnswer extends Answer
{
    public function __construct(public string $check, public string $question, public string $answer)
    {
    }
}
