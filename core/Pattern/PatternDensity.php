<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Pattern;

use MoltenNotes\Core\Quantity\Density;
use MoltenNotes\Core\Quantity\Estimate;

/** The usual density of a pattern material. The door to its table. */
final class PatternDensity
{
    /** kg/m³ with its spread; null when the material is not told or not in the table. Source: row by row in the table. */
    public static function usual(?string $material): ?Estimate
    {
        foreach (self::rows() as [$code, $low, $high]) {
            if ($code === $material) {
                return Estimate::between(Density::dimension(), ($low + $high) / 2, $low, $high);
            }
        }

        return null;
    }

    /** @return list<array{string, float, float}> */
    private static function rows(): array
    {
        /** @var list<array{string, float, float}>|null $rows */
        static $rows = null;

        return $rows ??= self::load();
    }

    /** @return list<array{string, float, float}> */
    private static function load(): array
    {
        /** @var list<array{string, float, float}> $rows */
        $rows = require __DIR__.'/Data/materials.php';

        return $rows;
    }
}
