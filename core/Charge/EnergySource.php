<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Table;

/** What heats a furnace. The door to the table of efficiencies and fuels. */
final readonly class EnergySource
{
    /**
     * @param Estimate $efficiency share of the energy drawn that reaches the metal, 0…1
     * @param float $joulesPerFuelUnit J per kWh, kg or m³; above zero
     */
    private function __construct(
        public string $code,
        public string $label,
        public Estimate $efficiency,
        public float $joulesPerFuelUnit,
        public string $fuelUnit,
    ) {
    }

    /** Null when it is not told or not one we know. Source: row by row in the table. */
    public static function find(?string $code): ?self
    {
        return self::all()[$code ?? ''] ?? null;
    }

    /** @return array<string, self> */
    public static function all(): array
    {
        /** @var array<string, self>|null $sources */
        static $sources = null;

        return $sources ??= self::load();
    }

    /** @return array<string, self> */
    private static function load(): array
    {
        /** @var list<array{code: string, efficiency: array{float, float}, fuel_mj: float, fuel_unit: string, label: string}> $rows */
        $rows = Table::rows(__DIR__.'/Data/energy_sources.php', ['code', 'efficiency', 'fuel_mj', 'fuel_unit', 'label']);
        $sources = [];
        foreach ($rows as $row) {
            [$low, $high] = $row['efficiency'];
            $efficiency = Estimate::ratio(($low + $high) / 2, $low, $high);
            $sources[$row['code']] = new self($row['code'], $row['label'], $efficiency, $row['fuel_mj'] * 1e6, $row['fuel_unit']);
        }

        return $sources;
    }
}
