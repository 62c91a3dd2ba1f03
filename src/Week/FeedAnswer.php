<?php

declare(strict_types=1);

namespace MoltenNotes\App\Week;

use MoltenNotes\App\Shared\Http\Answer;

/** The address a calendar is fetched by, told once. */
final readonly class FeedAnswer extends Answer
{
    public function __construct(public string $path)
    {
    }
}
