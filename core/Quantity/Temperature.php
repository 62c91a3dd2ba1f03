<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** An absolute temperature in kelvin. A difference of two is a TemperatureDifference: 10 °C of superheat is 18 °F, not 50 °F. */
final readonly class Temperature extends ScalarQuantity
{
    /** Canonical in K. */
    public static function dimension(): Dimension
    {
        return Dimension::Temperature;
    }

    /** @throws ImpossibleQuantity below absolute zero */
    public static function fromCelsius(float $celsius): self
    {
        return new self($celsius + 273.15);
    }

    /** K, 0 or more. */
    public function kelvin(): float
    {
        return $this->si;
    }

    /** °C, −273.15 or more. */
    public function celsius(): float
    {
        return $this->si - 273.15;
    }

    /** This less the other, K; negative when this is colder. */
    public function minus(self $other): TemperatureDifference
    {
        return TemperatureDifference::fromSi($this->si - $other->si);
    }

    /** @throws ImpossibleQuantity below absolute zero */
    public function plus(TemperatureDifference $difference): self
    {
        return new self($this->si + $difference->si());
    }
}
