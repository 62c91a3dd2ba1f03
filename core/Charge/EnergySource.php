<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Quantity\Estimate;

/** What heats a furnace. The door to the table of efficiencies and fuels. */
final readonly class EnergySource
{
    private function __construct(public string $code, public Estimate $efficiency, public float $joulesPerFuelUnit, public string $fuelUnit)
    {
    }

    /** Null when it is not told or not one we know. Source: row by row in the table. */
    public static function find(?string $code): ?self
    {
        foreach (self::rows() as [$source, $low, $high, $megajoules, $unit]) {
            if ($source === $code) {
                return new self($source, Estimate::ratio(($low + $high) / 2, $low, $high), $megajoules * 1e6, $unit);
            }
        }

        return null;
    }

    /** @return list<array{string, float, float, float, string}> */
    private static function rows(): array
    {
        /** @var list<array{string, float, float, float, string}>|null $rows */
        static $rows = null;

        return $rows ??= self::load();
    }

    /** @return list<array{string, float, float, float, string}> */
    private static function load(): array
    {
        /** @var list<array{string, float, float, float, string}> $rows */
        $rows = require __DIR__.'/Data/energy_sources.php';

        return $rows;
    }
}
