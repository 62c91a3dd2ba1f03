<?php

declare(strict_types=1);

namespace MoltenNotes\App\MeltCurve;

use MoltenNotes\App\Shared\Http\Answer;

/** Readings of one instrument of one kind, as a plot wants them: two lists of one length, in order. */
final readonly class SeriesAnswer extends Answer
{
    /**
     * @param string $instrument its id, or "typed" for what was typed on the day
     * @param string $unit as it is written beside a number
     * @param list<float> $at seconds since 1970
     * @param list<float> $value in that unit
     */
    public function __construct(
        public string $instrument,
        public string $name,
        public string $quantity,
        public string $unit,
        public bool $simulated,
        public array $at,
        public array $value,
    ) {
    }
}
