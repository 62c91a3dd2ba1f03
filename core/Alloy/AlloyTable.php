<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Alloy;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Density;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\SpecificEnergy;
use MoltenNotes\Core\Quantity\SpecificHeat;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Table;

/** The door to the alloy table. */
final class AlloyTable
{
    private const COLUMNS = [
        'code', 'name', 'family', 'liquidus_c', 'solidus_c', 'density_solid_kg_m3', 'density_liquid_kg_m3', 'latent_kj_kg',
        'heat_solid_j_kgk', 'heat_liquid_j_kgk', 'shrinkage_percent', 'contraction_percent', 'pour_heavy_c', 'pour_thin_c', 'freezing',
    ];

    private const USUAL = 'al_si7mg';

    /** @var array<string, Alloy>|null */
    private static ?array $alloys = null;

    /** @throws UnknownAlloy with the nearest code */
    public static function get(string $code): Alloy
    {
        return self::all()[$code] ?? throw UnknownAlloy::code($code, array_keys(self::all()));
    }

    /** Null when the table has no such alloy. Source: row by row in the table. */
    public static function find(string $code): ?Alloy
    {
        return self::all()[$code] ?? null;
    }

    /** The one that is named; else the one most castings of a yard are poured in. Source: common practice. */
    public static function orUsual(?string $code): Alloy
    {
        return self::find($code ?? '') ?? self::get(self::USUAL);
    }

    /** @return array<string, Alloy> */
    public static function all(): array
    {
        return self::$alloys ??= self::load();
    }

    /** @return list<Alloy> */
    public static function family(string $family): array
    {
        return array_values(array_filter(self::all(), static fn (Alloy $alloy): bool => $alloy->family === $family));
    }

    /** @return array<string, Alloy> */
    private static function load(): array
    {
        /**
         * @var list<array{code: string, name: string, family: string, liquidus_c: float, solidus_c: float, density_solid_kg_m3: float,
         * density_liquid_kg_m3: float, latent_kj_kg: float, heat_solid_j_kgk: float, heat_liquid_j_kgk: float, shrinkage_percent: float,
         *     contraction_percent: float, pour_heavy_c: float, pour_thin_c: float, freezing: string, attributes: list<string>,
         *     marks: array<string, array{string, string}>, note: string, melts_within_k: float, density_within: float}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/alloys.php', self::COLUMNS, [
            'attributes' => [], 'marks' => [], 'note' => '', 'melts_within_k' => 0.0, 'density_within' => 0.0,
        ]);
        $alloys = [];
        foreach ($rows as $row) {
            $origins = ['*' => ['mark' => Mark::RecalledFromMemory, 'source' => 'ASM Metals Handbook vols 2 and 15']];
            foreach (['freezing', 'attributes', 'pour_heavy_c', 'pour_thin_c'] as $practice) {
                $origins[$practice] = ['mark' => Mark::CommonPractice, 'source' => 'workshop practice for sand moulds'];
            }
            foreach ($row['marks'] as $property => [$mark, $source]) {
                $origins[$property] = ['mark' => Mark::from($mark), 'source' => $source];
            }
            $alloys[$row['code']] = new Alloy(
                $row['code'],
                $row['name'],
                $row['family'],
                Temperature::fromCelsius($row['liquidus_c']),
                Temperature::fromCelsius($row['solidus_c']),
                Density::fromSi($row['density_solid_kg_m3']),
                Density::fromSi($row['density_liquid_kg_m3']),
                SpecificEnergy::fromSi($row['latent_kj_kg'] * 1000),
                SpecificHeat::fromSi($row['heat_solid_j_kgk']),
                SpecificHeat::fromSi($row['heat_liquid_j_kgk']),
                Ratio::fromSi($row['shrinkage_percent'] / 100),
                Ratio::fromSi($row['contraction_percent'] / 100),
                Temperature::fromCelsius($row['pour_heavy_c']),
                Temperature::fromCelsius($row['pour_thin_c']),
                FreezingClass::from($row['freezing']),
                $row['attributes'],
                $row['note'],
                $row['melts_within_k'],
                $row['density_within'],
                $origins,
            );
        }

        return $alloys;
    }
}
