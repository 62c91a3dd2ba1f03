<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Calendar;

use MoltenNotes\Core\Calendar\Hours;
use MoltenNotes\Core\Calendar\Network;
use MoltenNotes\Core\Calendar\PlannedMould;
use MoltenNotes\Core\Calendar\Scheduler;
use MoltenNotes\Core\Calendar\Step;
use MoltenNotes\Core\Calendar\Task;
use MoltenNotes\Core\Calendar\Week;
use MoltenNotes\Core\Calendar\WeekTask;
use MoltenNotes\Core\Calendar\WeekTasks;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\Values;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What planned pours imply, and the hours that are worked. */
final class WeekTasksTest extends TestCase
{
    private const DAY = 1440;

    /**
     * @param array<string, mixed> $values
     * @param array<string, int> $done
     */
    private static function mould(
        string $key,
        string $process,
        array $values = [],
        ?string $melt = null,
        bool $first = true,
        ?int $wanted = null,
        array $done = [],
        float $hot = 900.0,
        ?Time $opens = null,
        ?bool $hand = null,
        ?Estimate $finishing = null,
    ): PlannedMould {
        $melt ??= "heat of {$key}";

        $told = Values::of($values);

        return new PlannedMould($key, ucfirst($key), $process, $told, $melt, $first, $hand, null, $opens, $finishing, $hot, $wanted, $done);
    }

    /**
     * @param list<PlannedMould> $moulds
     *
     * @return array<string, WeekTask>
     */
    private static function tasks(array $moulds, ?float $celsius = null, ?float $humidity = null, int $flasks = 0): array
    {
        $tasks = [];
        foreach (WeekTasks::of($moulds, null === $celsius ? null : Temperature::fromCelsius($celsius), $humidity, $flasks, 0) as $one) {
            $tasks[$one->task->key] = $one;
        }

        return $tasks;
    }

    public function testWhatIsAtHandIsNotMadeAgainAndWhatIsNotIsMadeEvenIfItWasMouldedBefore(): void
    {
        $of = static fn (string $process, string $kind, bool $first, ?bool $hand): array => array_keys(
            self::tasks([self::mould('m', $process, ['pattern.kind' => $kind], null, $first, null, [], 900.0, null, $hand)]),
        );
        self::assertContains('m/foam_cut', $of('lost_foam', 'foam', false, null), 'nobody said: each mould burns its foam');
        self::assertContains('m/foam_cut', $of('lost_foam', 'foam', true, false));
        self::assertNotContains('m/foam_cut', $of('lost_foam', 'foam', true, true), 'a spare lies there');
        self::assertNotContains('m/print', $of('green_sand', 'print', true, true));
        self::assertContains('m/print', $of('green_sand', 'print', false, false), 'the one there was is broken');
        self::assertNotContains('m/print', $of('green_sand', 'print', false, null));
        self::assertContains('m/rubber_one', $of('silicone', 'original', true, null));
        self::assertNotContains('m/rubber_one', $of('silicone', 'original', true, true), 'the rubber is there');
        self::assertContains('m/die', $of('metal_mould', 'wood', true, null), 'a metal mould is made once');
        self::assertNotContains('m/die', $of('metal_mould', 'wood', false, null));
    }

    public function testMoreMouldsOfOneMeltThanThereAreFlasksIsSaid(): void
    {
        $moulds = array_map(static fn (string $key): PlannedMould => self::mould($key, 'green_sand', [], 'one heat'), ['a', 'b', 'c']);
        $moulds[] = self::mould('d', 'plaster', [], 'one heat');
        $moulds[] = self::mould('e', 'green_sand', [], 'another heat');

        $short = WeekTasks::moreThanFlasks($moulds, 2);
        self::assertCount(1, $short);
        self::assertSame(['a', 'b', 'c'], array_map(static fn (PlannedMould $one): string => $one->key, $short[0]));
        self::assertSame([], WeekTasks::moreThanFlasks($moulds, 3), 'plaster stands in a ring of its own');
        self::assertSame([], WeekTasks::moreThanFlasks($moulds, 0), 'nobody said how many there are');
    }

    public function testEveryProcessHasAWayFromPatternToFettledCasting(): void
    {
        foreach (MouldProcess::all() as $process) {
            $tasks = self::tasks([self::mould('m', $process->code, ['pattern.kind' => 'wood', 'foam.coats' => 2])]);
            $keys = array_keys($tasks);
            foreach (['heat of m/melt', 'm/cool', 'm/open', 'm/finish'] as $wanted) {
                self::assertContains($wanted, $keys, $process->code);
            }
            // In some order, and the melt with its pour waits for the mould.
            $network = Network::of(array_map(static fn (WeekTask $one): Task => $one->task, array_values($tasks)));
            $before = array_filter(
                $network->tasks['heat of m/melt']->after,
                static fn (string $key): bool => isset($tasks[$key]),
            );
            self::assertNotSame([], $before, $process->code);
        }
    }

    /** Handbook figures of the yard (common practice): a coat 12 to 24 h at 20 °C and 50 %, three to four days at 5 °C and 80 %. */
    public function testDryingGoesWithTodaysAir(): void
    {
        $wait = static fn (?float $celsius, ?float $humidity): int => self::tasks(
            [self::mould('m', 'lost_foam', ['foam.coats' => 1])],
            $celsius,
            $humidity,
        )['m/foam_coat']->task->waits;

        self::assertEqualsWithDelta(18 * 60, $wait(null, null), 5);
        self::assertSame($wait(null, null), $wait(20.0, 0.5));
        self::assertGreaterThan(3 * self::DAY, $wait(5.0, 0.8));
        self::assertLessThan(18 * 60, $wait(28.0, 0.4));
        self::assertStringContainsString('times as long', self::tasks([self::mould('m', 'lost_foam')], 5.0, 0.8)['m/foam_coat']->why);
    }

    public function testCuringTakesTwiceAsLongTenKelvinColder(): void
    {
        $wait = static fn (float $celsius): int => self::tasks([self::mould('m', 'resin_sand')], $celsius)['m/mould_cured']->task->waits;

        self::assertSame(2 * $wait(20.0), $wait(10.0));
    }

    public function testWhatIsPlannedStandsBeforeWhatIsUsual(): void
    {
        $values = [
            'plaster.dry_time' => Measurement::of(30, 'h'), 'plaster.burnout_time' => Measurement::of(9, 'h'), 'pattern.kind' => 'print',
        ];
        $tasks = self::tasks([self::mould('m', 'plaster', $values, null, true, null, [], 900.0, Time::fromSi(3700.0))]);

        self::assertSame(30 * 60, $tasks['m/dry']->task->waits);
        self::assertSame(9 * 60, $tasks['m/burnout']->task->runs);
        self::assertSame('oven', $tasks['m/burnout']->task->machine);
        self::assertSame(65, $tasks['m/cool']->task->waits, 'never opened before the plan says');
        self::assertArrayHasKey('m/print', $tasks);
        $again = self::tasks([self::mould('m', 'plaster', $values, null, false)]);
        self::assertArrayHasKey('m/print', $again, 'what was burnt out is printed again');
        $sand = self::tasks([self::mould('m', 'green_sand', $values, null, false)]);
        self::assertArrayNotHasKey('m/print', $sand, 'a pattern that was moulded in sand is there');
    }

    public function testAWaxIsMadeForEachMouldUnlessOneLiesThere(): void
    {
        foreach (['plaster' => 'invest', 'ceramic_shell' => 'shell_coats'] as $process => $next) {
            foreach ([['pattern.kind' => 'wax'], []] as $values) {
                $tasks = self::tasks([self::mould('m', $process, $values, first: false)]);
                self::assertArrayHasKey('m/wax', $tasks, "{$process}: the last one was melted out");
                self::assertContains('m/wax', $tasks["m/{$next}"]->task->after);
                self::assertArrayNotHasKey('m/wax', self::tasks([self::mould('m', $process, $values, hand: true)]), 'it lies there');
            }
            self::assertArrayNotHasKey('m/wax', self::tasks([self::mould('m', $process, ['pattern.kind' => 'print'])]));
        }
        self::assertArrayNotHasKey('m/wax', self::tasks([self::mould('m', 'green_sand', ['pattern.kind' => 'wax'])]));
    }

    public function testFinishingTakesWhatItsRouteTakes(): void
    {
        $polished = Estimate::between(Dimension::Time, 200 * 60, 150 * 60, 260 * 60);
        $tasks = self::tasks([self::mould('m', 'green_sand', finishing: $polished)]);
        $usual = self::tasks([self::mould('m', 'green_sand')]);

        self::assertSame(65, $usual['m/finish']->task->hands, 'between 40 and 90 minutes, as is usual');
        self::assertSame([100, 100], [$tasks['m/finish#1']->task->hands, $tasks['m/finish']->task->hands], 'in two sessions');
        self::assertSame('by its route of finishing', $tasks['m/finish']->why);
        $longer = WeekTasks::handsOn(self::mould('m', 'green_sand', finishing: $polished));
        $plain = WeekTasks::handsOn(self::mould('m', 'green_sand'));
        self::assertEqualsWithDelta(60 * (150 - 40), $longer->lowSi - $plain->lowSi, 1e-6);
        self::assertEqualsWithDelta(60 * (260 - 90), $longer->highSi - $plain->highSi, 1e-6);
    }

    public function testCoatsFollowOneAnotherAndLongWorkIsCutIntoSessions(): void
    {
        $tasks = self::tasks([self::mould('m', 'lost_foam', ['foam.coats' => 3, 'pattern.kind' => 'wood'])]);

        self::assertSame(['m/foam_coat.1'], $tasks['m/foam_coat.2']->task->after);
        self::assertSame(['m/foam_coat.2'], $tasks['m/foam_coat']->task->after);
        self::assertSame('Coat the foam, coat 3 of 3', $tasks['m/foam_coat']->label);
        $short = [];
        foreach (WeekTasks::of([self::mould('m', 'green_sand', ['pattern.kind' => 'wood'])], null, null, 0, 60) as $one) {
            $short[$one->task->key] = $one;
        }
        self::assertLessThanOrEqual(60, $short['m/pattern']->task->hands);
        self::assertSame(['m/pattern#1'], $short['m/pattern']->task->after);
    }

    public function testACoreIsMadeBeforeTheMouldAndTwoFurnacesAreTwo(): void
    {
        $tasks = self::tasks([
            self::mould('a', 'green_sand', ['core.state' => 'dry', 'melt.furnace' => 'Yard burner']),
            self::mould('b', 'green_sand', ['core.state' => 'none', 'melt.furnace' => 'Pot furnace']),
        ]);
        self::assertContains('a/core', $tasks['a/mould']->task->after);
        self::assertArrayHasKey('a/core', $tasks);
        self::assertArrayNotHasKey('b/core', $tasks);
        self::assertNotSame($tasks['heat of a/melt']->task->machine, $tasks['heat of b/melt']->task->machine);
    }

    public function testMouldsOfOneMeltShareItAndAFlaskIsFreeWhenItsCastingIsOut(): void
    {
        $tasks = self::tasks([
            self::mould('a', 'green_sand', [], 'heat', true, 5000),
            self::mould('b', 'green_sand', [], 'heat', true, 5000),
            self::mould('c', 'oil_sand', [], 'other', true, 9000),
        ], null, null, 2);

        self::assertSame(['a', 'b'], $tasks['heat/melt']->moulds);
        self::assertSame(['a', 'b'], array_keys($tasks['heat/melt']->pours));
        self::assertContains('heat/melt', $tasks['b/cool']->task->after);
        self::assertContains('a/open', $tasks['c/mould']->task->after, 'two flasks, three moulds');
        self::assertNotContains('a/open', $tasks['b/mould']->task->after);
        // What needs no flask takes none.
        $rubber = self::mould('rubber', 'silicone', [], null, false, 1000);
        $one = self::tasks([$rubber, self::mould('c', 'oil_sand', [], null, false, 9000)], null, null, 1);
        self::assertNotContains('rubber/open', $one['c/mould']->task->after);
    }

    /** A week with two processes, three moulds, two metals: nobody is in two places, and what slips moves what follows. */
    public function testAWeekIsPlannedSlipsAndIsPlannedAgainKeepingWhatIsDone(): void
    {
        $hours = Hours::read([]);
        self::assertInstanceOf(Hours::class, $hours);
        // Monday the first of June 2026, noon.
        $now = intdiv((int) gmmktime(12, 0, 0, 6, 1, 2026), 60);
        $windows = $hours->windows($now, static fn (): int => 0, 1);
        $sunday = intdiv((int) gmmktime(11, 0, 0, 6, 7, 2026), 60);
        $moulds = static fn (array $done, int $at): array => [
            self::mould('rowlock', 'green_sand', [], 'light', false, $sunday),
            self::mould('fairlead', 'lost_foam', ['foam.coats' => 2], 'light', true, $sunday, $done),
            self::mould('ring', 'plaster', [], 'bronze', true, $sunday + 240, [], 1300.0),
        ];
        $plan = static fn (array $done, int $at): ?\MoltenNotes\Core\Calendar\Schedule => Scheduler::of(
            array_map(
                static fn (WeekTask $one): Task => $one->task,
                WeekTasks::of($moulds($done, $at), null, null, 3, $windows->longest()),
            ),
            $windows,
            $at,
        );
        $first = $plan([], $now);
        self::assertNotNull($first);
        self::assertLessThanOrEqual(0, $first->lateness, 'it can be poured on Sunday');
        self::assertLessThanOrEqual($first->starts['bronze/melt'], $first->starts['light/melt'] + 90, 'the cooler metal first');
        // The foam was glued on Monday evening; by Friday night nobody has coated it.
        $friday = intdiv((int) gmmktime(21, 0, 0, 6, 5, 2026), 60);
        $later = $plan(['foam_cut' => $first->starts['fairlead/foam_cut'] + 65], $friday);
        self::assertNotNull($later);
        self::assertSame($first->starts['fairlead/foam_cut'], $later->starts['fairlead/foam_cut'], 'what is done stays');
        self::assertGreaterThan(0, $later->lateness, 'Sunday is no longer to be had');
        self::assertGreaterThanOrEqual($friday, $later->starts['fairlead/foam_coat.1']);
    }

    /** Many moulds, few flasks, shared melts: nobody waits for himself, and liquid metal waits for nobody. */
    public function testLiquidMetalIsPouredAtOnceAndNoMouldWaitsForItself(): void
    {
        $hours = Hours::read([]);
        self::assertInstanceOf(Hours::class, $hours);
        $processes = array_keys(MouldProcess::all());
        for ($seed = 1; $seed <= 60; ++$seed) {
            $chance = new Randomizer(new Mt19937($seed));
            $now = 29_679_000 + $chance->getInt(0, 9000);
            $moulds = [];
            for ($i = 0; $i < $chance->getInt(2, 6); ++$i) {
                $moulds[] = self::mould(
                    "m{$i}",
                    $processes[$chance->getInt(0, count($processes) - 1)],
                    ['foam.coats' => 1],
                    'melt '.(1 === $chance->getInt(0, 1) ? 0 : $i),
                    1 === $chance->getInt(0, 1),
                    $chance->getInt(0, 2) > 0 ? $now + $chance->getInt(100, 14000) : null,
                );
            }
            $week = Week::of($moulds, null, null, $chance->getInt(1, 2), $hours->windows($now, static fn (): int => 0, 1), $now);
            self::assertNotNull($week->schedule, "seed {$seed}");
            self::assertCount(count($moulds), $week->pours);
            $starts = $week->schedule->starts;
            foreach ($week->tasks as $one) {
                foreach ($one->pours as $mould => [$after, $minutes]) {
                    self::assertSame($starts[$one->task->key] + $after, $week->pours[$mould]);
                    self::assertGreaterThanOrEqual($week->pours[$mould] + $minutes, $starts["{$mould}/cool"]);
                    // What is poured hot is out of its oven by then.
                    foreach ($week->tasks as $hot) {
                        if (in_array($hot->step, ['burnout', 'fire', 'preheat'], true) && [$mould] === $hot->moulds) {
                            self::assertLessThanOrEqual($week->pours[$mould], $starts[$hot->task->key] + $hot->task->occupies());
                        }
                    }
                }
            }
        }
    }

    public function testHoursAreReadAsTheyAreTypedAndNonsenseIsNamed(): void
    {
        $read = Hours::read(['mon' => '18-21', 'sat' => '9.30 – 12, 14:00 to 18:30']);
        self::assertInstanceOf(Hours::class, $read);
        $monday = intdiv((int) gmmktime(0, 0, 0, 6, 1, 2026), 60);
        $windows = array_slice($read->windows($monday, static fn (): int => 0, 2)->windows, 0, 3);
        self::assertSame([
            [$monday + 18 * 60, $monday + 21 * 60, 2],
            [$monday + 5 * self::DAY + 570, $monday + 5 * self::DAY + 720, 2],
            [$monday + 5 * self::DAY + 840, $monday + 5 * self::DAY + 1110, 2],
        ], $windows);
        foreach (['late', '21-18', '9-25', '9:70-10', '9-12,11-13'] as $nonsense) {
            self::assertSame('tue', Hours::read(['tue' => $nonsense]), $nonsense);
        }
        // East of Greenwich seven in the evening comes earlier.
        self::assertSame($monday + 16 * 60, $read->windows($monday, static fn (): int => 120, 1)->windows[0][0]);
    }

    public function testTheTableIsWhole(): void
    {
        $codes = array_keys(Step::all());
        foreach (Step::all() as $step) {
            self::assertSame([], array_diff($step->after, $codes), "{$step->code} comes after something that is no step");
            self::assertTrue(null === $step->field || null !== Fields::find($step->field), $step->code);
            foreach ([$step->hands, $step->runs, $step->waits] as [$least, $most]) {
                self::assertLessThanOrEqual($most, $least);
            }
            self::assertSame([], array_diff($step->in, ['*', ...array_keys(MouldProcess::all())]), $step->code);
        }
    }
}
