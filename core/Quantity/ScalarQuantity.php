<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/**
 * What all one-number quantities share: a finite SI value within what is physically possible.
 *
 * @phpstan-consistent-constructor
 */
abstract readonly class ScalarQuantity
{
    /** @throws ImpossibleQuantity when not finite or below what nature allows */
    final protected function __construct(protected float $si)
    {
        if (!is_finite($si)) {
            throw ImpossibleQuantity::notFinite(static::dimension());
        }
        $least = static::leastSi();
        if (null !== $least && $si < $least) {
            throw ImpossibleQuantity::below(static::dimension(), $si, $least);
        }
    }

    /** What kind of thing is measured. */
    abstract public static function dimension(): Dimension;

    /** Least possible value in SI, or null where negative values have a meaning. */
    protected static function leastSi(): ?float
    {
        return 0.0;
    }

    /** @throws ImpossibleQuantity */
    public static function fromSi(float $si): static
    {
        return new static($si);
    }

    /**
     * @throws ImpossibleQuantity
     * @throws UnknownUnit when the code is unknown
     * @throws UnreadableQuantity when the unit measures something else
     */
    public static function of(float $value, string $unitCode): static
    {
        $unit = UnitTable::get($unitCode);
        if ($unit->dimension !== static::dimension()) {
            throw UnreadableQuantity::wrongKind("{$value} {$unit->label}", static::dimension(), $unit->dimension);
        }

        return new static($unit->toSi($value));
    }

    /** In the SI unit of its dimension; finite. */
    public function si(): float
    {
        return $this->si;
    }

    /** @throws UnknownUnit */
    public function in(string $unitCode): float
    {
        return UnitTable::get($unitCode)->fromSi($this->si);
    }

    /** Of the same kind only. */
    public function isAbove(self $other): bool
    {
        return static::dimension() === $other::dimension() && $this->si > $other->si;
    }
}
