<?php

declare(strict_types=1);

namespace MoltenNotes\App\Patterns;

use MoltenNotes\App\Shared\Http\Answer;

/** A pattern, or a mould that is used again, with all that its book says. */
final readonly class PatternAnswer extends Answer
{
    /**
     * @param object $columns column → ToldAnswer
     * @param string $keep how such a thing is kept
     * @param list<PatternStageAnswer> $stages from the first down to the metal
     * @param string $alloy that the stages are told for
     * @param string $edge which edge the sizes are of; empty where none was asked for
     * @param list<string> $doubts what cannot be right about what was measured
     * @param array{shown: string, working: array<string, mixed>}|null $usesLeft by its wear
     * @param list<PatternMouldAnswer> $moulds the latest first
     * @param string $tally what came of them, in words
     * @param string $sinceChange before and after its last change; empty where there is nothing to tell apart
     * @param list<array{attempt_id: string, name: string, number: int, label: string, words: string, poured: bool}> $learnt from castings
     * @param list<array{id: string, name: string}> $taken what was taken from it
     * @param list<PatternEntryAnswer> $entries the latest first
     */
    public function __construct(
        public PatternLineAnswer $line,
        public int $version,
        public object $columns,
        public string $keep,
        public array $stages,
        public string $alloy,
        public string $edge,
        public array $doubts,
        public ?array $usesLeft,
        public array $moulds,
        public string $tally,
        public string $sinceChange,
        public array $learnt,
        public array $taken,
        public array $entries,
    ) {
    }
}
