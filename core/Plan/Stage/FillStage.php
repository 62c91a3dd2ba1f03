<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Filling\EntryHead;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Melt\Pot;
use MoltenNotes\Core\Melt\PourTemperatureAdvice;
use MoltenNotes\Core\Melt\TemperatureLoss;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\Levels;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Working\StageResult;
use MoltenNotes\Core\Working\StageSheet;
use MoltenNotes\Core\Working\WorkingInput;

/**
 * Will it fill: for each section, how far metal gets against how far it has to go.
 *
 * @phpstan-import-type Way from FillReckoning
 */
final class FillStage
{
    /** Superheat with which metal primes a foam filter, K. Common practice. */
    private const PRIMES_A_FILTER_K = 50.0;
    /** What a handful of own pours leaves of the rule's own spread. Derived from the fit of Experience. */
    private const OWN_POURS = 0.4;
    /** Seconds out of the furnace for which the budget of heat is told. */
    private const BUDGET_S = [5, 10, 20, 40, 80];

    private readonly StageSheet $sheet;

    private function __construct(
        private readonly Basis $basis,
        private readonly Alloy $alloy,
        private readonly FillReckoning $fill,
    ) {
        $this->sheet = new StageSheet($basis->format);
    }

    /**
     * @param float|null $castingVolume m³ of one casting, where known
     * @param float|null $charge kg in the pot, where it is computed already; it cools the slower the more there is
     */
    public static function of(Basis $basis, ?float $castingVolume, ?float $charge = null): ?self
    {
        return null === $basis->alloy || null === $basis->mould
            ? null
            : new self(
                $basis,
                $basis->alloy,
                new FillReckoning($basis, $basis->alloy, $basis->mould, $castingVolume, $charge),
            );
    }

    /** Longest time that still fills every section comfortably, seconds; null when it cannot be told. */
    public function longestPour(): ?float
    {
        return $this->fill->longestPour();
    }

    /** Seconds in which the foam lets its longest way fill; null in any other mould, or where it cannot be told. */
    public function foamFill(): ?Estimate
    {
        return $this->fill->foamFill();
    }

    /** What the stage says while metal or mould are not chosen. */
    public static function blank(Basis $basis): StageResult
    {
        $sheet = new StageSheet($basis->format);
        $sheet->lacks(
            'fill',
            null === $basis->alloy ? ['metal.alloy'] : ['mould.process'],
            null === $basis->alloy ? 'Choose the metal.' : 'Choose the mould process.',
        );

        return $sheet->result();
    }

    /** @param Estimate|null $fillTime seconds to fill one casting, as the gating gives it */
    public function compute(?Estimate $fillTime): StageResult
    {
        if ([] === $this->fill->ways) {
            $this->sheet->lacks(
                'fill',
                ['casting.sections', 'casting.wall', 'casting.run'],
                'Describe the casting in sections, or give its thinnest wall and longest run.',
            );

            return $this->sheet->result();
        }
        $arrival = $this->showArrival();
        $cold = null !== $arrival
            && true === $this->basis->values->flag('gating.filter')
            && $arrival->si < $this->alloy->liquidus->kelvin() + self::PRIMES_A_FILTER_K;
        if ($cold) {
            $this->sheet->warn(
                'filter_cold',
                'A filter may freeze shut: metal should reach it '
                    .$this->basis->shown(self::PRIMES_A_FILTER_K, Dimension::TemperatureDifference).' above the liquidus at least.',
                'risky',
            );
        }
        if ($this->basis->freezesNothing()) {
            $this->sheet->lacks(
                'fill',
                ['mould.temperature'],
                'The mould is as hot as the metal’s solidus: how far the metal runs cannot be told.',
            );

            return $this->sheet->result();
        }
        if (null === $arrival) {
            $this->sheet->lacks('fill', ['pour.temperature'], 'Give a pour temperature, planned or as made.');

            return $this->sheet->result();
        }
        if ($this->fill->isFoam() && $this->fill->front($arrival)->si <= 0.0) {
            $this->sheet->warn('fill_ratio', 'The metal is too cold to drive the foam out: it stops at the gate.', 'bad');

            return $this->sheet->result();
        }
        if (null === $fillTime && !$this->fill->isFoam()) {
            $this->sheet->lacks(
                'fill',
                ['gating.sprue', 'gating.sprue_height', 'pour.time'],
                'Size the sprue and give the head, or say how long the pour took.',
            );

            return $this->sheet->result();
        }
        $ratios = [];
        $speeds = [];
        foreach ($this->fill->ways as $id => $way) {
            $speeds[$id] = null === $fillTime ? $this->fill->front($arrival) : $this->fill->speed($way, $fillTime);
            $ratios[$id] = $this->ratio($id, $way, $arrival, $speeds[$id]);
        }
        asort($ratios);
        $worst = array_key_first($ratios);
        $this->worst($worst, $arrival, $speeds[$worst]);
        $this->window($worst);
        $this->narrows($this->fill->ways[$worst], $worst, $arrival, $speeds[$worst]);
        $this->meetings();

        return $this->sheet->result();
    }

    /** @param Way $way */
    private function ratio(string $id, array $way, Estimate $arrival, Estimate $speed): float
    {
        [$ratio, $life] = $this->fill->ratioOf($way, $arrival, $speed);
        $factor = $this->basis->calibration->factor();
        $comfortable = FillReckoning::comfortable($ratio);
        [$standing, $note] = match (true) {
            $ratio->si < 1 => [
                'bad',
                ucfirst($way['label']).': the metal stops after about '.$this->basis->shown($ratio->si * $way['path'], Dimension::Length)
                    .' of '.$this->basis->shown($way['path'], Dimension::Length).'.',
            ],
            $ratio->si < $comfortable => ['risky', ucfirst($way['label']).': it may stop short of its last places.'],
            default => ['good', ''],
        };
        $this->sheet->add(
            code: 'fill_ratio',
            label: "Fill ratio, {$way['label']}",
            value: $ratio,
            formula: 'r = t_life v / path',
            inputs: [
                $this->sheet->input('t_life', 'Metal keeps running for', $life),
                $this->sheet->input('v', $this->fill->isFoam() ? 'Front speed, set by the foam' : 'Front speed in this section', $speed),
                $this->sheet->input('path', 'Way from the nearest gate', Estimate::exact(Dimension::Length, $way['path'])),
                ...$this->basis->calibration->pours > 0
                    ? [$this->sheet->input('f', "Your own factor, from {$this->basis->calibration->pours} pours", $factor)]
                    : [],
            ],
            source: 'M. C. Flemings, Solidification Processing; mould warming derived',
            mark: Mark::RecalledFromMemory,
            standing: $standing,
            note: $note,
            subject: $id,
        );
        $this->needed($way, $id, $arrival, $speed, $comfortable);
        $this->entryHead($way, $id);

        return $ratio->si;
    }

    /** @param Way $way */
    private function entryHead(array $way, string $id): void
    {
        $have = $this->basis->si('gating.sprue_height');
        $need = EntryHead::of($this->alloy, Length::fromSi($way['thickness']));
        if (null !== $have && $need->si() > 0.5 * $have) {
            $this->sheet->add(
                code: 'entry_head',
                label: "Least head to enter, {$way['label']}",
                value: Estimate::about($need, 0.2),
                formula: $this->alloy->has('dross_former') ? 'h = 4γ / (ρ g t)' : 'h = 2γ / (ρ g t)',
                inputs: [$this->sheet->input('t', 'Thickness', Estimate::exact(Dimension::Length, $way['thickness']), 'typed')],
                source: 'J. Campbell, Complete Casting Handbook',
                mark: Mark::RecalledFromMemory,
                standing: $need->si() > $have ? 'bad' : 'risky',
                note: ucfirst($way['label']).': too thin for this head, however hot the metal.',
                subject: $id,
            );
        }
    }

    /**
     * What temperature a section asks for so that it fills comfortably: at the mould, and in the furnace before it is carried.
     *
     * @param Way $way
     */
    private function needed(array $way, string $id, Estimate $arrival, Estimate $speed, float $comfortable): void
    {
        // As hot as makes it fill at the low end of the spread that it has there.
        $needed = $this->fill->solve(function (float $kelvin) use ($way, $arrival, $speed): bool {
            $there = Estimate::between(
                Dimension::Temperature,
                $kelvin,
                $kelvin - ($arrival->si - $arrival->lowSi),
                $kelvin + ($arrival->highSi - $arrival->si),
            );
            [$ratio] = $this->fill->ratioOf($way, $there, $this->fill->isFoam() ? $this->fill->front($there) : $speed);

            return $ratio->si >= FillReckoning::comfortable($ratio);
        });
        if (null === $needed) {
            return;
        }
        $clears = $this->fill->isFoam() ? $this->fill->clearsFoam($way['thickness']) : 0.0;
        $forFoam = $clears > $needed;
        $needed = max($needed, $clears);
        $liquidus = $this->alloy->liquidus->kelvin();
        $this->sheet->add(
            code: 'needed_at_mould',
            label: "Needed at the mould, {$way['label']}",
            value: Estimate::between(Dimension::Temperature, $needed, max($liquidus, $needed - 20), $needed + 20),
            formula: $forFoam ? 'hot enough to clear the foam' : 'r(T) = '.round($comfortable, 1),
            inputs: [$this->sheet->input('path', $way['label'], Estimate::exact(Dimension::Length, $way['path']))],
            source: $forFoam ? 'pour range of the metal on foam' : 'the same rule, solved for the temperature',
            mark: $forFoam ? Mark::CommonPractice : Mark::Derived,
            standing: 'plain',
            note: match (true) {
                $forFoam => 'It would fill cooler; so hot it leaves no folds of foam behind.',
                $needed < $liquidus + 1 => 'It fills as long as the metal is liquid.',
                default => '',
            },
            subject: $id,
        );
        $carry = $this->basis->si('pour.carry_time');
        $read = $this->fill->inFurnace($needed);
        $this->sheet->add(
            code: 'needed_in_furnace',
            label: "Needed in the furnace, {$way['label']}",
            value: Estimate::between(Dimension::Temperature, $read, max($liquidus, $read - 20), $read + 20),
            formula: '(m c + m_c c_c) dT/dt = −losses, backwards',
            inputs: [
                $this->sheet->input(
                    't',
                    'Carrying',
                    Estimate::exact(Dimension::Time, $carry ?? 0.0),
                    null === $carry ? 'default' : 'typed',
                ),
            ],
            source: 'Stefan-Boltzmann, Newton',
            mark: Mark::Derived,
            standing: $this->fill->tooHot($read) ? 'risky' : 'plain',
            note: $this->fill->tooHot($read) ? 'Hotter than this metal is usually poured: change something else.' : '',
            subject: $id,
        );
        if (null === $carry) {
            $this->sheet->assume('No time is lost between furnace and mould.', 'pour.carry_time');
        }
    }

    /**
     * Between what fills from below and what mould and metal bear from above; said to be empty where these pass one another.
     *
     * @param string $worst the section that decides
     */
    private function window(string $worst): void
    {
        $needed = $this->sheet->result()->figure('needed_in_furnace', $worst);
        $bears = $this->basis->suitability()->hottest();
        if (null === $needed) {
            return;
        }
        $liquid = $this->alloy->liquidus->kelvin() + $this->alloy->meltsWithin + PourTemperatureAdvice::LEAST_SUPERHEAT_K;
        $least = max($needed->value->si, $this->fill->inFurnace($liquid));
        $usual = $this->alloy->pourThin->kelvin() + $this->fill->overUsual();
        $most = min($usual, $bears?->kelvin() ?? \INF);
        $byMould = null !== $bears && $bears->kelvin() <= $usual;
        $cold = $least > $needed->value->si;
        $why = $byMould ? 'what mould and metal bear' : 'what is usual for this metal';
        $shown = [$this->basis->shown($least, Dimension::Temperature), $this->basis->shown($most, Dimension::Temperature)];
        $empty = $least >= $most;
        $this->sheet->add(
            code: 'window',
            label: $empty ? 'Pour window: empty' : 'Pour window',
            value: Estimate::between(Dimension::Temperature, ($least + $most) / 2, min($least, $most), max($least, $most)),
            formula: 'T_fills < T < T_bears',
            inputs: [
                $this->sheet->input(
                    'T_fills',
                    $cold ? 'Least superheat, so that the first touch does not freeze' : 'To fill '.$this->fill->ways[$worst]['label'],
                    Estimate::exact(Dimension::Temperature, $least),
                ),
                $this->sheet->input('T_bears', ucfirst($why), Estimate::exact(Dimension::Temperature, $most), 'table'),
            ],
            source: 'the filling from below, mould and metal from above',
            mark: Mark::Derived,
            standing: $empty && $byMould ? 'bad' : 'plain',
            note: match (true) {
                $empty => "The window is empty: {$shown[0]} would fill it, and {$shown[1]} is {$why}. "
                    .'Another metal, a thicker wall, a warmer mould or one more gate opens it.',
                default => "From {$shown[0]}, which fills it, to {$shown[1]}, {$why}.",
            },
        );
    }

    /** The section that decides: which lever helps it most. */
    private function worst(string $id, Estimate $arrival, Estimate $speed): void
    {
        $way = $this->fill->ways[$id];
        if (null === $this->sheet->result()->figure('needed_at_mould', $id)) {
            $this->sheet->warn(
                'needed_at_mould',
                ucfirst($way['label']).': no pour temperature alone fills it comfortably.',
                'risky',
                $id,
            );
        }
        $this->lever($way, $id, $arrival->si, $speed->si);
    }

    /**
     * @param Way $way
     */
    private function lever(array $way, string $id, float $kelvin, float $speed): void
    {
        $now = $this->fill->ratioAt($kelvin, $way['modulus'], $speed, $way['path']);
        $head = Levels::of($this->basis)->head;
        $gates = $this->basis->gates();
        $thicker = ($way['thickness'] + 0.001) / $way['thickness'];
        $hotter = 'Pour '.$this->basis->shown(50.0, Dimension::TemperatureDifference).' hotter';
        $levers = [
            $hotter => $this->fill->ratioAt($kelvin + 50, $way['modulus'], $speed, $way['path']),
            'Make it '.$this->basis->shown(0.001, Dimension::Length).' thicker' => $this->fill->ratioAt(
                $kelvin,
                $way['modulus'] * $thicker,
                $speed / $thicker,
                $way['path'],
            ),
        ];
        if ($this->fill->isFoam()) {
            // Each gate serves its share of the way; the pace stays the foam's.
            $levers['One more gate, at the far side'] = $this->fill->ratioAt(
                $kelvin,
                $way['modulus'],
                $speed,
                ($way['path'] * $gates) / ($gates + 1),
            );
        } else {
            $levers['One more gate'] = $this->fill->ratioAt($kelvin, $way['modulus'], ($speed * ($gates + 1)) / $gates, $way['path']);
            if ($head > 0.0) {
                $levers[$this->basis->shown(0.05, Dimension::Length).' more head'] = $this->fill->ratioAt(
                    $kelvin,
                    $way['modulus'],
                    $speed * sqrt(($head + 0.05) / $head),
                    $way['path'],
                );
            }
        }
        arsort($levers);
        $best = array_key_first($levers);
        $reached = max($levers);
        if ($now < FillReckoning::COMFORTABLE) {
            $this->sheet->add(
                code: 'lever',
                label: "What helps most: {$best}",
                value: Estimate::ratio($reached),
                formula: 'r with one thing changed',
                inputs: array_map(
                    fn (string $name, float $r): WorkingInput => $this->sheet->input('r', $name, Estimate::ratio($r)),
                    array_keys($levers),
                    $levers,
                ),
                source: 'the same rule',
                mark: Mark::Derived,
                standing: 'plain',
                note: "{$best}: {$way['label']} goes from ".round($now, 1).' to '.round($reached, 1).'.',
                subject: $id,
            );
        }
    }

    /** Where two streams meet with most of their heat gone. */
    private function meetings(): void
    {
        foreach ($this->basis->sections?->all() ?? [] as $section) {
            $risk = null;
            foreach ($this->sheet->result()->risks as $known) {
                $risk ??= 'fill_ratio' === $known['code'] && $known['subject'] === $section->id ? $known : null;
            }
            if (null !== $risk && in_array($section->shape->value, ['ring', 'tube'], true) && !$section->vent) {
                $this->sheet->warn(
                    'meeting',
                    "{$section->label}: two streams meet opposite the gate; an overflow or vent there avoids a cold shut.",
                    'risky',
                    $section->id,
                );
            }
        }
    }

    private function showArrival(): ?Estimate
    {
        $arrival = $this->fill->arrival();
        $poured = $this->fill->poured();
        $carry = $this->basis->estimate('pour.carry_time');
        if (null === $arrival || null === $poured) {
            return null;
        }
        $this->takenSo();
        $standing = $arrival->si <= $this->alloy->liquidus->kelvin() ? 'bad' : 'plain';
        $this->sheet->add(
            code: 'at_mould',
            label: 'Temperature at the mould',
            value: $arrival,
            formula: '(m c + m_c c_c) dT/dt = −[εσA(T⁴ − T₀⁴) + hA(T − T₀)]',
            inputs: [
                $this->sheet->input('T', 'In the crucible', $poured, $this->basis->values->has('pour.temperature') ? 'typed' : 'default'),
                $this->sheet->input(
                    't',
                    'Carrying',
                    $carry ?? Estimate::exact(Dimension::Time, 0.0),
                    null === $carry ? 'default' : 'typed',
                ),
                ...$this->budget($poured),
            ],
            source: 'Stefan-Boltzmann, Newton; a pot of usual proportions',
            mark: Mark::Derived,
            standing: $standing,
            note: 'bad' === $standing ? 'It reaches the mould half frozen.' : '',
        );

        return $arrival;
    }

    /** What is counted with though nobody told it: the air, the mould, the pot. */
    private function takenSo(): void
    {
        $told = $this->basis->values;
        if (!$told->has('pour.temperature')) {
            $this->sheet->assume('The metal is as hot as it usually is some minutes after its last piece melted.', 'pour.temperature');
        }
        if (!$told->has('pour.ambient')) {
            $air = $this->basis->shown($this->basis->air()->kelvin(), Dimension::Temperature);
            $this->sheet->assume("The air has {$air}.", 'pour.ambient');
        }
        if (!$told->has('mould.temperature')) {
            $asked = Fields::get('mould.temperature')->belongsTo($told->choice('mould.process'));
            $this->sheet->assume('The mould is as warm as the air.', $asked ? 'mould.temperature' : null);
        }
        if ($told->has('pour.carry_time') && !$told->has('crucible.mass') && null === $this->fill->ownCrucible()) {
            $this->sheet->assume('The metal is carried in a pot of usual weight for its charge.', 'crucible.mass');
        }
    }

    /**
     * What one more measurement would narrow the spread of the section that decides the most.
     *
     * @param Way $way
     */
    private function narrows(array $way, string $id, Estimate $arrival, Estimate $speed): void
    {
        $exactly = static fn (Estimate $of): Estimate => Estimate::exact($of->dimension, $of->si);
        $spread = fn (Estimate $at, Estimate $v, float $grade, float $rule): float => $this->fill->ratioOf($way, $at, $v, $grade, $rule)[0]
            ->relativeSpread();
        $grade = $this->alloy->meltsWithin;
        $now = $spread($arrival, $speed, $grade, 1.0);
        $ways = [];
        if ($arrival->highSi - $arrival->lowSi > 1.0) {
            $ways['Measure the temperature with a probe'] = $spread($exactly($arrival), $speed, $grade, 1.0);
        }
        if ($grade > 0.0) {
            $ways['Find out the grade of the metal'] = $spread($arrival, $speed, 0.0, 1.0);
        }
        if (!$this->basis->values->has('pour.time')) {
            $ways['Log how long the pour takes'] = $spread($arrival, $exactly($speed), $grade, 1.0);
        }
        if (0 === $this->basis->calibration->pours) {
            $ways['Log whether it filled: your own pours sharpen the rule'] = $spread($arrival, $speed, $grade, self::OWN_POURS);
        }
        asort($ways);
        $best = array_key_first($ways);
        if (null === $best || $ways[$best] > 0.95 * $now) {
            return;
        }
        $percent = static fn (float $share): string => '± '.round(100 * $share).' %';
        $this->sheet->add(
            code: 'narrows',
            label: 'What would narrow it most',
            value: Estimate::ratio($ways[$best]),
            formula: 'spread of r with one thing known',
            inputs: array_map(
                static fn (string $name, float $then): WorkingInput => new WorkingInput('±', $name, $percent($then), 'computed'),
                array_keys($ways),
                $ways,
            ),
            source: 'the same rule',
            mark: Mark::Derived,
            standing: 'plain',
            note: "{$best}: {$percent($now)} becomes {$percent($ways[$best])}.",
            subject: $id,
        );
    }

    /**
     * What carrying costs, as a small curve: the temperature after so many seconds out of the furnace.
     *
     * @return list<WorkingInput>
     */
    private function budget(Estimate $poured): array
    {
        $after = fn (float $seconds): Temperature => TemperatureLoss::after(
            Time::fromSi($seconds),
            Temperature::fromSi($poured->si),
            $this->basis->air(),
            $this->fill->pot(),
        );

        $curve = [];
        foreach (self::BUDGET_S as $seconds) {
            $curve[] = $this->sheet->input("T({$seconds} s)", 'Carried so long', Estimate::exactly($after($seconds)));
        }

        return $curve;
    }
}
