<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\TemperatureDifference;
use MoltenNotes\Core\Table;

/** Where the cooling curve of an alloy stands still. The door to the table of arrests. */
final readonly class KnownArrests
{
    /** Arrests nearer than this are seen as one on a workshop's curve. Common practice. */
    private const ONE_ARREST_K = 12.0;

    /**
     * @param Temperature|null $lower the eutectic or peritectic that is seen; null where freezing ends without one
     * @param Ratio $lowerShare of the heat of freezing, that comes out at the lower one, 0…1
     * @param TemperatureDifference $within how far heats of one grade lie apart, one standard deviation
     */
    private function __construct(
        public Alloy $alloy,
        public Temperature $upper,
        public ?Temperature $lower,
        public Ratio $lowerShare,
        public TemperatureDifference $within,
        public string $source,
    ) {
    }

    /** @return array<string, self> alloy → where it stands still. Source: row by row in the table. */
    public static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;
        if (null === $all) {
            /**
             * @var list<array{code: string, upper_c: float, within_k: float, lower_c: float|null, lower_share: float,
             *     source: string}> $rows
             */
            $rows = Table::rows(
                __DIR__.'/Data/arrests.php',
                ['code', 'upper_c', 'within_k'],
                ['lower_c' => null, 'lower_share' => 0.0, 'source' => 'phase diagram'],
            );
            $all = [];
            foreach ($rows as $row) {
                $all[$row['code']] = new self(
                    AlloyTable::get($row['code']),
                    Temperature::fromCelsius($row['upper_c']),
                    null === $row['lower_c'] ? null : Temperature::fromCelsius($row['lower_c']),
                    Ratio::fromSi($row['lower_share']),
                    TemperatureDifference::fromSi($row['within_k']),
                    $row['source'],
                );
            }
        }

        return $all;
    }

    /** Null where it is known by its family only. */
    public static function find(string $alloy): ?self
    {
        return self::all()[$alloy] ?? null;
    }

    /** Where most of it begins to melt: at its lower arrest where that carries a tenth of the heat or more, else at its solidus. */
    public static function meltingBegins(Alloy $alloy): Temperature
    {
        $known = self::find($alloy->code);

        return null === $known?->lower || $known->lowerShare->si() < 0.1 ? $alloy->solidus : $known->lower;
    }

    /** Whether two arrests are seen on the curve of such a metal, and not one. */
    public function showsTwo(): bool
    {
        return null !== $this->lower && $this->upper->minus($this->lower)->si() >= self::ONE_ARREST_K;
    }

    /** Where liquid and solid are in balance when so much of it is solid, 0…1. The lower arrest holds for all that freezes there. */
    public function standsAt(Ratio $solid): Temperature
    {
        $end = $this->lower ?? $this->alloy->solidus;
        $range = max(0.0, $this->upper->minus($end)->si());
        $share = min(1.0, max(0.0, $solid->si()));
        [$a, $b] = $this->slope();
        if (null === $b) {
            return Temperature::fromSi($this->upper->si() - $share * $range);
        }
        $deep = $share >= 1 - $this->lowerShare->si() ? 1.0 : ((1 - $share) ** (-1 / $b) - 1) / $a;

        return Temperature::fromSi($this->upper->si() - $deep * $range);
    }

    /**
     * How the primary crystals come out between the arrests: 1 − (1 + a x)^−b, the form of Scheil's rule, with b for a partition of 0.13
     * as in Al-Si. Without a lower arrest it is a straight line, as the lever rule nearly is. M. C. Flemings, Solidification Processing,
     * recalled from memory.
     *
     * @return array{float, float|null}
     */
    private function slope(): array
    {
        if (null === $this->lower || $this->lowerShare->si() <= 0.0) {
            return [0.0, null];
        }
        $b = 1 / (1 - 0.13);

        return [max(1e-6, $this->lowerShare->si() ** (-1 / $b) - 1), $b];
    }
}
