<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/**
 * A computed quantity with its spread: a middle and the ends between which it is expected to lie.
 *
 * How spread is carried: a formula is evaluated with each input in turn at its low and high end and the others at their middle; the
 * deviations upwards and downwards are added in quadrature, each direction for itself. That is first-order propagation for independent
 * inputs (JCGM 100:2008, recalled from memory), with the formula itself in place of its derivatives, so that a kink is not smoothed over.
 * What cannot be negative has no negative end: the ends are cut off at nothing, however wide the spread.
 */
final readonly class Estimate
{
    private function __construct(public Dimension $dimension, public float $si, public float $lowSi, public float $highSi)
    {
    }

    /** A quantity without a spread. */
    public static function exactly(ScalarQuantity $quantity): self
    {
        return self::exact($quantity::dimension(), $quantity->si());
    }

    /** @throws ImpossibleQuantity when not finite */
    public static function exact(Dimension $dimension, float $si): self
    {
        return self::between($dimension, $si, $si, $si);
    }

    /** @param float $share relative half-width, 0.4 for ± 40 % */
    public static function about(ScalarQuantity $quantity, float $share): self
    {
        $half = abs($quantity->si()) * $share;

        return self::between($quantity::dimension(), $quantity->si(), $quantity->si() - $half, $quantity->si() + $half);
    }

    /** As it was told: its spread is what the caster gave, a range say. */
    public static function of(Measurement $measurement): self
    {
        return self::between(
            $measurement->dimension,
            $measurement->si(),
            $measurement->si() - $measurement->spreadSi(),
            $measurement->si() + $measurement->spreadSi(),
        );
    }

    /** A plain number between two ends: a loss, a coefficient. */
    public static function ratio(float $value, ?float $low = null, ?float $high = null): self
    {
        return self::between(Dimension::Ratio, $value, $low ?? $value, $high ?? $value);
    }

    /** @throws ImpossibleQuantity when not finite */
    public static function between(Dimension $dimension, float $si, float $lowSi, float $highSi): self
    {
        if (!is_finite($si) || !is_finite($lowSi) || !is_finite($highSi)) {
            throw ImpossibleQuantity::notFinite($dimension);
        }

        if ($si >= 0.0 && !$dimension->canBeNegative()) {
            $lowSi = max(0.0, $lowSi);
        }

        return new self($dimension, $si, min($si, $lowSi), max($si, $highSi));
    }

    /**
     * @param \Closure $formula of as many floats as there are inputs, in SI and in their order, giving a float
     *
     * @throws ImpossibleQuantity when the formula gives no finite number
     */
    public static function through(Dimension $dimension, \Closure $formula, self ...$inputs): self
    {
        $middle = array_map(static fn (self $input): float => $input->si, array_values($inputs));
        /** @var float $si */
        $si = $formula(...$middle);
        $up = 0.0;
        $down = 0.0;
        foreach (array_values($inputs) as $index => $input) {
            foreach ($input->lowSi === $input->highSi ? [] : [$input->lowSi, $input->highSi] as $end) {
                $turned = $middle;
                $turned[$index] = $end;
                /** @var float $there */
                $there = $formula(...$turned);
                $deviation = $there - $si;
                $up += $deviation > 0 ? $deviation ** 2 : 0.0;
                $down += $deviation < 0 ? $deviation ** 2 : 0.0;
            }
        }

        return self::between($dimension, $si, $si - sqrt($down), $si + sqrt($up));
    }

    /** The same, wider by a share: what a rule of the trade adds of its own. */
    public function widenedBy(float $share): self
    {
        $own = abs($this->si) * $share;

        return self::between(
            $this->dimension,
            $this->si,
            $this->si - sqrt(($this->si - $this->lowSi) ** 2 + $own ** 2),
            $this->si + sqrt(($this->highSi - $this->si) ** 2 + $own ** 2),
        );
    }

    /** The same, but nowhere below this SI number. */
    public function atLeast(float $si): self
    {
        return self::between($this->dimension, max($si, $this->si), max($si, $this->lowSi), max($si, $this->highSi));
    }

    /** Sum of the same dimension; spreads add as intervals do. Source: interval arithmetic, derived. */
    public function plus(self $other): self
    {
        return self::through($this->dimension, static fn (float $a, float $b): float => $a + $b, $this, $other);
    }

    /** By a plain factor; the spread goes with it. */
    public function times(float $factor): self
    {
        return self::between($this->dimension, $this->si * $factor, $this->lowSi * $factor, $this->highSi * $factor);
    }

    /** Half the width as a share of the middle; what counts as exact is below half a percent. */
    public function relativeSpread(): float
    {
        return 0.0 === $this->si ? 0.0 : ($this->highSi - $this->lowSi) / 2 / abs($this->si);
    }

    /** Whether the spread is below half a percent: then it is not shown. */
    public function isExact(): bool
    {
        return $this->relativeSpread() < 0.005;
    }

    /** @return array{value: float, low: float, high: float, unit: string} in the SI unit of the dimension */
    public function toArray(): array
    {
        return [
            'value' => self::tidy($this->si),
            'low' => self::tidy($this->lowSi),
            'high' => self::tidy($this->highSi),
            'unit' => $this->dimension->siUnit(),
        ];
    }

    /** Six figures are more than any of this deserves and keep files readable. */
    private static function tidy(float $value): float
    {
        return 0.0 === $value ? 0.0 : round($value, 5 - (int) floor(log10(abs($value))));
    }
}
