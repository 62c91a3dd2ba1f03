<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

use MoltenNotes\Core\Record\Values;

/** What the next attempt does differently, and what that is expected to do. */
final readonly class ChangeSheet
{
    /**
     * @param list<Change> $changes
     * @param list<Prediction> $predictions defects seen first, then what may become worse
     * @param string $teaches what the next pour can and cannot tell
     * @param list<PlanMove> $moves numbers of the plan that the changes move
     * @param array<string, float> $left cause → what the changes leave of its odds, as a factor
     */
    public function __construct(
        public array $changes,
        public array $predictions,
        public Values $plan,
        public string $teaches,
        public array $moves,
        public array $left,
    ) {
    }
}
