<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Filling\EntryHead;
use MoltenNotes\Core\Filling\FillPath;
use MoltenNotes\Core\Filling\FluidLife;
use MoltenNotes\Core\Filling\FoamFront;
use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Melt\JudgedTemperature;
use MoltenNotes\Core\Melt\Pot;
use MoltenNotes\Core\Melt\PourTemperatureAdvice;
use MoltenNotes\Core\Melt\TemperatureLoss;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\Levels;
use MoltenNotes\Core\Quantity\Density;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Working\StageResult;
use MoltenNotes\Core\Working\StageSheet;
use MoltenNotes\Core\Working\WorkingInput;

/** Will it fill: for each section, how far metal gets against how far it has to go. */
final class FillStage
{
    /** At or above this a section fills comfortably; below one a misrun is to be expected. Common practice. */
    public const COMFORTABLE = 1.5;
    /** Coefficients of heat transfer and flow, until a caster's own pours narrow it. */
    private const RULE_SPREAD = 0.25;

    /** Superheat with which metal primes a foam filter, K. Common practice. */
    private const PRIMES_A_FILTER_K = 50.0;
    /** So far over the pour range of thin walls a metal is seldom poured, K: in other moulds, and on foam. Common practice. */
    private const OVER_USUAL_K = [60.0, 350.0];
    /** So near to one the low end of a spread is one; and between these a section counts as filled whatever its spread. */
    private const NEARLY = 0.95;
    private const LEAST_COMFORTABLE = 1.2;
    private const MOST_COMFORTABLE = 3.0;
    /** Seconds out of the furnace for which the budget of heat is told. */
    private const BUDGET_S = [5, 10, 20, 40, 80];

    private readonly StageSheet $sheet;

    /**
     * @var array<string, array{label: string, modulus: float, path: float, cross: float, share: float, thickness: float, volume: float}>
     */
    private readonly array $ways;

    private function __construct(
        private readonly Basis $basis,
        private readonly Alloy $alloy,
        private readonly MouldMaterial $mould,
        private readonly ?float $castingVolume,
        private readonly ?float $charge,
    ) {
        $this->sheet = new StageSheet($basis->format);
        $this->ways = self::ways($basis, $castingVolume);
    }

    /**
     * @param float|null $castingVolume m³ of one casting, where known
     * @param float|null $charge kg in the pot, where it is computed already; it cools the slower the more there is
     */
    public static function of(Basis $basis, ?float $castingVolume, ?float $charge = null): ?self
    {
        return null === $basis->alloy || null === $basis->mould
            ? null
            : new self($basis, $basis->alloy, $basis->mould, $castingVolume, $charge);
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

    /** Longest time that still fills every section comfortably, seconds; null when it cannot be told. */
    public function longestPour(): ?float
    {
        $arrival = $this->arrival();
        if (null === $arrival || [] === $this->ways || $this->isFoam() || $this->basis->freezesNothing()) {
            return null;
        }
        $longest = \INF;
        foreach ($this->ways as $way) {
            $life = $this->life($way['modulus'], $arrival->si, $this->mould->transfer->si);
            $longest = min(
                $longest,
                ($life * $this->basis->calibration->factor()->si * $this->reach($way)) / (self::COMFORTABLE * max(1e-6, $way['path'])),
            );
        }

        return is_finite($longest) ? $longest : null;
    }

    /**
     * Seconds in which the foam lets its longest way fill; null in any other mould, where the way or the temperature is not known, and
     * where the metal
     * drives no foam out.
     */
    public function foamFill(): ?Estimate
    {
        $arrival = $this->isFoam() ? $this->arrival() : null;
        $longest = $this->longestWay();
        $front = null === $arrival ? null : $this->front($arrival);
        if (null === $front || $front->lowSi <= 0.0 || $longest <= 0.0) {
            return null;
        }

        return Estimate::through(Dimension::Time, static fn (float $v): float => $longest / max(1e-6, $v), $front);
    }

    /** How fast the metal drives the foam out where it arrives so hot, m/s. */
    private function front(Estimate $arrival): Estimate
    {
        $of = fn (float $kelvin): Estimate => FoamFront::speed(
            Temperature::fromSi(max(1.0, $kelvin)),
            $this->foam(),
            $this->basis->values->count('foam.coats'),
        );
        $middle = $of($arrival->si);
        $share = Estimate::ratio(1.0, $middle->lowSi / max(1e-9, $middle->si), $middle->highSi / max(1e-9, $middle->si));

        return Estimate::through(Dimension::Speed, static fn (float $t, float $share): float => $of($t)->si * $share, $arrival, $share);
    }

    private function longestWay(): float
    {
        return max([$this->basis->solid->way ?? 0.0, ...array_column($this->ways, 'path')]);
    }

    private function foam(): Density
    {
        return Density::fromSi($this->basis->si('foam.density') ?? FoamFront::USUAL_FOAM);
    }

    /** @param Estimate|null $fillTime seconds to fill one casting, as the gating gives it */
    public function compute(?Estimate $fillTime): StageResult
    {
        if ([] === $this->ways) {
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
        if ($this->isFoam() && $this->front($arrival)->si <= 0.0) {
            $this->sheet->warn('fill_ratio', 'The metal is too cold to drive the foam out: it stops at the gate.', 'bad');

            return $this->sheet->result();
        }
        if (null === $fillTime && !$this->isFoam()) {
            $this->sheet->lacks(
                'fill',
                ['gating.sprue', 'gating.sprue_height', 'pour.time'],
                'Size the sprue and give the head, or say how long the pour took.',
            );

            return $this->sheet->result();
        }
        $ratios = [];
        $speeds = [];
        foreach ($this->ways as $id => $way) {
            $speeds[$id] = null === $fillTime ? $this->front($arrival) : $this->speed($way, $fillTime);
            $ratios[$id] = $this->ratio($id, $way, $arrival, $speeds[$id]);
        }
        asort($ratios);
        $worst = array_key_first($ratios);
        $this->worst($worst, $arrival, $speeds[$worst]);
        $this->window($worst);
        $this->meetings();

        return $this->sheet->result();
    }

    /** @param array{label: string, modulus: float, path: float, cross: float, share: float, thickness: float, volume: float} $way */
    private function ratio(string $id, array $way, Estimate $arrival, Estimate $speed): float
    {
        [$ratio, $life] = $this->ratioOf($way, $arrival, $speed);
        $factor = $this->basis->calibration->factor();
        $comfortable = self::comfortable($ratio);
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
                $this->sheet->input('v', $this->isFoam() ? 'Front speed, set by the foam' : 'Front speed in this section', $speed),
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

    /** @param array{label: string, modulus: float, path: float, cross: float, share: float, thickness: float, volume: float} $way */
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
     * Ratio of a section and how long the metal keeps running in it, each with its spread.
     *
     * @param array{label: string, modulus: float, path: float, cross: float, share: float, thickness: float, volume: float} $way
     *
     * @return array{Estimate, Estimate}
     */
    private function ratioOf(array $way, Estimate $arrival, Estimate $speed): array
    {
        $life = Estimate::through(
            Dimension::Time,
            fn (float $t, float $h): float => $this->life($way['modulus'], $t, $h),
            $arrival,
            $this->mould->transfer,
        );
        $known = $this->basis->calibration->pours > 0;
        $spread = $known ? $this->basis->calibration->factor() : Estimate::ratio(1.0);
        $ratio = Estimate::through(
            Dimension::Ratio,
            static fn (float $life, float $v, float $f): float => ($life * $v * $f) / max(1e-6, $way['path']),
            $life,
            $speed,
            $spread,
        )->widenedBy($known ? 0.0 : self::RULE_SPREAD);

        return [$ratio, $life];
    }

    /**
     * What temperature a section asks for so that it fills comfortably: at the mould, and in the furnace before it is carried.
     *
     * @param array{label: string, modulus: float, path: float, cross: float, share: float, thickness: float, volume: float} $way
     */
    private function needed(array $way, string $id, Estimate $arrival, Estimate $speed, float $comfortable): void
    {
        // As hot as makes it fill at the low end of the spread that it has there.
        $needed = $this->solve(function (float $kelvin) use ($way, $arrival, $speed): bool {
            $there = Estimate::between(
                Dimension::Temperature,
                $kelvin,
                $kelvin - ($arrival->si - $arrival->lowSi),
                $kelvin + ($arrival->highSi - $arrival->si),
            );
            [$ratio] = $this->ratioOf($way, $there, $this->isFoam() ? $this->front($there) : $speed);

            return $ratio->si >= self::comfortable($ratio);
        });
        if (null === $needed) {
            return;
        }
        $clears = $this->isFoam() ? $this->clearsFoam($way['thickness']) : 0.0;
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
        $read = $this->inFurnace($needed);
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
            standing: $this->tooHot($read) ? 'risky' : 'plain',
            note: $this->tooHot($read) ? 'Hotter than this metal is usually poured: change something else.' : '',
            subject: $id,
        );
        if (null === $carry) {
            $this->sheet->assume('No time is lost between furnace and mould.', 'pour.carry_time');
        }
    }

    /** Kelvin at which foam of this thickness leaves without folds; the diagnosis weighs the same. */
    private function clearsFoam(float $thickness): float
    {
        return PourTemperatureAdvice::calculate($this->alloy, Length::fromSi($thickness), $this->mould->process, $this->basis->format)
            ->temperature->kelvin();
    }

    /** In lost foam hotter metal also comes faster. */
    private function ratioAt(float $kelvin, float $modulus, float $speed, float $path): float
    {
        $speed = $this->isFoam() ? $this->front(Estimate::exact(Dimension::Temperature, $kelvin))->si : $speed;

        return ($this->life($modulus, $kelvin, $this->mould->transfer->si) * $speed * $this->basis->calibration->factor()->si) /
            max(1e-6, $path);
    }

    /** What the furnace must read, kelvin, for the metal to arrive so hot. */
    private function inFurnace(float $atMould): float
    {
        $carry = $this->basis->si('pour.carry_time');

        return null === $carry
            ? $atMould
            : TemperatureLoss::before(Time::fromSi($carry), Temperature::fromSi($atMould), $this->basis->air(), $this->pot())->kelvin();
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
        $least = max($needed->value->si, $this->inFurnace($this->alloy->liquidus->kelvin() + PourTemperatureAdvice::LEAST_SUPERHEAT_K));
        $usual = $this->alloy->pourThin->kelvin() + self::OVER_USUAL_K[$this->isFoam() ? 1 : 0];
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
                    $cold ? 'Least superheat, so that the first touch does not freeze' : 'To fill '.$this->ways[$worst]['label'],
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
        $way = $this->ways[$id];
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
     * @param array{label: string, modulus: float, path: float, cross: float, share: float, thickness: float, volume: float} $way
     */
    private function lever(array $way, string $id, float $kelvin, float $speed): void
    {
        $now = $this->ratioAt($kelvin, $way['modulus'], $speed, $way['path']);
        $head = Levels::of($this->basis)->head;
        $gates = $this->basis->gates();
        $thicker = ($way['thickness'] + 0.001) / $way['thickness'];
        $hotter = 'Pour '.$this->basis->shown(50.0, Dimension::TemperatureDifference).' hotter';
        $levers = [
            $hotter => $this->ratioAt($kelvin + 50, $way['modulus'], $speed, $way['path']),
            'Make it '.$this->basis->shown(0.001, Dimension::Length).' thicker' => $this->ratioAt(
                $kelvin,
                $way['modulus'] * $thicker,
                $speed / $thicker,
                $way['path'],
            ),
        ];
        if ($this->isFoam()) {
            // Each gate serves its share of the way; the pace stays the foam's.
            $levers['One more gate, at the far side'] = $this->ratioAt(
                $kelvin,
                $way['modulus'],
                $speed,
                ($way['path'] * $gates) / ($gates + 1),
            );
        } else {
            $levers['One more gate'] = $this->ratioAt($kelvin, $way['modulus'], ($speed * ($gates + 1)) / $gates, $way['path']);
            if ($head > 0.0) {
                $levers[$this->basis->shown(0.05, Dimension::Length).' more head'] = $this->ratioAt(
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
        if ($now < self::COMFORTABLE) {
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
        $arrival = $this->arrival();
        $poured = $this->poured();
        $carry = $this->basis->estimate('pour.carry_time');
        if (null === $arrival || null === $poured) {
            return null;
        }
        $standing = $arrival->si <= $this->alloy->liquidus->kelvin() ? 'bad' : 'plain';
        $this->sheet->add(
            code: 'at_mould',
            label: 'Temperature at the mould',
            value: $arrival,
            formula: '(m c + m_c c_c) dT/dt = −[εσA(T⁴ − T₀⁴) + hA(T − T₀)]',
            inputs: [
                $this->sheet->input('T', 'In the crucible', $poured, 'typed'),
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

    /** In the crucible as the pour began, as sure as it was told. */
    private function poured(): ?Estimate
    {
        $told = $this->basis->estimate('pour.temperature');

        return null === $told ? null : JudgedTemperature::of($told, $this->basis->values->choice('melt.temperature_by'));
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
            $this->pot(),
        );

        $curve = [];
        foreach (self::BUDGET_S as $seconds) {
            $curve[] = $this->sheet->input("T({$seconds} s)", 'Carried so long', Estimate::exactly($after($seconds)));
        }

        return $curve;
    }

    private function arrival(): ?Estimate
    {
        $poured = $this->poured();
        if (null === $poured) {
            return null;
        }
        $carry = $this->basis->estimate('pour.carry_time') ?? Estimate::exact(Dimension::Time, 0.0);

        return Estimate::through(
            Dimension::Temperature,
            fn (float $t, float $s): float => TemperatureLoss::after(
                Time::fromSi(max(0.0, $s)),
                Temperature::fromSi($t),
                $this->basis->air(),
                $this->pot(),
            )->kelvin(),
            $poured,
            $carry,
        );
    }

    /** The caster's own pot with what is in it: as told, else as computed, else twice the castings. */
    private function pot(): Pot
    {
        $metal =
            $this->basis->si('metal.charge') ??
            $this->charge ??
            max(0.2, ($this->castingVolume ?? 2e-4) * $this->alloy->densityLiquid->si() * 2 * $this->basis->castings());
        $crucible = $this->basis->si('crucible.mass') ?? OwnCrucible::of($this->basis, $this->alloy, $metal)?->mass;

        return Pot::usual($this->alloy, Mass::fromSi($metal), null === $crucible ? null : Mass::fromSi($crucible));
    }

    private function life(float $modulus, float $kelvin, float $transfer): float
    {
        $foam = $this->isFoam() ? $this->foam() : null;

        return FluidLife::of(
            $this->alloy,
            $this->mould,
            Length::fromSi($modulus),
            Temperature::fromSi(max(1.0, $kelvin)),
            $this->basis->mouldTemperature(),
            $transfer,
            $foam,
        )->si();
    }

    /** @param array{label: string, modulus: float, path: float, cross: float, share: float, thickness: float, volume: float} $way */
    private function speed(array $way, Estimate $fillTime): Estimate
    {
        // The foam leaves at one pace everywhere; elsewhere the stream divides as what is filled through a section.
        $reach = $this->isFoam() ? $this->longestWay() : $this->reach($way);

        return Estimate::through(Dimension::Speed, static fn (float $t): float => $reach / max(0.05, $t), $fillTime);
    }

    /**
     * How far the front of this section would have gone when the casting is full, metres: v = share · V / (t · cross).
     *
     * @param array{label: string, modulus: float, path: float, cross: float, share: float, thickness: float, volume: float} $way
     */
    private function reach(array $way): float
    {
        return max(($way['share'] * $way['volume']) / max(1e-9, $way['cross']), $way['path']);
    }

    /**
     * From which ratio on a section fills even at the low end of the spread; own pours that narrow it bring it down.
     */
    private static function comfortable(Estimate $ratio): float
    {
        return max(self::LEAST_COMFORTABLE, min(self::MOST_COMFORTABLE, (self::NEARLY * $ratio->si) / max(1e-9, $ratio->lowSi)));
    }

    /**
     * The least temperature from which on it fills, K; null where none does.
     *
     * @param callable(float): bool $fills
     */
    private function solve(callable $fills): ?float
    {
        $low = $this->alloy->liquidus->kelvin();
        $high = $low + 600;
        if (!$fills($high)) {
            return null;
        }
        while ($high - $low > 0.5) {
            $middle = ($low + $high) / 2;
            if ($fills($middle)) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    private function tooHot(float $kelvin): bool
    {
        return $kelvin > $this->alloy->pourThin->kelvin() + self::OVER_USUAL_K[$this->isFoam() ? 1 : 0];
    }

    private function isFoam(): bool
    {
        return 'lost_foam' === $this->mould->process;
    }

    /**
     * @return array<string, array{label: string, modulus: float, path: float, cross: float, share: float, thickness: float,
     *     volume: float}>
     */
    private static function ways(Basis $basis, ?float $castingVolume): array
    {
        $ways = [];
        if (null !== $basis->sections && [] !== $basis->bodies) {
            $volume = $castingVolume ?? 0.0;
            foreach (FillPath::all($basis->sections, $basis->bodies) as $id => $path) {
                $body = $basis->bodies[$id];
                $isMesh = Shape::Mesh === $basis->sections->get($id)?->shape;
                // A mesh has no thinner parts to go by, and foam takes heat from the front all the way through what has the gates.
                $isWhole = $isMesh || ('lost_foam' === $basis->mould?->process && [] === $path->via);
                $far = $isWhole ? $basis->solid->parts[$id]->far ?? null : null;
                $ways[$id] = [
                    'label' => mb_strtolower($basis->sections->get($id)->label ?? $id),
                    'modulus' => self::flowModulus($body->thickness, $body->cross),
                    'path' => $far ?? $path->path,
                    // What a mesh is on the average along its way.
                    'cross' => $isMesh && null !== $far && $far > 0.0 ? $body->volume / $far : $body->cross,
                    'share' => $path->share,
                    'thickness' => $body->thickness,
                    'volume' => $volume,
                ];
            }

            return $ways;
        }
        $wall = $basis->si('casting.wall');
        $run = $basis->si('casting.run');
        if (null === $wall || null === $run || $wall <= 0.0) {
            return [];
        }

        return [
            '' => [
                'label' => 'thinnest wall',
                'modulus' => $wall / 2,
                'path' => $run / $basis->gates(),
                'cross' => 1.0,
                'share' => 0.0,
                'thickness' => $wall,
                'volume' => 0.0,
            ],
        ];
    }

    /** Area over perimeter of a rectangle of this thickness and section. */
    private static function flowModulus(float $thickness, float $cross): float
    {
        $width = max($thickness, $cross / $thickness);

        return ($thickness * $width) / (2 * ($thickness + $width));
    }
}
