<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Workshop;

use MoltenNotes\Core\Table;

/** The door to the table of what happens to things of a workshop: tests, additions. */
final class MovementKind
{
    /** @var array<string, self>|null */
    private static ?array $all = null;

    /** @param array<string, Column> $columns */
    private function __construct(
        public readonly string $kind,
        public readonly string $of,
        public readonly string $title,
        public readonly bool $isOfHeat,
        public readonly bool $isOfAttempt,
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
         * @var list<array{kind: string, of: string, title: string, heat: bool, attempt: bool, columns: list<array{key: string,
         *     label: string}>}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/movements.php', ['kind', 'of', 'title', 'columns'], ['heat' => false, 'attempt' => false]);
        $all = [];
        foreach ($rows as $row) {
            $all[$row['kind']] = new self(
                $row['kind'],
                $row['of'],
                $row['title'],
                $row['heat'],
                $row['attempt'],
                Column::listed($row['columns']),
            );
        }

        return $all;
    }
}
