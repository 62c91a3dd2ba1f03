<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Melt\PourTemperatureAdvice;
use MoltenNotes\Core\MeltCurve\FoundArrests;
use MoltenNotes\Core\MeltCurve\ScrapCheck;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Sand\SandKind;
use MoltenNotes\Core\Working\Figure;
use MoltenNotes\Core\Working\Working;

/** What a record says, as facts the evidence rules can weigh. A blank field makes no fact. */
final class FactSheet
{
    /** Faults that tell where the metal did not come. */
    private const UNFILLED = ['misrun', 'cold_shut', 'missing_detail', 'foam_fold'];
    /** Faults that tell where no liquid followed. */
    private const UNFED = ['sink', 'internal_shrinkage', 'centreline_shrinkage', 'micro_shrinkage'];

    /** @var array<string, Fact> */
    private array $facts = [];

    /** @var array<string, Working> fact → how it was computed */
    private array $workings = [];

    private readonly Values $values;
    private readonly ?Alloy $alloy;

    private function __construct(AttemptRecord $record, private readonly QuantityFormatter $format)
    {
        $this->values = $record->values();
        $this->alloy = AlloyTable::find($this->values->choice('metal.alloy') ?? '');
        $this->plainValues();
        $this->chargeParts();
        foreach ([...$record->observations, ...$this->siblings($record)] as $code) {
            $this->facts["observed.{$code}"] = new Fact("observed.{$code}", null, 'yes', [], []);
        }
        $basis = Basis::of($record, $this->format);
        $plan = PlanCasting::of($basis);
        $this->temperatures($plan, $basis);
        $this->proportions();
        $this->ofItsSand();
        $this->scrapCheck();
        $this->planned($record, $plan);
    }

    /** What the plan of this record says, as facts the network weighs; each with the plan's own working. */
    public static function of(AttemptRecord $record, QuantityFormatter $format): self
    {
        return new self($record, $format);
    }

    /** Null when the record does not say enough for it. */
    public function fact(string $code): ?Fact
    {
        return $this->facts[$code] ?? null;
    }

    /** @return array<string, Fact> */
    public function all(): array
    {
        return $this->facts;
    }

    /** @return array<string, Working> fact → how it was computed */
    public function workings(): array
    {
        return $this->workings;
    }

    /** Code of the mould process, as made, else as planned; null when not told. */
    public function process(): ?string
    {
        return $this->values->choice('mould.process');
    }

    /** Family of the metal, as made, else as planned; null when not told. */
    public function family(): ?string
    {
        return $this->alloy?->family;
    }

    /** The pour temperature this part asks for, where metal and thinnest wall are known. */
    public static function neededTemperature(Values $values, QuantityFormatter $format): ?PourTemperatureAdvice
    {
        $alloy = AlloyTable::find($values->choice('metal.alloy') ?? '');
        $wall = $values->measurement('casting.wall');
        if (null === $alloy || null === $wall) {
            return null;
        }

        return PourTemperatureAdvice::calculate($alloy, Length::fromSi($wall->si()), $values->choice('mould.process'), $format);
    }

    private function plainValues(): void
    {
        foreach ($this->values->all() as $key => $value) {
            if ($value instanceof Sections) {
                continue;
            }
            $field = Fields::get($key);
            $fact = match (true) {
                $value instanceof Measurement => new Fact(
                    $key,
                    $field->unit?->fromSi($value->si()),
                    null,
                    ['value' => $this->format->measurement($value)],
                    [$key],
                ),
                is_bool($value) => new Fact($key, null, $value ? 'yes' : 'no', [], [$key]),
                is_int($value) => new Fact($key, (float) $value, null, ['value' => (string) $value], [$key]),
                default => new Fact($key, null, $value, ['value' => mb_strtolower(Choices::label($field->choices ?? '', $value))], [$key]),
            };
            $this->facts[$key] = $fact;
        }
    }

    /** Rules on moisture and clay are written for sand with bentonite: of another sand they are read at the same place of its own band. */
    private function ofItsSand(): void
    {
        $usual = SandKind::find('bentonite')->bands ?? [];
        $own = SandKind::find($this->values->choice('sand.kind'))->bands ?? $usual;
        foreach (['moisture', 'clay'] as $measure) {
            $fact = $this->facts["sand.{$measure}"] ?? null;
            if (null === $fact?->number || !isset($own[$measure], $usual[$measure])) {
                continue;
            }
            [$low, $high] = [100 * $own[$measure][0], 100 * $own[$measure][1]];
            $place = ($fact->number - $low) / ($high - $low);
            $this->facts[$fact->code] = new Fact(
                $fact->code,
                100 * ($usual[$measure][0] + $place * ($usual[$measure][1] - $usual[$measure][0])),
                null,
                $fact->words + ['usual' => "{$low} to {$high} %"],
                $fact->fields,
            );
        }
    }

    /**
     * A charge of several parts speaks by their shares. The first part has what the others leave; a part without a share has as much as is
     * left, evenly.
     */
    private function chargeParts(): void
    {
        $shares = [];
        foreach (['metal.source_2' => 'metal.share_2', 'metal.source_3' => 'metal.share_3'] as $part => $of) {
            $source = $this->values->choice($part);
            if (null !== $source) {
                $shares[$source] = ($shares[$source] ?? 0.0) + ($this->values->measurement($of)?->si() ?? 0.5);
            }
        }
        $first = $this->values->choice('metal.source');
        if (null === $first || array_sum($shares) <= 0) {
            return;
        }
        $others = min(1.0, array_sum($shares));
        $scale = $others / array_sum($shares);
        $shares = array_map(static fn (float $share): float => $share * $scale, $shares);
        $shares[$first] = ($shares[$first] ?? 0.0) + 1 - $others;
        $words = array_map(
            static fn (string $source, float $share): string => ContextEvidence::percent($share).' '
                .mb_strtolower(Choices::label('charge_source', $source)),
            array_keys($shares),
            $shares,
        );
        $this->facts['metal.source'] = new Fact(
            'metal.source',
            null,
            $first,
            ['value' => implode(', ', $words)],
            ['metal.source', 'metal.source_2', 'metal.source_3'],
            $shares,
        );
    }

    /**
     * Numbers of the castings that have a fault say by themselves whether the others are sound; so do other moulds filled from one melt.
     *
     * @return list<string> observations
     */
    private function siblings(AttemptRecord $record): array
    {
        $mates = $record->sameHeat;
        if ([] !== $mates && [] !== $record->findings) {
            $alike = array_filter($mates, static fn (array $kinds): bool => [] !== array_intersect($kinds, $record->defectKinds()));

            return match (count($alike)) {
                0 => ['siblings_sound'],
                count($mates) => ['siblings_alike'],
                default => [],
            };
        }
        $count = $this->values->count('casting.count') ?? 1;
        $pieces = [];
        foreach ($record->findings as $finding) {
            $pieces = [...$pieces, ...$finding->pieces];
        }
        $with = count(array_unique($pieces));

        return match (true) {
            $count < 2 || 0 === $with => [],
            $with < $count => ['siblings_sound'],
            default => ['siblings_alike'],
        };
    }

    private function temperatures(CastingPlan $plan, Basis $basis): void
    {
        $pour = $this->values->measurement('pour.temperature')?->asTemperature();
        if (null === $this->alloy) {
            return;
        }
        if (null !== $pour) {
            $superheat = $this->alloy->superheatAt($pour);
            $this->number(
                'superheat',
                $superheat->si(),
                ['value' => $this->format->quantity($superheat), 'pour' => $this->format->quantity($pour)],
                ['pour.temperature', 'metal.alloy'],
            );
        }
        if ('lost_foam' !== $this->process()) {
            $advice = self::neededTemperature($this->values, $this->format);
            $this->margin('temperature_margin', $pour, $advice?->temperature, $advice?->working);
            $this->peak($this->alloy, $pour);

            return;
        }
        // On foam the plan counts with the foam, its coat and the way. What usual foam asks for is the metal's part; what this one asks for
        // besides is the foam's.
        $own = $plan->most('filling', 'needed_in_furnace');
        $usual = $basis->values->has('foam.density') || $basis->values->has('foam.coats')
            ? PlanCasting::of($basis->with($basis->values->without('foam.density')->without('foam.coats')))
                ->most('filling', 'needed_in_furnace')
            : $own;
        $least = null === $own || null === $usual || $own->value->si <= $usual->value->si ? $own : $usual;
        foreach (['foam_margin' => $own, 'temperature_margin' => $least] as $fact => $asked) {
            $this->margin($fact, $pour, null === $asked ? null : Temperature::fromSi($asked->value->si), $asked?->working);
        }
        $this->peak($this->alloy, $pour);
    }

    /** @param 'temperature_margin'|'foam_margin' $fact */
    private function margin(string $fact, ?Temperature $pour, ?Temperature $need, ?Working $working): void
    {
        if (null === $pour || null === $need || null === $working) {
            return;
        }
        $margin = $pour->minus($need);
        $this->workings[$fact] = $working;
        $this->number(
            $fact,
            $margin->si(),
            [
                'value' => $this->format->quantity($margin),
                'pour' => $this->format->quantity($pour),
                'need' => $this->format->quantity($need),
            ],
            ['pour.temperature', 'metal.alloy', 'casting.wall', 'mould.process'],
        );
    }

    /** What the arrests of a cooled sample say of the metal that is written; nothing where they cannot tell. */
    private function scrapCheck(): void
    {
        $upper = $this->values->measurement('melt.arrest_upper')?->asTemperature();
        if (null === $upper || null === $this->alloy) {
            return;
        }
        $check = ScrapCheck::of(FoundArrests::told($upper, $this->values->measurement('melt.arrest_lower')?->asTemperature()));
        $another = $check->contradicts($this->alloy->code);
        if (null !== $another) {
            $this->facts['scrap_check'] = new Fact(
                'scrap_check',
                null,
                $another ? 'another' : 'as_written',
                ['value' => $this->format->quantity($upper), 'need' => lcfirst($check->words)." {$this->alloy->name} is written."],
                ['melt.arrest_upper', 'melt.arrest_lower', 'metal.alloy'],
            );
        }
    }

    private function peak(Alloy $alloy, ?Temperature $pour): void
    {
        $peak = $this->values->measurement('melt.peak')?->asTemperature();
        if (null === $peak || (null !== $pour && $pour->isAbove($peak))) {
            return;
        }
        $over = $peak->minus($alloy->pourThin);
        $this->number('peak_over', $over->si(), ['value' => $this->format->quantity($over)], ['melt.peak', 'metal.alloy']);
    }

    private function proportions(): void
    {
        $wall = $this->length('casting.wall');
        $heaviest = $this->length('casting.heaviest');
        $run = $this->length('casting.run');
        $gates = $this->values->count('gating.gates');
        if (null !== $run && null !== $wall && null !== $gates && $gates > 0) {
            // Gates share the way: with two of them each serves about half the run.
            $this->ratio('run_to_wall', $run / $gates, $wall, ['casting.run', 'casting.wall', 'gating.gates'], 0);
        }
        $this->ratio('gate_to_wall', $this->length('gating.gate_thickness'), $wall, ['gating.gate_thickness', 'casting.wall'], 2);
        $this->ratio('heaviest_to_wall', $heaviest, $wall, ['casting.heaviest', 'casting.wall'], 1);
        if (in_array($this->values->choice('feeding.riser'), ['open', 'blind', null], true)) {
            $this->ratio(
                'riser_to_heaviest',
                $this->length('feeding.riser_diameter'),
                $heaviest,
                ['feeding.riser_diameter', 'casting.heaviest'],
                1,
            );
        }
    }

    /** What the plan computes from the same record: it knows sections, gating and mould together. */
    private function planned(AttemptRecord $record, CastingPlan $plan): void
    {
        $this->figure('gate_speed_share', $plan->figure('gating', 'gate_speed_share'), [
            'gating.sprue',
            'gating.gate_width',
            'gating.gate_thickness',
            'gating.gates',
            'gating.sprue_height',
        ]);
        // Minutes counted after melting are a temperature too, if a rough one.
        if (null !== $record->values()->measurement('pour.temperature') || 'minutes' === $record->values()->choice('melt.temperature_by')) {
            $this->figure('fill_ratio', $this->where($record, $plan, 'filling', 'fill_ratio', self::UNFILLED), [
                'pour.temperature',
                'casting.sections',
                'casting.wall',
                'casting.run',
                'pour.time',
                'gating.gates',
            ]);
        }
        $this->figure('feeder_ratio', $this->where($record, $plan, 'feeding', 'feeder_ratio', self::UNFED), [
            'feeding.riser_diameter',
            'casting.sections',
            'casting.heaviest',
        ]);
        if (isset($this->facts['feeder_ratio'])) {
            // The rule of thumb on diameters gives way to the moduli it stands for.
            unset($this->facts['riser_to_heaviest']);
        }
        if (true !== MouldProcess::find($this->process())?->breathes) {
            $this->figure('vent_share', $plan->figure('venting', 'vent_share'), ['venting.vents', 'venting.diameter']);
        }
        $this->figure('steam', $plan->figure('venting', 'steam'), ['sand.moisture', 'sand.permeability']);
        $this->figure('cope_share', $plan->figure('mould', 'cope_share'), ['mould.cope_weight', 'casting.sections']);
        $this->figure('open_share', $plan->figure('cooling', 'open_share'), ['cooling.open_after', 'casting.sections']);
        if (isset($this->facts['open_share'])) {
            // Minutes alone say little: a spoon is cold when a flywheel is still liquid.
            unset($this->facts['cooling.open_after']);
        }
        $this->hotSpots($record, $plan);
        $wanted = $plan->figure('metal', 'charge')?->value->si;
        $this->ratio('charge_share', $this->values->measurement('metal.charge')?->si(), $wanted, ['metal.charge', 'casting.sections'], 2);
    }

    /**
     * The figure of the section on which the fault was found, else of the one that stands worst: what fills easily and did not fill was not
     * kept empty by cold metal.
     *
     * @param FigureCode $code
     * @param list<string> $faults
     */
    private function where(AttemptRecord $record, CastingPlan $plan, string $stage, string $code, array $faults): ?Figure
    {
        $named = [];
        foreach ($record->findings as $finding) {
            $figure = in_array($finding->kind, $faults, true) && null !== $finding->section
                ? $plan->figure($stage, $code, $finding->section)
                : null;
            if (null !== $figure) {
                $named[] = $figure;
            }
        }
        usort($named, static fn (Figure $a, Figure $b): int => $a->value->si <=> $b->value->si);

        return $named[0] ?? $plan->least($stage, $code);
    }

    private function hotSpots(AttemptRecord $record, CastingPlan $plan): void
    {
        if (null === $record->values()->sections()) {
            return;
        }
        $spots = array_values(
            array_filter(
                $plan->stages['feeding']->risks,
                static fn (array $risk): bool => 'hot_spot' === $risk['code'] && 'bad' === $risk['standing'],
            ),
        );
        $this->number('hot_spots', (float) count($spots), ['where' => $spots[0]['words'] ?? ''], ['casting.sections', 'feeding.riser']);
    }

    /** @param list<string> $fields */
    private function figure(string $fact, ?Figure $figure, array $fields): void
    {
        if (null === $figure) {
            return;
        }
        $this->workings[$fact] = $figure->working;
        $section = $this->values->sections()?->get($figure->subject);
        $this->number(
            $fact,
            $figure->value->si,
            [
                'value' => rtrim(rtrim(number_format($figure->value->si, $figure->value->si < 1 ? 2 : 1, '.', ''), '0'), '.'),
                'where' => null === $section ? 'the thinnest wall' : 'the '.mb_strtolower($section->label),
            ],
            $fields,
        );
    }

    /** @param FieldKey $key */
    private function length(string $key): ?float
    {
        $measurement = $this->values->measurement($key);

        return null !== $measurement && Dimension::Length === $measurement->dimension ? $measurement->si() : null;
    }

    /** @param list<string> $fields */
    private function ratio(string $code, ?float $upper, ?float $lower, array $fields, int $decimals): void
    {
        if (null !== $upper && null !== $lower && $lower > 0) {
            $this->number($code, $upper / $lower, ['value' => (string) round($upper / $lower, $decimals)], $fields);
        }
    }

    /**
     * @param array<string, string> $words
     * @param list<string> $fields
     */
    private function number(string $code, float $si, array $words, array $fields): void
    {
        $unit = Catalogue::standard()->facts[$code]['unit'];
        $this->facts[$code] = new Fact($code, 'count' === $unit ? $si : UnitTable::get($unit)->fromSi($si), null, $words, $fields);
    }
}
