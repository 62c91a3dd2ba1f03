<?php

declare(strict_types=1);

namespace MoltenNotes\App\Week;

use MoltenNotes\App\Shared\Http\Answer;

/** One task of a week. */
final readonly class WeekTaskAnswer extends Answer
{
    /**
     * @param list<string> $moulds attempts that it is for
     * @param string $name of the casting it is for, or of all of them
     * @param float $start seconds since 1970, as all moments here
     * @param float $handsUntil until when somebody is at it
     * @param float $runsUntil until when it goes on by itself
     * @param float $through until when it waits
     * @param float $latest the last moment at which it may begin
     * @param string $state done, running (done, and what comes next must wait), next (in the window that is open or comes next) or later
     * @param string $alone whether it can be left
     * @param list<array{attempt_id: string, field: string, at: float}> $done what says that it is done, to the second
     */
    public function __construct(
        public string $key,
        public string $step,
        public array $moulds,
        public string $name,
        public string $label,
        public float $start,
        public float $handsUntil,
        public float $runsUntil,
        public float $through,
        public float $latest,
        public bool $critical,
        public string $state,
        public string $alone,
        public ?string $machine,
        public string $why,
        public array $done,
    ) {
    }
}
