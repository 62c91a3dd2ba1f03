<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Shared\Http\Answer;

/** Something that is observed while pouring or opening. */
final readonly class ObservationKindAnswer extends Answer
{
    public function __construct(public string $code, public string $label, public string $when, public ?string $step)
    {
    }
}
