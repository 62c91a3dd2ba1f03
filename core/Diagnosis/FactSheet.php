<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Gating\GateSpeed;
use MoltenNotes\Core\Melt\PourTemperatureAdvice;
use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Pattern\Sections;
use MoltenNotes\Core\Record\AttemptRecord;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Working\Working;

/** What a record says, as facts the evidence rules can weigh. A blank field makes no fact. */
final class FactSheet
{
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
        foreach ($record->observations as $code) {
            $this->facts["observed.{$code}"] = new Fact("observed.{$code}", null, 'yes', [], []);
        }
        $this->temperatures();
        $this->proportions();
        $this->gateSpeed();
    }

    public static function of(AttemptRecord $record, QuantityFormatter $format): self
    {
        return new self($record, $format);
    }

    public function fact(string $code): ?Fact
    {
        return $this->facts[$code] ?? null;
    }

    /** @return array<string, Fact> */
    public function all(): array
    {
        return $this->facts;
    }

    public function working(string $fact): ?Working
    {
        return $this->workings[$fact] ?? null;
    }

    public function process(): ?string
    {
        return $this->values->choice('mould.process');
    }

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
                $value instanceof Measurement => new Fact($key, $field->unit?->fromSi($value->si()), null, ['value' => $this->format->measurement($value)], [$key]),
                is_bool($value) => new Fact($key, null, $value ? 'yes' : 'no', [], [$key]),
                is_int($value) => new Fact($key, (float) $value, null, ['value' => (string) $value], [$key]),
                default => new Fact($key, null, $value, ['value' => mb_strtolower(Choices::label($field->choices ?? '', $value))], [$key]),
            };
            $this->facts[$key] = $fact;
        }
    }

    private function temperatures(): void
    {
        $pour = $this->values->measurement('pour.temperature')?->asTemperature();
        if (null === $this->alloy) {
            return;
        }
        if (null !== $pour) {
            $superheat = $this->alloy->superheatAt($pour);
            $this->number('superheat', $superheat->si(), ['value' => $this->format->quantity($superheat), 'pour' => $this->format->quantity($pour)], ['pour.temperature', 'metal.alloy']);
        }
        $advice = self::neededTemperature($this->values, $this->format);
        if (null !== $pour && null !== $advice) {
            $margin = $pour->minus($advice->temperature);
            $this->workings['temperature_margin'] = $advice->working;
            $this->number('temperature_margin', $margin->si(), [
                'value' => $this->format->quantity($margin),
                'pour' => $this->format->quantity($pour),
                'need' => $this->format->quantity($advice->temperature),
            ], ['pour.temperature', 'metal.alloy', 'casting.wall', 'mould.process']);
        }
        $this->peak($this->alloy, $pour);
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
            $this->ratio('riser_to_heaviest', $this->length('feeding.riser_diameter'), $heaviest, ['feeding.riser_diameter', 'casting.heaviest'], 1);
        }
    }

    private function gateSpeed(): void
    {
        $bore = $this->length('gating.sprue');
        $width = $this->length('gating.gate_width');
        $thickness = $this->length('gating.gate_thickness');
        $head = $this->length('gating.sprue_height');
        $gates = $this->values->count('gating.gates');
        if (null === $bore || null === $width || null === $thickness || null === $head || null === $gates || null === $this->alloy) {
            return;
        }
        $speed = GateSpeed::calculate(
            Area::fromSi(\M_PI * $bore ** 2 / 4),
            Area::fromSi($width * $thickness * $gates),
            Length::fromSi($head),
            'straight' !== $this->values->choice('gating.sprue_shape'),
            $this->alloy->family,
            $this->format,
        );
        if (null !== $speed) {
            $this->workings['gate_speed_share'] = $speed->working;
            $this->number('gate_speed_share', $speed->ofLimit->si(), ['value' => (string) round($speed->ofLimit->si(), 1)], ['gating.sprue', 'gating.gate_width', 'gating.gate_thickness', 'gating.gates', 'gating.sprue_height']);
        }
    }

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
     * @param list<string>          $fields
     */
    private function number(string $code, float $si, array $words, array $fields): void
    {
        $unit = Catalogue::standard()->facts[$code]['unit'];
        $this->facts[$code] = new Fact($code, UnitTable::get($unit)->fromSi($si), null, $words, $fields);
    }
}
