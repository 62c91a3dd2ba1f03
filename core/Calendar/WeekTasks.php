<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Calendar;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Venting\LeftWater;

/**
 * The tasks that planned pours imply: pattern, mould, melt, pour, cooling, opening, with the times of their own plans where they say them.
 *
 * Hands-on time is the middle of what is usual, waiting its late end: a mould that waits an hour longer is no worse. Drying goes with
 * today's air (LeftWater), curing doubles for each 10 K colder than 20 °C (common practice). What is longer than a session is cut into
 * sessions. A melt and its pours are one piece of work, for liquid metal waits for nobody; what is poured hot comes out of the oven when
 * the metal is ready. Moulds of one melt share it; melts that share a furnace go one after the other, the cooler metal first where nothing
 * else decides. A flask is free again when its casting is out.
 */
final class WeekTasks
{
    private const SETTING_UP = 20;
    private const USUAL_AIR_C = 20.0;
    private const USUAL_HUMIDITY = 0.5;
    private const SESSION = 120;
    private const ROUND = 5;
    /** Steps after which a mould is poured while it is hot. */
    private const POURED_HOT = ['burnout', 'fire', 'preheat'];
    /** Mould processes whose pattern is melted or burnt out. */
    private const OUT_OF_THE_MOULD = ['plaster', 'ceramic_shell'];
    /** Mould processes that take a flask of the workshop; the others have boxes, tins and rings of their own. */
    private const IN_FLASKS = ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand'];

    /** @var list<WeekTask> */
    private array $tasks = [];

    private function __construct(
        private readonly Temperature $air,
        private readonly float $humidity,
        private readonly int $session,
    ) {
    }

    /**
     * @param list<PlannedMould> $moulds
     * @param Temperature|null $air of these days
     * @param float|null $humidity of these days, 0…1
     * @param int $flasks moulds that can stand at the same time
     * @param int $longest window there is, minutes
     *
     * @return list<WeekTask>
     */
    public static function of(array $moulds, ?Temperature $air, ?float $humidity, int $flasks, int $longest): array
    {
        $made = new self(
            $air ?? Temperature::fromCelsius(self::USUAL_AIR_C),
            $humidity ?? self::USUAL_HUMIDITY,
            max(30, min(self::SESSION, 0 === $longest ? self::SESSION : $longest)),
        );
        $melts = [];
        foreach ($moulds as $mould) {
            $wanted = $mould->wanted ?? \PHP_INT_MAX;
            $melts[$mould->melt] = min($melts[$mould->melt] ?? [$wanted, $mould->hotness], [$wanted, $mould->hotness]);
        }
        // Melt by melt: a flask is handed on from an earlier melt only, or moulds would wait for one another.
        $place = static fn (PlannedMould $one): array => [$melts[$one->melt], $one->melt, $one->wanted ?? \PHP_INT_MAX, $one->key];
        usort($moulds, static fn (PlannedMould $a, PlannedMould $b): int => $place($a) <=> $place($b));
        $inFlasks = [];
        foreach ($moulds as $mould) {
            $flaskOf = null;
            if (self::isInFlask($mould)) {
                $flaskOf = $flasks > 0 ? $inFlasks[count($inFlasks) - $flasks] ?? null : null;
                $flaskOf = $flaskOf?->melt === $mould->melt ? null : $flaskOf;
                $inFlasks[] = $mould;
            }
            $made->mould($mould, $moulds, $flaskOf);
        }

        return $made->tasks;
    }

    /**
     * Melts that fill more moulds at once than there are flasks to ram them in: then one of them waits for nothing, and stands in no flask.
     *
     * @param list<PlannedMould> $moulds
     * @param int $flasks 0 where nobody said
     *
     * @return list<list<PlannedMould>> the moulds of each such melt
     */
    public static function moreThanFlasks(array $moulds, int $flasks): array
    {
        $melts = [];
        foreach ($moulds as $mould) {
            if (self::isInFlask($mould)) {
                $melts[$mould->melt][] = $mould;
            }
        }

        return 0 === $flasks ? [] : array_values(array_filter($melts, static fn (array $one): bool => count($one) > $flasks));
    }

    /**
     * Hands-on time of a mould from pattern to fettled casting, whoever else is poured with it; seconds, between what its steps take at
     * least and at most. Source: the table of steps, common practice, its plan for the melt and its route for the finishing.
     */
    public static function handsOn(PlannedMould $mould): Estimate
    {
        $made = new self(Temperature::fromCelsius(self::USUAL_AIR_C), self::USUAL_HUMIDITY, self::SESSION);
        $least = $most = 0.0;
        foreach (Step::all() as $step) {
            if (!$step->isIn($mould->process ?? 'green_sand') || !$made->applies($step, $mould)) {
                continue;
            }
            $times = self::coats($step, $mould);
            $own = match (true) {
                'melt' === $step->code && null !== $mould->melting => [$made->melting($mould), $made->melting($mould)],
                'finish' === $step->code && null !== $mould->finishing => [$mould->finishing->lowSi / 60, $mould->finishing->highSi / 60],
                default => $step->hands,
            };
            // What is never left alone keeps its hands while it runs.
            $runs = 'never' === $step->alone && 'melt' !== $step->code ? $step->runs : [0, 0];
            $least += $times * ($own[0] + $runs[0]);
            $most += $times * ($own[1] + $runs[1]);
        }

        return Estimate::between(Dimension::Time, 30 * ($least + $most), 60 * $least, 60 * $most);
    }

    private static function isInFlask(PlannedMould $mould): bool
    {
        return in_array($mould->process ?? 'green_sand', self::IN_FLASKS, true);
    }

    /** How often a step is done: once, but for the coats of a foam. */
    private static function coats(Step $step, PlannedMould $mould): int
    {
        return 'coats' === $step->only ? max(1, $mould->values->count('foam.coats') ?? 1) : 1;
    }

    /** @param list<PlannedMould> $all */
    private function mould(PlannedMould $mould, array $all, ?PlannedMould $flaskOf): void
    {
        $process = $mould->process ?? 'green_sand';
        foreach (Step::all() as $step) {
            if (!$step->isIn($process) || !$this->applies($step, $mould)) {
                continue;
            }
            if ('melt' === $step->code) {
                $this->melt($mould, $all, $step);
                continue;
            }
            if ('pour' === $step->code) {
                continue;
            }
            $after = [];
            foreach ($step->after as $code) {
                $after[] = 'pour' === $code ? "{$mould->melt}/melt" : "{$mould->key}/{$code}";
            }
            if (null !== $flaskOf && in_array($step->code, ['mould', 'mould_cured'], true)) {
                $after[] = "{$flaskOf->key}/open";
            }
            $this->add($step, $mould, $after);
        }
    }

    /** @param list<string> $after */
    private function add(Step $step, PlannedMould $mould, array $after): void
    {
        [$runs, $waits, $why] = $this->times($step, $mould);
        $finishing = 'finish' === $step->code ? $mould->finishing : null;
        $why = null === $finishing ? $why : 'by its route of finishing';
        $hands = null === $finishing ? $this->middle($step->hands) : self::rounded($finishing->si / 60);
        $hands += 'never' === $step->alone ? $runs : 0;
        $runs = 'never' === $step->alone ? 0 : $runs;
        if (in_array($step->code, self::POURED_HOT, true)) {
            // It may still be in the oven while the metal melts.
            $waits = -min($runs, $this->melting($mould));
        }
        $coats = self::coats($step, $mould);
        $key = "{$mould->key}/{$step->code}";
        for ($coat = 1; $coat <= $coats; ++$coat) {
            // The last bears the name that others come after.
            $own = $coat === $coats ? $key : "{$key}.{$coat}";
            $label = $coats > 1 ? "{$step->label}, coat {$coat} of {$coats}" : $step->label;
            $this->inSessions($step, $mould, $own, $hands, $runs, $waits, $after, $label, $why);
            $after = [$own];
        }
    }

    /** @param list<string> $after */
    private function inSessions(
        Step $step,
        PlannedMould $mould,
        string $key,
        int $hands,
        int $runs,
        int $waits,
        array $after,
        string $label,
        string $why,
    ): void {
        $parts = 'never' === $step->alone ? 1 : (int) ceil($hands / $this->session);
        for ($part = 1; $part <= max(1, $parts); ++$part) {
            $last = $part >= $parts;
            $own = $last ? $key : "{$key}#{$part}";
            $length = $parts > 1 ? self::rounded($hands / $parts) : $hands;
            // A part, a coat, or all of the step.
            $done = $mould->done[substr($own, strlen($mould->key) + 1)] ?? $mould->done[$step->code] ?? null;
            $this->tasks[] = new WeekTask(
                new Task(
                    $own,
                    $length,
                    $last ? $runs : 0,
                    $last ? $waits : 0,
                    $after,
                    $step->machine,
                    $step->tied,
                    null,
                    null === $done ? null : $done - $length,
                ),
                [$mould->key],
                $step->code,
                $parts > 1 ? "{$label}, {$part} of {$parts}" : $label,
                $step->alone,
                $why,
            );
            $after = [$own];
        }
    }

    /** Minutes from laying ready to metal that can be poured. */
    private function melting(PlannedMould $mould): int
    {
        return null === $mould->melting
            ? $this->middle(Step::all()['melt']->hands)
            : self::rounded($mould->melting->si() / 60) + self::SETTING_UP;
    }

    /** @param list<PlannedMould> $all */
    private function melt(PlannedMould $mould, array $all, Step $step): void
    {
        $key = "{$mould->melt}/melt";
        foreach ($this->tasks as $one) {
            if ($one->task->key === $key) {
                return;
            }
        }
        $of = array_values(array_filter($all, static fn (PlannedMould $one): bool => $one->melt === $mould->melt));
        $melting = $this->melting($mould);
        $pouring = $this->middle(Step::all()['pour']->hands);
        $pours = [];
        $due = $began = null;
        foreach ($of as $place => $one) {
            $at = $melting + $place * $pouring;
            $pours[$one->key] = [$at, $pouring];
            // Each begins to be poured when it is wanted; the first that is decides.
            $due = null === $one->wanted ? $due : min($due ?? \PHP_INT_MAX, $one->wanted + (count($of) - $place) * $pouring);
            foreach (['melt' => $melting, 'pour' => $at + $pouring] as $code => $after) {
                $began = isset($one->done[$code]) ? max($began ?? \PHP_INT_MIN, $one->done[$code] - $after) : $began;
            }
        }
        $this->tasks[] = new WeekTask(
            new Task(
                $key,
                $melting + count($of) * $pouring,
                0,
                0,
                // Whatever is poured from it stands ready before it is lit, or comes out of the oven for it.
                array_merge(...array_map(
                    static fn (PlannedMould $one): array => array_map(
                        static fn (string $code): string => "{$one->key}/{$code}",
                        Step::all()['pour']->after,
                    ),
                    $of,
                )),
                // Each furnace one melt at a time; where nobody says which, there is one.
                trim('furnace '.mb_strtolower(trim($mould->values->choice('melt.furnace') ?? ''))),
                true,
                $due,
                $began,
            ),
            array_map(static fn (PlannedMould $one): string => $one->key, $of),
            'melt',
            $step->label,
            'never',
            null === $mould->melting ? 'as such melts usually take' : 'by its plan, and '.self::SETTING_UP.' minutes to set up',
            $pours,
        );
    }

    /** @return array{int, int, string} minutes it runs, minutes it waits, and why so */
    private function times(Step $step, PlannedMould $mould): array
    {
        $runs = $step->runs[1];
        $waits = $step->waits[1];
        $why = 'as is usual';
        if ('cool' === $step->code && null !== $mould->opens) {
            return [0, self::rounded($mould->opens->si() / 60), 'by its plan, at the late end'];
        }
        $told = null === $step->field ? null : $mould->values->measurement($step->field);
        if (null !== $told) {
            $minutes = self::rounded($told->si() / 60);

            return $runs > 0 ? [$minutes, $waits, 'as you planned it'] : [0, $minutes, 'as you planned it'];
        }
        if ($step->dries) {
            $slow = LeftWater::slowness($this->air, $this->humidity);
            $waits = self::rounded(($step->waits[0] + $step->waits[1]) / 2 * $slow);
            $why = round($this->air->celsius()).' °C and '.round(100 * $this->humidity).' % humidity: '
                .($slow >= 1 ? round($slow, 1).' times as long as on a fair day' : 'quicker than on a usual day');
        } elseif ($step->cures) {
            $slow = 2 ** ((self::USUAL_AIR_C - $this->air->celsius()) / 10);
            $waits = self::rounded($waits * max(0.5, $slow));
            $why = 'at '.round($this->air->celsius()).' °C';
        }

        return [$runs, $waits, $why];
    }

    private function applies(Step $step, PlannedMould $mould): bool
    {
        $pattern = $mould->values->choice('pattern.kind');
        // What is named and is there need not be made; what is named and is not there must be.
        // What is melted or burnt out of its mould is gone with it: where nobody says that another lies there, it is to be made.
        $isLost = in_array($mould->process, self::OUT_OF_THE_MOULD, true) && !in_array($pattern, ['wood', 'clay'], true);
        $wanted = $isLost ? true !== $mould->isAtHand : !($mould->isAtHand ?? !$mould->isFirst);

        return match ($step->only) {
            null, 'coats' => true,
            'new' => $wanted,
            'foam' => true !== $mould->isAtHand,
            'wax' => $wanted && in_array($pattern, ['wax', null], true),
            'wood' => $wanted && in_array($pattern, ['wood', 'clay'], true),
            'print' => $wanted && 'print' === $pattern,
            'pattern' => $wanted && in_array($pattern, ['wood', 'clay', 'print'], true),
            'core' => in_array($mould->values->choice('core.state'), ['dry', 'doubtful'], true) || $mould->values->has('core.volume'),
            'wash' => in_array($mould->values->choice('mould.coating'), ['dry', 'damp'], true),
            'oven' => in_array($mould->values->choice('mould.cure'), ['oven', 'microwave'], true),
            default => throw new \LogicException("No step is only for {$step->only}."),
        };
    }

    /** @param array{int, int} $range */
    private function middle(array $range): int
    {
        return self::rounded(($range[0] + $range[1]) / 2);
    }

    private static function rounded(float $minutes): int
    {
        return (int) (self::ROUND * ceil($minutes / self::ROUND - 1e-9));
    }
}
