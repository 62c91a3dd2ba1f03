<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Finishing;

use MoltenNotes\Core\Table;

/** How long hands take at a metal, and what of it is minded. The door to its table; source: common practice, rough. */
final readonly class HandWork
{
    /** Hands, tools and patience differ. */
    public const WITHIN = 0.5;

    /**
     * @param float $saw min/cm²
     * @param float $mill min/cm³
     * @param float $sand min/dm² for each grit
     * @param float $polish min/dm²
     * @param float $kerfMm that a cut takes
     */
    private function __construct(
        public string $family,
        public float $saw,
        public float $mill,
        public float $sand,
        public float $polish,
        public bool $isDear,
        public float $kerfMm,
        public string $dust,
    ) {
    }

    /** That of aluminium where the metal is not told. Source: the table. */
    public static function of(?string $family): self
    {
        /** @var array<string, self>|null $all */
        static $all = null;
        $all ??= self::load();

        return $all[$family ?? ''] ?? $all['aluminium'];
    }

    /** @return array<string, self> */
    private static function load(): array
    {
        /**
         * @var list<array{family: string, saw: float, mill: float, sand: float, polish: float, dear: bool, kerf: float,
         *     dust: string}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/work.php', ['family', 'saw', 'mill', 'sand', 'polish', 'dear', 'kerf', 'dust']);
        $all = [];
        foreach ($rows as $row) {
            $all[$row['family']] = new self(
                $row['family'],
                $row['saw'],
                $row['mill'],
                $row['sand'],
                $row['polish'],
                $row['dear'],
                $row['kerf'],
                $row['dust'],
            );
        }

        return $all;
    }
}
