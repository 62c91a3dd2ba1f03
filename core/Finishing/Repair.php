<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Finishing;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Table;

/** What can be done about a fault instead of pouring again. The door to its table; source: common practice. */
final readonly class Repair
{
    /**
     * @param list<string> $mends defects
     * @param list<string> $families of metals
     * @param list<string> $not purposes and looks that it is not for
     * @param float|null $bears °C afterwards; null where as much as the metal
     * @param string $step of the route, before which it is done or at which
     * @param Estimate $hands s for one place
     */
    private function __construct(
        public string $code,
        public string $label,
        public array $mends,
        public array $families,
        public array $not,
        public ?float $bears,
        public string $step,
        public Estimate $hands,
        public string $words,
        public string $caution,
    ) {
    }

    /**
     * What may be done about a fault of such a casting; none where it has to be poured again, or lived with.
     *
     * @param string|null $purpose of the casting, and how it is to look
     *
     * @return list<self>
     */
    public static function of(string $defect, ?string $family, ?string $purpose, ?string $look): array
    {
        return array_values(array_filter(
            self::all(),
            static fn (self $one): bool => in_array($defect, $one->mends, true)
                && (null === $family || in_array($family, $one->families, true))
                && !in_array($purpose, $one->not, true) && !in_array($look, $one->not, true),
        ));
    }

    /** @return list<self> */
    public static function all(): array
    {
        /** @var list<self>|null $all */
        static $all = null;

        return $all ??= self::load();
    }

    /** @return list<self> */
    private static function load(): array
    {
        /**
         * @var list<array{code: string, label: string, mends: list<string>, families: list<string>, not: list<string>, bears: float|null,
         *     step: string, minutes: array{int, int}, words: string, caution: string}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/repairs.php', [
            'code', 'label', 'mends', 'families', 'not', 'bears', 'step', 'minutes', 'words', 'caution',
        ]);

        return array_map(static fn (array $row): self => new self(
            $row['code'],
            $row['label'],
            $row['mends'],
            $row['families'],
            $row['not'],
            $row['bears'],
            $row['step'],
            Estimate::between(Dimension::Time, 30 * array_sum($row['minutes']), 60 * $row['minutes'][0], 60 * $row['minutes'][1]),
            $row['words'],
            $row['caution'],
        ), $rows);
    }
}
