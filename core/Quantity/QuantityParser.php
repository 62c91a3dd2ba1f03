<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/**
 * Reads what casters type: "705 C", "1300F", "4 lb 2 oz", "1 3/4 in", 2'3", "35mm", "3,5 %", "700-720 C", "1 h 20 min", "1:30".
 * A number without a unit takes the caster's own unit. Nothing is guessed beyond that.
 */
final readonly class QuantityParser
{
    /** Longer text is no quantity; the bound keeps hostile input cheap. */
    private const LONGEST = 60;

    /**
     * Thousands parted by a space (1 200), a whole and a fraction (1 3/4), a fraction (3/4), a vulgar fraction (1½), or a decimal with
     * point or comma.
     */
    private const NUMBER = '(?:[0-9]{1,3}(?: [0-9]{3})+(?:[.,][0-9]+)?(?![0-9\/])|[0-9]+[ '
        .'-][0-9]+\/[0-9]+|[0-9]+\/[0-9]+|[0-9]*[½¼¾⅛⅜⅝⅞⅓⅔]|[0-9]+(?:[.,][0-9]+)?|[.,][0-9]+)';
    private const VULGAR = [
        '½' => 0.5,
        '¼' => 0.25,
        '¾' => 0.75,
        '⅛' => 0.125,
        '⅜' => 0.375,
        '⅝' => 0.625,
        '⅞' => 0.875,
        '⅓' => 1 / 3,
        '⅔' => 2 / 3,
    ];

    public function __construct(private UnitPreferences $preferences)
    {
    }

    /**
     * @throws UnreadableQuantity when the text is not a quantity of this kind
     * @throws ImpossibleQuantity when nature does not allow it
     */
    public function parse(string $text, Dimension $dimension): Measurement
    {
        $clean = $this->clean($text);
        if ('' === $clean || mb_strlen($clean) > self::LONGEST) {
            throw UnreadableQuantity::text($text, $dimension);
        }
        // A digit of another script must not be dropped from a number: "1٢" is not 1.
        if (1 === preg_match('/[\p{Nd}\p{Nl}](?<![0-9])/u', $clean)) {
            throw UnreadableQuantity::digits($text);
        }
        if (null !== ($range = $this->splitRange($clean))) {
            return $this->range($text, $range[0], $range[1], $dimension);
        }
        [$si, $unit] = $this->single($text, $clean, $dimension, $this->preferences->unit($dimension));

        return Measurement::fromSi($si, $unit->code);
    }

    /** @return array{string, string}|null */
    private function splitRange(string $clean): ?array
    {
        $unit = '[^0-9.,]*?';
        if (1 === preg_match('/^('.self::NUMBER.$unit.')\s*(?:-|to|\.\.)\s*('.self::NUMBER.'[^0-9.,]*)$/u', $clean, $m)) {
            // "1-3/4 in" is one and three quarters, not a range from 1 to 3/4.
            return 1 === preg_match('/^[0-9]+-[0-9]+\/[0-9]+/', $clean) ? null : [trim($m[1]), trim($m[2])];
        }

        return null;
    }

    private function range(string $text, string $low, string $high, Dimension $dimension): Measurement
    {
        [$upper, $unit] = $this->single($text, $high, $dimension, $this->preferences->unit($dimension));
        [$lower] = $this->single($text, $low, $dimension, $unit);
        if ($upper < $lower) {
            throw UnreadableQuantity::backwards($text);
        }

        return Measurement::fromSi($lower, $unit->code, $upper);
    }

    /** @return array{float, Unit} SI value and the first unit typed (4 lb 2 oz is remembered as lb) */
    private function single(string $text, string $clean, Dimension $dimension, Unit $default): array
    {
        if (Dimension::Time === $dimension && 1 === preg_match('/^([0-9]{1,4}):([0-5][0-9])(?::([0-5][0-9]))?$/', $clean, $m)) {
            return isset($m[3])
                ? [(int) $m[1] * 3600.0 + (int) $m[2] * 60.0 + (int) $m[3], UnitTable::get('h')]
                : [(int) $m[1] * 60.0 + (int) $m[2], UnitTable::get('min')];
        }
        $sign = 1.0;
        if (str_starts_with($clean, '-') || str_starts_with($clean, '+')) {
            $sign = '-' === $clean[0] ? -1.0 : 1.0;
            $clean = ltrim(substr($clean, 1));
        }
        $part = '/\G\s*('.self::NUMBER.')\s*([^0-9.,½¼¾⅛⅜⅝⅞⅓⅔]*(?:(?<=[mnt])\^?[23](?![0-9.,\/]))?)/u';
        if (
            0 === preg_match_all($part, $clean, $matches, \PREG_SET_ORDER)
            || implode('', array_column($matches, 0)) !== $clean
            || count($matches) > 3
        ) {
            throw UnreadableQuantity::text($text, $dimension);
        }

        return $this->addUp($text, $matches, $dimension, $default, $sign);
    }

    /**
     * @param list<array<int|string, string>> $matches
     *
     * @return array{float, Unit}
     */
    private function addUp(string $text, array $matches, Dimension $dimension, Unit $default, float $sign): array
    {
        $total = 0.0;
        $first = null;
        $previous = null;
        foreach ($matches as $match) {
            $spelling = trim($match[2]);
            $unit = '' === $spelling ? $default : $this->unit($text, $spelling, $dimension);
            $value = $this->number($text, $match[1], $dimension);
            // A compound quantity runs from large to small units, each with a unit of its own: "4 lb 2 oz", not "4 lb 2" and not "4 2 oz".
            if ((count($matches) > 1 && '' === $spelling) || (null !== $previous && !self::isPartOf($unit, $previous))) {
                throw UnreadableQuantity::text($text, $dimension);
            }
            $total += null === $previous ? $unit->toSi($sign * $value) : $sign * $value * $unit->factor;
            $first ??= $unit;
            $previous = $unit;
        }

        return [$total, $first ?? $default];
    }

    /** Twelve inches make a foot; no number of millimetres does: 1'500 mm are not a foot and 500 mm. */
    private static function isPartOf(Unit $unit, Unit $whole): bool
    {
        $times = $whole->factor / $unit->factor;

        return $times > 1.5 && abs($times - round($times)) < 1e-6 * $times && 0.0 === $unit->offset;
    }

    private function unit(string $text, string $spelling, Dimension $dimension): Unit
    {
        $unit = UnitTable::bySpelling($spelling, $dimension);
        if (null !== $unit) {
            return $unit;
        }
        $readings = UnitTable::readings($spelling);
        if (null !== $readings) {
            throw UnreadableQuantity::ambiguous($text, $spelling, $readings);
        }
        $other = UnitTable::dimensionOf($spelling);
        if (null !== $other) {
            throw UnreadableQuantity::wrongKind($text, $dimension, $other);
        }
        throw UnreadableQuantity::unit($text, $spelling, $dimension, Nearest::to($spelling, UnitTable::spellings($dimension)));
    }

    private function number(string $text, string $digits, Dimension $dimension): float
    {
        foreach (self::VULGAR as $sign => $value) {
            if (str_ends_with($digits, $sign)) {
                return (float) substr($digits, 0, -strlen($sign)) + $value;
            }
        }
        if (1 === preg_match('/^(?:([0-9]+)[ -])?([0-9]+)\/([0-9]+)$/', $digits, $m)) {
            if (0 === (int) $m[3]) {
                throw UnreadableQuantity::text($text, $dimension);
            }

            return (float) $m[1] + (int) $m[2] / (int) $m[3];
        }

        // A comma before three figures parts thousands for some and decimals for others; "0,125" can only be the one.
        if (1 === preg_match('/^([1-9][0-9]{0,2}),([0-9]{3})$/', $digits, $m)) {
            throw UnreadableQuantity::comma($text, $digits, [(string) (float) "{$m[1]}.{$m[2]}", $m[1].$m[2]]);
        }

        return (float) str_replace([',', ' '], ['.', ''], $digits);
    }

    private function clean(string $text): string
    {
        $text = mb_scrub(trim($text));
        $text = preg_replace('/^(?:~|≈|about|around|approx\.?|ca\.?|c\.)\s*(?=[0-9.,])/iu', '', $text) ?? '';
        $text = str_replace(['–', '—', '−', "\u{00A0}", "\u{202F}"], ['-', '-', '-', ' ', ' '], $text);

        return preg_replace('/\s+/u', ' ', $text) ?? '';
    }
}
