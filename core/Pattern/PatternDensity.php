<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Pattern;

use MoltenNotes\Core\Quantity\Density;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Table;

/** The usual density of a pattern material. The door to its table. */
final class PatternDensity
{
    /** kg/m³ with its spread; null when the material is not told or not in the table. Source: row by row in the table. */
    public static function usual(?string $material): ?Estimate
    {
        /** @var array<string, Estimate>|null $known */
        static $known = null;
        $known ??= self::load();

        return $known[$material ?? ''] ?? null;
    }

    /** @return array<string, Estimate> */
    private static function load(): array
    {
        /** @var list<array{material: string, kg_m3: array{float, float}}> $rows */
        $rows = Table::rows(__DIR__.'/Data/materials.php', ['material', 'kg_m3']);
        $known = [];
        foreach ($rows as ['material' => $material, 'kg_m3' => [$low, $high]]) {
            $known[$material] = Estimate::between(Density::dimension(), ($low + $high) / 2, $low, $high);
        }

        return $known;
    }
}
