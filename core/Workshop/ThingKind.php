<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Workshop;

use MoltenNotes\Core\Table;

/** The door to the table of things that stand in a workshop. */
final class ThingKind
{
    /** @var array<string, self>|null */
    private static ?array $all = null;

    /** @param array<string, Column> $columns besides its name */
    private function __construct(
        public readonly string $kind,
        public readonly string $title,
        public readonly string $why,
        public readonly string $add,
        public readonly bool $inPlans,
        public readonly array $columns,
    ) {
    }

    /** @return array<string, self> by kind */
    public static function all(): array
    {
        return self::$all ??= self::load();
    }

    /** Null where there is no such kind. */
    public static function find(string $kind): ?self
    {
        return self::all()[$kind] ?? null;
    }

    /** @return array<string, self> */
    private static function load(): array
    {
        /**
         * @var list<array{kind: string, title: string, why: string, add: string, in_plans: bool, columns: list<array{key: string,
         *     label: string}>}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/things.php', ['kind', 'title', 'why', 'add', 'in_plans', 'columns']);
        $all = [];
        foreach ($rows as $row) {
            $all[$row['kind']] = new self(
                $row['kind'],
                $row['title'],
                $row['why'],
                $row['add'],
                $row['in_plans'],
                Column::listed($row['columns']),
            );
        }

        return $all;
    }
}
