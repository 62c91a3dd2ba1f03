<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Calendar;

/** A task of a week with what a caster reads of it. */
final readonly class WeekTask
{
    /**
     * @param list<string> $moulds that it is for
     * @param string $step code of the step; foam_coat of a second coat as well
     * @param string $label in words
     * @param array<string, array{int, int}> $pours of a melt: mould → minutes after its begin at which it is poured, and how long
     *                                              that takes
     * @param string $why how long it takes is so because: today's air, the plan, what is usual
     */
    public function __construct(
        public Task $task,
        public array $moulds,
        public string $step,
        public string $label,
        public string $alone,
        public string $why,
        public array $pours = [],
    ) {
    }
}
