<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Diagnosis\FactSheet;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Mould\Suitability;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Working\Figure;

/**
 * How much a remedy changes: the new value of its field, from the plan it starts with. Null when the plan does not say enough, or when
 * the value already is where the remedy wants it.
 */
final readonly class RemedyRule
{
    private const MOST_ROUNDS = 6;

    public function __construct(private QuantityFormatter $format)
    {
    }

    /** @param CastingPlan $plan of this record */
    public function newValue(Remedy $remedy, AttemptRecord $record, CastingPlan $plan): Measurement|Sections|string|int|bool|null
    {
        $values = $record->values();
        if (
            null === $remedy->field
            || !Fields::get($remedy->field)->belongsTo($values->choice('mould.process'))
            || (str_starts_with($remedy->field, 'core.') && !self::hasCore($values))
        ) {
            return null;
        }
        $old = $values->get($remedy->field);
        $process = MouldProcess::find($values->choice('mould.process'));
        $new = match ($remedy->how) {
            'set' => is_string($remedy->argument) || is_bool($remedy->argument) || is_int($remedy->argument) ? $remedy->argument : null,
            'quantity' => $this->quantity($remedy->argument),
            'scale' => $this->scaled($old, is_numeric($remedy->argument) ? (float) $remedy->argument : 1.0),
            'more' => is_int($old) && is_int($remedy->argument) ? $old + $remedy->argument : null,
            'cope_weights' => $this->copeWeights($plan, $old),
            'needed_temperature' => $this->neededTemperature(
                $values,
                $plan,
                is_numeric($remedy->argument) ? (float) $remedy->argument : 0.0,
                $remedy->code,
            ),
            'vent_each_high_point' => $this->vents($values, $plan),
            'riser_for_heaviest' => $this->riser($values, $plan, is_numeric($remedy->argument) ? (float) $remedy->argument : 2.4),
            'gate_width_for_speed' => $this->gateWidth($record, $plan, is_numeric($remedy->argument) ? (float) $remedy->argument : 0.9),
            'mould_warm' => $this->mouldAt($values, $process?->warmedTo, true),
            'mould_rest' => $this->mouldAt($values, $process?->restedTo, false),
            default => null,
        };

        // No remedy proposes what the record would refuse.
        return null === $new || $this->same($old, $new) || !Fields::get($remedy->field)->takes($new)
            ? null
            : $this->towards($remedy, $old, $new);
    }

    /**
     * Where the record does not say enough for the amount: the range it lies in, and what would narrow it; blank where an amount is known
     * or the remedy has nothing to change. Common practice.
     *
     * @param CastingPlan $plan of this record
     */
    public function open(Remedy $remedy, AttemptRecord $record, CastingPlan $plan): string
    {
        $values = $record->values();
        if (null === $remedy->field || !Fields::get($remedy->field)->belongsTo($values->choice('mould.process'))) {
            return '';
        }
        $isBlank = !$values->has($remedy->field);

        return match ($remedy->how) {
            'needed_temperature' => $this->openTemperature($values, $plan, 'cooler' === $remedy->code),
            'cope_weights' => null !== $plan->figure('mould', 'cope_weights') ? '' : 'Nobody can say how much without the area that the '
                .'metal lifts and the height of the sprue: tell sections, or length, width and height.',
            'riser_for_heaviest' => null !== $values->measurement('casting.heaviest') || null !== $values->sections()
                ? ''
                : 'Between 1.8 and 2.4 times as wide as the heaviest section: tell that, or the sections.',
            'gate_width_for_speed' => null !== $plan->figure('gating', 'gate_speed_share') ? '' : 'Wide enough that the metal walks in '
                .'and does not jet: sprue, its height, and number, width and thickness of the gates would tell.',
            'scale' => $isBlank && is_numeric($remedy->argument)
                ? 'About '.round(100 * (float) $remedy->argument).' % of what it was; note what it was.'
                : '',
            'more' => $isBlank ? 'One or two more than there were; note how many there were.' : '',
            default => '',
        };
    }

    private function openTemperature(Values $values, CastingPlan $plan, bool $cooler): string
    {
        if (null !== FactSheet::neededTemperature($values, $this->format) || (!$cooler && null !== $plan->least('filling', 'fill_ratio'))) {
            return '';
        }
        $alloy = AlloyTable::find($values->choice('metal.alloy') ?? '');
        if (null === $alloy) {
            return 'Tell the metal: what is hot for one is solid for another.';
        }
        $limit = (new Suitability($values->choice('mould.process'), $alloy))->hottest();
        $most = null !== $limit && $alloy->pourThin->isAbove($limit) ? $limit : $alloy->pourThin;
        $told = $values->measurement('pour.temperature')?->asTemperature();
        if (null !== $told && ($cooler ? !$told->isAbove($alloy->pourHeavy) : !$most->isAbove($told))) {
            return '';
        }

        return 'Between '.$this->format->quantity($alloy->pourHeavy).' and '.$this->format->quantity($most).' for this metal, the thinner '
            .'the hotter: the thinnest wall and how far the metal runs would narrow it.';
    }

    private function same(Measurement|Sections|string|int|bool|null $old, Measurement|Sections|string|int|bool|null $new): bool
    {
        if ($old instanceof Measurement && $new instanceof Measurement) {
            return abs($old->si() - $new->si()) < 1e-6 * max(1.0, abs($new->si()));
        }

        return $old === $new;
    }

    /** There is a core when the record says anything of one but that there is none. */
    private static function hasCore(Values $values): bool
    {
        return 'none' !== $values->choice('core.state')
            && ($values->has('core.state') || $values->has('core.volume') || $values->has('core.vented') || $values->has('core.held'));
    }

    /** A fixed target only counts in the direction the remedy means: drying 60 h is not cut to 48 h. */
    private function towards(
        Remedy $remedy,
        Measurement|Sections|string|int|bool|null $old,
        Measurement|Sections|string|int|bool|null $new,
    ): Measurement|Sections|string|int|bool|null {
        if ('quantity' !== $remedy->how || !($old instanceof Measurement) || !($new instanceof Measurement)) {
            return $new;
        }
        $downwards = in_array($remedy->code, ['stand_nearer', 'short_hold', 'dry_sand', 'less_oil', 'light_foam'], true);

        return $downwards === $new->si() < $old->si() ? $new : null;
    }

    private function quantity(mixed $argument): ?Measurement
    {
        return is_array($argument) && isset($argument[0], $argument[1]) && is_numeric($argument[0]) && is_string($argument[1])
            ? Measurement::of((float) $argument[0], $argument[1])
            : null;
    }

    private function scaled(Measurement|Sections|string|int|bool|null $old, float $factor): ?Measurement
    {
        if (!($old instanceof Measurement) || 0.0 === $old->si()) {
            return null;
        }
        $unit = UnitTable::get($old->unitCode);
        $value = $unit->fromSi($old->si()) * $factor;
        // Small amounts keep two figures: rounding must not make nothing of them.
        $step = $value >= 20 ? 1.0 : ($value >= 2 ? 0.5 : ($value >= 0.5 ? 0.05 : 10 ** (floor(log10($value)) - 1)));

        return Measurement::of(round($value / $step) * $step, $old->unitCode);
    }

    /** What the lift asks for; null where nobody can say what it is, for a caster stands beside the mould. */
    private function copeWeights(CastingPlan $plan, Measurement|Sections|string|int|bool|null $old): ?Measurement
    {
        $wanted = $plan->figure('mould', 'cope_weights')?->value->si;
        $have = $old instanceof Measurement ? $old->si() : 0.0;

        return null === $wanted || $wanted <= $have ? null : Measurement::of(ceil(2 * $wanted) / 2, 'kg');
    }

    /**
     * What the filling asks the furnace for, within what the metal is poured at; else the advice for such a wall. To the nearest 5 °, and
     * only in the remedy's direction.
     */
    private function neededTemperature(Values $values, CastingPlan $plan, float $reserveK, string $remedy): ?Measurement
    {
        $advice = FactSheet::neededTemperature($values, $this->format);
        $filling =
            'cooler' === $remedy
                ? null
                : $plan->figure('filling', 'needed_in_furnace', $plan->least('filling', 'fill_ratio')->subject ?? '')?->value->si;
        if (null === $advice && null === $filling) {
            return null;
        }
        $advised = $advice?->temperature->celsius() ?? -\INF;
        // Far above the advised temperature other levers are better: at most 60 ° over it.
        $target =
            null === $filling ? $advised : (is_finite($advised) ? min(max($advised, $filling - 273.15), $advised + 60) : $filling - 273.15);
        $old = $values->measurement('pour.temperature');
        // Never hotter than the mould or the metal itself bears.
        $alloy = AlloyTable::find($values->choice('metal.alloy') ?? '');
        $limit = (new Suitability($values->choice('mould.process'), $alloy))->hottest()?->celsius();
        $celsius = min(round(($target + $reserveK) / 5) * 5, null === $limit ? \INF : floor(($limit - 1) / 5) * 5);
        if (null !== $alloy && $celsius < $alloy->liquidus->celsius()) {
            // This mould does not bear the metal at all: no temperature mends that.
            return null;
        }
        $hotter = 'cooler' !== $remedy;
        if (null !== $old && $hotter === $old->si() - 273.15 >= $celsius) {
            return null;
        }

        return Measurement::of($celsius, 'degC');
    }

    private function vents(Values $values, CastingPlan $plan): int
    {
        $points = $plan->figure('venting', 'high_points')?->value->si ?? 0.0;
        $wanted = (int) max(
            2 + max(2, $values->count('casting.high_points') ?? 0, $points),
            $plan->figure('venting', 'vents_wanted')?->value->si ?? 0.0,
        );
        $have = $values->count('venting.vents');

        return null !== $have && $have >= $wanted ? $have + 2 : $wanted;
    }

    /**
     * Riser as wide as M_riser ≥ 1.2 · M_section asks for a bar-like section: D/6 ≥ 1.2 · T/4, so D ≥ 1.8 T; with reserve for the neck.
     * Source: Wlodawer's rule for the modulus, recalled from memory; the reserve is common practice.
     */
    private function riser(Values $values, CastingPlan $plan, float $timesHeaviest): ?Measurement
    {
        $heaviest = $values->measurement('casting.heaviest');
        $have = $values->measurement('feeding.riser_diameter');
        $computed = max([
            0.0,
            ...array_map(
                static fn (Figure $figure): float => 'riser_diameter' === $figure->code ? $figure->value->si : 0.0,
                $plan->stages['feeding']->figures,
            ),
        ]);
        if (null !== $values->sections() && $computed > 0) {
            return null !== $have && $have->si() >= $computed ? null : Measurement::of(ceil($computed * 1000), 'mm');
        }
        if (null === $heaviest) {
            return null;
        }
        $wanted = ceil($heaviest->in('mm') * $timesHeaviest);

        return null !== $have && $have->in('mm') >= $wanted ? null : Measurement::of($wanted, 'mm');
    }

    /**
     * The gate width at which the gates run at this share of the limit. Where the gates were the choke, wider ones let more through at
     * first.
     */
    private function gateWidth(AttemptRecord $record, CastingPlan $plan, float $share): ?Measurement
    {
        $speed = $plan->figure('gating', 'gate_speed_share')?->value->si;
        $width = $record->values()->measurement('gating.gate_width');
        if (null === $speed || null === $width || $speed <= $share) {
            return null;
        }

        $millimetres = $width->in('mm');
        for ($round = 0; $round < self::MOST_ROUNDS && $speed > $share * 1.02; ++$round) {
            $millimetres = ceil(($millimetres * $speed) / $share);
            $wider = $record->values()->with('gating.gate_width', Measurement::of($millimetres, 'mm'));
            $speed =
                PlanCasting::of(Basis::of($record, $this->format)->with($wider))->figure('gating', 'gate_speed_share')->value->si ?? 0.0;
        }

        return Measurement::of($millimetres, 'mm');
    }

    /** @param float|null $target °C */
    private function mouldAt(Values $values, ?float $target, bool $warmer): ?Measurement
    {
        $have = $values->measurement('mould.temperature');
        $alloy = AlloyTable::find($values->choice('metal.alloy') ?? '');
        if (null === $target || (null !== $have && $warmer === $have->in('degC') >= $target)) {
            return null;
        }
        // A mould hotter than the solidus would never let the metal freeze.
        $most = null === $alloy ? $target : min($target, $alloy->solidus->celsius() - 60);

        return Measurement::of($most, 'degC');
    }
}
