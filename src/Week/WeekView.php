<?php

declare(strict_types=1);

namespace MoltenNotes\App\Week;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\PatternBook;
use MoltenNotes\App\Notebook\PlannedPours;
use MoltenNotes\App\Notebook\WeekSettings;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Calendar\Hours;
use MoltenNotes\Core\Calendar\PlannedMould;
use MoltenNotes\Core\Calendar\Step;
use MoltenNotes\Core\Calendar\Week;
use MoltenNotes\Core\Calendar\WeekTask;
use MoltenNotes\Core\Calendar\WeekTasks;
use MoltenNotes\Core\Calendar\Windows;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Record\Choices;
use Symfony\Component\Clock\ClockInterface;

/** A caster's week, as the API and the calendar show it. */
final readonly class WeekView
{
    private const DRAWN_DAYS = 16;

    public function __construct(
        private Notebook $notebook,
        private PlannedPours $pours,
        private FeedAddresses $feeds,
        private YardAir $yard,
        private PatternBook $patterns,
        private ClockInterface $clock,
    ) {
    }

    public function of(Caster $caster, ?string $zone): WeekAnswer
    {
        $kept = $this->notebook->keptWorkshop($caster);
        $settings = WeekSettings::of($kept, $zone);
        $now = $this->minute();
        $hours = $settings->hours->windows($now, $settings->offset(...), $settings->people);
        $attempts = $this->pours->of($caster);
        $in = $this->inTheWeek($attempts);
        ['air' => $air, 'humidity' => $humidity, 'read' => $read] = $this->yard->ofThese($caster, $settings);
        $moulds = $this->plannedMoulds($caster, $in);
        $flasks = count($this->notebook->workshop($caster)->flasks);
        $week = Week::of($moulds, $air, $humidity, $flasks, $hours, $now);
        $names = [];
        foreach ($attempts as $attempt) {
            $names[$attempt->id()->toRfc4122()] = "{$attempt->casting()->name()}, no. {$attempt->number()}";
        }
        $tasks = self::tasks($week, $in, $names, $now, $hours);
        $end = max([60.0 * $now + 86400, ...array_map(static fn (WeekTaskAnswer $one): float => $one->runsUntil, $tasks)]);
        $windows = [];
        foreach ($hours->windows as [$from, $to]) {
            if (60.0 * $from < min($end, 60.0 * $now + self::DRAWN_DAYS * 86400)) {
                $windows[] = ['from' => 60.0 * $from, 'to' => 60.0 * $to];
            }
        }
        $format = new QuantityFormatter($caster->units());

        return new WeekAnswer(
            now: (float) $this->clock->now()->format('U.v'),
            moulds: array_map(static fn (Attempt $one): WeekMouldAnswer => self::mould($one, $week), $in),
            others: array_map(
                static fn (Attempt $one): WeekMouldAnswer => self::mould($one, null),
                array_values(array_filter($attempts, static fn (Attempt $one): bool => !in_array($one, $in, true))),
            ),
            tasks: $tasks,
            tonight: array_map(static fn (array $one): WeekTonightAnswer => new WeekTonightAnswer(
                $one['task']->task->key,
                $one['task']->label,
                self::nameOf($one['task'], $names),
                $one['task']->task->hands,
                array_map(
                    static fn (string $mould, int $to): array => [
                        'name' => $names[$mould] ?? '',
                        'from' => 60.0 * ($week->pours[$mould] ?? $to),
                        'to' => 60.0 * $to,
                    ],
                    array_keys($one['otherwise']),
                    array_values($one['otherwise']),
                ),
            ), $week->tonight),
            windows: $windows,
            hours: (object) $settings->told,
            usual: (object) Hours::USUAL,
            people: $settings->people,
            airTold: $settings->airTold?->toArray(),
            humidityTold: $settings->humidityTold?->toArray(),
            air: implode(', ', array_filter([
                null === $air ? '' : $format->quantity($air),
                null === $humidity ? '' : round(100 * $humidity).' % humidity',
                null === $read ? '' : 'by your weather station'.($read['simulated'] ? ' (simulated)' : ''),
            ])),
            reaches: null !== $week->schedule,
            proven: $week->schedule->proven ?? false,
            atBest: null === $week->schedule || $week->schedule->proven
                ? null
                : max(0, $week->schedule->lateness - $week->schedule->atBest),
            warnings: self::warnings($moulds, $flasks),
            hasFeed: $this->feeds->has($caster),
            version: $kept?->version() ?? 0,
        );
    }

    /**
     * Tasks of the week as they stand, for a calendar.
     *
     * @return list<WeekTaskAnswer>
     */
    public function tasksOf(Caster $caster): array
    {
        return $this->of($caster, null)->tasks;
    }

    /**
     * @param list<Attempt> $in
     *
     * @return list<PlannedMould>
     */
    private function plannedMoulds(Caster $caster, array $in): array
    {
        $figures = $this->pours->figures($caster);
        $hand = $this->patterns->atHand($in, new QuantityFormatter($caster->units()));

        return array_map(function (Attempt $one) use ($figures, $hand): PlannedMould {
            $id = $one->id()->toRfc4122();

            return $this->plannedMould($one, $figures[$id] ?? null, $hand[$id] ?? null);
        }, $in);
    }

    /**
     * What the week cannot put right by itself.
     *
     * @param list<PlannedMould> $moulds
     *
     * @return list<string>
     */
    private static function warnings(array $moulds, int $flasks): array
    {
        return array_map(static function (array $melt) use ($flasks): string {
            $names = implode(', ', array_map(static fn (PlannedMould $one): string => $one->name, $melt));
            $there = 1 === $flasks ? 'one flask' : "{$flasks} flasks";

            return 'One melt is to fill '.count($melt)." moulds ({$names}), and there is room for {$there}: pour some of them another day, "
                .'or find another flask.';
        }, WeekTasks::moreThanFlasks($moulds, $flasks));
    }

    /** @param array{charge: float|null, melting: float|null, opens: float|null, finishing: Estimate}|null $figures */
    private function plannedMould(Attempt $attempt, ?array $figures, ?bool $isAtHand): PlannedMould
    {
        $values = $this->patterns->valuesFor($attempt)->overlaidBy($attempt->toRecord(new History(), null)->values());
        $melting = $figures['melting'] ?? null;
        $opens = $figures['opens'] ?? null;
        $wanted = $attempt->wantedAt();

        return new PlannedMould(
            key: $attempt->id()->toRfc4122(),
            name: $attempt->casting()->name(),
            process: $attempt->process(),
            values: $values,
            melt: 'melt '.($attempt->heat()?->id()->toRfc4122() ?? $attempt->id()->toRfc4122()),
            isFirst: !$this->notebook->hasAttemptBefore($attempt->casting(), $attempt->number()),
            isAtHand: $isAtHand,
            melting: null === $melting ? null : Time::fromSi($melting),
            opens: null === $opens ? null : Time::fromSi($opens),
            finishing: $figures['finishing'] ?? null,
            hotness: AlloyTable::find($attempt->alloy() ?? '')?->liquidus->kelvin() ?? 0.0,
            wanted: null === $wanted ? null : intdiv((int) $wanted, 60),
            done: array_map(static fn (float $at): int => intdiv((int) $at, 60), $attempt->steps()),
        );
    }

    /**
     * What somebody said a day of; all of them where nobody said any.
     *
     * @param list<Attempt> $attempts
     *
     * @return list<Attempt>
     */
    private function inTheWeek(array $attempts): array
    {
        $wanted = array_values(array_filter($attempts, static fn (Attempt $one): bool => null !== $one->wantedAt()));

        return [] === $wanted ? $attempts : $wanted;
    }

    private static function mould(Attempt $attempt, ?Week $week): WeekMouldAnswer
    {
        $at = $week->pours[$attempt->id()->toRfc4122()] ?? null;
        $wanted = $attempt->wantedAt();

        return new WeekMouldAnswer(
            attemptId: $attempt->id()->toRfc4122(),
            version: $attempt->version(),
            name: $attempt->casting()->name(),
            number: $attempt->number(),
            process: null === $attempt->process() ? null : Choices::label('process', $attempt->process()),
            metal: AlloyTable::find($attempt->alloy() ?? '')?->name,
            wanted: $wanted,
            poursAt: null === $at ? null : 60.0 * $at,
            late: null === $at || null === $wanted ? 0.0 : max(0.0, $at - $wanted / 60),
        );
    }

    /**
     * What says that a step is done: itself, or all of what it is a part of.
     *
     * @param list<string> $moulds
     * @param list<Attempt> $attempts
     *
     * @return list<array{attempt_id: string, field: string, at: float}>
     */
    private static function doneBy(string $step, array $moulds, array $attempts): array
    {
        $done = [];
        foreach ($attempts as $attempt) {
            $id = $attempt->id()->toRfc4122();
            foreach (in_array($id, $moulds, true) ? array_unique([$step, preg_replace('/[.#]\d+$/', '', $step)]) : [] as $key) {
                $at = $attempt->steps()[$key] ?? null;
                if (null !== $at) {
                    $done[] = ['attempt_id' => $id, 'field' => "step.{$key}", 'at' => $at];
                }
            }
        }

        return $done;
    }

    /**
     * @param list<Attempt> $attempts
     * @param array<string, string> $names
     *
     * @return list<WeekTaskAnswer>
     */
    private static function tasks(Week $week, array $attempts, array $names, int $now, Windows $hours): array
    {
        if (null === $week->schedule) {
            return [];
        }
        $window = $hours->from($now, 1);
        $tasks = [];
        foreach ($week->tasks as $one) {
            $task = $one->task;
            $start = $week->schedule->starts[$task->key];
            $state = match (true) {
                null !== $task->began && $start + $task->length() > $now => 'running',
                null !== $task->began => 'done',
                $task->hands > 0 && null !== $window && $start < $window[1] => 'next',
                default => 'later',
            };
            $critical = isset($week->schedule->critical[$task->key]);
            $step = substr($task->key, (int) strrpos($task->key, '/') + 1);
            $latest = $week->schedule->latest[$task->key];
            $hands = [] === $one->pours ? $task->hands : min(array_column($one->pours, 0));
            $tasks[] = new WeekTaskAnswer(
                key: $task->key,
                step: $step,
                moulds: $one->moulds,
                name: self::nameOf($one, $names),
                label: $one->label,
                start: 60.0 * $start,
                handsUntil: 60.0 * ($start + $hands),
                runsUntil: 60.0 * ($start + $hands + $task->runs),
                through: 60.0 * ($start + $hands + $task->runs + max(0, $task->waits)),
                latest: 60.0 * $latest,
                critical: $critical,
                state: $state,
                alone: $one->alone,
                machine: $task->machine,
                why: $one->why,
                done: self::doneBy($step, $one->moulds, $attempts),
            );
            foreach ($one->pours as $mould => [$after, $minutes]) {
                $at = $start + $after;
                $tasks[] = new WeekTaskAnswer(
                    key: "{$mould}/pour",
                    step: 'pour',
                    moulds: [$mould],
                    name: $names[$mould] ?? '',
                    label: Step::all()['pour']->label,
                    start: 60.0 * $at,
                    handsUntil: 60.0 * ($at + $minutes),
                    runsUntil: 60.0 * ($at + $minutes),
                    through: 60.0 * ($at + $minutes),
                    latest: 60.0 * ($latest + $after),
                    critical: $critical,
                    state: $state,
                    alone: 'never',
                    machine: null,
                    why: 'liquid metal waits for nobody',
                    done: self::doneBy('pour', [$mould], $attempts),
                );
            }
        }
        usort($tasks, static fn (WeekTaskAnswer $a, WeekTaskAnswer $b): int => $a->start <=> $b->start);

        return $tasks;
    }

    /** @param array<string, string> $names */
    private static function nameOf(WeekTask $task, array $names): string
    {
        return implode(' and ', array_map(static fn (string $mould): string => $names[$mould] ?? '', $task->moulds));
    }

    private function minute(): int
    {
        return intdiv($this->clock->now()->getTimestamp(), 60);
    }
}
