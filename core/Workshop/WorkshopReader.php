<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Workshop;

use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\ValueReader;

/**
 * Reads a workshop from untrusted input. Faults go to the reader, each with its place.
 *
 * @phpstan-import-type Cell from ColumnReader
 */
final class WorkshopReader
{
    private const MOST_ROWS = 200;
    private const PARTS = ['furnaces', 'crucibles', 'flasks', 'cutters', 'stock', 'tariffs', 'safe_lift', 'currency', 'school'];

    /** What cannot be read is told to the reader with its pointer; the rest is taken. */
    public static function read(mixed $raw, string $pointer, ValueReader $reader): Workshop
    {
        if (null === $raw) {
            return new Workshop();
        }
        if (!is_array($raw) || ([] !== $raw && array_is_list($raw))) {
            $reader->refuse($pointer, 'record.not_an_object', 'A workshop is an object.');

            return new Workshop();
        }
        $reader->refuseUnknown($raw, self::PARTS, $pointer, 'record.unknown_part', 'This is not kept of a workshop.');
        $furnaces = $crucibles = $flasks = $cutters = $stock = [];
        foreach (self::rows($raw, 'furnaces', $pointer, $reader) as [$name, $row]) {
            $furnaces[] = [
                'name' => $name,
                'source' => self::words($row['source']),
                'power' => self::quantity($row['power']),
                'efficiency' => self::quantity($row['efficiency']),
            ];
        }
        foreach (self::rows($raw, 'crucibles', $pointer, $reader) as [$name, $row]) {
            $crucibles[] = [
                'name' => $name,
                'volume' => self::quantity($row['volume']),
                'mass' => self::quantity($row['mass']),
                'family' => self::words($row['family']),
            ];
        }
        foreach (self::rows($raw, 'flasks', $pointer, $reader) as [$name, $row]) {
            $flasks[] = [
                'name' => $name,
                'length' => self::quantity($row['length']),
                'width' => self::quantity($row['width']),
                'cope' => self::quantity($row['cope']),
                'drag' => self::quantity($row['drag']),
            ];
        }
        foreach (self::rows($raw, 'cutters', $pointer, $reader) as [$name, $row]) {
            $kind = self::words($row['kind']);
            $size = self::quantity($row['size']);
            if (null !== $kind && null !== $size) {
                $cutters[] = ['name' => $name, 'kind' => $kind, 'size' => $size];
            }
        }
        foreach (self::rows($raw, 'stock', $pointer, $reader) as [$name, $row]) {
            $price = $row['price'];
            $stock[] = [
                'name' => $name,
                'mass' => self::quantity($row['mass']),
                'alloy' => self::words($row['alloy']),
                'least' => self::quantity($row['least']),
                'price' => is_float($price) ? $price : null,
                'loss' => self::quantity($row['loss']),
                'composition' => self::shares($row['composition']),
            ];
        }

        return new Workshop(
            $furnaces,
            $crucibles,
            $flasks,
            $cutters,
            $stock,
            self::tariffs($raw['tariffs'] ?? [], $pointer.'/tariffs', $reader),
            self::quantity(self::setting('safe_lift', $raw['safe_lift'] ?? null, $pointer.'/safe_lift', $reader)),
            self::words(self::setting('currency', $raw['currency'] ?? 'EUR', $pointer.'/currency', $reader)) ?? 'EUR',
            self::words(self::setting('school', $raw['school'] ?? null, $pointer.'/school', $reader)),
        );
    }

    /** @return list<string> what is kept of a thing of this kind; empty where there is no such kind */
    public static function columns(string $kind): array
    {
        $row = ThingKind::find($kind);

        return null === $row ? [] : ['name', ...array_keys($row->columns)];
    }

    /**
     * One column of one thing: a name, or whatever the table says. Null is blank, or was refused.
     *
     * @return Cell
     */
    public static function column(
        string $kind,
        string $column,
        mixed $raw,
        string $pointer,
        ValueReader $reader,
    ): Measurement|array|string|int|float|null {
        $row = ThingKind::find($kind)?->columns[$column] ?? null;

        return null === $row ? ColumnReader::name($raw, $pointer, $reader) : ColumnReader::read($row, $raw, $pointer, $reader);
    }

    /**
     * One of the settings that are not things: "safe_lift", "currency", "school", or a tariff as "tariffs." and its source. Null is
     * blank, or was refused.
     */
    public static function setting(string $setting, mixed $raw, string $pointer, ValueReader $reader): Measurement|string|float|null
    {
        return match ($setting) {
            'safe_lift' => $reader->measured('safe_lift', 'kg', [0.5, 500], null, $raw, $pointer),
            'currency' => self::currency($raw, $pointer, $reader),
            'school' => null === $raw ? null : $reader->choice('school', $raw, $pointer),
            default => self::tariff(substr($setting, strlen('tariffs.')), $raw, $pointer, $reader),
        };
    }

    /**
     * @param array<mixed> $raw
     *
     * @return iterable<array{string, array<string, Cell>}> name and columns
     */
    private static function rows(array $raw, string $kind, string $pointer, ValueReader $reader): iterable
    {
        $rows = $raw[$kind] ?? [];
        if (!is_array($rows) || !array_is_list($rows) || count($rows) > self::MOST_ROWS) {
            $reader->refuse("{$pointer}/{$kind}", 'record.not_a_list', 'This must be a list of at most '.self::MOST_ROWS.'.');

            return;
        }
        foreach ($rows as $index => $row) {
            $at = "{$pointer}/{$kind}/{$index}";
            if (!is_array($row)) {
                $reader->refuse($at, 'record.not_an_object', 'This must be an object.');
                continue;
            }
            $reader->refuseUnknown($row, self::columns($kind), $at, 'record.unknown_part', 'This is not kept of such a thing.');
            $columns = [];
            foreach (self::columns($kind) as $column) {
                $columns[$column] = self::column($kind, $column, $row[$column] ?? null, "{$at}/{$column}", $reader);
            }
            self::insist($kind, $row, $at, $reader);
            $name = self::words($columns['name']);
            yield [$name ?? ucfirst(rtrim($kind, 's')).' '.($index + 1), $columns];
        }
    }

    /**
     * What a thing of this kind cannot do without.
     *
     * @param array<mixed> $row its columns, read or not
     */
    public static function insist(string $kind, array $row, string $pointer, ValueReader $reader): void
    {
        foreach (ThingKind::find($kind)->columns ?? [] as $column) {
            if (null !== $column->needed && in_array($row[$column->key] ?? null, [null, ''], true)) {
                $reader->refuse("{$pointer}/{$column->key}", 'workshop.needed', $column->needed);
            }
        }
    }

    private static function tariff(string $source, mixed $raw, string $pointer, ValueReader $reader): ?float
    {
        if (!isset(Choices::list('energy_source')[$source])) {
            return $reader->refuse($pointer, 'record.unknown_choice', 'This is not a source of heat we know.');
        }

        return ColumnReader::price($raw, $pointer, $reader);
    }

    /** @param Cell $value */
    private static function quantity(Measurement|array|string|int|float|null $value): ?Measurement
    {
        return $value instanceof Measurement ? $value : null;
    }

    /** @param Cell $value */
    private static function words(Measurement|array|string|int|float|null $value): ?string
    {
        return is_string($value) ? $value : null;
    }

    /**
     * @param Cell $value
     *
     * @return array<string, float>
     */
    private static function shares(Measurement|array|string|int|float|null $value): array
    {
        return array_filter(is_array($value) ? $value : [], is_float(...));
    }

    /** @return array<string, float> */
    private static function tariffs(mixed $raw, string $pointer, ValueReader $reader): array
    {
        $tariffs = [];
        foreach ($reader->object($raw, $pointer, 'Tariffs are an object of sources of heat with their prices.') as $source => $price) {
            $value = self::tariff((string) $source, $price, $pointer.'/'.ValueReader::escape((string) $source), $reader);
            if (null !== $value) {
                $tariffs[(string) $source] = $value;
            }
        }

        return $tariffs;
    }

    private static function currency(mixed $raw, string $pointer, ValueReader $reader): string
    {
        if (is_string($raw) && 1 === preg_match('/^[A-Z]{3}$/', $raw)) {
            return $raw;
        }
        $reader->refuse($pointer, 'quantity.currency', 'A currency has three capital letters.');

        return 'EUR';
    }
}
