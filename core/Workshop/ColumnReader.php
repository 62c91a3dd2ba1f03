<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Workshop;

use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\Field;
use MoltenNotes\Core\Record\FieldKind;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Sand\Sieve;

/**
 * Reads one column of a thing or of a movement from untrusted input. Faults go to the reader; null is blank, or was refused.
 *
 * @phpstan-type Cell Measurement|array<string, float>|array<string, Measurement>|string|int|float|null
 */
final class ColumnReader
{
    private const MOST_ELEMENTS = 24;
    private const MOST_PARTS = 12;
    private const LONGEST_NAME = 60;

    /**
     * Every column that is told and can be read, each fault with its pointer.
     *
     * @param array<string, Column> $columns
     * @param array<string, mixed> $content
     *
     * @return array<string, Cell>
     */
    public static function all(array $columns, array $content, string $pointer, ValueReader $reader): array
    {
        $cells = [];
        foreach ($columns as $key => $column) {
            $cells[$key] = self::read($column, $content[$key] ?? null, "{$pointer}/{$key}", $reader);
        }

        return array_filter($cells, static fn (mixed $cell): bool => null !== $cell);
    }

    /** @return Cell */
    public static function read(
        Column $column,
        mixed $raw,
        string $pointer,
        ValueReader $reader,
    ): Measurement|array|string|int|float|null {
        if (null === $raw || '' === $raw || [] === $raw) {
            return null;
        }

        return match ($column->type) {
            'quantity' => $reader->measured(
                $column->key,
                $column->unit ?? '',
                $column->possible ?? [-\INF, \INF],
                $column->usual,
                $raw,
                $pointer,
            ),
            'choice' => $reader->choice($column->choices ?? '', $raw, $pointer),
            'count' => self::count($column, $raw, $pointer, $reader),
            'price' => self::price($raw, $pointer, $reader),
            'composition' => self::composition($raw, $pointer, $reader),
            'parts' => self::parts($raw, $pointer, $reader),
            'sieves' => self::sieves($raw, $pointer, $reader),
            'day' => self::day($raw, $pointer, $reader),
            'thing' => self::thing($raw, $pointer, $reader),
            'text' => $reader->text($raw, $pointer),
        };
    }

    /** At most so many characters of it; null where it is blank. */
    public static function name(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        $name = trim($reader->text($raw, $pointer) ?? '');

        return '' === $name ? null : mb_substr($name, 0, self::LONGEST_NAME);
    }

    /** A number, 0 or more and below a million; "2,20" is one. */
    public static function price(mixed $raw, string $pointer, ValueReader $reader): ?float
    {
        if (null === $raw || '' === $raw) {
            return null;
        }
        $number =
            is_string($raw) && 1 === preg_match('/^\s*\d{1,6}([.,]\d{1,4})?\s*$/', $raw) ? (float) str_replace(',', '.', trim($raw)) : $raw;
        if ((is_float($number) || is_int($number)) && $number >= 0 && $number < 1e6) {
            return (float) $number;
        }

        return $reader->refuse($pointer, 'workshop.price', 'A price is a number, 0 or more, such as 2.20.');
    }

    private static function count(Column $column, mixed $raw, string $pointer, ValueReader $reader): ?int
    {
        $value = $reader->value(
            new Field(
                $column->key,
                '',
                '',
                $column->label,
                FieldKind::Count,
                null,
                null,
                $column->possible,
                $column->usual,
                null,
                '',
            ),
            $raw,
            $pointer,
        );

        return is_int($value) ? $value : null;
    }

    /** A day of the calendar, as it is written: 2026-04-12. */
    private static function day(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        $parts = is_string($raw) && 1 === preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $raw, $match) ? $match : null;
        if (null === $parts || !checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1]) || (int) $parts[1] < 1970) {
            return $reader->refuse($pointer, 'record.not_a_date', 'This must be a date such as 2026-05-03.');
        }

        return $parts[0];
    }

    /** The id of another thing; whether there is such a one is for the notebook to say. */
    private static function thing(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        return is_string($raw) && 1 === preg_match('/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/', $raw)
            ? $raw
            : $reader->refuse($pointer, 'record.not_found', 'There is no such thing in this workshop.');
    }

    /** @return array<string, float> element → share; none where it is blank */
    public static function composition(mixed $raw, string $pointer, ValueReader $reader): array
    {
        if (null === $raw || '' === $raw) {
            return [];
        }
        $shares = [];
        $given = $reader->object($raw, $pointer, 'A composition is an object of elements with their shares, such as {"Si": "7 %"}.');
        if (count($given) > self::MOST_ELEMENTS) {
            $reader->refuse($pointer, 'workshop.too_many_elements', 'At most '.self::MOST_ELEMENTS.' elements.');

            return [];
        }
        foreach ($given as $element => $percent) {
            $at = $pointer.'/'.ValueReader::escape((string) $element);
            $value = $reader->measured(
                (string) $element,
                'percent',
                [0, 100],
                null,
                is_int($percent) || is_float($percent) ? ['value' => $percent, 'unit' => 'percent'] : $percent,
                $at,
            );
            if (1 !== preg_match('/^[A-Z][a-z]?$/', (string) $element)) {
                $reader->refuse($at, 'workshop.element', 'This is not the sign of an element, such as Si.');
            } elseif (null !== $value) {
                $shares[(string) $element] = $value->si();
            }
        }
        if (array_sum($shares) > 1 + 1e-9) {
            $reader->refuse($pointer, 'workshop.over_full', 'The parts add up to more than the whole.');
        }

        return $shares;
    }

    /** @return array<string, float> part of a mix → how much of it, by mass, in the order they were told */
    private static function parts(mixed $raw, string $pointer, ValueReader $reader): array
    {
        $given = $reader->object($raw, $pointer, 'Parts are an object of their names with their shares by mass, such as {"Water": 38}.');
        if (count($given) > self::MOST_PARTS) {
            $reader->refuse($pointer, 'recipe.too_many_parts', 'At most '.self::MOST_PARTS.' parts.');

            return [];
        }
        $parts = [];
        foreach ($given as $name => $share) {
            $at = $pointer.'/'.ValueReader::escape((string) $name);
            $number = is_string($share) ? str_replace(',', '.', trim($share)) : $share;
            if ('' === trim((string) $name) || mb_strlen((string) $name) > self::LONGEST_NAME) {
                $reader->refuse($at, 'recipe.part', 'Say what it is, in at most '.self::LONGEST_NAME.' letters.');
            } elseif (!is_numeric($number) || !((float) $number > 0.0) || (float) $number > 1e6) {
                $reader->refuse($at, 'recipe.share', 'Its share is a number above 0, such as 38.');
            } else {
                $parts[trim((string) $name)] = (float) $number;
            }
        }

        return $parts;
    }

    /** @return array<string, Measurement> sieve → what stayed on it */
    private static function sieves(mixed $raw, string $pointer, ValueReader $reader): array
    {
        $given = $reader->object($raw, $pointer, 'Sieves are an object of their numbers with what stayed on each, such as {"70": "12 g"}.');
        $known = array_map(strval(...), array_keys(Sieve::all()));
        $reader->refuseUnknown($given, $known, $pointer, 'sand.no_such_sieve', 'This is not a sieve of the series.');
        $masses = [];
        foreach ($given as $sieve => $mass) {
            $value = in_array((string) $sieve, $known, true)
                ? $reader->measured('mass', 'g', [0, 50000], null, $mass, $pointer.'/'.ValueReader::escape((string) $sieve))
                : null;
            if (null !== $value) {
                $masses[(string) $sieve] = $value;
            }
        }

        return $masses;
    }
}
