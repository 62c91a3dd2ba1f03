<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Table;

/** The door to the table of named values. */
final class Fields
{
    /** @var array<string, Field>|null */
    private static ?array $fields = null;

    /** Null when the table has no such field. */
    public static function find(string $key): ?Field
    {
        return self::all()[$key] ?? null;
    }

    /** @throws UnknownField */
    public static function get(string $key): Field
    {
        return self::find($key) ?? throw UnknownField::key($key, array_keys(self::all()));
    }

    /** @return array<string, Field> in working order */
    public static function all(): array
    {
        return self::$fields ??= self::load();
    }

    /** @return array<string, Field> */
    private static function load(): array
    {
        /**
         * @var list<array{key: string, keeper: string, stage: string, label: string, kind: string, choices: string|null, unit: string|null,
         * possible: array{float|int, float|int}|null, likely: array{float|int, float|int}|null, processes: list<string>|null,
         * hint: string, first: bool}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/fields.php', ['key', 'stage', 'label', 'kind'], [
            'keeper' => 'attempt', 'choices' => null, 'unit' => null, 'possible' => null, 'likely' => null, 'processes' => null,
            'hint' => '', 'first' => false,
        ]);
        $fields = [];
        foreach ($rows as $row) {
            $fields[$row['key']] = new Field(
                $row['key'],
                $row['keeper'],
                $row['stage'],
                $row['label'],
                FieldKind::from($row['kind']),
                $row['choices'],
                null === $row['unit'] ? null : UnitTable::get($row['unit']),
                null === $row['possible'] ? null : [(float) $row['possible'][0], (float) $row['possible'][1]],
                null === $row['likely'] ? null : [(float) $row['likely'][0], (float) $row['likely'][1]],
                $row['processes'],
                $row['hint'],
                $row['first'],
            );
        }

        return $fields;
    }
}
