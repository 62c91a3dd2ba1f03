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

    public function words(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    public function withArticle(): string
    {
        return (in_array($this->value[0], ['a', 'e'], true) ? 'an ' : 'a ').$this->words();
    }
}
