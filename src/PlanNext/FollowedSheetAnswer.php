<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Notebook\PredictionAnswer;
use MoltenNotes\App\Shared\Http\Answer;

/** The sheet between two attempts, scored as far as the second one is judged. */
final readonly class FollowedSheetAnswer extends Answer
{
    /**
     * @param list<SheetLineAnswer> $changes
     * @param list<PredictionAnswer> $predictions
     * @param list<ScoreAnswer> $scores
     * @param list<OwnChangeAnswer> $own
     */
    public function __construct(public array $changes, public array $predictions, public array $scores, public array $own)
    {
    }
}
