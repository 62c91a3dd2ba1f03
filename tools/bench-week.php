<?php

declare(strict_types=1);

use MoltenNotes\Core\Calendar\Scheduler;
use MoltenNotes\Core\Calendar\Task;
use MoltenNotes\Core\Calendar\Windows;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Twenty castings of ten tasks each, one furnace, two people, evenings and weekends. */
function week(): void
{
    $chance = new Randomizer(new Mt19937(4));
    $tasks = [];
    for ($casting = 0; $casting < 20; ++$casting) {
        for ($i = 0; $i < 10; ++$i) {
            $tasks[] = new Task(
                "casting {$casting}/{$i}",
                $chance->getInt(10, 60),
                0 === $chance->getInt(0, 3) ? $chance->getInt(60, 300) : 0,
                1 === $chance->getInt(0, 1) ? $chance->getInt(60, 900) : 0,
                $i > 0 ? ["casting {$casting}/".($i - 1)] : [],
                0 === $chance->getInt(0, 3) ? 'furnace' : null,
                $i > 6,
                9 === $i ? 7 * 1440 : null,
            );
        }
    }
    $windows = [];
    for ($day = 0; $day < 60; ++$day) {
        $windows[] = [$day * 1440 + 1080, $day * 1440 + 1080 + ($day % 7 > 4 ? 300 : 200), 2];
    }
    $hours = new Windows($windows);
    measure('week of 200 tasks', 25, static fn (): mixed => Scheduler::of($tasks, $hours, 0), 'under 100 ms');
}
