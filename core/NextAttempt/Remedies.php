<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

use MoltenNotes\Core\Quantity\Nearest;
use MoltenNotes\Core\Table;

/** The door to the table of remedies. */
final class Remedies
{
    /** @var array<string, Remedy>|null */
    private static ?array $remedies = null;

    /** @return array<string, Remedy> */
    public static function all(): array
    {
        if (null === self::$remedies) {
            /**
             * @var list<array{code: string, cause: string, label: string, effort: int, field: FieldKey|null, how: string, argument: mixed,
             *     left: float, cost: string, processes: list<string>|null}> $rows
             */
            $rows = Table::rows(
                __DIR__.'/Data/remedies.php',
                ['code', 'cause', 'label', 'effort', 'how', 'left'],
                ['field' => null, 'argument' => null, 'cost' => '', 'processes' => null],
            );
            self::$remedies = [];
            foreach ($rows as $row) {
                self::$remedies[$row['code']] = new Remedy(
                    $row['code'],
                    $row['cause'],
                    $row['label'],
                    $row['effort'],
                    $row['field'],
                    $row['how'],
                    $row['argument'],
                    $row['left'],
                    $row['cost'],
                    $row['processes'],
                );
            }
        }

        return self::$remedies;
    }

    /** @return list<Remedy> */
    public static function against(string $cause): array
    {
        return array_values(array_filter(self::all(), static fn (Remedy $remedy): bool => $remedy->cause === $cause));
    }

    /** Null when the table has no such remedy. */
    public static function find(string $code): ?Remedy
    {
        return self::all()[$code] ?? null;
    }

    /** @throws UnknownRemedy */
    public static function get(string $code): Remedy
    {
        return self::find($code) ?? throw UnknownRemedy::code($code, Nearest::to($code, array_keys(self::all())));
    }
}
