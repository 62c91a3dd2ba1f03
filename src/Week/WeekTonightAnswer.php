<?php

declare(strict_types=1);

namespace MoltenNotes\App\Week;

use MoltenNotes\App\Shared\Http\Answer;

/** What tonight decides. */
final readonly class WeekTonightAnswer extends Answer
{
    /** @param list<array{name: string, from: float, to: float}> $otherwise pours that move when it waits for the window after */
    public function __construct(public string $key, public string $label, public string $name, public int $minutes, public array $otherwise)
    {
    }
}
