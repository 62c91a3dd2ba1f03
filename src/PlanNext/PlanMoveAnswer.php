<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Shared\Http\Answer;

/** A figure of the plan that the changes move. */
final readonly class PlanMoveAnswer extends Answer
{
    public function __construct(
        public string $stage,
        public string $code,
        public string $label,
        public ?string $before,
        public string $beforeStanding,
        public ?string $after,
        public string $afterStanding,
    ) {
    }
}
