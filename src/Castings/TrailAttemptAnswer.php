<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use MoltenNotes\App\LogPour\AttemptLineAnswer;
use MoltenNotes\App\Notebook\FindingAnswer;
use MoltenNotes\App\PlanNext\FollowedSheetAnswer;
use MoltenNotes\App\Shared\Http\Answer;

/** An attempt within the trail of its casting. */
final readonly class TrailAttemptAnswer extends Answer
{
    protected const AMONG_ITS_OWN = 'line';

    /**
     * @param list<FindingAnswer> $findings
     * @param list<string> $confirmed causes that the caster confirmed
     * @param array<string, mixed>|null $section the drawing, where it can be made
     */
    public function __construct(
        public AttemptLineAnswer $line,
        public ?string $name,
        public ?string $note,
        public array $findings,
        public array $confirmed,
        public ?string $previousId,
        public ?array $section,
        public ?FollowedSheetAnswer $sheet,
    ) {
    }
}
