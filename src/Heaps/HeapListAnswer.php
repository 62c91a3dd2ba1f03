<?php

declare(strict_types=1);

namespace MoltenNotes\App\Heaps;

use MoltenNotes\App\Shared\Http\Answer;

/** All heaps of a workshop. */
final readonly class HeapListAnswer extends Answer
{
    /** @param list<HeapLineAnswer> $heaps */
    public function __construct(public array $heaps)
    {
    }
}
