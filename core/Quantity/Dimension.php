<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** What kind of thing is measured. A temperature and a difference of temperatures are different kinds. */
enum Dimension: string
{
    case Temperature = 'temperature';
    case TemperatureDifference = 'temperature_difference';
    case Mass = 'mass';
    case Length = 'length';
    case Area = 'area';
    case Volume = 'volume';
    case Time = 'time';
    case Angle = 'angle';
    case Pressure = 'pressure';
    case Energy = 'energy';
    case Ratio = 'ratio';
    case Density = 'density';
    case SpecificHeat = 'specific_heat';
    case SpecificEnergy = 'specific_energy';
    case Speed = 'speed';
    case Flow = 'flow';
    case Power = 'power';

    /** Code of the unit that canonical values are in. */
    public function siUnit(): string
    {
        return match ($this) {
            self::Temperature => 'K',
            self::TemperatureDifference => 'dK',
            self::Mass => 'kg',
            self::Length => 'm',
            self::Area => 'm2',
            self::Volume => 'm3',
            self::Time => 's',
            self::Angle => 'rad',
            self::Pressure => 'Pa',
            self::Energy => 'J',
            self::Ratio => 'ratio',
            self::Density => 'kg/m3',
            self::SpecificHeat => 'J/kgK',
            self::SpecificEnergy => 'J/kg',
            self::Speed => 'm/s',
            self::Flow => 'm3/s',
            self::Power => 'W',
        };
    }

    /** Only a difference of temperatures runs below zero; a temperature counts from absolute zero here. */
    public function canBeNegative(): bool
    {
        return self::TemperatureDifference === $this || self::Angle === $this;
    }

    /** In words, as it stands in a sentence: specific heat, say. */
    public function words(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    /** The same with its article, for sentences. */
    public function withArticle(): string
    {
        return (in_array($this->value[0], ['a', 'e'], true) ? 'an ' : 'a ').$this->words();
    }
}
