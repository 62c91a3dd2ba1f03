<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

use MoltenNotes\Core\Quantity\Speed;

/** The door to the table of speed limits. */
final class SpeedLimit
{
    public static function of(string $family): ?Speed
    {
        /** @var list<array{string, float}>|null $rows */
        static $rows = null;
        $rows ??= require __DIR__.'/Data/speed_limits.php';
        foreach ($rows as [$metal, $limit]) {
            if ($metal === $family) {
                return Speed::fromSi($limit);
            }
        }

        return null;
    }
}
