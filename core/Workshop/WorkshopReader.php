<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Workshop;

use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\ValueReader;

/** Reads a workshop from untrusted input. Faults go to the reader, each with its place. */
final class WorkshopReader
{
    private const MOST_ROWS = 200;
    private const MOST_ELEMENTS = 24;
    private const PARTS = ['furnaces', 'crucibles', 'flasks', 'cutters', 'stock', 'tariffs', 'safe_lift', 'currency', 'school'];
    /** What a row holds besides its name and its measurements. */
    private const WORDS = [
        'furnaces' => ['source'],
        'crucibles' => [],
        'flasks' => [],
        'cutters' => ['kind'],
        'stock' => ['price', 'composition'],
    ];
    /** Kind of row → measurement → unit, least, most. */
    private const ROWS = [
        'furnaces' => ['power' => ['kW', 0.05, 2000], 'efficiency' => ['percent', 0.1, 95]],
        'crucibles' => ['volume' => ['mL', 1, 500000], 'mass' => ['kg', 0.01, 500]],
        'flasks' => ['length' => ['mm', 20, 5000], 'width' => ['mm', 20, 5000], 'cope' => ['mm', 5, 2000], 'drag' => ['mm', 5, 2000]],
        'cutters' => ['size' => ['mm', 0.5, 500]],
        'stock' => ['mass' => ['kg', 0, 10000], 'least' => ['kg', 0, 10000], 'loss' => ['percent', 0, 90]],
    ];

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
            $crucibles[] = ['name' => $name, 'volume' => self::quantity($row['volume']), 'mass' => self::quantity($row['mass'])];
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

    /** @return list<string> kinds of things a workshop holds */
    public static function kinds(): array
    {
        return array_keys(self::ROWS);
    }

    /** @return list<string> what is kept of a thing of this kind; empty where there is no such kind */
    public static function columns(string $kind): array
    {
        return isset(self::ROWS[$kind], self::WORDS[$kind]) ? ['name', ...self::WORDS[$kind], ...array_keys(self::ROWS[$kind])] : [];
    }

    /**
     * One column of one thing: a name, words, a price, a composition (element → share) or a measurement. Null is blank, or was refused.
     *
     * @return Measurement|array<string, float>|string|float|null
     */
    public static function column(
        string $kind,
        string $column,
        mixed $raw,
        string $pointer,
        ValueReader $reader,
    ): Measurement|array|string|float|null {
        $bounds = self::ROWS[$kind][$column] ?? null;
        if (null !== $bounds) {
            return $reader->measured($column, $bounds[0], [$bounds[1], $bounds[2]], null, $raw, $pointer);
        }

        return match ($column) {
            'name' => self::name($raw, $pointer, $reader),
            'source' => null === $raw ? null : $reader->choice('energy_source', $raw, $pointer),
            'kind' => self::cutterKind($raw, $pointer, $reader),
            'price' => self::price($raw, $pointer, $reader),
            default => self::composition($raw ?? [], $pointer, $reader),
        };
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
     * @param key-of<self::ROWS> $kind
     *
     * @return iterable<array{string, array<string, Measurement|array<string, float>|string|float|null>}> name and columns
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
        if ('cutters' === $kind && null === ($row['size'] ?? null)) {
            $reader->refuse($pointer.'/size', 'workshop.size_missing', 'Say how large it is.');
        }
        if ('cutters' === $kind && null === ($row['kind'] ?? null)) {
            $reader->refuse($pointer.'/kind', 'record.unknown_choice', 'A cutter is a drill, a tube or a bar.');
        }
    }

    private static function name(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        $name = trim($reader->text($raw, $pointer) ?? '');

        return '' === $name ? null : mb_substr($name, 0, 60);
    }

    private static function cutterKind(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        if (null === $raw || (is_string($raw) && isset(Choices::list('cutter_kind')[$raw]))) {
            return $raw;
        }

        return $reader->refuse($pointer, 'record.unknown_choice', 'A cutter is a drill, a tube or a bar.');
    }

    private static function tariff(string $source, mixed $raw, string $pointer, ValueReader $reader): ?float
    {
        if (!isset(Choices::list('energy_source')[$source])) {
            return $reader->refuse($pointer, 'record.unknown_choice', 'This is not a source of heat we know.');
        }

        return self::price($raw, $pointer, $reader);
    }

    /** @param Measurement|array<string, float>|string|float|null $value */
    private static function quantity(Measurement|array|string|float|null $value): ?Measurement
    {
        return $value instanceof Measurement ? $value : null;
    }

    /** @param Measurement|array<string, float>|string|float|null $value */
    private static function words(Measurement|array|string|float|null $value): ?string
    {
        return is_string($value) ? $value : null;
    }

    /**
     * @param Measurement|array<string, float>|string|float|null $value
     *
     * @return array<string, float>
     */
    private static function shares(Measurement|array|string|float|null $value): array
    {
        return is_array($value) ? $value : [];
    }

    private static function price(mixed $raw, string $pointer, ValueReader $reader): ?float
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

    /** @return array<string, float> element → share */
    private static function composition(mixed $raw, string $pointer, ValueReader $reader): array
    {
        $shares = [];
        $given = $reader->object($raw, $pointer, 'A composition is an object of elements with their shares, such as {"Si": "7 %"}.');
        if (count($given) > self::MOST_ELEMENTS) {
            $reader->refuse($pointer, 'workshop.too_many_elements', 'At most '.self::MOST_ELEMENTS.' elements.');

            return [];
        }
        foreach ($given as $element => $percent) {
            $value = $reader->measured(
                (string) $element,
                'percent',
                [0, 100],
                null,
                is_int($percent) || is_float($percent) ? ['value' => $percent, 'unit' => 'percent'] : $percent,
                $pointer.'/'.ValueReader::escape((string) $element),
            );
            if (1 !== preg_match('/^[A-Z][a-z]?$/', (string) $element)) {
                $reader->refuse(
                    $pointer.'/'.ValueReader::escape((string) $element),
                    'workshop.element',
                    'This is not the sign of an element, such as Si.',
                );
            } elseif (null !== $value) {
                $shares[(string) $element] = $value->si();
            }
        }
        if (array_sum($shares) > 1 + 1e-9) {
            $reader->refuse($pointer, 'workshop.over_full', 'The parts add up to more than the whole.');
        }

        return $shares;
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
