<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Working;

use MoltenNotes\Core\Table;

/** The door to the table of figures: every number a plan may hold. */
final class Figures
{
    /** @var array<string, array{code: string, stage: string, cut_into: string|null}>|null */
    private static ?array $figures = null;

    /** @return array<string, array{code: string, stage: string, cut_into: string|null}> code → its row, in working order */
    public static function all(): array
    {
        if (null === self::$figures) {
            /** @var list<array{code: string, stage: string, cut_into: string|null}> $rows */
            $rows = Table::rows(__DIR__.'/Data/figures.php', ['code', 'stage'], ['cut_into' => null]);
            self::$figures = array_column($rows, null, 'code');
        }

        return self::$figures;
    }

    /** The value of the record that a figure can be taken over into; null where it is nothing to be cut. */
    public static function cutInto(string $code): ?string
    {
        return self::all()[$code]['cut_into'] ?? null;
    }
}
