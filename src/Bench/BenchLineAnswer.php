<?php

declare(strict_types=1);

namespace MoltenNotes\App\Bench;

use MoltenNotes\App\LogPour\AttemptLineAnswer;
use MoltenNotes\App\Shared\Http\Answer;

/** An attempt that waits for something. */
final readonly class BenchLineAnswer extends Answer
{
    protected const AMONG_ITS_OWN = 'line';

    /**
     * @param 'pour'|'inspection'|'findings'|'next_attempt' $waitsFor
     * @param list<string> $changed what the change sheet before it changes
     */
    public function __construct(
        public AttemptLineAnswer $line,
        public string $waitsFor,
        public int $findings,
        public array $changed,
    ) {
    }
}
