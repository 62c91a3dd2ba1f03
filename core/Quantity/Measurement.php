<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/**
 * A measured value as the caster gave it: canonical SI value, the unit that was typed, and the upper end if a range was given.
 * For computing, a range counts as its middle with half its width as spread.
 */
final readonly class Measurement
{
    private function __construct(
        public Dimension $dimension,
        public float $lowerSi,
        public ?float $upperSi,
        public string $unitCode,
    ) {
    }

    /**
     * @param float $value in the unit named
     * @param float|null $upper upper end of a range, in the unit named
     *
     * @throws UnknownUnit
     * @throws ImpossibleQuantity
     * @throws UnreadableQuantity when the range runs backwards
     */
    public static function of(float $value, string $unitCode, ?float $upper = null): self
    {
        $unit = UnitTable::get($unitCode);

        return self::fromSi($unit->toSi($value), $unitCode, null === $upper ? null : $unit->toSi($upper));
    }

    /**
     * @throws UnknownUnit
     * @throws ImpossibleQuantity
     * @throws UnreadableQuantity when the range runs backwards
     */
    public static function fromSi(float $si, string $unitCode, ?float $upperSi = null): self
    {
        $unit = UnitTable::get($unitCode);
        self::refuseImpossible($unit->dimension, $si);
        if (null !== $upperSi) {
            self::refuseImpossible($unit->dimension, $upperSi);
            if ($upperSi < $si) {
                throw UnreadableQuantity::backwards($unit->fromSi($si).'–'.$unit->fromSi($upperSi));
            }
        }

        return new self($unit->dimension, $si, $upperSi, $unitCode);
    }

    /** Middle of the range, or the value itself. */
    public function si(): float
    {
        return null === $this->upperSi ? $this->lowerSi : ($this->lowerSi + $this->upperSi) / 2;
    }

    /** Half the width of a range in SI; zero for a single value. */
    public function spreadSi(): float
    {
        return null === $this->upperSi ? 0.0 : ($this->upperSi - $this->lowerSi) / 2;
    }

    /** @throws UnknownUnit */
    public function in(string $unitCode): float
    {
        return UnitTable::get($unitCode)->fromSi($this->si());
    }

    /** @throws UnreadableQuantity when this is no temperature */
    public function asTemperature(): Temperature
    {
        if (Dimension::Temperature !== $this->dimension) {
            throw UnreadableQuantity::wrongKind($this->in($this->unitCode).' '.$this->unitCode, Dimension::Temperature, $this->dimension);
        }

        return Temperature::fromSi($this->si());
    }

    /** @return array{value: float, unit: string, upper?: float} the form used in files and over HTTP */
    public function toArray(): array
    {
        $unit = UnitTable::get($this->unitCode);
        $form = ['value' => self::tidy($unit->fromSi($this->lowerSi)), 'unit' => $this->unitCode];
        if (null !== $this->upperSi) {
            $form['upper'] = self::tidy($unit->fromSi($this->upperSi));
        }

        return $form;
    }

    /** 705 °C is kept as 978.15 K; giving back 704.99999999 would look like a fault. Ten figures are far beyond any thermocouple. */
    private static function tidy(float $value): float
    {
        return 0.0 === $value ? 0.0 : round($value, 9 - (int) floor(log10(abs($value))));
    }

    private static function refuseImpossible(Dimension $dimension, float $si): void
    {
        if (!is_finite($si)) {
            throw ImpossibleQuantity::notFinite($dimension);
        }
        $mayBeNegative = [Dimension::TemperatureDifference, Dimension::Angle, Dimension::Pressure, Dimension::Energy, Dimension::Ratio];
        if ($si < 0 && !in_array($dimension, $mayBeNegative, true)) {
            throw ImpossibleQuantity::below($dimension, $si, 0.0);
        }
    }
}
