<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

use MoltenNotes\Core\CoreError;

/** Text that is not a quantity of the kind asked for. */
final class UnreadableQuantity extends \DomainException implements CoreError
{
    /** @param array<string, scalar|null> $facts */
    private function __construct(string $message, private readonly string $stableCode, private readonly array $facts)
    {
        parent::__construct($message);
    }

    /** No figure can be found in what was given. */
    public static function text(string $given, Dimension $dimension): self
    {
        $shown = self::shorten($given);

        return new self(
            "“{$shown}” cannot be read as {$dimension->withArticle()}. Try ".self::example($dimension).'.',
            'quantity.unreadable',
            ['given' => $shown, 'dimension' => $dimension->value],
        );
    }

    /** A figure with a unit of another kind than is asked for. */
    public static function wrongKind(string $given, Dimension $wanted, Dimension $found): self
    {
        $shown = self::shorten($given);

        return new self(
            "“{$shown}” is {$found->withArticle()}; {$wanted->withArticle()} is asked for, such as ".self::example($wanted).'.',
            'quantity.wrong_kind',
            ['given' => $shown, 'dimension' => $wanted->value, 'found' => $found->value],
        );
    }

    /** A unit that the table does not have; $suggestion the nearest that it has. */
    public static function unit(string $given, string $unit, Dimension $dimension, ?string $suggestion): self
    {
        $shown = self::shorten($unit);

        return new self(
            "“{$shown}” is not a unit of {$dimension->words()}.".
                (null === $suggestion ? ' Try '.self::example($dimension).'.' : " Did you mean {$suggestion}?"),
            'quantity.unknown_unit',
            ['given' => self::shorten($given), 'unit' => $shown, 'suggestion' => $suggestion],
        );
    }

    /** @param array{string, string} $readings */
    public static function ambiguous(string $given, string $unit, array $readings): self
    {
        $shown = self::shorten($unit);

        return new self("“{$shown}” may mean {$readings[0]} or {$readings[1]}: write the one you mean.", 'quantity.ambiguous_unit', [
            'given' => self::shorten($given),
            'unit' => $shown,
        ]);
    }

    /** @param array{string, string} $readings */
    public static function comma(string $given, string $digits, array $readings): self
    {
        return new self(
            "“{$digits}” may mean {$readings[0]} or {$readings[1]}: write the one you mean, with a point or without the comma.",
            'quantity.ambiguous_comma',
            ['given' => self::shorten($given)],
        );
    }

    /** Digits other than 0 to 9. */
    public static function digits(string $given): self
    {
        return new self('Please write figures as 0 to 9.', 'quantity.foreign_digits', ['given' => self::shorten($given)]);
    }

    /** A range whose end is below its beginning. */
    public static function backwards(string $given): self
    {
        return new self('The range runs backwards: put the smaller value first.', 'quantity.range_backwards', [
            'given' => self::shorten($given),
        ]);
    }

    /** No amount of money. */
    public static function money(string $given): self
    {
        $shown = self::shorten($given);

        return new self("“{$shown}” is not an amount of money. Try 12.50.", 'quantity.unreadable', ['given' => $shown]);
    }

    public function errorCode(): string
    {
        return $this->stableCode;
    }

    public function facts(): array
    {
        return $this->facts;
    }

    private static function example(Dimension $dimension): string
    {
        return match ($dimension) {
            Dimension::Temperature => '705 C or 1300 F',
            Dimension::TemperatureDifference => '40 C or 72 F',
            Dimension::Mass => '1.8 kg or 4 lb 2 oz',
            Dimension::Length => '35 mm or 1 3/4 in',
            Dimension::Area => '4 cm2',
            Dimension::Volume => '250 mL',
            Dimension::Time => '40 s, 1 h 20 min or 1:30',
            Dimension::Angle => '3 deg',
            Dimension::Pressure => '0.5 bar',
            Dimension::Energy => '2.4 kWh',
            Dimension::Ratio => '3.5 %',
            Dimension::Density => '20 kg/m3',
            Dimension::SpecificHeat => '900 J/kgK',
            Dimension::SpecificEnergy => '397 kJ/kg',
            Dimension::Speed => '0.5 m/s',
            Dimension::Flow => '90 mL/s',
            Dimension::Power => '2.2 kW',
        };
    }

    private static function shorten(string $text): string
    {
        $clean = preg_replace('/[\p{C}]+/u', ' ', mb_scrub($text)) ?? '';

        return mb_strlen($clean) > 40 ? mb_substr($clean, 0, 39).'…' : $clean;
    }
}
