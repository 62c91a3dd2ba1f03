<?php

declare(strict_types=1);

namespace MoltenNotes\App\Bin;

use MoltenNotes\App\Shared\Http\Answer;

/** What was thrown away and can be had back, the latest first. */
final readonly class BinAnswer extends Answer
{
    /** @param list<BinThingAnswer> $things */
    public function __construct(public int $days, public array $things)
    {
    }
}
