<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

use MoltenNotes\Core\Quantity\Nearest;

/** The door to the table of remedies. */
final class Remedies
{
    /** @var array<string, Remedy>|null */
    private static ?array $remedies = null;

    /** @return array<string, Remedy> */
    public static function all(): array
    {
        if (null === self::$remedies) {
            /** @var list<array{string, string, string, int, string|null, string, mixed, float, string}> $rows */
            $rows = require __DIR__.'/Data/remedies.php';
            self::$remedies = [];
            foreach ($rows as $row) {
                self::$remedies[$row[0]] = new Remedy(...$row);
            }
        }

        return self::$remedies;
    }

    /** @return list<Remedy> */
    public static function against(string $cause): array
    {
        return array_values(array_filter(self::all(), static fn (Remedy $remedy): bool => $remedy->cause === $cause));
    }

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
