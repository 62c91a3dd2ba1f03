<?php

declare(strict_types=1);

namespace MoltenNotes\App\Patterns;

use MoltenNotes\App\Shared\Http\Answer;

/** Patterns and moulds that are used again, and which planned pour has nothing to be moulded of. */
final readonly class PatternListAnswer extends Answer
{
    /**
     * @param list<PatternLineAnswer> $patterns
     * @param list<array{attempt_id: string, name: string, number: int, pattern_id: string, sentence: string}> $short
     */
    public function __construct(public array $patterns, public array $short)
    {
    }
}
