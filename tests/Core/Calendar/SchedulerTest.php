<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Calendar;

use MoltenNotes\Core\Calendar\Network;
use MoltenNotes\Core\Calendar\Scheduler;
use MoltenNotes\Core\Calendar\Task;
use MoltenNotes\Core\Calendar\Windows;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** A week of tasks: critical path, windows, people, machines; held against a published network and an exact solver. */
final class SchedulerTest extends TestCase
{
    /**
     * F. S. Hillier, G. J. Lieberman, Introduction to Operations Research, the prototype example of project management (a contractor's
     * plant in fourteen activities): 44 weeks, critical path A-B-C-E-F-J-L-N. Recalled from memory.
     *
     * @return list<Task>
     */
    private static function plant(): array
    {
        $rows = [
            'A' => [2, ''], 'B' => [4, 'A'], 'C' => [10, 'B'], 'D' => [6, 'C'], 'E' => [4, 'C'], 'F' => [5, 'E'], 'G' => [7, 'D'],
            'H' => [9, 'EG'], 'I' => [7, 'C'], 'J' => [8, 'FI'], 'K' => [4, 'J'], 'L' => [5, 'J'], 'M' => [2, 'H'], 'N' => [6, 'KL'],
        ];
        $tasks = [];
        foreach ($rows as $key => [$weeks, $after]) {
            $tasks[] = new Task($key, 0, 0, $weeks, '' === $after ? [] : str_split($after));
        }

        return $tasks;
    }

    public function testThePublishedNetworkHasItsLengthAndItsCriticalPath(): void
    {
        $network = Network::of(self::plant());
        self::assertSame(44, $network->length());
        $tails = $network->tails();
        $slack = [];
        foreach ($network->earliest() as $key => $start) {
            $slack[$key] = $network->length() - $start - $network->tasks[$key]->length() - $tails[$key];
        }
        self::assertSame(
            ['A', 'B', 'C', 'E', 'F', 'J', 'L', 'N'],
            array_keys(array_filter($slack, static fn (int $free): bool => 0 === $free)),
        );
        self::assertSame([4, 4, 4, 4, 2, 1], [$slack['D'], $slack['G'], $slack['H'], $slack['M'], $slack['I'], $slack['K']]);

        $schedule = Scheduler::of(self::plant(), self::always(1), 0);
        self::assertSame(44, $schedule?->lateness);
        self::assertTrue($schedule->proven);
        $critical = array_keys($schedule->critical);
        sort($critical);
        self::assertSame(['A', 'B', 'C', 'E', 'F', 'J', 'L', 'N'], $critical);
    }

    public function testTasksThatWaitForOneAnotherAreAFaultOfTheTable(): void
    {
        $this->expectException(\LogicException::class);
        Network::of([new Task('a', 1, 0, 0, ['b']), new Task('b', 1, 0, 0, ['a'])]);
    }

    public function testHandsAreOnlyInsideWindowsAndDryingGoesOnOverNight(): void
    {
        // Two evenings of two hours; a coat of twenty minutes that dries for twelve hours, twice.
        $evenings = new Windows([[0, 120, 1], [1440, 1560, 1], [2880, 3000, 1]]);
        $schedule = Scheduler::of(
            [new Task('first', 20, 0, 720), new Task('second', 20, 0, 720, ['first']), new Task('pour', 60, 0, 0, ['second'])],
            $evenings,
            30,
        );
        self::assertNotNull($schedule);
        self::assertSame(['first' => 30, 'second' => 1440, 'pour' => 2880], $schedule->starts);
        self::assertNull(Scheduler::of([new Task('long', 200, 0, 0)], $evenings, 0), 'nothing of it fits into an evening');
    }

    public function testTwoPeopleDoAtOnceWhatOneDoesOneAfterTheOther(): void
    {
        $tasks = [new Task('a', 60, 0, 0), new Task('b', 60, 0, 0)];
        self::assertSame(120, Scheduler::of($tasks, self::always(1), 0)?->lateness);
        self::assertSame(60, Scheduler::of($tasks, self::always(2), 0)?->lateness);
        // One furnace stays one furnace.
        $melts = [new Task('a', 60, 30, 0, [], 'furnace'), new Task('b', 60, 0, 0, [], 'furnace')];
        self::assertSame(150, Scheduler::of($melts, self::always(2), 0)?->lateness);
    }

    public function testWhatDoesNotKeepIsDoneLateAndTheRestEarly(): void
    {
        $schedule = Scheduler::of([
            new Task('coat', 20, 0, 600),
            new Task('temper', 20, 0, 120, [], null, true),
            new Task('pour', 30, 0, 0, ['coat', 'temper'], null, true, 3000),
        ], self::always(1), 0);
        self::assertNotNull($schedule);
        self::assertSame(2970, $schedule->starts['pour'], 'at the wanted time, not as soon as it could be');
        self::assertSame(0, $schedule->starts['coat']);
        self::assertSame(2970 - 140, $schedule->starts['temper']);
        self::assertSame(2970 - 620, $schedule->latest['coat']);
        self::assertLessThanOrEqual(0, $schedule->lateness);
    }

    public function testWhatWasBegunStaysAndTheRestGoesOnFromThere(): void
    {
        $tasks = static fn (?int $began): array => [
            new Task('coat', 20, 0, 600, [], null, false, null, $began),
            new Task('pour', 30, 0, 0, ['coat']),
        ];
        $schedule = Scheduler::of($tasks(-300), self::always(1), 0);
        self::assertSame(['coat' => -300, 'pour' => 320], $schedule?->starts);
        self::assertSame(620, Scheduler::of($tasks(null), self::always(1), 0)?->starts['pour']);
    }

    /** A network without a clock on the wall. */
    private static function always(int $people): Windows
    {
        return new Windows([[-1_000_000, 1_000_000, $people]]);
    }

    /** Random weeks: nothing is broken, and pushing to the right never breaks what is due. */
    public function testNothingIsDoneTwiceAtOnceOutOfHoursOrOutOfOrder(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            [$tasks, $windows] = self::random($seed, 14, 2);
            $schedule = Scheduler::of($tasks, $windows, 0);
            self::assertNotNull($schedule, "seed {$seed}");
            self::assertKept($tasks, $windows, $schedule->starts, "seed {$seed}");
            self::assertKept($tasks, $windows, $schedule->latest, "seed {$seed}, as late as can be");
            self::assertGreaterThanOrEqual($schedule->atBest, $schedule->lateness);
            foreach ($schedule->starts as $key => $start) {
                self::assertLessThanOrEqual($schedule->latest[$key], $start, "seed {$seed} {$key}");
            }
        }
    }

    /** In the order it had nothing is later than it was; with something held up nothing is earlier for what is due. */
    public function testTheSameOrderGivesTheSameWeek(): void
    {
        for ($seed = 1; $seed <= 30; ++$seed) {
            [$tasks, $windows] = self::random($seed, 12, 1);
            $schedule = Scheduler::of($tasks, $windows, 0);
            self::assertNotNull($schedule);
            $again = Scheduler::inOrder($tasks, $windows, 0, $schedule->starts);
            self::assertLessThanOrEqual($schedule->lateness, $again?->lateness, "seed {$seed}");
            $held = array_map(static fn (Task $task): Task => 't0' === $task->key ? $task->notBefore(40) : $task, $tasks);
            self::assertGreaterThanOrEqual($schedule->lateness, Scheduler::inOrder($held, $windows, 0, $schedule->starts)?->lateness);
        }
    }

    /** Small weeks against a time-indexed programme solved exactly by glpsol. */
    public function testSmallWeeksAreBestByAnExactSolver(): void
    {
        $resourced = 0;
        for ($seed = 1; $seed <= 14; ++$seed) {
            [$tasks, $windows] = self::random($seed, 7, 1);
            $schedule = Scheduler::of($tasks, $windows, 0);
            self::assertNotNull($schedule);
            self::assertTrue($schedule->proven, "seed {$seed}");
            $theirs = self::glpsol($tasks, $windows, $schedule->lateness);
            self::assertSame($theirs, $schedule->lateness, "seed {$seed}");
            $resourced += $schedule->lateness > Network::of($tasks)->length() ? 1 : 0;
        }
        self::assertGreaterThan(6, $resourced, 'in most of them hands and hours count');
    }

    /**
     * @param list<Task> $tasks
     * @param array<string, int> $starts
     */
    private static function assertKept(array $tasks, Windows $windows, array $starts, string $of): void
    {
        $byKey = array_column(array_map(static fn (Task $task): array => ['key' => $task->key, 'task' => $task], $tasks), 'task', 'key');
        foreach ($tasks as $task) {
            $start = $starts[$task->key];
            foreach ($task->after as $earlier) {
                $through = $starts[$earlier] + $byKey[$earlier]->length();
                self::assertGreaterThanOrEqual($through, $start, "{$of}: {$task->key} after {$earlier}");
            }
            $inside = array_filter(
                $windows->windows,
                static fn (array $window): bool => $window[0] <= $start && $start + $task->hands <= $window[1],
            );
            self::assertTrue(0 === $task->hands || [] !== $inside, "{$of}: {$task->key} out of hours");
            foreach ($tasks as $other) {
                if ($other->key <= $task->key) {
                    continue;
                }
                $there = $starts[$other->key];
                self::assertFalse(
                    null !== $task->machine && $task->machine === $other->machine
                        && $start < $there + $other->occupies() && $there < $start + $task->occupies(),
                    "{$of}: {$task->key} and {$other->key} on one machine",
                );
            }
        }
        foreach ($windows->windows as [$from, $to, $people]) {
            for ($minute = $from; $minute < min($to, $from + 2000); ++$minute) {
                $busy = array_filter(
                    $tasks,
                    static fn (Task $task): bool => $starts[$task->key] <= $minute && $minute < $starts[$task->key] + $task->hands,
                );
                self::assertLessThanOrEqual($people, count($busy), "{$of}: too few people in minute {$minute}");
            }
        }
    }

    /** @return array{list<Task>, Windows} */
    private static function random(int $seed, int $count, int $people): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $tasks = [];
        for ($i = 0; $i < $count; ++$i) {
            $after = [];
            for ($j = 0; $j < $i; ++$j) {
                if ($chance->getInt(0, 9) < 3) {
                    $after[] = "t{$j}";
                }
            }
            [$hands, $runs] = [$chance->getInt(0, 3), $chance->getInt(0, 2)];
            $tasks[] = new Task(
                "t{$i}",
                $hands,
                $runs,
                $chance->getInt(0, 4),
                $after,
                $chance->getInt(0, 2) > 1 && $hands + $runs > 0 ? 'furnace' : null,
                $chance->getInt(0, 3) > 2,
            );
        }
        $windows = [];
        for ($day = 0; $day < 30; ++$day) {
            $from = $day * 8 + $chance->getInt(0, 2);
            $windows[] = [$from, $from + $chance->getInt(3, 5), $people];
        }

        return [$tasks, new Windows($windows)];
    }

    /** @param list<int> $times */
    private static function sum(string $sign, string $key, array $times): string
    {
        return implode('', array_map(
            static fn (int $t): string => sprintf(' %s %d %s_%d', $sign, $t, $key, $t),
            array_filter($times, static fn (int $t): bool => $t > 0),
        ));
    }

    /** @param list<Task> $tasks */
    private static function glpsol(array $tasks, Windows $windows, int $horizon): int
    {
        $lp = "Minimize\n end: T\nSubject To\n";
        $binary = '';
        $hands = $machine = [];
        $start = [];
        foreach ($tasks as $task) {
            $times = [];
            for ($t = 0; $t + $task->length() <= $horizon; ++$t) {
                $inside = 0 === $task->hands || [] !== array_filter(
                    $windows->windows,
                    static fn (array $window): bool => $window[0] <= $t && $t + $task->hands <= $window[1],
                );
                if ($inside) {
                    $times[] = $t;
                    for ($m = $t; $m < $t + $task->hands; ++$m) {
                        $hands[$m][] = "{$task->key}_{$t}";
                    }
                    for ($m = $t; null !== $task->machine && $m < $t + $task->occupies(); ++$m) {
                        $machine[$m][] = "{$task->key}_{$t}";
                    }
                }
            }
            $start[$task->key] = $times;
            $lp .= " once{$task->key}: ".implode(' + ', array_map(static fn (int $t): string => "{$task->key}_{$t}", $times))." = 1\n";
            $binary .= ' '.implode(' ', array_map(static fn (int $t): string => "{$task->key}_{$t}", $times))."\n";
            $sum = implode('', array_map(static fn (int $t): string => sprintf(' - %d %s_%d', $t, $task->key, $t), array_filter($times)));
            $lp .= " end{$task->key}: T{$sum} >= {$task->length()}\n";
        }
        foreach ($tasks as $task) {
            foreach ($task->after as $earlier) {
                $before = array_values(array_filter($tasks, static fn (Task $one): bool => $one->key === $earlier))[0];
                $plus = self::sum('+', $task->key, $start[$task->key]);
                $minus = self::sum('-', $earlier, $start[$earlier]);
                $lp .= " {$earlier}before{$task->key}:{$plus}{$minus} + 0 T >= {$before->length()}\n";
            }
        }
        foreach (['hands' => $hands, 'machine' => $machine] as $what => $minutes) {
            foreach ($minutes as $m => $names) {
                $lp .= " {$what}{$m}: ".implode(' + ', $names)." <= 1\n";
            }
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'week');
        file_put_contents($file, "{$lp}Bounds\n T >= 0\nBinaries\n{$binary}End\n");
        (new Process(['glpsol', '--lp', $file, '--write', "{$file}.out"]))->setTimeout(120)->mustRun();
        $out = (string) file_get_contents("{$file}.out");
        unlink($file);
        unlink("{$file}.out");
        self::assertSame(1, preg_match('/^s mip \d+ \d+ o (\S+)/m', $out, $m), $out);

        return (int) round((float) $m[1]);
    }
}
