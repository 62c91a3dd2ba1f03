<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Alloy;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Density;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\SpecificEnergy;
use MoltenNotes\Core\Quantity\SpecificHeat;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\TemperatureDifference;

/** One alloy of the table. Where a value came from is told by mark() and source(). */
final readonly class Alloy
{
    /**
     * @param list<string> $attributes dross_former, absorbs_hydrogen, absorbs_oxygen, fume_zinc, fume_lead,
     *                                 hot_tear_prone, brittle, graphite_expands, beyond_most_workshops
     * @param float $meltsWithin K that its liquidus may lie off, 0…60; 0 for a known grade
     * @param float $densityWithin share that its density may lie off, 0…0.05
     * @param array<string, array{mark: Mark, source: string}> $origins property → where it came from
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $family,
        public Temperature $liquidus,
        public Temperature $solidus,
        public Density $densitySolid,
        public Density $densityLiquid,
        public SpecificEnergy $latentHeat,
        public SpecificHeat $heatSolid,
        public SpecificHeat $heatLiquid,
        public Ratio $shrinkage,
        public Ratio $contraction,
        public Temperature $pourHeavy,
        public Temperature $pourThin,
        public FreezingClass $freezing,
        public array $attributes,
        public string $note,
        public float $meltsWithin,
        public float $densityWithin,
        private array $origins,
    ) {
    }

    /** Whether it is known only by its family. */
    public function isGradeUnknown(): bool
    {
        return $this->meltsWithin > 0.0;
    }

    /** Kelvin above the liquidus; negative when the metal is not all liquid. Source: definition. */
    public function superheatAt(Temperature $temperature): TemperatureDifference
    {
        return $temperature->minus($this->liquidus);
    }

    /** J/kg given up by freezing, and by the superheat before it, which is 0 where there is none. Source: definition. */
    public function heatToFreeze(Temperature $metal): SpecificEnergy
    {
        return SpecificEnergy::fromSi($this->latentHeat->si() + $this->heatLiquid->si() * max(0.0, $this->superheatAt($metal)->si()));
    }

    /** Liquidus less solidus, K, 0 for a pure metal. Source: derived from the table of alloys. */
    public function freezingRange(): TemperatureDifference
    {
        return $this->liquidus->minus($this->solidus);
    }

    /** Whether the table gives it this attribute, fume_zinc say; an unknown attribute is one it does not have. */
    public function has(string $attribute): bool
    {
        return in_array($attribute, $this->attributes, true);
    }

    /** @param string $property a column of the table, e.g. liquidus_c */
    public function mark(string $property): Mark
    {
        return ($this->origins[$property] ?? $this->origins['*'])['mark'];
    }

    /** @param string $property a column of the table, e.g. liquidus_c */
    public function source(string $property): string
    {
        return ($this->origins[$property] ?? $this->origins['*'])['source'];
    }
}
