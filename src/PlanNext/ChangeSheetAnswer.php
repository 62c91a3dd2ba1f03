<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Notebook\PredictionAnswer;
use MoltenNotes\App\Shared\Http\Answer;

/** What may be changed, what is accepted, and what it should do. */
final readonly class ChangeSheetAnswer extends Answer
{
    /**
     * @param list<ProposalAnswer> $proposals
     * @param list<PredictionAnswer> $predictions
     * @param list<PlanMoveAnswer> $moves
     * @param list<WayAnswer> $ways one change, or several at once
     * @param list<OwnChangeAnswer> $own the caster's own changes
     */
    public function __construct(
        public array $proposals,
        public array $predictions,
        public string $teaches,
        public array $moves,
        public array $ways,
        public array $own,
        public ?TrialAnswer $trial,
        public ?string $nextId,
        public int $version,
    ) {
    }
}
