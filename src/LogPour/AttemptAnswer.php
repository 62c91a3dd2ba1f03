<?php

declare(strict_types=1);

namespace MoltenNotes\App\LogPour;

use MoltenNotes\App\Heaps\MadeOfAnswer;
use MoltenNotes\App\Notebook\FindingAnswer;
use MoltenNotes\App\Notebook\Unreadable;
use MoltenNotes\App\Patterns\MouldedOfAnswer;
use MoltenNotes\App\PlanNext\KeptAnswer;
use MoltenNotes\App\Shared\Http\Answer;

/** An attempt with all that is written of it. */
final readonly class AttemptAnswer extends Answer
{
    protected const AMONG_ITS_OWN = 'line';

    /**
     * @param object $planned field → ShownValueAnswer
     * @param object $made field → ShownValueAnswer
     * @param list<string> $observations
     * @param list<FindingAnswer> $findings
     * @param object $answers check → answer
     * @param object $opinions cause → OpinionAnswer
     * @param list<string> $changedFields fields that the change sheet before this attempt altered
     * @param list<array{code: string, text: string}> $cautions
     * @param array<string, mixed> $section
     * @param list<array{stage: string, code: string, words: string, subject: string, standing: string}> $risks
     * @param list<array{stage: string, title: string, words: string, standing: string}> $answersOfPlan
     * @param list<Unreadable> $unreadable
     * @param list<string> $kept fields that are to stay as they are here
     * @param list<string> $measured fields whose value was tapped on the day
     * @param list<KeptAnswer> $keeps what earlier attempts are to keep, and how this one has it
     */
    public function __construct(
        public AttemptLineAnswer $line,
        public ?string $castingPurpose,
        public ?string $name,
        public ?string $note,
        public object $planned,
        public object $made,
        public ?HeatAnswer $heat,
        public array $observations,
        public array $findings,
        public object $answers,
        public object $opinions,
        public ?string $previousId,
        public ?string $nextId,
        public array $changedFields,
        public array $cautions,
        public array $section,
        public array $risks,
        public array $answersOfPlan,
        public array $unreadable,
        public array $kept,
        public array $keeps,
        public array $measured,
        public ?MadeOfAnswer $sand,
        public ?MouldedOfAnswer $pattern,
        public ?string $recipe,
    ) {
    }
}
