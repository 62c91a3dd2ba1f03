<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

use MoltenNotes\Core\Quantity\UnitTable;

/** The door to the table of named values. */
final class Fields
{
    /** @var array<string, Field>|null */
    private static ?array $fields = null;

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
         * @var list<array{string, string, string, string, string, string, array{float|int, float|int}|null, array{float|int,
         *     float|int}|null, '*'|list<string>, string}> $rows
         */
        $rows = require __DIR__.'/Data/fields.php';
        $fields = [];
        foreach ($rows as [$key, $keeper, $stage, $label, $kind, $detail, $possible, $likely, $processes, $hint]) {
            $kind = FieldKind::from($kind);
            $fields[$key] = new Field(
                $key,
                $keeper,
                $stage,
                $label,
                $kind,
                FieldKind::Choice === $kind ? $detail : null,
                FieldKind::Quantity === $kind ? UnitTable::get($detail) : null,
                null === $possible ? null : [(float) $possible[0], (float) $possible[1]],
                null === $likely ? null : [(float) $likely[0], (float) $likely[1]],
                '*' === $processes ? null : $processes,
                $hint,
            );
        }

        return $fields;
    }
}
