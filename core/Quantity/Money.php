<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** An exact amount: whole minor units (cents) of one currency. Prices are the one place where floats would lie. */
final readonly class Money
{
    private function __construct(public int $minor, public string $currency)
    {
    }

    /**
     * @param string $currency ISO 4217, three capital letters
     *
     * @throws ImpossibleQuantity when the currency code is malformed
     */
    public static function ofMinor(int $minor, string $currency): self
    {
        if (1 !== preg_match('/^[A-Z]{3}$/', $currency)) {
            throw ImpossibleQuantity::currency($currency);
        }

        return new self($minor, $currency);
    }

    /**
     * Reads "12", "12.5" or "12,50" exactly.
     *
     * @throws UnreadableQuantity when it is not an amount with at most two decimals
     * @throws ImpossibleQuantity when the currency code is malformed
     */
    public static function parse(string $text, string $currency): self
    {
        if (1 !== preg_match('/^\s*(-?)(\d{1,12})(?:[.,](\d{1,2}))?\s*$/', $text, $m)) {
            throw UnreadableQuantity::money($text);
        }
        $minor = (int) $m[2] * 100 + (int) str_pad($m[3] ?? '', 2, '0');

        return self::ofMinor('-' === $m[1] ? -$minor : $minor, $currency);
    }

    /**
     * An amount that came out of a computation, to the nearest minor unit.
     *
     * @throws ImpossibleQuantity when the currency code is malformed
     */
    public static function rounded(float $amount, string $currency): self
    {
        return self::ofMinor((int) round($amount * 100), $currency);
    }

    /** @throws ImpossibleQuantity when the currencies differ: there is no exchange rate here */
    public function plus(self $other): self
    {
        if ($other->currency !== $this->currency) {
            throw ImpossibleQuantity::currency($other->currency);
        }

        return new self($this->minor + $other->minor, $this->currency);
    }

    /** As a decimal number with two places, 12.50. */
    public function decimal(): string
    {
        return sprintf('%s%d.%02d', $this->minor < 0 ? '-' : '', intdiv(abs($this->minor), 100), abs($this->minor) % 100);
    }
}
