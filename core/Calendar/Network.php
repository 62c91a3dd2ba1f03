<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Calendar;

/**
 * Tasks and what each comes after, in an order in which they can be done; earliest and latest begins without regard to who does them.
 *
 * The critical path method (J. E. Kelley, M. R. Walker 1959; as every text on operations research has it).
 */
final readonly class Network
{
    /**
     * @param array<string, Task> $tasks by key, each after what it comes after
     * @param array<string, list<string>> $before task → what comes after it
     */
    private function __construct(public array $tasks, public array $before)
    {
    }

    /**
     * What comes after something that is not there comes after nothing.
     *
     * @param list<Task> $tasks
     *
     * @throws \LogicException when they wait for one another in a circle
     */
    public static function of(array $tasks): self
    {
        $all = [];
        foreach ($tasks as $task) {
            $all[$task->key] = $task;
        }
        $open = [];
        $before = array_fill_keys(array_keys($all), []);
        foreach ($all as $key => $task) {
            $open[$key] = 0;
            foreach (array_unique($task->after) as $earlier) {
                if (isset($all[$earlier])) {
                    ++$open[$key];
                    $before[$earlier][] = $key;
                }
            }
        }
        $sorted = [];
        $ready = array_keys(array_filter($open, static fn (int $count): bool => 0 === $count));
        while ([] !== $ready) {
            $key = array_shift($ready);
            $sorted[$key] = $all[$key];
            foreach ($before[$key] as $later) {
                if (0 === --$open[$later]) {
                    $ready[] = $later;
                }
            }
        }
        if (count($sorted) < count($all)) {
            throw new \LogicException('Tasks wait for one another: '.implode(', ', array_keys(array_diff_key($all, $sorted))).'.');
        }

        return new self($sorted, $before);
    }

    /** @return array<string, int> task → earliest begin after minute 0, whoever does it */
    public function earliest(): array
    {
        $starts = [];
        foreach ($this->tasks as $key => $task) {
            $starts[$key] = 0;
            foreach ($task->after as $earlier) {
                if (isset($this->tasks[$earlier])) {
                    $starts[$key] = max($starts[$key], $starts[$earlier] + $this->tasks[$earlier]->length());
                }
            }
        }

        return $starts;
    }

    /** Minutes that all of it takes at the least. */
    public function length(): int
    {
        $length = 0;
        foreach ($this->earliest() as $key => $start) {
            $length = max($length, $start + $this->tasks[$key]->length());
        }

        return $length;
    }

    /** @return array<string, int> task → minutes that still come after it at the least */
    public function tails(): array
    {
        $tails = [];
        foreach (array_reverse($this->tasks, true) as $key => $task) {
            $tails[$key] = 0;
            foreach ($this->before[$key] as $later) {
                $tails[$key] = max($tails[$key], $this->tasks[$later]->length() + $tails[$later]);
            }
        }

        return $tails;
    }

    /** @return array<string, int> task → the last minute at which it may begin for the sake of everything that is due */
    public function latest(): array
    {
        $latest = [];
        foreach (array_reverse($this->tasks, true) as $key => $task) {
            $through = $task->due ?? \PHP_INT_MAX >> 1;
            foreach ($this->before[$key] as $later) {
                $through = min($through, $latest[$later]);
            }
            $latest[$key] = $through - $task->length();
        }

        return $latest;
    }
}
