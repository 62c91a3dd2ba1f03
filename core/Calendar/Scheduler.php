<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Calendar;

/**
 * A week: which task when, by whoever is there, in the hours that somebody works, on machines that do one thing at a time.
 *
 * A resource-constrained project with working windows, so that the latest of what is due is as little late as can be. Lists of tasks are
 * put into the calendar one by one, each as early as it can be (serial schedule generation, J. E. Kelley 1963), by several rules; each
 * result is pushed to the right and to the left again (double justification, V. Valls and others 2005); small weeks are then searched
 * through by branch and bound over the lists, which hold a best one (R. Kolisch 1996; all recalled from memory). What does not keep (tied)
 * is done as late as it can be, the rest as early.
 */
final class Scheduler
{
    /** Lists that are tried at the most before a week is called good and not best. */
    private const MOST_NODES = 1500;
    private const SEARCHED = 40;
    /** More tasks than these are tried by two rules only: nobody waits for the fifth. */
    private const MANY = 100;

    private readonly Network $network;

    /** @var array<string, int> */
    private readonly array $latest;

    /** @var array<string, int> */
    private readonly array $tails;

    private readonly bool $hasDue;

    private int $nodes = 0;

    /** @var array<string, int> */
    private array $best = [];

    private int $bestLateness = \PHP_INT_MAX;

    /** @param list<Task> $tasks */
    private function __construct(array $tasks, private readonly Windows $windows, private readonly int $now)
    {
        $this->network = Network::of($tasks);
        $this->latest = $this->network->latest();
        $this->tails = $this->network->tails();
        $this->hasDue = [] !== array_filter($this->network->tasks, static fn (Task $task): bool => null !== $task->due);
    }

    /**
     * @param list<Task> $tasks
     *
     * @return Schedule|null null where the windows do not reach to the end of it
     *
     * @throws \LogicException when tasks wait for one another in a circle
     */
    public static function of(array $tasks, Windows $windows, int $now): ?Schedule
    {
        return (new self($tasks, $windows, $now))->schedule(null);
    }

    /**
     * The same tasks with something changed, in the order they had: what comes out later than before is later by that change, and not
     * because another order was found.
     *
     * @param list<Task> $tasks
     * @param array<string, int> $order task → when it began before the change
     *
     * @return Schedule|null null where the windows do not reach to the end of it
     *
     * @throws \LogicException when tasks wait for one another in a circle
     */
    public static function inOrder(array $tasks, Windows $windows, int $now, array $order): ?Schedule
    {
        return (new self($tasks, $windows, $now))->schedule($order);
    }

    /** @param array<string, int>|null $order null for the best that can be found */
    private function schedule(?array $order): ?Schedule
    {
        $atBest = max($this->bound([], new Bookings($this->windows)), $this->contentBound());
        $rules = null === $order ? $this->rules() : [$order];
        foreach (count($this->network->tasks) > self::MANY ? array_slice($rules, 0, 2) : $rules as $priority) {
            $this->consider($this->list($priority));
            if ($this->bestLateness <= $atBest) {
                break;
            }
        }
        if ([] === $this->best && [] !== $this->network->tasks) {
            return null;
        }
        $early = $this->leftward($this->rightward($this->best));
        $this->consider($early);
        $searched = null === $order && count($this->network->tasks) <= self::SEARCHED;
        $complete = true;
        if ($this->bestLateness > $atBest && $searched) {
            $complete = $this->search([], new Bookings($this->windows), array_fill_keys(array_keys($this->network->tasks), true));
        }
        $proven = $this->bestLateness <= $atBest || ($complete && $searched);
        $early = $this->leftward($this->best);
        $late = $this->rightward($early);
        $critical = [];
        foreach ($early as $key => $start) {
            if ($late[$key] <= $start) {
                $critical[$key] = true;
            }
        }

        return new Schedule(
            $this->settled($late),
            $late,
            $critical,
            $this->bestLateness,
            $proven,
            $proven ? $this->bestLateness : $atBest,
        );
    }

    /** @return list<array<string, int>> task → the less, the sooner */
    private function rules(): array
    {
        $starts = $this->network->earliest();

        return [
            $this->latest,
            array_map(static fn (int $tail): int => -$tail, $this->tails),
            $starts,
            array_map(fn (Task $task): int => $this->latest[$task->key] + $task->length(), $this->network->tasks),
            array_map(fn (Task $task): int => -count($this->network->before[$task->key]), $this->network->tasks),
        ];
    }

    /**
     * @param array<string, int> $priority
     *
     * @return array<string, int>|null
     */
    private function list(array $priority): ?array
    {
        $bookings = new Bookings($this->windows);
        $starts = $this->begun($bookings);
        /** @var \SplPriorityQueue<array{int, string}, string> $ready */
        $ready = new \SplPriorityQueue();
        $ready->setExtractFlags(\SplPriorityQueue::EXTR_DATA);
        $open = [];
        foreach ($this->network->tasks as $key => $task) {
            $open[$key] = count(array_filter(
                array_unique($task->after),
                fn (string $earlier): bool => isset($this->network->tasks[$earlier]),
            ));
            if (0 === $open[$key]) {
                $ready->insert($key, [-$priority[$key], $key]);
            }
        }
        while (!$ready->isEmpty()) {
            $key = $ready->extract();
            if (!is_string($key)) {
                continue;
            }
            $task = $this->network->tasks[$key];
            if (!isset($starts[$key])) {
                $start = $bookings->earliest($task, $this->after($task, $starts));
                if (null === $start) {
                    return null;
                }
                $bookings->book($task, $start);
                $starts[$key] = $start;
            }
            foreach ($this->network->before[$key] as $later) {
                if (0 === --$open[$later]) {
                    $ready->insert($later, [-$priority[$later], $later]);
                }
            }
        }

        return $starts;
    }

    /** @return array<string, int> what was begun stays where it is */
    private function begun(Bookings $bookings): array
    {
        $starts = [];
        foreach ($this->network->tasks as $key => $task) {
            if (null !== $task->began) {
                $starts[$key] = $task->began;
                $bookings->book($task, $task->began);
            }
        }

        return $starts;
    }

    /** @param array<string, int> $starts */
    private function after(Task $task, array $starts): int
    {
        $from = $this->now;
        foreach ($task->after as $earlier) {
            if (isset($starts[$earlier])) {
                $from = max($from, $starts[$earlier] + $this->network->tasks[$earlier]->length());
            }
        }

        return $from;
    }

    /** @param array<string, int>|null $starts */
    private function consider(?array $starts): void
    {
        if (null === $starts) {
            return;
        }
        $lateness = $this->lateness($starts);
        if ($lateness < $this->bestLateness) {
            [$this->best, $this->bestLateness] = [$starts, $lateness];
        }
    }

    /** @param array<string, int> $starts */
    private function lateness(array $starts): int
    {
        $late = null;
        $through = $this->now;
        foreach ($starts as $key => $start) {
            $task = $this->network->tasks[$key];
            $through = max($through, $start + $task->length());
            if (null !== $task->due) {
                $late = max($late ?? \PHP_INT_MIN, $start + $task->length() - $task->due);
            }
        }

        return $late ?? $through - $this->now;
    }

    /**
     * Each as late as it can be for what is due and for what comes after it, the last first. What nothing due waits for comes after it as
     * soon as it can.
     *
     * @param array<string, int> $starts
     *
     * @return array<string, int>
     */
    private function rightward(array $starts): array
    {
        $end = $this->now;
        $order = $free = [];
        foreach ($starts as $key => $start) {
            $through = $start + $this->network->tasks[$key]->length();
            $end = max($end, $through);
            if ($this->isFree($key)) {
                $free[$key] = $start;
            } else {
                $order[$key] = $through;
            }
        }
        $bound = array_diff_key($starts, $free);
        $bookings = $this->booked($bound);
        arsort($order);
        foreach (array_keys($order) as $key) {
            $task = $this->network->tasks[$key];
            if (null !== $task->began) {
                continue;
            }
            $through = null;
            foreach ($this->network->before[$key] as $later) {
                $through = isset($bound[$later]) ? min($through ?? \PHP_INT_MAX, $bound[$later]) : $through;
            }
            // In time where it can be, and no later than it is where it cannot.
            if (null !== $task->due) {
                $through = min($through ?? \PHP_INT_MAX, max($task->due, $bound[$key] + $task->length()));
            }
            $bookings->free($task);
            $latest = $bookings->latest($task, $through ?? $end);
            $bound[$key] = null === $latest ? $bound[$key] : max($latest, $bound[$key]);
            $bookings->book($task, $bound[$key]);
        }
        asort($free);
        foreach (array_keys($free) as $key) {
            $task = $this->network->tasks[$key];
            $bound[$key] = $task->began ?? $bookings->earliest($task, $this->after($task, $bound)) ?? $free[$key];
            $bookings->book($task, $bound[$key]);
        }

        return $bound;
    }

    /** Whether something is due, and does not wait for this. */
    private function isFree(string $key): bool
    {
        return $this->hasDue && $this->latest[$key] >= \PHP_INT_MAX >> 2;
    }

    /**
     * Each as early as it can be, the first first.
     *
     * @param array<string, int> $starts
     * @param bool $all whether those that are tied are among them
     *
     * @return array<string, int>
     */
    private function leftward(array $starts, bool $all = true): array
    {
        $bookings = $this->booked($starts);
        asort($starts);
        foreach (array_keys($starts) as $key) {
            $task = $this->network->tasks[$key];
            if (null !== $task->began || (!$all && $task->tied)) {
                continue;
            }
            $bookings->free($task);
            $earliest = $bookings->earliest($task, $this->after($task, $starts));
            $starts[$key] = null === $earliest ? $starts[$key] : min($earliest, $starts[$key]);
            $bookings->book($task, $starts[$key]);
        }

        return $starts;
    }

    /**
     * What keeps is done early, what does not keep late.
     *
     * @param array<string, int> $late
     *
     * @return array<string, int>
     */
    private function settled(array $late): array
    {
        return $this->leftward($late, false);
    }

    /** @param array<string, int> $starts */
    private function booked(array $starts): Bookings
    {
        $bookings = new Bookings($this->windows);
        foreach ($starts as $key => $start) {
            $bookings->book($this->network->tasks[$key], $start);
        }

        return $bookings;
    }

    /**
     * What nothing can be better than, given what has its place: everything else as if it were alone in the world.
     *
     * @param array<string, int> $starts
     */
    private function bound(array $starts, Bookings $bookings): int
    {
        foreach ($this->network->tasks as $key => $task) {
            if (!isset($starts[$key])) {
                $starts[$key] = $task->began ?? $bookings->earliest($task, $this->after($task, $starts)) ?? \PHP_INT_MAX >> 2;
            }
        }

        return $this->lateness($starts);
    }

    /** What nothing can be better than: all the hands that are wanted need so many hours of windows. */
    private function contentBound(): int
    {
        $due = null;
        $hands = 0;
        foreach ($this->network->tasks as $key => $task) {
            $due = null === $task->due ? $due : max($due ?? \PHP_INT_MIN, $task->due);
        }
        foreach ($this->network->tasks as $key => $task) {
            // Only what something due waits for counts towards it.
            $hands += null === $task->began && (null === $due || $this->latest[$key] < \PHP_INT_MAX >> 2) ? $task->hands : 0;
        }
        foreach ($this->windows->windows as [$from, $to, $people]) {
            $from = max($from, $this->now);
            if ($to <= $from) {
                continue;
            }
            if ($hands <= ($to - $from) * $people) {
                return (int) ($from + ceil($hands / $people)) - ($due ?? $this->now);
            }
            $hands -= ($to - $from) * $people;
        }

        return \PHP_INT_MIN;
    }

    /**
     * @param array<string, int> $starts
     * @param array<string, true> $open
     *
     * @return bool whether everything below was looked at
     */
    private function search(array $starts, Bookings $bookings, array $open): bool
    {
        if ([] === $open) {
            $this->consider($starts);

            return true;
        }
        if (++$this->nodes > self::MOST_NODES) {
            return false;
        }
        if ($this->bound($starts, $bookings) >= $this->bestLateness) {
            return true;
        }
        $ready = [];
        foreach (array_keys($open) as $key) {
            foreach ($this->network->tasks[$key]->after as $earlier) {
                if (isset($open[$earlier])) {
                    continue 2;
                }
            }
            $ready[$key] = $this->latest[$key];
        }
        asort($ready);
        $complete = true;
        foreach (array_keys($ready) as $key) {
            $task = $this->network->tasks[$key];
            $start = $task->began ?? $bookings->earliest($task, $this->after($task, $starts));
            if (null === $start) {
                continue;
            }
            $next = clone $bookings;
            $next->book($task, $start);
            $left = $open;
            unset($left[$key]);
            $complete = $this->search([...$starts, $key => $start], $next, $left) && $complete;
            // What takes nobody and nothing is best done at once: no other order is better.
            if (null !== $task->began || (0 === $task->hands && null === $task->machine)) {
                break;
            }
        }

        return $complete;
    }
}
