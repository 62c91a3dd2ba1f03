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
     */
    public function __construct(
        public array $proposals,
        public array $predictions,
        public string $teaches,
        public array $moves,
        public ?string $nextId,
        public int $version,
    ) {
    }
}
