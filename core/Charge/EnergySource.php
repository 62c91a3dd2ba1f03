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
     * @param string $paidAs code of the source whose tariff it is paid by
     * @param string $bought what is bought, as a bill says it
     * @param float $joulesPerFuelUnit J per kWh, kg or m³; above zero
     */
    private function __construct(
        public string $code,
        public string $label,
        public Estimate $efficiency,
        public string $paidAs,
        public string $bought,
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
        $columns = ['code', 'label', 'efficiency', 'paid_as', 'bought', 'fuel_mj', 'fuel_unit'];
        /**
         * @var list<array{code: string, label: string, efficiency: array{float, float}, paid_as: string, bought: string,
         *     fuel_mj: float, fuel_unit: string}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/energy_sources.php', $columns);
        $sources = [];
        foreach ($rows as $row) {
            [$low, $high] = $row['efficiency'];
            $efficiency = Estimate::ratio(($low + $high) / 2, $low, $high);
            $sources[$row['code']] = new self(
                $row['code'],
                $row['label'],
                $efficiency,
                $row['paid_as'],
                $row['bought'],
                $row['fuel_mj'] * 1e6,
                $row['fuel_unit'],
            );
        }

        return $sources;
    }
}
