<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Instrument;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\UnitTable;

/** What kinds of instruments send readings, and what each can read. Limits: what such an instrument can show at all, common practice. */
enum InstrumentKind: string
{
    case Thermocouple = 'thermocouple';
    case Scale = 'scale';
    case Power = 'power';
    case Weather = 'weather';
    case File = 'file';

    /** As a caster calls it. */
    public function label(): string
    {
        return match ($this) {
            self::Thermocouple => 'Probe',
            self::Scale => 'Scale',
            self::Power => 'Power meter',
            self::Weather => 'Weather station',
            self::File => 'A file',
        };
    }

    /** @return array<string, array{unit: string, least: float, most: float}> dimension → unit taken where none is told, limits in it */
    public function reads(): array
    {
        $temperature = [Dimension::Temperature->value => ['unit' => 'degC', 'least' => -80.0, 'most' => 2000.0]];
        $power = [Dimension::Power->value => ['unit' => 'W', 'least' => 0.0, 'most' => 2_000_000.0]];

        return match ($this) {
            self::Thermocouple => $temperature,
            self::Scale => [Dimension::Mass->value => ['unit' => 'kg', 'least' => 0.0, 'most' => 5000.0]],
            self::Power => $power,
            self::Weather => [
                Dimension::Temperature->value => ['unit' => 'degC', 'least' => -60.0, 'most' => 60.0],
                Dimension::Ratio->value => ['unit' => 'percent', 'least' => 0.0, 'most' => 100.0],
            ],
            self::File => $temperature + $power,
        };
    }

    /**
     * One reading with its unit as an instrument writes it.
     *
     * @param string|null $unit null: the first that it reads, in its usual unit
     *
     * @return Measurement|string what is wrong with it, in words
     */
    public function reading(float $value, ?string $unit): Measurement|string
    {
        $reads = $this->reads();
        foreach ($reads as $dimension => $limits) {
            $known = null === $unit ? UnitTable::get($limits['unit']) : UnitTable::bySpelling($unit, Dimension::from($dimension));
            if (null === $known) {
                continue;
            }
            if (!is_finite($value)) {
                return 'This is no number.';
            }
            // Told by the limits before a quantity is made of it: below absolute zero there is none.
            $there = UnitTable::get($limits['unit'])->fromSi($known->toSi($value));
            if ($there < $limits['least'] - 1e-9 || $there > $limits['most'] + 1e-9) {
                return "No {$this->noun()} reads {$value} {$known->label}.";
            }

            return Measurement::of($value, $known->code);
        }
        $known = implode(' or ', array_map(
            static fn (array $limits): string => UnitTable::get($limits['unit'])->label,
            array_values($reads),
        ));

        return "A {$this->noun()} is read in {$known}; {$unit} is not one of its units.";
    }

    private function noun(): string
    {
        return lcfirst($this->label());
    }
}
