<?php

declare(strict_types=1);

namespace MoltenNotes\App\Heaps;

use MoltenNotes\App\Shared\Http\Answer;

/** What to add to a heap, in the order of mixing. */
final readonly class MendingAnswer extends Answer
{
    /** @param list<array{code: string, how: string, figure: array<string, mixed>}> $lines */
    public function __construct(public string $words, public string $doubt, public array $lines)
    {
    }
}
