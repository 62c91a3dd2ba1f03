<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * The places that are thicker than what leads to them, and whether each can draw from a feeder.
 *
 * Cells are taken from the thickest on, like islands that rise from falling water: where two islands meet, the lower one's neck to the
 * higher is known. Source: inscribed circles after Heuvers, published; in space, derived.
 */
final class HotSpots
{
    /** An island counts for itself when the neck to a thicker one is surely thinner than this share of it. */
    private const DISTINCT = 0.9;

    /**
     * @param list<float> $distance of each cell to the mould, m
     * @param list<string> $names of the parts, the first is number 1
     * @param list<int> $feeders cells that a feeder stands on
     *
     * @return list<HotSpot> the thickest first
     */
    public static function of(Cells $cells, array $distance, array $names, array $feeders): array
    {
        // Of cells as thick as one another the first comes first: sorting keeps their order.
        $deep = array_filter($distance, static fn (float $depth): bool => $depth > 0.0);
        arsort($deep);
        $order = array_keys($deep);
        $isFeeder = array_fill_keys($feeders, true);
        $around = array_column($cells->around(), 0);
        /** @var array<int, int> $above cell → a cell nearer to the peak of its island */
        $above = [];
        // Peak of an island → the peaks in it that no feeder is known for yet; an island with a feeder has none.
        $waiting = $fedAt = $necks = $fed = [];
        foreach ($order as $cell) {
            $above[$cell] = $cell;
            $waiting[$cell] = [$cell];
            $one = $cell;
            foreach ($around as $step) {
                $beside = $above[$cell + $step] ?? null;
                if (null === $beside || $beside === $one) {
                    continue;
                }
                $other = self::peak($above, $beside);
                $above[$cell + $step] = $other;
                if ($one === $other) {
                    continue;
                }
                $isHigher = $distance[$one] > $distance[$other] || ($distance[$one] === $distance[$other] && $other > $one);
                $high = $isHigher ? $one : $other;
                $low = $isHigher ? $other : $one;
                if ($low !== $cell || isset($waiting[$low][1])) {
                    $neck = $distance[$cell];
                    // A neck is known to one cell: stairs in a curved wall are no necks.
                    if ($neck + $cells->edge($cell) < self::DISTINCT * $distance[$low]) {
                        $necks[$low] = $neck;
                    }
                    $lowFed = $fed[$low] ?? false;
                    $highFed = $fed[$high] ?? false;
                    if ($lowFed !== $highFed) {
                        foreach ([...$waiting[$low], ...$waiting[$high]] as $peak) {
                            $fedAt[$peak] = $neck;
                        }
                    }
                    $fed[$high] = $lowFed || $highFed;
                    $waiting[$high] = $fed[$high] ? [] : [...$waiting[$high], ...isset($necks[$low]) ? $waiting[$low] : []];
                }
                unset($waiting[$low]);
                $above[$low] = $high;
                $one = $high;
            }
            if (isset($isFeeder[$cell])) {
                foreach ($waiting[$one] as $unfed) {
                    $fedAt[$unfed] = $distance[$cell];
                }
                $fed[$one] = true;
                $waiting[$one] = [];
            }
        }
        // The thickest of all, and every island that stood for itself.
        $peaks = [] === $order ? [] : [$order[0] => true] + $necks;
        $spots = [];
        foreach (array_keys($peaks) as $peak) {
            $spots[] = new HotSpot(
                $cells->place($peak),
                2 * $distance[$peak],
                $names[$cells->part[$peak] - 1],
                isset($fedAt[$peak]) ? 2 * $fedAt[$peak] : null,
                isset($necks[$peak]) ? 2 * $necks[$peak] : null,
            );
        }
        usort($spots, static fn (HotSpot $a, HotSpot $b): int => $b->thickness <=> $a->thickness);

        return $spots;
    }

    /** @param array<int, int> $above */
    private static function peak(array &$above, int $cell): int
    {
        $peak = $cell;
        while ($above[$peak] !== $peak) {
            $peak = $above[$peak];
        }
        while ($above[$cell] !== $peak) {
            $next = $above[$cell];
            $above[$cell] = $peak;
            $cell = $next;
        }

        return $peak;
    }
}
