<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Charge\EnergySource;
use MoltenNotes\Core\Experience\Calibration;
use MoltenNotes\Core\Experience\Experience;
use MoltenNotes\Core\Experience\LikeHeats;
use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Geometry\PlacedSection;
use MoltenNotes\Core\Geometry\Placement;
use MoltenNotes\Core\Geometry\Section;
use MoltenNotes\Core\Geometry\SectionGeometry;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Geometry\Solids;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Mould\Suitability;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Workshop\Workshop;

/**
 * What every stage of a plan starts from: the record's values as made, the metal, the mould, the sections that are complete, the
 * workshop.
 */
final readonly class Basis
{
    public ?Alloy $alloy;
    public ?MouldMaterial $mould;
    public ?Sections $sections;

    /** @var array<string, SectionGeometry> section id → what it measures; only of sections with all their measurements */
    public array $bodies;

    /** The caster's own factor on flow lengths, in this process. */
    public Calibration $calibration;

    /** @var array{name: string, source: string|null, power: Measurement|null, efficiency: Measurement|null}|null the one that is named */
    public ?array $furnace;

    /** What the caster's own heats taught that counts for this furnace and crucible. */
    public LikeHeats $heats;

    /** @var list<PlacedSection> where each body of a measured section stands */
    public array $placed;

    /** The casting's body, asked for once: seven stages and drawings read it. Null where its sections do not tell it. */
    public ?CastingGeometry $solid;

    /** @var array<string, float> section id → height of its lowest point over the casting's, metres */
    private array $feet;

    private function __construct(
        public Values $values,
        public Workshop $workshop,
        public QuantityFormatter $format,
        private Experience $experience,
        private Solids $solids,
    ) {
        $this->calibration = $experience->calibration($values->choice('mould.process'));
        $this->furnace = $workshop->furnace($values->choice('melt.furnace'));
        $this->heats = $experience->heatsLike(
            $this->furnace['name'] ?? $values->choice('melt.furnace'),
            $values->choice('crucible.name'),
            $this->energySource()?->code,
        );
        $this->alloy = AlloyTable::find($values->choice('metal.alloy') ?? '');
        $this->mould = MouldMaterial::of(
            $values->choice('mould.process'),
            $this->alloy,
            $this->si('shell.wall'),
            'sand' === $values->choice('shell.backing'),
        );
        // A number of gates that is told goes into the one section that has them, wherever one does.
        $this->sections = $values->sections()?->withGates($values->count('gating.gates'));
        $this->bodies = null === $this->sections ? [] : SectionGeometry::all($this->sections);
        $this->placed = null === $this->sections ? [] : Placement::of($this->sections, $this->bodies)->bodies;
        $this->solid = null === $this->sections ? null : $solids->read($this->sections);
        $feet = [];
        foreach ($this->placed as $body) {
            $feet[$body->section->id] = min($feet[$body->section->id] ?? \INF, $body->z);
        }
        $this->feet = $feet;
    }

    /** The one way to a basis: plan, diagnosis, next attempt and drawing of a record all stand on the same. */
    public static function of(AttemptRecord $record, QuantityFormatter $format): self
    {
        return new self($record->values(), $record->workshop ?? new Workshop(), $format, $record->experience, $record->solids);
    }

    /** What heats the furnace: as told, else as the workshop has it of the furnace that is named. Null where nobody said. */
    public function energySource(): ?EnergySource
    {
        return EnergySource::find($this->values->choice('melt.energy_source') ?? $this->furnace['source'] ?? null);
    }

    /** The same workshop and experience for other values. */
    public function with(Values $values): self
    {
        return new self($values->ofItsProcess(), $this->workshop, $this->format, $this->experience, $this->solids);
    }

    /** @param FieldKey $field */
    public function estimate(string $field): ?Estimate
    {
        $measurement = $this->values->measurement($field);

        return null === $measurement ? null : Estimate::of($measurement);
    }

    /**
     * The middle of a value in SI.
     *
     * @param FieldKey $field
     */
    public function si(string $field): ?float
    {
        return $this->values->measurement($field)?->si();
    }

    /** As told, else 20 °C. */
    public function air(): Temperature
    {
        return Temperature::fromSi($this->si('pour.ambient') ?? 293.15);
    }

    /** Moulds that are warmed say so; the rest are as warm as the air. */
    public function mouldTemperature(): Temperature
    {
        return Temperature::fromSi($this->si('mould.temperature') ?? $this->air()->kelvin());
    }

    /** What takes the metal's heat in the end: the mould itself, or the air round a thin one. */
    public function coolsAgainst(): Temperature
    {
        return null === $this->mould?->wall ? $this->mouldTemperature() : $this->air();
    }

    /** What this mould bears. */
    public function suitability(): Suitability
    {
        return new Suitability($this->values->choice('mould.process'), $this->alloy);
    }

    /** True when the mould is so hot that nothing freezes in it. */
    public function freezesNothing(): bool
    {
        return $this->suitability()->mouldFreezesNothing($this->mouldTemperature());
    }

    /** Castings in the mould, 1 or more; 1 when not told. */
    public function castings(): int
    {
        return max(1, $this->values->count('casting.count') ?? 1);
    }

    /** Gates of all castings in the mould. */
    public function gatesInMould(): int
    {
        return $this->gates() * $this->castings();
    }

    /** Gates of one casting, 1 or more: told, else counted on the sections, else 1. */
    public function gates(): int
    {
        $onSections = array_sum(array_map(static fn ($section): int => $section->gates, $this->sections?->all() ?? []));

        return max(1, $this->values->count('gating.gates') ?? ($onSections > 0 ? $onSections : 1));
    }

    /** Whether metal is poured into risers: told, or where nothing is told marked on a section or measured. */
    public function hasRisers(): bool
    {
        $told = $this->values->choice('feeding.riser');
        $marked = array_filter($this->sections?->all() ?? [], static fn (Section $section): bool => $section->riser);

        return in_array($told, ['open', 'blind'], true)
            || (null === $told && ([] !== $marked || $this->values->has('feeding.riser_diameter')));
    }

    /** Code of the kind of fill; at the parting when not told. */
    public function fill(): string
    {
        return $this->values->choice('gating.fill') ?? 'parting';
    }

    /** Code of the school of gating: of this attempt, else of the workshop, else unpressurised. */
    public function school(): string
    {
        return $this->values->choice('gating.school') ?? ($this->workshop->school ?? 'unpressurised');
    }

    /** Height of the casting in the mould, metres: told, or from the sections. */
    public function castingHeight(): ?float
    {
        $told = $this->si('casting.height');
        if (null !== $told || [] === $this->bodies) {
            return $told;
        }
        $feet = $this->feet();
        $top = 0.0;
        foreach ($this->bodies as $id => $body) {
            $top = max($top, ($feet[$id] ?? 0.0) + $body->height);
        }

        return $top;
    }

    /**
     * Where each section's lowest point lies above the lowest of the casting, metres: told, or from how it sits on what it joins.
     *
     * @return array<string, float>
     */
    public function feet(): array
    {
        return $this->feet;
    }

    /**
     * How far the casting rises above where metal enters, metres: told, or from the gated section at the parting; null where neither is
     * known.
     */
    public function aboveGates(): ?float
    {
        $told = $this->si('casting.above');
        $height = $this->castingHeight();
        if (null !== $told || null === $height) {
            return $told;
        }
        if (in_array($this->fill(), ['bottom', 'top'], true)) {
            return 'bottom' === $this->fill() ? $height : 0.0;
        }
        $parting = $this->sections?->mesh()?->si('parting');
        if (null !== $parting) {
            return max(0.0, $height - $parting);
        }
        $entry = $this->sections?->gated()[0] ?? '';
        $feet = $this->feet();

        // The parting runs along the top of the section that the gates enter.
        return isset($this->bodies[$entry]) ? max(0.0, $height - $feet[$entry] - $this->bodies[$entry]->height) : null;
    }

    /** Sections that lack a measurement and so are in no volume that is counted from sections, by name; '' where all are measured. */
    public function unmeasured(): string
    {
        if ('sections' !== ($this->values->choice('pattern.volume_by') ?? 'sections')) {
            return '';
        }
        $labels = [];
        foreach ($this->sections?->all() ?? [] as $section) {
            if (!isset($this->bodies[$section->id])) {
                $labels[] = $section->label;
            }
        }

        return implode(', ', $labels);
    }

    /** A plain SI number in the caster's own unit. */
    public function shown(float $si, Dimension $dimension): string
    {
        return $this->format->si($si, $dimension);
    }
}
