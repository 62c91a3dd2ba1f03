<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

/**
 * Re = ρ v d / η, d the hydraulic diameter 4A/perimeter. Above about 2000 a stream is turbulent inside; nearly every channel of a hand
 * pour is. Source: O. Reynolds 1883.
 */
final class Reynolds
{
    /** kg/m³, m/s, m; null for a family whose viscosity the table does not have. */
    public static function of(string $family, float $density, float $speed, float $hydraulicDiameter): ?float
    {
        foreach (self::rows() as [$metal, $viscosity]) {
            if ($metal === $family) {
                return ($density * $speed * $hydraulicDiameter) / $viscosity;
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
        $rows = require __DIR__.'/Data/viscosities.php';

        return $rows;
    }
}
