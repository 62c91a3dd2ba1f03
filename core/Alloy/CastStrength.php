<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Alloy;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Table;

/** How strong sound metal is as it comes out of sand. The door to its table; source: recalled from memory, ASM vols. 2 and 15. */
final class CastStrength
{
    /** Tensile strength, Pa, with its spread; null where the table has none. */
    public static function of(Alloy $alloy): ?Estimate
    {
        /** @var array<string, Estimate>|null $all */
        static $all = null;
        if (null === $all) {
            /** @var list<array{alloy: string, mpa: array{int, int}}> $rows */
            $rows = Table::rows(__DIR__.'/Data/strengths.php', ['alloy', 'mpa']);
            $all = [];
            foreach ($rows as ['alloy' => $code, 'mpa' => [$low, $high]]) {
                $all[$code] = Estimate::between(Dimension::Pressure, 5e5 * ($low + $high), 1e6 * $low, 1e6 * $high);
            }
        }

        return $all[$alloy->code] ?? null;
    }
}
