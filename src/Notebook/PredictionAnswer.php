<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\Core\NextAttempt\Prediction;

/** What a change sheet expects of one defect. */
final readonly class PredictionAnswer extends Answer
{
    public function __construct(
        public string $defect,
        public float $before,
        public float $after,
        public string $expected,
    ) {
    }

    /** Chances are told to four places. */
    public static function of(Prediction $told): self
    {
        return new self($told->defect, round($told->before, 4), round($told->after, 4), $told->expected->value);
    }
}
