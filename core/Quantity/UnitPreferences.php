<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** The units one caster reads and types by default, kind by kind: casters mix °F with millimetres in one sentence. */
final readonly class UnitPreferences
{
    private const METRIC = [
        'temperature' => 'degC', 'temperature_difference' => 'ddegC', 'mass' => 'kg', 'length' => 'mm', 'area' => 'cm2', 'volume' => 'mL',
        'time' => 's', 'angle' => 'deg', 'pressure' => 'kPa', 'energy' => 'kWh', 'ratio' => 'percent', 'density' => 'kg/m3',
        'specific_heat' => 'J/kgK', 'specific_energy' => 'kJ/kg', 'speed' => 'm/s', 'flow' => 'mL/s', 'power' => 'kW',
    ];
    private const IMPERIAL = [
        'temperature' => 'degF', 'temperature_difference' => 'ddegF', 'mass' => 'lb', 'length' => 'in', 'area' => 'in2', 'volume' => 'in3',
        'pressure' => 'psi', 'density' => 'lb/ft3', 'speed' => 'in/s', 'flow' => 'in3/s',
    ] + self::METRIC;

    /** What nobody is asked for goes with what they chose: no square centimetres beside inches. Unit chosen → dimension → unit. */
    private const GOES_WITH = [
        'degC' => ['temperature_difference' => 'ddegC'], 'degF' => ['temperature_difference' => 'ddegF'],
        'in' => ['area' => 'in2', 'speed' => 'in/s'], 'in3' => ['flow' => 'in3/s'], 'floz' => ['flow' => 'in3/s'],
    ];

    /** @param array<string, string> $units dimension → unit code */
    private function __construct(private array $units)
    {
    }

    /** Degrees Celsius, kilograms, millimetres. */
    public static function metric(): self
    {
        return new self(self::METRIC);
    }

    /** Degrees Fahrenheit, pounds, inches. */
    public static function imperial(): self
    {
        return new self(self::IMPERIAL);
    }

    /**
     * @param array<string, string> $units dimension → unit code, the rest metric
     *
     * @throws UnknownUnit for a unit that is not in the table
     * @throws UnreadableQuantity for a unit of another kind
     */
    public static function fromArray(array $units): self
    {
        $along = [];
        foreach ($units as $dimension => $code) {
            $unit = UnitTable::get($code);
            $wanted = Dimension::tryFrom($dimension);
            if (null === $wanted || $unit->dimension !== $wanted) {
                throw UnreadableQuantity::wrongKind($code, $wanted ?? Dimension::Ratio, $unit->dimension);
            }
            $along += self::GOES_WITH[$code] ?? [];
        }

        return new self($along + $units + self::METRIC);
    }

    /** The unit that a caster reads this dimension in. */
    public function unit(Dimension $dimension): Unit
    {
        return UnitTable::get($this->units[$dimension->value]);
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return $this->units;
    }
}
