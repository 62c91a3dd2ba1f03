<?php

declare(strict_types=1);

namespace MoltenNotes\Core;

/**
 * Reads a table of the trade: a file that gives rows with named columns. What a row leaves out is as usual for its column; a column that
 * the table
 * does not have, or one that a row must say and does not, is a fault of the table and named with its row.
 */
final class Table
{
    /**
     * @param array<string, mixed> $usual columns that a row may leave out, with what then stands there
     * @param list<string> $said columns that every row says
     *
     * @return list<array<string, mixed>>
     *
     * @throws \LogicException when the file is no such table
     */
    public static function rows(string $path, array $said, array $usual = []): array
    {
        $rows = require $path;
        $table = [];
        foreach (is_array($rows) ? $rows : throw new \LogicException(basename($path).' gives no rows.') as $row) {
            $row = is_array($row) ? $row : [];
            $missing = array_diff($said, array_keys($row));
            $unknown = array_diff(array_map(strval(...), array_keys($row)), $said, array_keys($usual));
            if ([] !== $missing || [] !== $unknown) {
                $first = $row[$said[0]] ?? '?';
                $lacks = [] === $missing ? '' : 'lacks '.implode(', ', $missing);
                $has = [] === $unknown ? '' : 'has no column '.implode(', ', $unknown);
                throw new \LogicException(basename($path).', row '.(is_scalar($first) ? $first : '?').': '.trim("{$lacks} {$has}").'.');
            }
            $table[] = array_combine(array_map(strval(...), array_keys($row)), array_values($row)) + $usual;
        }

        return $table;
    }
}
