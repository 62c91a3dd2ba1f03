<?php

declare(strict_types=1);

namespace MoltenNotes\App\Week;

use MoltenNotes\App\Shared\Http\Answer;

/** The week before the pours. */
final readonly class WeekAnswer extends Answer
{
    /**
     * @param list<WeekMouldAnswer> $moulds that are in it
     * @param list<WeekMouldAnswer> $others planned pours that nobody said a day of
     * @param list<WeekTaskAnswer> $tasks in the order in which they begin
     * @param list<WeekTonightAnswer> $tonight
     * @param list<array{from: float, to: float}> $windows that are drawn
     * @param object $hours day → as typed
     * @param object $usual day → where nothing is typed
     * @param array<string, mixed>|null $airTold as it was typed
     * @param array<string, mixed>|null $humidityTold as it was typed
     * @param string $air in words
     * @param bool $proven whether nothing can be poured earlier
     * @param list<string> $warnings what the week cannot put right by itself
     * @param int|null $atBest minutes that could be won at the most where it is not proven
     */
    public function __construct(
        public float $now,
        public array $moulds,
        public array $others,
        public array $tasks,
        public array $tonight,
        public array $windows,
        public object $hours,
        public object $usual,
        public int $people,
        public ?array $airTold,
        public ?array $humidityTold,
        public string $air,
        public bool $reaches,
        public bool $proven,
        public ?int $atBest,
        public array $warnings,
        public bool $hasFeed,
        public int $version,
    ) {
    }
}
