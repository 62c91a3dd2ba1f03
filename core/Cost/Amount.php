<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Cost;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Money;

/** Money with its spread, in one currency; told with no more figures than its spread leaves. Below 0 it is a saving. */
final readonly class Amount
{
    private function __construct(public float $middle, public float $low, public float $high, public string $currency)
    {
    }

    /** Between its ends, in the currency's own unit. */
    public static function of(float $middle, float $low, float $high, string $currency): self
    {
        return new self($middle, min($middle, $low), max($middle, $high), $currency);
    }

    /** Nothing, exactly. */
    public static function none(string $currency): self
    {
        return new self(0.0, 0.0, 0.0, $currency);
    }

    /**
     * So much of something at this price.
     *
     * @param float $price for one SI unit of it
     */
    public static function priced(Estimate $quantity, float $price, string $currency): self
    {
        return self::of($quantity->si * $price, $quantity->lowSi * $price, $quantity->highSi * $price, $currency);
    }

    /** Spreads add in quadrature, as those of independent inputs (Estimate). */
    public function plus(self $other): self
    {
        $middle = $this->middle + $other->middle;

        return self::of(
            $middle,
            $middle - hypot($this->middle - $this->low, $other->middle - $other->low),
            $middle + hypot($this->high - $this->middle, $other->high - $other->middle),
            $this->currency,
        );
    }

    /** @param float $by 0 or more */
    public function times(float $by): self
    {
        return self::of($this->middle * $by, $this->low * $by, $this->high * $by, $this->currency);
    }

    /** A share of it that is not known exactly either. */
    public function share(Estimate $share): self
    {
        $middle = $this->middle * $share->si;

        return self::of(
            $middle,
            $middle - hypot(($this->middle - $this->low) * $share->si, $this->middle * ($share->si - $share->lowSi)),
            $middle + hypot(($this->high - $this->middle) * $share->si, $this->middle * ($share->highSi - $share->si)),
            $this->currency,
        );
    }

    /** "14 EUR (11 to 18)": to the step that its spread leaves, to the cent where there is none. */
    public function words(): string
    {
        $decimals = $this->decimals();
        if (null === $decimals) {
            return Money::rounded($this->middle, $this->currency)->decimal().' '.$this->currency;
        }
        $low = $this->told($this->low, $decimals);
        $high = $this->told($this->high, $decimals);
        $middle = $this->told($this->middle, $decimals);

        return "{$middle} {$this->currency}".($low === $high ? '' : " ({$low} to {$high})");
    }

    /** "11 to 18"; '' where it is exact. */
    public function spread(): string
    {
        $decimals = $this->decimals();

        return null === $decimals ? '' : $this->told($this->low, $decimals).' to '.$this->told($this->high, $decimals);
    }

    /** The middle alone. */
    public function rough(): string
    {
        $decimals = $this->decimals();

        return (null === $decimals ? Money::rounded($this->middle, $this->currency)->decimal() : $this->told($this->middle, $decimals))
            .' '.$this->currency;
    }

    /** Digits after the point, below 0 for tens and hundreds; null where it is exact to the cent. */
    private function decimals(): ?int
    {
        $half = ($this->high - $this->low) / 2;

        return $half < 0.005 ? null : (int) max(-3, min(2, -floor(log10($half))));
    }

    private function told(float $amount, int $decimals): string
    {
        return number_format(round($amount, $decimals), max(0, $decimals), '.', '');
    }
}
