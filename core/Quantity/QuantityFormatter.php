<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** Shows a quantity in the caster's units with the figures a workshop can use, no more. What it prints, QuantityParser reads back. */
final readonly class QuantityFormatter
{
    public function __construct(private UnitPreferences $preferences)
    {
    }

    /**
     * As it was told, a range as a range, in the caster's own unit. What was typed in that unit with two decimals at most stands as typed:
     * a meter's 4102.6 kWh is not 4103.
     */
    public function measurement(Measurement $measurement): string
    {
        $unit = $this->unitFor(max(abs($measurement->lowerSi), abs($measurement->upperSi ?? 0.0)), $measurement->dimension);
        $isOwn = $unit->code === $measurement->unitCode;
        if (null === $measurement->upperSi) {
            $typed = $isOwn && !in_array($unit->code, ['in', 'lb'], true) && Dimension::Time !== $measurement->dimension
                ? self::typed($unit->fromSi($measurement->lowerSi))
                : null;

            return null === $typed ? $this->si($measurement->lowerSi, $measurement->dimension) : $this->join($typed, $unit);
        }
        $number = fn (float $si): string => ($isOwn ? self::typed($unit->fromSi($si)) : null) ?? $this->plain($unit->fromSi($si), $unit);

        return $number($measurement->lowerSi).'–'.$this->join($number($measurement->upperSi), $unit);
    }

    /** With a spread worth showing, the ends are shown and no false figures between them. */
    public function estimate(Estimate $estimate): string
    {
        return $estimate->isExact()
            ? $this->si($estimate->si, $estimate->dimension)
            : $this->rough($estimate).' ('.$this->span($estimate).')';
    }

    /**
     * The middle in the caster's unit, unrounded: what is taken over keeps the rule it came from.
     *
     * @return array{value: float, unit: string}
     */
    public function exact(Estimate $estimate): array
    {
        $unit = $this->unitFor(abs($estimate->si), $estimate->dimension);

        return ['value' => $unit->fromSi($estimate->si), 'unit' => $unit->code];
    }

    /** The middle alone, with no more figures than its spread leaves. */
    public function rough(Estimate $estimate): string
    {
        if ($estimate->isExact()) {
            return $this->si($estimate->si, $estimate->dimension);
        }
        $unit = $this->unitFor(abs($estimate->si), $estimate->dimension);

        return $this->join(self::twoFigures($unit->fromSi($estimate->si), $estimate->relativeSpread()), $unit);
    }

    /** From least to most without the unit, in as many figures as the spread leaves. */
    public function span(Estimate $estimate): string
    {
        $unit = $this->unitFor(abs($estimate->si), $estimate->dimension);
        // Two figures are all that a spread of a tenth or more leaves.
        $number = static fn (float $si): string => self::twoFigures($unit->fromSi($si), $estimate->relativeSpread());

        return $number($estimate->lowSi).'–'.$number($estimate->highSi);
    }

    /** Words of a table with the quantities in them as this caster reads them: {290 degC} is a temperature, {20 ddegC} a difference. */
    public function words(string $words): string
    {
        return preg_replace_callback(
            '/\{(\d+(?:\.\d+)?) (\w+)\}/',
            function (array $m): string {
                $unit = UnitTable::get($m[2]);

                return $this->si($unit->toSi((float) $m[1]), $unit->dimension);
            },
            $words,
        ) ?? $words;
    }

    /** In the caster's own unit. */
    public function quantity(ScalarQuantity $quantity): string
    {
        return $this->si($quantity->si(), $quantity::dimension());
    }

    /** A plain SI number of a dimension, in the caster's own unit. */
    public function si(float $si, Dimension $dimension): string
    {
        $unit = $this->unitFor(abs($si), $dimension);
        $value = $unit->fromSi($si);
        if ('lb' === $unit->code && $value < 20) {
            return $this->poundsAndOunces($value);
        }
        if (Dimension::Time === $dimension && abs($si) >= 60) {
            return $this->hoursAndMinutes($si);
        }

        return $this->join('in' === $unit->code ? $this->inches($value) : $this->plain($value, $unit), $unit);
    }

    /** A small mass reads better in grams, a long length in metres: still the caster's system, another size of unit. */
    private function unitFor(float $si, Dimension $dimension): Unit
    {
        $unit = $this->preferences->unit($dimension);
        $code = match ($unit->code) {
            'kg' => $si < 0.9995 && $si > 0 ? 'g' : 'kg',
            'mm' => $si >= 9.9995 ? 'm' : 'mm',
            'mL' => $si >= 0.9995e-3 ? 'L' : 'mL',
            's' => match (true) {
                $si >= 3 * 86400 => 'd',
                $si >= 5400 => 'h',
                $si >= 120 => 'min',
                default => 's',
            },
            default => $unit->code,
        };

        return UnitTable::get($code);
    }

    /** Null where it has more than two decimals, and so was reckoned and not typed. */
    private static function typed(float $value): ?string
    {
        return abs($value - round($value, 2)) > 1e-7 * max(1.0, abs($value)) || abs($value) < 1.0
            ? null
            : rtrim(rtrim(number_format(round($value, 2), 2, '.', ''), '0'), '.');
    }

    private function plain(float $value, Unit $unit): string
    {
        $size = abs($value);
        $decimals = match (true) {
            Dimension::Temperature === $unit->dimension, Dimension::TemperatureDifference === $unit->dimension => 0,
            $size >= 100 => 0,
            $size >= 10 => 1,
            $size >= 1 => 2,
            $size >= 0.1 => 3,
            default => 4,
        };
        $text = number_format($value, $decimals, '.', '');

        return $decimals > 0 ? rtrim(rtrim($text, '0'), '.') : ('-0' === $text ? '0' : $text);
    }

    private static function twoFigures(float $value, float $spread): string
    {
        if (0.0 === $value) {
            return '0';
        }
        $figures = $spread < 0.05 ? 3 : 2;
        $decimals = max(-3, min(4, $figures - 1 - (int) floor(log10(abs($value)))));
        $text = number_format(round($value, $decimals), max(0, $decimals), '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    private function join(string $number, Unit $unit): string
    {
        return '' === $unit->label ? $number : $number.('°' === $unit->label ? '' : "\u{00A0}").$unit->label;
    }

    private function poundsAndOunces(float $pounds): string
    {
        $ounces = round($pounds * 16, 1);
        $whole = (int) floor($ounces / 16);
        $rest = round($ounces - $whole * 16, 1);
        $parts = [];
        if (0 !== $whole) {
            $parts[] = "{$whole}\u{00A0}lb";
        }
        if (0.0 !== $rest || [] === $parts) {
            $parts[] = rtrim(rtrim(number_format($rest, 1, '.', ''), '0'), '.')."\u{00A0}oz";
        }

        return implode(' ', $parts);
    }

    private function hoursAndMinutes(float $seconds): string
    {
        $seconds = (int) round($seconds);
        $parts = [];
        // Drying is counted in hours up to three days: "36 h", not "1 d 12 h".
        $sizes = ($seconds >= 3 * 86400 ? ['d' => 86400] : []) + ['h' => 3600, 'min' => 60, 's' => 1];
        foreach ($sizes as $unit => $size) {
            $count = intdiv($seconds, $size);
            $seconds -= $count * $size;
            if ($count > 0) {
                $parts[] = "{$count}\u{00A0}{$unit}";
            }
        }

        // Two parts are enough to act on: nobody needs the seconds of a day.
        return implode(' ', array_slice($parts, 0, 2));
    }

    /** Sixteenths where they say it to a fifth of a millimetre, decimals where they do not. */
    private function inches(float $inches): string
    {
        $sixteenths = (int) round($inches * 16);
        if (abs($inches * 16 - $sixteenths) > 0.12 || $inches > 99) {
            return rtrim(rtrim(number_format($inches, 3, '.', ''), '0'), '.');
        }
        $whole = intdiv($sixteenths, 16);
        $rest = $sixteenths % 16;
        if (0 === $rest) {
            return (string) $whole;
        }
        $denominator = 16;
        while (0 === $rest % 2) {
            $rest = intdiv($rest, 2);
            $denominator = intdiv($denominator, 2);
        }

        return ($whole > 0 ? "{$whole} " : '')."{$rest}/{$denominator}";
    }
}
