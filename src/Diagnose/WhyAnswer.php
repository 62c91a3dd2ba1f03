<?php

declare(strict_types=1);

namespace MoltenNotes\App\Diagnose;

use MoltenNotes\App\Shared\Http\Answer;

/** The diagnosis, with the caster's own answers and opinions beside it. */
final readonly class WhyAnswer extends Answer
{
    /**
     * @param list<array<string, mixed>> $causes
     * @param list<array<string, mixed>> $beside what nearly went wrong besides what was found
     * @param list<array<string, mixed>> $cleared
     * @param list<array{cause: string, label: string, words: string, fields: list<string>}> $sound what was done well
     * @param array<string, mixed>|null $compared with the pour that was chosen
     * @param list<ComparableAnswer> $comparable the nearest first, better ones before the rest
     * @param list<array{sign: string, label: string, explained: float}> $unexplained
     * @param list<array<string, mixed>> $nextChecks
     * @param list<array{field: string, label: string, cause: string, moves: string}> $blank
     * @param list<GivenAnswer> $answers
     * @param object $opinions cause → OpinionAnswer
     */
    public function __construct(
        public string $basis,
        public string $method,
        public array $causes,
        public array $beside,
        public array $cleared,
        public array $sound,
        public ?array $compared,
        public array $comparable,
        public array $unexplained,
        public array $nextChecks,
        public array $blank,
        public object $workings,
        public array $answers,
        public object $opinions,
    ) {
    }
}
