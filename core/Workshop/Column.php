<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Workshop;

/** One column of what is kept of a thing, or of what happened to it. Source of its bounds: the tables of things and of movements. */
final readonly class Column
{
    /**
     * @param 'quantity'|'choice'|'count'|'price'|'composition'|'parts'|'sieves'|'day'|'thing'|'text' $type
     * @param string|null $choices the list it is picked from; of a thing: its kind
     * @param string|null $unit the bounds are in it
     * @param array{float, float}|null $possible inclusive, refused outside
     * @param array{float, float}|null $usual inclusive, questioned outside
     * @param string|null $needed what is said where it is blank; null where it may be
     */
    private function __construct(
        public string $key,
        public string $label,
        public string $type,
        public ?string $unit,
        public ?array $possible,
        public ?array $usual,
        public ?string $choices,
        public string $example,
        public ?string $needed,
    ) {
    }

    /**
     * @param list<array{key: string, label: string,
     *     type?: 'quantity'|'choice'|'count'|'price'|'composition'|'parts'|'sieves'|'day'|'thing'|'text', unit?: string,
     *     possible?: array{float|int, float|int}, usual?: array{float|int, float|int}, choices?: string, example?: string,
     *     needed?: string}> $rows
     *
     * @return array<string, self> by key
     */
    public static function listed(array $rows): array
    {
        $columns = [];
        foreach ($rows as $row) {
            $columns[$row['key']] = new self(
                $row['key'],
                $row['label'],
                $row['type'] ?? 'quantity',
                $row['unit'] ?? null,
                self::ends($row['possible'] ?? null),
                self::ends($row['usual'] ?? null),
                $row['choices'] ?? null,
                $row['example'] ?? '',
                $row['needed'] ?? null,
            );
        }

        return $columns;
    }

    /**
     * @param array{float|int, float|int}|null $ends
     *
     * @return array{float, float}|null
     */
    private static function ends(?array $ends): ?array
    {
        return null === $ends ? null : [(float) $ends[0], (float) $ends[1]];
    }
}
