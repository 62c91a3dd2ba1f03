<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Calendar;

use MoltenNotes\Core\Quantity\Temperature;

/** Planned pours in the hours there are: every task with its place, when each is poured, and what tonight decides. */
final readonly class Week
{
    private const MOST_TONIGHT = 6;

    /**
     * @param list<WeekTask> $tasks
     * @param Schedule|null $schedule null where the hours do not reach
     * @param array<string, int> $pours mould → minute at which it is being poured
     * @param list<array{task: WeekTask, otherwise: array<string, int>}> $tonight what can be done in the window that is open or comes
     *                                                                            next, and to when the pours move that it holds up when
     *                                                                            it waits for the window after it
     */
    private function __construct(public array $tasks, public ?Schedule $schedule, public array $pours, public array $tonight)
    {
    }

    /**
     * @param list<PlannedMould> $moulds
     * @param Temperature|null $air of these days
     * @param float|null $humidity of these days, 0…1
     * @param int $flasks moulds that can stand at the same time; 0 without end
     * @param int $now minutes since 1970
     */
    public static function of(array $moulds, ?Temperature $air, ?float $humidity, int $flasks, Windows $windows, int $now): self
    {
        $tasks = WeekTasks::of($moulds, $air, $humidity, $flasks, $windows->longest());
        $plain = array_map(static fn (WeekTask $one): Task => $one->task, $tasks);
        $schedule = Scheduler::of($plain, $windows, $now);
        if (null === $schedule) {
            return new self($tasks, null, [], []);
        }
        $pours = self::pours($tasks, $schedule);

        return new self($tasks, $schedule, $pours, self::tonight($tasks, $schedule, $pours, $windows, $now));
    }

    /**
     * @param list<WeekTask> $tasks
     *
     * @return array<string, int>
     */
    private static function pours(array $tasks, Schedule $schedule): array
    {
        $pours = [];
        foreach ($tasks as $one) {
            foreach ($one->pours as $mould => [$after]) {
                $pours[$mould] = $schedule->starts[$one->task->key] + $after;
            }
        }

        return $pours;
    }

    /**
     * @param list<WeekTask> $tasks
     * @param array<string, int> $pours
     *
     * @return list<array{task: WeekTask, otherwise: array<string, int>}>
     */
    private static function tonight(array $tasks, Schedule $schedule, array $pours, Windows $windows, int $now): array
    {
        $window = $windows->from($now, 1);
        $after = null === $window ? null : $windows->next(max($now, $window[0]));
        if (null === $window || null === $after) {
            return [];
        }
        $tonight = [];
        foreach ($tasks as $one) {
            $start = $schedule->starts[$one->task->key];
            if (null === $one->task->began && $one->task->hands > 0 && $start >= $now && $start < $window[1]) {
                $tonight[] = $one;
            }
        }
        usort($tonight, static fn (WeekTask $a, WeekTask $b): int => $schedule->starts[$a->task->key] <=> $schedule->starts[$b->task->key]);

        return array_map(static fn (WeekTask $one): array => [
            'task' => $one,
            'otherwise' => self::otherwise($one, $tasks, $schedule, $pours, $windows, $after[0], $now),
        ], array_slice($tonight, 0, self::MOST_TONIGHT));
    }

    /**
     * @param list<WeekTask> $tasks
     * @param array<string, int> $pours
     *
     * @return array<string, int>
     */
    private static function otherwise(
        WeekTask $left,
        array $tasks,
        Schedule $before,
        array $pours,
        Windows $windows,
        int $after,
        int $now,
    ): array {
        $plain = array_map(
            static fn (WeekTask $one): Task => $one === $left ? $one->task->notBefore($after) : $one->task,
            $tasks,
        );
        $schedule = Scheduler::inOrder($plain, $windows, $now, $before->starts);
        $moved = null === $schedule ? [] : self::pours($tasks, $schedule);

        return array_filter($moved, static fn (int $at, string $mould): bool => $at > ($pours[$mould] ?? $at), \ARRAY_FILTER_USE_BOTH);
    }
}
