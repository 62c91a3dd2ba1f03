<?php

declare(strict_types=1);

namespace MoltenNotes\App\PourDay;

use MoltenNotes\App\Shared\Http\Answer;

/** Something that can be tapped. */
final readonly class TapAnswer extends Answer
{
    /** @param string|null $takes what is typed with it */
    public function __construct(public string $code, public string $phase, public string $label, public ?string $takes)
    {
    }
}
