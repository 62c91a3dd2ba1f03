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
    private const WORDS = ['furnaces' => ['source'], 'crucibles' => [], 'flasks' => [], 'cutters' => ['kind'], 'stock' => ['price', 'composition']];
    /** Kind of row → measurement → unit, least, most. */
    private const ROWS = [
        'furnaces' => ['power' => ['kW', 0.05, 2000], 'efficiency' => ['percent', 0.1, 95]],
        'crucibles' => ['volume' => ['mL', 1, 500000], 'mass' => ['kg', 0.01, 500]],
        'flasks' => ['length' => ['mm', 20, 5000], 'width' => ['mm', 20, 5000], 'cope' => ['mm', 5, 2000], 'drag' => ['mm', 5, 2000]],
        'cutters' => ['size' => ['mm', 0.5, 500]],
        'stock' => ['mass' => ['kg', 0, 10000], 'least' => ['kg', 0, 10000], 'loss' => ['percent', 0, 90]],
    ];

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
        foreach (self::rows($raw, 'furnaces', $pointer, $reader) as [$row, $name, $m, $at]) {
            $furnaces[] = ['name' => $name, 'source' => isset($row['source']) ? $reader->choice('energy_source', $row['source'], $at.'/source') : null, 'power' => $m['power'], 'efficiency' => $m['efficiency']];
        }
        foreach (self::rows($raw, 'crucibles', $pointer, $reader) as [, $name, $m]) {
            $crucibles[] = ['name' => $name, 'volume' => $m['volume'], 'mass' => $m['mass']];
        }
        foreach (self::rows($raw, 'flasks', $pointer, $reader) as [, $name, $m]) {
            $flasks[] = ['name' => $name, 'length' => $m['length'], 'width' => $m['width'], 'cope' => $m['cope'], 'drag' => $m['drag']];
        }
        foreach (self::rows($raw, 'cutters', $pointer, $reader) as [$row, $name, $m, $at]) {
            $kind = in_array($row['kind'] ?? null, ['drill', 'tube', 'bar'], true) ? $row['kind'] : null;
            if (null === $kind) {
                $reader->refuse($at.'/kind', 'record.unknown_choice', 'A cutter is a drill, a tube or a bar.');
            }
            if (null === $m['size']) {
                $reader->refuse($at.'/size', 'workshop.size_missing', 'Say how large it is.');
            } elseif (is_string($kind)) {
                $cutters[] = ['name' => $name, 'kind' => $kind, 'size' => $m['size']];
            }
        }
        foreach (self::rows($raw, 'stock', $pointer, $reader) as [$row, $name, $m, $at]) {
            $stock[] = ['name' => $name, 'mass' => $m['mass'], 'least' => $m['least'], 'price' => self::price($row['price'] ?? null, $at.'/price', $reader), 'loss' => $m['loss'], 'composition' => self::composition($row['composition'] ?? [], $at.'/composition', $reader)];
        }

        return new Workshop($furnaces, $crucibles, $flasks, $cutters, $stock, self::tariffs($raw['tariffs'] ?? [], $pointer.'/tariffs', $reader), $reader->measured('safe_lift', 'kg', [0.5, 500], null, $raw['safe_lift'] ?? null, $pointer.'/safe_lift'), self::currency($raw['currency'] ?? 'EUR', $pointer.'/currency', $reader), isset($raw['school']) ? $reader->choice('school', $raw['school'], $pointer.'/school') : null);
    }

    /**
     * @param array<mixed>       $raw
     * @param key-of<self::ROWS> $kind
     *
     * @return iterable<array{array<mixed>, string, array<string, Measurement|null>, string}>
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
            $reader->refuseUnknown($row, ['name', ...self::WORDS[$kind], ...array_keys(self::ROWS[$kind])], $at, 'record.unknown_part', 'This is not kept of such a thing.');
            $name = trim($reader->text($row['name'] ?? null, $at.'/name') ?? '');
            $measured = [];
            foreach (self::ROWS[$kind] as $key => $bounds) {
                $measured[$key] = $reader->measured($key, $bounds[0], [$bounds[1], $bounds[2]], null, $row[$key] ?? null, "{$at}/{$key}");
            }
            yield [$row, '' === $name ? ucfirst(rtrim($kind, 's')).' '.($index + 1) : mb_substr($name, 0, 60), $measured, $at];
        }
    }

    private static function price(mixed $raw, string $pointer, ValueReader $reader): ?float
    {
        if (null === $raw || '' === $raw) {
            return null;
        }
        $number = is_string($raw) && 1 === preg_match('/^\s*\d{1,6}([.,]\d{1,4})?\s*$/', $raw) ? (float) str_replace(',', '.', trim($raw)) : $raw;
        if ((is_float($number) || is_int($number)) && $number >= 0 && $number < 1e6) {
            return (float) $number;
        }
        $reader->refuse($pointer, 'workshop.price', 'A price is a number, 0 or more, such as 2.20.');

        return null;
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
            $value = $reader->measured((string) $element, 'percent', [0, 100], null, is_int($percent) || is_float($percent) ? ['value' => $percent, 'unit' => 'percent'] : $percent, $pointer.'/'.ValueReader::escape((string) $element));
            if (1 !== preg_match('/^[A-Z][a-z]?$/', (string) $element)) {
                $reader->refuse($pointer.'/'.ValueReader::escape((string) $element), 'workshop.element', 'This is not the sign of an element, such as Si.');
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
            $at = $pointer.'/'.ValueReader::escape((string) $source);
            if (!isset(Choices::list('energy_source')[$source])) {
                $reader->refuse($at, 'record.unknown_choice', 'This is not a source of heat we know.');
                continue;
            }
            $value = self::price($price, $at, $reader);
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
