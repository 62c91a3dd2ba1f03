<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Calendar;

/** When each task begins, and how late it may. */
final readonly class Schedule
{
    /**
     * @param array<string, int> $starts task → minute
     * @param array<string, int> $latest task → the last minute at which it may begin, so that everything else still comes out as it stands
     * @param array<string, true> $critical tasks that can neither be earlier nor later
     * @param int $lateness minutes that the latest of what is due comes too late; 0 or less where all of it is in time. Where nothing is
     *                      due: minutes until all of it is through
     * @param bool $proven whether it is proven that nothing better can be done
     * @param int $atBest minutes of lateness that nothing can be better than
     */
    public function __construct(
        public array $starts,
        public array $latest,
        public array $critical,
        public int $lateness,
        public bool $proven,
        public int $atBest,
    ) {
    }
}
