<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Table;

/**
 * How much of its main addition a metal holds, from where a cup of it began to freeze: read backwards off the liquidus of the two metals.
 *
 * Rough, for what else is in the metal moves it as well: the spread says how much. Source: Data/liquidus.php, row by row.
 */
final readonly class CupAnalysis
{
    /** Limits of a thermocouple that was not checked, K, one standard deviation. IEC 60584, type K class 2, halved. */
    private const PROBE_K = 2.0;
    /** The spread is two standard deviations. */
    private const WIDE = 2.0;

    private function __construct(public string $element, public Estimate $share)
    {
    }

    /** Null where no line is known for such a metal, or the cup froze outside it. Temperature as read, any. */
    public static function of(string $base, ?string $element, Temperature $began): ?self
    {
        foreach (self::lines() as $line) {
            if ($line['base'] !== $base || (null !== $element && $line['element'] !== $element)) {
                continue;
            }
            $within = self::WIDE * hypot($line['within_k'], self::PROBE_K);
            $at = static fn (float $celsius): ?float => self::share($line['points'], $celsius);
            $share = $at($began->celsius());
            if (null === $share) {
                return null;
            }
            $hotter = $at($began->celsius() + $within) ?? $line['points'][0][0] / 100;
            $cooler = $at($began->celsius() - $within) ?? $line['points'][array_key_last($line['points'])][0] / 100;

            return new self($line['element'], Estimate::ratio($share, min($hotter, $cooler), max($hotter, $cooler)));
        }

        return null;
    }

    /**
     * @param non-empty-list<array{float|int, float|int}> $points
     *
     * @return float|null 0…1; null outside the line
     */
    private static function share(array $points, float $celsius): ?float
    {
        foreach (array_slice($points, 1) as $i => [$percent, $there]) {
            [$before, $here] = $points[$i];
            if (($celsius - $here) * ($celsius - $there) <= 0.0) {
                return ($before + (($celsius - $here) / ($there - $here)) * ($percent - $before)) / 100;
            }
        }

        return null;
    }

    /** @return list<array{base: string, element: string, points: non-empty-list<array{float|int, float|int}>, within_k: float}> */
    private static function lines(): array
    {
        /** @var list<array{base: string, element: string, points: non-empty-list<array{float|int, float|int}>, within_k: float}> $rows */
        $rows = Table::rows(__DIR__.'/Data/liquidus.php', ['base', 'element', 'points', 'within_k']);

        return $rows;
    }
}
