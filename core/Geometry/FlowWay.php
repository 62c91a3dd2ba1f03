<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * The shortest way of the metal from the nearest gate to each cell, through the casting. Metres.
 *
 * From cell to cell over faces, edges and corners, which is at most 8 % longer than straight; the first and last half cell count in full.
 * Source: E. W. Dijkstra 1959, published; that metal takes the shortest way is common practice.
 */
final readonly class FlowWay
{
    /**
     * @param array<int, float> $distance cell → way; cells that no gate reaches are missing
     * @param int|null $farthest cell
     * @param array<int, int> $farthestOf number of a part → its cell that is filled last
     * @param list<int> $meets cells that metal reaches later than all round them: ends of ways, and where fronts meet; the last first
     */
    private function __construct(
        public array $distance,
        public ?int $farthest,
        public array $farthestOf,
        public array $meets,
    ) {
    }

    /** @param list<int> $gates cells at which metal comes in */
    public static function of(Cells $cells, array $gates): self
    {
        $steps = $cells->around();
        $gaps = [self::gaps($cells->x), self::gaps($cells->y), self::gaps($cells->z)];
        // Cells wait in bins by their way, each no wider than the shortest step: within a bin the order is of no matter.
        $bin = min(array_map(static fn (array $of): float => min($of[1]), $gaps));
        $bins = [];
        // Told for every cell while it is looked for: a plain list is read far faster than one with gaps.
        $far = array_fill(0, count($cells->part), \INF);
        $left = array_fill(0, count($cells->part), -1.0);
        foreach ($gates as $gate) {
            $far[$gate] = $cells->toCorner($gate);
            $bins[(int) ($far[$gate] / $bin)][] = $gate;
        }
        [$nx, $ny, $part] = [$cells->nx, $cells->ny, $cells->part];
        for ($at = 0; [] !== $bins; ++$at) {
            $now = $bins[$at] ?? [];
            unset($bins[$at]);
            foreach ($now as $cell) {
                $so = $far[$cell];
                if ($left[$cell] === $so) {
                    continue;
                }
                $left[$cell] = $so;
                $row = intdiv($cell, $nx);
                [$i, $j, $k] = [$cell % $nx, $row % $ny, intdiv($row, $ny)];
                foreach ($steps as [$to, $a, $b, $c]) {
                    $beside = $cell + $to;
                    // Mould, or reached sooner than this cell.
                    if (0 === $part[$beside] || $far[$beside] <= $so) {
                        continue;
                    }
                    $gapX = $gaps[0][$a][$i];
                    $gapY = $gaps[1][$b][$j];
                    $gapZ = $gaps[2][$c][$k];
                    $way = $so + sqrt($gapX * $gapX + $gapY * $gapY + $gapZ * $gapZ);
                    if ($way < $far[$beside] - 1e-12) {
                        $far[$beside] = $way;
                        $bins[(int) ($way / $bin)][] = $beside;
                    }
                }
            }
        }

        return self::read($cells, array_filter($far, is_finite(...)), $steps);
    }

    /**
     * From each middle to the one before it, to itself and to the next.
     *
     * @param list<float> $middles rising
     *
     * @return array{-1: non-empty-list<float>, 0: non-empty-list<float>, 1: non-empty-list<float>}
     */
    private static function gaps(array $middles): array
    {
        $gaps = [-1 => [\INF], 0 => [0.0], 1 => []];
        for ($i = 1, $n = count($middles); $i < $n; ++$i) {
            $gap = $middles[$i] - $middles[$i - 1];
            $gaps[-1][] = $gap;
            $gaps[0][] = 0.0;
            $gaps[1][] = $gap;
        }
        $gaps[1][] = \INF;

        return $gaps;
    }

    /**
     * @param array<int, float> $distance
     * @param list<array{int, int, int, int}> $steps
     */
    private static function read(Cells $cells, array $distance, array $steps): self
    {
        $farthest = null;
        $farthestOf = $meets = [];
        foreach ($distance as $cell => $way) {
            $part = $cells->part[$cell];
            if (null === $farthest || $way > $distance[$farthest]) {
                $farthest = $cell;
            }
            if (!isset($farthestOf[$part]) || $way > $distance[$farthestOf[$part]]) {
                $farthestOf[$part] = $cell;
            }
        }
        foreach ($distance as $cell => $way) {
            $last = true;
            foreach ($steps as [$to]) {
                if (($distance[$cell + $to] ?? -1.0) > $way) {
                    $last = false;
                    break;
                }
            }
            if ($last) {
                $meets[] = $cell;
            }
        }
        usort($meets, static fn (int $a, int $b): int => $distance[$b] <=> $distance[$a]);

        return new self($distance, $farthest, $farthestOf, $meets);
    }
}
