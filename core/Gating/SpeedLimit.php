<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

use MoltenNotes\Core\Quantity\Speed;

/** The door to the table of speed limits. */
final class SpeedLimit
{
    /** m/s at which the surface breaks; null for a family the table does not have. Source: row by row in the table. */
    public static function of(string $family): ?Speed
    {
        foreach (self::rows() as [$metal, $limit]) {
            if ($metal === $family) {
                return Speed::fromSi($limit);
            }
        }

        return null;
    }

    /** @return list<array{string, float}> */
    private static function rows(): array
    {
        /** @var list<array{string, float}>|null $rows */
        static $rows = null;

        return $rows ??= self::load();
    }

    /** @return list<array{string, float}> */
    private static function load(): array
    {
        /** @var list<array{string, float}> $rows */
        $rows = require __DIR__.'/Data/speed_limits.php';

        return $rows;
    }
}
