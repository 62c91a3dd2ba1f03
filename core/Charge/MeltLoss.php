<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Quantity\Estimate;

/** The usual melt loss of a kind of charge. The door to its table. */
final class MeltLoss
{
    /** Share of the charge, 0…1, with its spread; what is not known counts as unknown scrap, at least 1 to 3 %. Source: common practice. */
    public static function usual(?string $source, string $family): Estimate
    {
        foreach (self::rows() as [$kind, $metal, $low, $high]) {
            if (($kind === ($source ?? 'unknown') || '*' === $kind) && ($metal === $family || '*' === $metal)) {
                return Estimate::ratio(($low + $high) / 2, $low, $high);
            }
        }

        return Estimate::ratio(0.02, 0.01, 0.03);
    }

    /** @return list<array{string, string, float, float}> */
    private static function rows(): array
    {
        /** @var list<array{string, string, float, float}>|null $rows */
        static $rows = null;

        return $rows ??= self::load();
    }

    /** @return list<array{string, string, float, float}> */
    private static function load(): array
    {
        /** @var list<array{string, string, float, float}> $rows */
        $rows = require __DIR__.'/Data/melt_losses.php';

        return $rows;
    }
}
