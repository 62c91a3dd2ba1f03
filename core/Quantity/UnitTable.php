<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

use MoltenNotes\Core\Table;

/** The door to the unit table. */
final class UnitTable
{
    /** @var array<string, Unit>|null */
    private static ?array $byCode = null;

    /** @var array<string, array<string, Unit>> dimension → spelling → unit */
    private static array $bySpelling = [];

    /** @throws UnknownUnit when no row has this code */
    public static function get(string $code): Unit
    {
        return self::all()[$code] ?? throw UnknownUnit::code($code, array_keys(self::all()));
    }

    /** Exact code or label first (case matters: mm and MM are not asked apart, but kg and Kg are), then any spelling. */
    public static function bySpelling(string $spelling, Dimension $dimension): ?Unit
    {
        self::all();
        $clean = trim($spelling, " .\t");

        return self::$bySpelling[$dimension->value][$clean]
            ?? self::$bySpelling[$dimension->value][mb_strtolower($clean)]
            ?? null;
    }

    /** Which dimension a spelling would belong to, for an error that helps. */
    public static function dimensionOf(string $spelling): ?Dimension
    {
        foreach (Dimension::cases() as $dimension) {
            if (null !== self::bySpelling($spelling, $dimension)) {
                return $dimension;
            }
        }

        return null;
    }

    /** @return array{string, string}|null both readings of a spelling that has two; null for every other */
    public static function readings(string $spelling): ?array
    {
        /** @var list<array{written: string, one: string, other: string}> $rows */
        $rows = Table::rows(__DIR__.'/Data/ambiguous.php', ['written', 'one', 'other']);
        $clean = mb_strtolower(trim($spelling, " .\t"));
        foreach ($rows as $row) {
            if ($row['written'] === $clean) {
                return [$row['one'], $row['other']];
            }
        }

        return null;
    }

    /** @return list<string> */
    public static function spellings(Dimension $dimension): array
    {
        self::all();

        return array_map(strval(...), array_keys(self::$bySpelling[$dimension->value] ?? []));
    }

    /** @return list<Unit> */
    public static function of(Dimension $dimension): array
    {
        return array_values(array_filter(self::all(), static fn (Unit $unit): bool => $unit->dimension === $dimension));
    }

    /** @return array<string, Unit> */
    private static function all(): array
    {
        if (null !== self::$byCode) {
            return self::$byCode;
        }
        /** @var list<array{code: string, label: string, of: Dimension, factor: float, offset: float, also: list<string>}> $rows */
        $rows = Table::rows(__DIR__.'/Data/units.php', ['code', 'label', 'of', 'factor'], ['offset' => 0.0, 'also' => []]);
        self::$byCode = [];
        foreach ($rows as $row) {
            ['code' => $code, 'label' => $label, 'of' => $dimension, 'also' => $spellings] = $row;
            $unit = new Unit($code, $label, $dimension, $row['factor'], $row['offset'], $spellings);
            self::$byCode[$code] = $unit;
            foreach ([$code, $label, mb_strtolower($code), mb_strtolower($label), ...$spellings] as $spelling) {
                self::$bySpelling[$dimension->value][$spelling] ??= $unit;
            }
        }

        return self::$byCode;
    }
}
