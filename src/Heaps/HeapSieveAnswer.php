<?php

declare(strict_types=1);

namespace MoltenNotes\App\Heaps;

use MoltenNotes\App\Shared\Http\Answer;

/** The last sieve test of a heap. */
final readonly class HeapSieveAnswer extends Answer
{
    /** @param list<array{mesh: string, opening: float, share: float}> $sieves coarse first; opening in mm, share in per cent */
    public function __construct(public float $at, public string $fineness, public string $words, public array $sieves)
    {
    }
}
