<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\Core\NextAttempt\Score;

/** A prediction held against what was then found. */
final readonly class ScoreAnswer extends Answer
{
    public function __construct(
        public string $defect,
        public ?string $expected,
        public string $found,
        public bool $held,
    ) {
    }

    public static function of(Score $one): self
    {
        return new self($one->defect, $one->expected?->value, $one->found->value, $one->held);
    }
}
