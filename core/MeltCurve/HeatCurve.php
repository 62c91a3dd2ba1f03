<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\PourDay\DayEvent;
use MoltenNotes\Core\PourDay\Tap;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Working\StageResult;
use MoltenNotes\Core\Working\StageSheet;

/** What the curve of one heat says: how hot, how long still, how it melted, what it used, where it stood still and what metal that is. */
final readonly class HeatCurve
{
    /** The taps between which energy is told, in the order of a heat. */
    private const STEPS = ['lit', 'first_metal', 'all_liquid', 'skimmed', 'out', 'pour'];
    /** Readings older than this are not "now" any more. */
    private const FRESH_S = 180.0;

    private function __construct(public StageResult $result, public ?ScrapCheck $scrap)
    {
    }

    /**
     * @param Temperature|null $target hot enough to pour; null where nobody said
     * @param list<DayEvent> $events taps of the heat's pours, in any order
     * @param Estimate|null $efficiency learnt or told share of the power that reaches the metal
     * @param Curve $sample where arrests are looked for: a part of the curve, or all of it
     */
    public static function of(
        Curve $curve,
        Curve $sample,
        ?Alloy $alloy,
        ?Temperature $target,
        ?Mass $charge,
        ?Mass $crucible,
        MeterReading $meter,
        array $events,
        ?Estimate $efficiency,
        Temperature $air,
        float $now,
        QuantityFormatter $format,
    ): self {
        $sheet = new StageSheet($format);
        $hot = $curve->latest();
        if (null !== $hot) {
            self::heating($sheet, $format, $curve, $hot, $alloy, $target, $charge, $crucible, $air, $now);
            if (null !== $alloy) {
                self::plateau($sheet, $format, $curve, $alloy, $charge, $meter, $efficiency);
            }
        }
        self::energy($sheet, $meter, $events);
        $cooling = CoolingCurve::read($sample);
        $found = FoundArrests::on($cooling);
        self::arrests($sheet, $cooling);

        return new self($sheet->result(), null === $found ? null : ScrapCheck::of($found));
    }

    private static function heating(
        StageSheet $sheet,
        QuantityFormatter $format,
        Curve $curve,
        Temperature $hot,
        ?Alloy $alloy,
        ?Temperature $target,
        ?Mass $charge,
        ?Mass $crucible,
        Temperature $air,
        float $now,
    ): void {
        $last = $curve->count() - 1;
        $sheet->add(
            code: 'hot_now',
            label: $now - $curve->at[$last] > self::FRESH_S ? 'When last read' : 'Now',
            value: Estimate::exactly($hot),
            formula: 'middle of the last three readings',
            inputs: [],
            source: 'your probe',
            mark: Mark::Derived,
        );
        $sheet->add(
            code: 'hottest',
            label: 'Hottest it got',
            value: Estimate::exactly($curve->hottest() ?? $hot),
            formula: 'the hottest reading that is not alone',
            inputs: [],
            source: 'your probe',
            mark: Mark::Derived,
        );
        if (null === $alloy || null === $target) {
            $sheet->lacks(
                'to_target',
                null === $alloy ? ['metal.alloy'] : ['pour.temperature'],
                null === $alloy ? 'Say which metal it is to know how long it takes.' : 'Plan a pour temperature to know how long it takes.',
            );

            return;
        }
        if ($now - $curve->at[$last] > self::FRESH_S) {
            return;
        }
        $way = TimeToTarget::of($curve, $alloy, $target, $air, $charge, $crucible);
        if (null !== $way->rate) {
            $sheet->add(
                code: 'heating_rate',
                label: 'Heats in a minute by',
                value: $way->rate->times(60),
                formula: 'dT/dt = a − b (T − T₀)',
                inputs: [],
                source: 'fitted to your readings of the last minutes',
                mark: Mark::Derived,
            );
        }
        if (null !== $way->seconds) {
            $sheet->add(
                code: 'to_target',
                label: 'Until '.$format->quantity($target),
                value: $way->seconds,
                formula: 't = ln[(a − b θ₁) / (a − b θ₂)] / b, and what is to melt at the same net power',
                inputs: [
                    $sheet->input('θ₁', 'Now', Estimate::exactly($hot)),
                    $sheet->input('θ₂', 'Wanted', Estimate::exactly($target), 'typed'),
                ],
                source: 'fitted to your readings; heats of the table of alloys',
                mark: Mark::Derived,
                note: $way->words,
            );
        } else {
            $sheet->lacks('to_target', [], $way->words);
        }
        if (null !== $way->levelsOff && $way->levelsOff->si() < $target->si() + 60 && $way->levelsOff->si() < 3000.0) {
            $sheet->add(
                code: 'levels_off',
                label: 'At this power it levels off at about',
                value: Estimate::exactly($way->levelsOff),
                formula: 'a / b',
                inputs: [],
                source: 'fitted to your readings of the last minutes',
                mark: Mark::Derived,
            );
        }
    }

    private static function plateau(
        StageSheet $sheet,
        QuantityFormatter $format,
        Curve $curve,
        Alloy $alloy,
        ?Mass $charge,
        MeterReading $meter,
        ?Estimate $efficiency,
    ): void {
        $plateau = MeltingPlateau::on($curve, $alloy);
        if (null === $plateau) {
            return;
        }
        $sheet->add(
            code: 'plateau',
            label: 'It took to melt',
            value: $plateau->seconds,
            formula: 'from where melting begins to all liquid',
            inputs: [],
            source: 'your curve; arrests of the table of alloys',
            mark: Mark::Derived,
        );
        $power = $meter->power($plateau->from, $plateau->to);
        if (null === $power || $power->si <= 1.0) {
            return;
        }
        $inputs = [
            $sheet->input('P', 'Mean power meanwhile', $power),
            $sheet->input('t', 'Time to melt', $plateau->seconds),
            $sheet->input('L + c ΔT', 'Heat that a kilogram takes', $plateau->need(), 'table'),
        ];
        if (null !== $charge) {
            $share = $plateau->efficiency($power, $charge);
            $sheet->add(
                code: 'plateau_efficiency',
                label: 'Share that reached the metal while it melted',
                value: $share,
                formula: 'm (L + c ΔT) / (P t)',
                inputs: [...$inputs, $sheet->input('m', 'Charge', Estimate::exactly($charge), 'typed')],
                source: 'heat balance over the freezing range',
                mark: Mark::Derived,
                standing: $share->lowSi > 1.0 ? 'bad' : 'plain',
                note: $share->lowSi > 1.0 ? 'More than was drawn: the charge, the metal or the meter is not what is written.' : '',
            );
        }
        if (null === $efficiency) {
            return;
        }
        $mass = $plateau->charge($power, $efficiency);
        $off = null !== $charge && ($charge->si() < $mass->lowSi || $charge->si() > $mass->highSi);
        $sheet->add(
            code: 'plateau_charge',
            label: 'Charge that this time to melt speaks for',
            value: $mass,
            formula: 'P η t / (L + c ΔT)',
            inputs: [...$inputs, $sheet->input('η', 'Share that reaches the metal', $efficiency)],
            source: 'heat balance over the freezing range',
            mark: Mark::Derived,
            standing: $off ? 'risky' : 'plain',
            note: $off
                ? 'You wrote '.$format->quantity($charge).': weigh what is left, or the furnace does other than it used to.'
                : '',
        );
    }

    /** @param list<DayEvent> $events */
    private static function energy(StageSheet $sheet, MeterReading $meter, array $events): void
    {
        usort($events, static fn (DayEvent $a, DayEvent $b): int => $a->at <=> $b->at);
        /** @var list<DayEvent> $marks each step once, where it was tapped first */
        $marks = [];
        foreach ($events as $event) {
            if (in_array($event->code, array_diff(self::STEPS, array_column($marks, 'code')), true)) {
                $marks[] = $event;
            }
        }
        $taps = Tap::all();
        $before = null;
        foreach ($marks as $mark) {
            $energy = null === $before ? null : $meter->energy($before->at, $mark->at);
            if (null !== $before && null !== $energy) {
                $sheet->add(
                    code: 'step_energy',
                    label: $taps[$before->code]->label.' to '.lcfirst($taps[$mark->code]->label),
                    value: $energy,
                    formula: '∫ P dt',
                    inputs: [$sheet->input('t', 'Took', Estimate::exact(Dimension::Time, $mark->at - $before->at))],
                    source: 'your meter, between two taps',
                    mark: Mark::Derived,
                    subject: $mark->code,
                );
            }
            $before = $mark;
        }
        $first = $marks[0] ?? null;
        $all = null === $first || null === $before ? null : $meter->energy($first->at, $before->at);
        $all ??= $meter->all();
        if (null !== $all) {
            $sheet->add(
                code: 'energy_read',
                label: 'Energy drawn, all in all',
                value: $all,
                formula: '∫ P dt',
                inputs: [],
                source: 'your meter',
                mark: Mark::Derived,
            );
        }
    }

    private static function arrests(StageSheet $sheet, CoolingCurve $cooling): void
    {
        foreach (['upper_arrest' => $cooling->upper, 'lower_arrest' => $cooling->lower] as $code => $arrest) {
            if (null === $arrest) {
                continue;
            }
            $within = 2 * $arrest->within->si();
            $kelvin = $arrest->temperature->si();
            $sheet->add(
                code: $code,
                label: 'upper_arrest' === $code ? 'Begins to freeze' : 'Stands still below that',
                value: Estimate::between(Dimension::Temperature, $kelvin, $kelvin - $within, $kelvin + $within),
                formula: 'where it cools at less than 0.55 of its free rate',
                inputs: [
                    $sheet->input('σ', 'One reading scatters by', Estimate::exactly($cooling->noise)),
                    $sheet->input('t', 'Stood still for', Estimate::exact(Dimension::Time, $arrest->to - $arrest->from)),
                ],
                source: 'thermal analysis with a Newtonian base line; the probe’s own error comes on top',
                mark: Mark::CommonPractice,
            );
            if (null !== $arrest->undercooling) {
                $sheet->add(
                    code: 'undercooling',
                    label: 'Went below it first by',
                    value: Estimate::exactly($arrest->undercooling),
                    formula: 'top of the warming up less the dip before it',
                    inputs: [],
                    source: 'your curve',
                    mark: Mark::Derived,
                    subject: $code,
                );
            }
        }
        if (null !== $cooling->why) {
            $sheet->lacks('upper_arrest', [], $cooling->why);
        }
    }
}
