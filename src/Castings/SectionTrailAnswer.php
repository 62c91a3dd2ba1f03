<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use MoltenNotes\App\Shared\Http\Answer;

/** What one section of a casting showed, try by try. */
final readonly class SectionTrailAnswer extends Answer
{
    /** @param list<array{number: int, judged: bool, faults: list<string>}> $tries faults: kinds of defects found on it */
    public function __construct(public string $section, public string $label, public array $tries)
    {
    }
}
