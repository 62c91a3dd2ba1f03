<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Compare;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Calendar\PlannedMould;
use MoltenNotes\Core\Calendar\Scheduler;
use MoltenNotes\Core\Calendar\Step;
use MoltenNotes\Core\Calendar\Task;
use MoltenNotes\Core\Calendar\WeekTask;
use MoltenNotes\Core\Calendar\WeekTasks;
use MoltenNotes\Core\Calendar\Windows;
use MoltenNotes\Core\Melt\PourTemperatureAdvice;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Record\Values;

/**
 * One part made by one process in one metal, before anything is decided: the part and its furnace are kept, mould, gating, feeding and heat
 * are what the plan of that process takes by itself.
 */
final readonly class WayOfMaking
{
    /** What of a record is of the part, the furnace and the air, and not of one way to mould it. */
    private const OF_THE_PART = [
        'casting.', 'pattern.volume', 'pattern.mesh_of', 'pattern.held', 'pattern.area', 'pattern.mass', 'pattern.material',
        'pattern.density', 'pattern.allowance', 'pattern.surface', 'pattern.fillets', 'melt.furnace', 'melt.energy_source', 'melt.power',
        'melt.efficiency', 'crucible.', 'pour.ambient', 'finish.', 'metal.loss',
    ];
    /** Patterns that are moulded in any sand; foam and wax are of their own process. */
    private const MOULDED_IN_ANY = ['original', 'wood', 'print', 'clay', 'metal'];
    /** The measurements of a section that say how thick it is, the one that says it best first. */
    private const WALLS = ['thin_end', 'thickness', 'wall', 'diameter'];
    private const USUAL_WALL_M = 0.006;
    /** Where no wall is known, the least and the most there is. */
    private const LEAST_WALL_M = 0.0005;
    /** An oven or kiln of a yard, W while it heats; common practice. */
    private const OVEN_W = [600.0, 1000.0, 1800.0];

    /** The record of the part as this way would have it. Source: derived; what is of another process is left out. */
    public static function values(Values $part, MouldProcess $process, Alloy $alloy, QuantityFormatter $format): Values
    {
        $kept = [];
        foreach ($part->all() as $key => $value) {
            foreach (self::OF_THE_PART as $of) {
                if (str_starts_with($key, $of)) {
                    $kept[$key] = $value;
                    break;
                }
            }
        }
        unset($kept['casting.mass_by']);
        $kind = $part->choice('pattern.kind');
        $kept['pattern.kind'] = match ($process->code) {
            'lost_foam' => 'foam',
            'ceramic_shell' => 'wax',
            default => in_array($kind, self::MOULDED_IN_ANY, true) ? $kind : ('plaster' === $process->code ? $kind ?? 'wax' : 'wood'),
        };
        $kept['mould.process'] = $process->code;
        $kept['metal.alloy'] = $alloy->code;
        $values = Values::of($kept)->ofItsProcess();

        return $values->with('pour.temperature', self::heat($values, $process, $alloy, $format));
    }

    /**
     * Hands on, from the pattern to the fettled casting; s.
     *
     * @param Time|null $melting by its plan
     * @param Estimate|null $finishing s, by its route
     */
    public static function hands(Values $values, string $process, ?Time $melting, ?Estimate $finishing): Estimate
    {
        return WeekTasks::handsOn(self::mould($values, $process, $melting, null, $finishing));
    }

    /**
     * From now until it lies there fettled, in the hours that are worked; s. Null where they do not reach.
     *
     * @param float|null $humidity 0…1
     */
    public static function elapsed(
        Values $values,
        string $process,
        ?Time $melting,
        ?Time $opens,
        ?Estimate $finishing,
        ?Temperature $air,
        ?float $humidity,
        Windows $windows,
        int $now,
    ): ?Time {
        $tasks = WeekTasks::of([self::mould($values, $process, $melting, $opens, $finishing)], $air, $humidity, 0, $windows->longest());
        $schedule = Scheduler::of(array_map(static fn (WeekTask $one): Task => $one->task, $tasks), $windows, $now);
        if (null === $schedule) {
            return null;
        }
        $end = $now;
        foreach ($tasks as $one) {
            $end = max($end, $schedule->starts[$one->task->key] + $one->task->hands + $one->task->runs);
        }

        return Time::fromSi(60.0 * ($end - $now));
    }

    /** What oven and kiln draw for such a mould, J; null where it needs none. Source: common practice, an oven of a yard. */
    public static function oven(Values $values, string $process): ?Estimate
    {
        $hours = [0.0, 0.0];
        foreach (WeekTasks::of([self::mould($values, $process, null, null, null)], null, null, 0, 0) as $one) {
            if ('oven' === $one->task->machine) {
                $range = Step::all()[$one->step]->runs;
                $hours[0] += ($one->task->runs === $range[1] ? $range[0] : $one->task->runs) / 60;
                $hours[1] += $one->task->runs / 60;
            }
        }

        return 0.0 === $hours[1] ? null : Estimate::between(
            Dimension::Energy,
            3600 * self::OVEN_W[1] * ($hours[0] + $hours[1]) / 2,
            3600 * self::OVEN_W[0] * $hours[0],
            3600 * self::OVEN_W[2] * $hours[1],
        );
    }

    private static function heat(Values $values, MouldProcess $process, Alloy $alloy, QuantityFormatter $format): Measurement
    {
        $told = $values->measurement('casting.wall')?->si();
        $thin = null;
        foreach ($values->sections()?->all() ?? [] as $section) {
            foreach (self::WALLS as $measure) {
                $wall = $section->si($measure);
                if (null !== $wall && $wall > 0.0) {
                    $thin = min($thin ?? $wall, $wall);
                    break;
                }
            }
        }
        $wall = max(self::LEAST_WALL_M, $told ?? $thin ?? self::USUAL_WALL_M);
        $advice = PourTemperatureAdvice::calculate($alloy, Length::fromSi($wall), $process->code, $format);

        return Measurement::of(round($advice->temperature->celsius()), 'degC');
    }

    private static function mould(Values $values, string $process, ?Time $melting, ?Time $opens, ?Estimate $finishing): PlannedMould
    {
        return new PlannedMould(
            key: 'this',
            name: '',
            process: $process,
            values: $values,
            melt: 'melt',
            // Each way is held against the others from the beginning: its pattern is to be made.
            isFirst: true,
            isAtHand: null,
            melting: $melting,
            opens: $opens,
            finishing: $finishing,
            hotness: 0.0,
            wanted: null,
            done: [],
        );
    }
}
