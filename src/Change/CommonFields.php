<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Shared\Seconds;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\Column;
use MoltenNotes\Core\Workshop\ColumnReader;

/**
 * Readers for what several kinds of record have: a name, a day, a mark.
 *
 * @phpstan-import-type Cell from ColumnReader
 */
final class CommonFields
{
    private const LONGEST_NAME = 120;

    public static function name(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        $name = trim($reader->text($raw, $pointer) ?? '');
        if (mb_strlen($name) > self::LONGEST_NAME) {
            $reader->refuse($pointer, 'record.name', 'A name has at most '.self::LONGEST_NAME.' characters.');

            return null;
        }

        return '' === $name ? null : $name;
    }

    /** A day of the calendar that has come. */
    public static function day(mixed $raw, string $pointer, ValueReader $reader, \DateTimeImmutable $now): ?\DateTimeImmutable
    {
        if (null === $raw || '' === $raw) {
            return null;
        }
        $date =
            is_string($raw) && 1 === preg_match('/^\d{4}-\d{2}-\d{2}$/', $raw)
                ? \DateTimeImmutable::createFromFormat('!Y-m-d', $raw)
                : false;
        if (false === $date || $date->format('Y-m-d') !== $raw) {
            $reader->refuse($pointer, 'record.not_a_date', 'This must be a date such as 2026-05-03.');

            return null;
        }
        // A day of grace: it may be tomorrow already where the caster stands.
        if ($date > $now->modify('+1 day')) {
            $reader->refuse($pointer, 'record.in_the_future', 'This day has not come yet. Leave it blank while the pour is only planned.');
        }

        return $date;
    }

    /** Seconds since 1970 in words, of a device's own clock: one of tomorrow is wrong, a day of slack for those that are a little. */
    public static function moment(mixed $raw, string $pointer, ValueReader $reader, \DateTimeImmutable $now): ?string
    {
        $second = is_int($raw) || is_float($raw) || (is_string($raw) && is_numeric($raw)) ? (float) $raw : 0.0;

        return $second < Seconds::FIRST || $second > $now->getTimestamp() + 86400
            ? $reader->refuse($pointer, 'record.impossible', 'Say when it was, in seconds since 1970, and not in the future.')
            : Seconds::words($second);
    }

    /** What a value of a record may be; a number without a unit is none. */
    public static function told(mixed $value): Measurement|Sections|string|int|bool|null
    {
        return $value instanceof Measurement || $value instanceof Sections || is_string($value) || is_int($value) || is_bool($value)
            ? $value
            : null;
    }

    public static function unknown(string $pointer, ValueReader $reader, string $of): null
    {
        return $reader->refuse($pointer, 'record.unknown_field', "This is not kept of {$of}.");
    }

    /**
     * A column of a thing or of an entry as it is stored: compositions as they are read, in per cent.
     *
     * @param Cell $value
     *
     * @return Cell
     */
    public static function cell(Column $column, Measurement|array|string|int|float|null $value): Measurement|array|string|int|float|null
    {
        if (!is_array($value) || 'composition' !== $column->type) {
            return $value;
        }

        return array_map(static fn (float $share): float => round(100 * $share, 8), array_filter($value, is_float(...)));
    }
}
