<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Finishing;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Table;

/** A heat treatment of cast metal. The door to its table; source: row by row, recalled from memory. */
final readonly class Treatment
{
    private const THIN_M = 0.006;
    private const THICK_M = 0.040;
    private const INCH_M = 0.025;

    /**
     * @param list<string> $alloys codes
     * @param string $gives what it is for
     * @param list<array{label: string, c: array{float|int, float|int}, hours: array{float|int, float|int}|null, an_inch: float|null,
     *     then: string}> $rows
     * @param list<string> $cautions
     */
    private function __construct(
        public string $code,
        public array $alloys,
        public string $name,
        public string $gives,
        private array $rows,
        public array $cautions,
        public string $source,
    ) {
    }

    /** Null where there is no such treatment. Source: the table. */
    public static function find(?string $code): ?self
    {
        return self::all()[$code ?? ''] ?? null;
    }

    /** @return list<self> what is done with such metal; none where nothing is known */
    public static function of(?Alloy $alloy): array
    {
        return array_values(array_filter(
            self::all(),
            static fn (self $one): bool => null !== $alloy && in_array($alloy->code, $one->alloys, true),
        ));
    }

    /**
     * Its stages for a wall: how hot, how long, how cooled. Between thin and thick walls the hours go in a straight line (common practice).
     *
     * @param Length|null $wall the thickest; null gives all of the range
     *
     * @return list<TreatmentStage>
     */
    public function stages(?Length $wall): array
    {
        return array_map(static function (array $row) use ($wall): TreatmentStage {
            $inch = $row['an_inch'];
            $range = $row['hours'] ?? [$inch ?? 0.0, 2 * ($inch ?? 0.0)];
            if (null !== $wall && null !== $inch) {
                $hours = $inch * max(1.0, $wall->si() / self::INCH_M);
                $time = Estimate::between(Dimension::Time, 3600 * $hours, 3600 * $hours, 3600 * 1.25 * $hours);
            } elseif (null !== $wall) {
                $at = min(1.0, max(0.0, ($wall->si() - self::THIN_M) / (self::THICK_M - self::THIN_M)));
                $hours = $range[0] + $at * ($range[1] - $range[0]);
                $time = Estimate::between(
                    Dimension::Time,
                    3600 * $hours,
                    3600 * max($range[0], 0.85 * $hours),
                    3600 * min($range[1], 1.15 * $hours),
                );
            } else {
                $time = Estimate::between(Dimension::Time, 1800 * ($range[0] + $range[1]), 3600 * $range[0], 3600 * $range[1]);
            }

            return new TreatmentStage($row['label'], (float) $row['c'][0], (float) $row['c'][1], $time, $row['then']);
        }, $this->rows);
    }

    /** @return array<string, self> */
    private static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;

        return $all ??= self::load();
    }

    /** @return array<string, self> */
    private static function load(): array
    {
        /**
         * @var list<array{code: string, alloys: list<string>, name: string, gives: string, stages: list<array{label: string,
         *     c: array{float|int, float|int}, hours: array{float|int, float|int}|null, an_inch: float|null, then: string}>,
         *     cautions: list<string>, source: string}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/treatments.php', ['code', 'alloys', 'name', 'gives', 'stages', 'cautions', 'source']);
        $all = [];
        foreach ($rows as $row) {
            $all[$row['code']] = new self(
                $row['code'],
                $row['alloys'],
                $row['name'],
                $row['gives'],
                $row['stages'],
                $row['cautions'],
                $row['source'],
            );
        }

        return $all;
    }
}
