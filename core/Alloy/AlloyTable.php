<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Alloy;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Density;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\SpecificEnergy;
use MoltenNotes\Core\Quantity\SpecificHeat;
use MoltenNotes\Core\Quantity\Temperature;

/** The door to the alloy table. */
final class AlloyTable
{
    /** @var array<string, Alloy>|null */
    private static ?array $alloys = null;

    /** @throws UnknownAlloy with the nearest code */
    public static function get(string $code): Alloy
    {
        return self::all()[$code] ?? throw UnknownAlloy::code($code, array_keys(self::all()));
    }

    public static function find(string $code): ?Alloy
    {
        return self::all()[$code] ?? null;
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
         * @var array{source: string, mark: string, rows: list<array{string, string, string, float, float, float, float, float, float,
         *     float, float, float, float, float, string, list<string>, array<string, array{string, string}>, string}>} $table
         */
        $table = require __DIR__.'/Data/alloys.php';
        $alloys = [];
        foreach ($table['rows'] as $row) {
            $origins = ['*' => ['mark' => Mark::from($table['mark']), 'source' => $table['source']]];
            foreach (['freezing', 'attributes', 'pour_heavy_c', 'pour_thin_c'] as $practice) {
                $origins[$practice] = ['mark' => Mark::CommonPractice, 'source' => 'workshop practice for sand moulds'];
            }
            foreach ($row[16] as $property => [$mark, $source]) {
                $origins[$property] = ['mark' => Mark::from($mark), 'source' => $source];
            }
            $alloys[$row[0]] = new Alloy(
                $row[0],
                $row[1],
                $row[2],
                Temperature::fromCelsius($row[3]),
                Temperature::fromCelsius($row[4]),
                Density::fromSi($row[5]),
                Density::fromSi($row[6]),
                SpecificEnergy::fromSi($row[7] * 1000),
                SpecificHeat::fromSi($row[8]),
                SpecificHeat::fromSi($row[9]),
                Ratio::fromSi($row[10] / 100),
                Ratio::fromSi($row[11] / 100),
                Temperature::fromCelsius($row[12]),
                Temperature::fromCelsius($row[13]),
                FreezingClass::from($row[14]),
                $row[15],
                $row[17],
                $origins,
            );
        }

        return $alloys;
    }
}
