<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Calendar;

/** Who and what is taken when, while a schedule is made. Not for use outside the scheduler. */
final class Bookings
{
    /** @var array<int, array<string, array{int, int}>> begin of a window → task → from, to, of people */
    private array $people = [];

    /** @var array<string, int> task → begin of the window it is in */
    private array $windowOf = [];

    /** @var array<string, array<string, array{int, int}>> machine → task → from, to */
    private array $machines = [];

    public function __construct(private readonly Windows $windows)
    {
    }

    /** Its people and its machine are taken from then on. Source: definition. */
    public function book(Task $task, int $start): void
    {
        if ($task->hands > 0) {
            $window = $this->windows->from($start, $task->hands)[0] ?? $start;
            $this->people[$window][$task->key] = [$start, $start + $task->hands];
            $this->windowOf[$task->key] = $window;
        }
        if (null !== $task->machine && $task->occupies() > 0) {
            $this->machines[$task->machine][$task->key] = [$start, $start + $task->occupies()];
        }
    }

    /** Its people and its machine are there for others again. Source: definition. */
    public function free(Task $task): void
    {
        if (isset($this->windowOf[$task->key])) {
            unset($this->people[$this->windowOf[$task->key]][$task->key], $this->windowOf[$task->key]);
        }
        if (null !== $task->machine) {
            unset($this->machines[$task->machine][$task->key]);
        }
    }

    /** The first minute from this one on at which it can begin; null where no window is left. */
    public function earliest(Task $task, int $from): ?int
    {
        $start = max($from, $task->notBefore);
        while (true) {
            $before = $start;
            if ($task->hands > 0) {
                $window = $this->windows->from($start, $task->hands);
                if (null === $window) {
                    return null;
                }
                $start = max($start, $window[0]);
                $start = $this->afterPeople($window[0], $start, $task->hands, $window[2]);
            }
            if (null !== $task->machine) {
                foreach ($this->machines[$task->machine] ?? [] as [$taken, $given]) {
                    if ($taken < $start + $task->occupies() && $given > $start) {
                        $start = $given;
                    }
                }
            }
            if ($start === $before) {
                return $start;
            }
        }
    }

    /** The last minute at which it can begin so that it is through (waiting and all) by this one; null where no window is left. */
    public function latest(Task $task, int $through): ?int
    {
        $start = $through - $task->length();
        while (true) {
            $before = $start;
            if ($task->hands > 0) {
                $window = $this->windows->until($start + $task->hands, $task->hands);
                if (null === $window) {
                    return null;
                }
                $start = min($start, $window[1] - $task->hands);
                $start = $this->beforePeople($window[0], $start, $task->hands, $window[2]);
            }
            if (null !== $task->machine) {
                foreach ($this->machines[$task->machine] ?? [] as [$taken, $given]) {
                    if ($taken < $start + $task->occupies() && $given > $start) {
                        $start = $taken - $task->occupies();
                    }
                }
            }
            if ($start === $before) {
                return $start;
            }
        }
    }

    /** This minute, or the first after it at which one of those who are busy is free again. */
    private function afterPeople(int $window, int $start, int $hands, int $people): int
    {
        $ends = [];
        foreach ($this->people[$window] ?? [] as [$from, $to]) {
            if ($from < $start + $hands && $to > $start) {
                $ends[] = $to;
            }
        }

        return [] === $ends || count($ends) < $people ? $start : min($ends);
    }

    private function beforePeople(int $window, int $start, int $hands, int $people): int
    {
        $begins = [];
        foreach ($this->people[$window] ?? [] as [$from, $to]) {
            if ($from < $start + $hands && $to > $start) {
                $begins[] = $from;
            }
        }

        return [] === $begins || count($begins) < $people ? $start : max($begins) - $hands;
    }
}
