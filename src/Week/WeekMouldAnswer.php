<?php

declare(strict_types=1);

namespace MoltenNotes\App\Week;

use MoltenNotes\App\Shared\Http\Answer;

/** A planned pour, and when it is poured. */
final readonly class WeekMouldAnswer extends Answer
{
    /**
     * @param float|null $wanted seconds since 1970
     * @param float|null $poursAt seconds since 1970; null where the hours do not reach, or it is left out
     * @param float $late minutes that it is poured later than it is wanted; 0 where it is in time
     */
    public function __construct(
        public string $attemptId,
        public int $version,
        public string $name,
        public int $number,
        public ?string $process,
        public ?string $metal,
        public ?float $wanted,
        public ?float $poursAt,
        public float $late,
    ) {
    }
}
