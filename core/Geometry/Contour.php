<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * Outlines of what is filled in a plane of cells: through the middles of the edges between filled and empty, so that stairs become slopes.
 *
 * Source: marching squares, published; here on cells that are wholly filled or empty.
 */
final readonly class Contour
{
    /**
     * @param list<array{outline: list<array{float, float}>, holes: list<list<array{float, float}>>}> $shapes closed, metres, the largest
     *                                                                                                        first
     */
    private function __construct(public array $shapes)
    {
    }

    /**
     * @param array<int, true> $filled i + n · j → true for what is filled; the rest is empty, and so is the rim
     * @param list<float> $x middles of the columns
     * @param list<float> $y middles of the rows
     */
    public static function of(array $filled, array $x, array $y): self
    {
        $n = count($x);
        // Each edge between a filled and an empty cell is a step, with the filled side on its left, from corner to corner.
        $next = [];
        foreach (array_keys($filled) as $cell) {
            [$i, $j] = [$cell % $n, intdiv($cell, $n)];
            $corner = $i + ($n + 1) * $j;
            foreach ([[-$n, $corner, $corner + 1], [1, $corner + 1, $corner + $n + 2], [$n, $corner + $n + 2, $corner + $n + 1],
                [-1, $corner + $n + 1, $corner]] as [$step, $from, $to]) {
                if (!isset($filled[$cell + $step])) {
                    $next[$from][] = $to;
                }
            }
        }
        $outlines = $holes = [];
        $planes = [self::planes($x), self::planes($y)];
        while ([] !== $next) {
            $start = array_key_first($next);
            $loop = [];
            $at = $start;
            do {
                $to = array_pop($next[$at]) ?? $start;
                if ([] === $next[$at]) {
                    unset($next[$at]);
                }
                $loop[] = [$at, $to];
                $at = $to;
            } while ($at !== $start && isset($next[$at]));
            $points = self::smooth($loop, $n + 1, $planes);
            if (count($points) < 3) {
                continue;
            }
            if (self::area($points) > 0) {
                $outlines[] = $points;
            } else {
                $holes[] = $points;
            }
        }
        usort($outlines, static fn (array $a, array $b): int => self::area($b) <=> self::area($a));
        $shapes = array_map(static fn (array $outline): array => ['outline' => $outline, 'holes' => []], $outlines);
        foreach ($holes as $hole) {
            // The smallest outline round it.
            $round = 0;
            foreach ($shapes as $at => $shape) {
                $round = self::holds($shape['outline'], $hole[0]) ? $at : $round;
            }
            if (isset($shapes[$round])) {
                $shapes[$round]['holes'][] = $hole;
            }
        }

        return new self($shapes);
    }

    /** Of another size, and moved along x: for a drawing in millimetres, say. */
    public function drawn(float $scale, float $x = 0.0): self
    {
        return new self(
            array_map(
                static fn (array $shape): array => [
                    'outline' => self::placed($shape['outline'], $scale, $x),
                    'holes' => array_map(static fn (array $hole): array => self::placed($hole, $scale, $x), $shape['holes']),
                ],
                $this->shapes,
            ),
        );
    }

    /**
     * @param list<array{float, float}> $loop
     *
     * @return list<array{float, float}>
     */
    private static function placed(array $loop, float $scale, float $x): array
    {
        $placed = [];
        foreach ($loop as [$a, $b]) {
            $placed[] = [round($scale * ($a + $x), 3), round($scale * $b, 3)];
        }

        return $placed;
    }

    /**
     * @param list<array{float, float}> $outline
     * @param array{float, float} $point
     */
    private static function holds(array $outline, array $point): bool
    {
        $inside = false;
        for ($i = 0, $n = count($outline); $i < $n; ++$i) {
            [$a, $b] = [$outline[$i], $outline[($i + 1) % $n]];
            if (($a[1] > $point[1]) !== ($b[1] > $point[1])
                && $point[0] < $a[0] + (($point[1] - $a[1]) * ($b[0] - $a[0])) / ($b[1] - $a[1])) {
                $inside = !$inside;
            }
        }

        return $inside;
    }

    /**
     * @param list<float> $middles
     *
     * @return list<float> the planes between and beside them
     */
    private static function planes(array $middles): array
    {
        $half = count($middles) > 1 ? ($middles[1] - $middles[0]) / 2 : 0.5;

        return [...array_map(static fn (float $at): float => $at - $half, $middles), ($middles[count($middles) - 1] ?? 0.0) + $half];
    }

    /**
     * Straight runs keep their corners; single stairs go through the middles of their edges.
     *
     * @param list<array{int, int}> $loop steps from corner to corner
     * @param array{list<float>, list<float>} $planes
     *
     * @return list<array{float, float}>
     */
    private static function smooth(array $loop, int $width, array $planes): array
    {
        // Runs: steps in the same direction after one another.
        $runs = [];
        foreach ($loop as [$from, $to]) {
            $direction = $to - $from;
            $last = array_key_last($runs);
            if (null !== $last && $runs[$last][0] === $direction) {
                $runs[$last][2] = $to;
                ++$runs[$last][3];
            } else {
                $runs[] = [$direction, $from, $to, 1];
            }
        }
        $count = count($runs);
        if ($count > 1 && $runs[0][0] === $runs[$count - 1][0]) {
            $runs[0][1] = $runs[$count - 1][1];
            $runs[0][3] += $runs[$count - 1][3];
            array_pop($runs);
            --$count;
        }
        $place = static fn (int $corner): array => [$planes[0][$corner % $width], $planes[1][intdiv($corner, $width)]];
        $points = [];
        for ($r = 0; $r < $count; ++$r) {
            [, $from, $to, $length] = $runs[$r];
            [, , , $after] = $runs[($r + 1) % $count];
            [$fromAt, $toAt] = [$place($from), $place($to)];
            $points[] = [($fromAt[0] + $toAt[0]) / 2, ($fromAt[1] + $toAt[1]) / 2];
            // A corner between two long runs is a corner of the body.
            if ($length > 2 && $after > 2) {
                $points[] = $toAt;
            }
        }

        return self::straightened($points);
    }

    /**
     * Without points that lie on the line between their neighbours.
     *
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private static function straightened(array $points): array
    {
        $kept = [];
        for ($i = 0, $n = count($points); $i < $n; ++$i) {
            [$a, $b, $c] = [$points[($i + $n - 1) % $n], $points[$i], $points[($i + 1) % $n]];
            $turn = ($b[0] - $a[0]) * ($c[1] - $b[1]) - ($b[1] - $a[1]) * ($c[0] - $b[0]);
            if (abs($turn) > 1e-12) {
                $kept[] = $b;
            }
        }

        return $kept;
    }

    /** @param list<array{float, float}> $points */
    private static function area(array $points): float
    {
        $sum = 0.0;
        for ($i = 0, $n = count($points); $i < $n; ++$i) {
            [$a, $b] = [$points[$i], $points[($i + 1) % $n]];
            $sum += $a[0] * $b[1] - $b[0] * $a[1];
        }

        return $sum / 2;
    }
}
