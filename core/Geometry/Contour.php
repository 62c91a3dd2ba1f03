<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * Outlines of what is filled in a plane of cells, or of where a value is high: through the middles of the edges between filled and empty,
 * so that stairs become slopes, and where the value passes a level between the middles of two cells.
 *
 * Source: marching squares, published.
 */
final readonly class Contour
{
    /** Times that a line is drawn smoother. */
    private const ROUNDED = 3;

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

        return self::nested($outlines, $holes);
    }

    /**
     * Outlines of where a value reaches a level. What lies just outside counts as what is beside it, so that no line is drawn along the rim
     * of the metal: there the body's own outline cuts it off.
     *
     * @param array<int, float> $values i + n · j → value, where there is metal
     * @param list<float> $x middles of the columns, rising
     * @param list<float> $y middles of the rows, rising
     */
    public static function from(array $values, array $x, array $y, float $level): self
    {
        // A row more all round, so that every line closes.
        $told = [];
        foreach ($values as $at => $value) {
            $told[$at % count($x) + 1 + (count($x) + 2) * (intdiv($at, count($x)) + 1)] = $value;
        }
        [$x, $y] = [self::wider($x), self::wider($y)];
        [$n, $rows] = [count($x), count($y)];
        $values = $told;
        foreach ($told as $at => $value) {
            foreach ([-1, 1, -$n, $n, -$n - 1, -$n + 1, $n - 1, $n + 1] as $step) {
                if (!isset($told[$at + $step])) {
                    $values[$at + $step] = max($values[$at + $step] ?? -\INF, $value);
                }
            }
        }
        /** @var array<int, array{int, array{float, float}}> $next edge → edge that the line comes to, and where it leaves this one */
        $next = [];
        for ($j = 0; $j < $rows - 1; ++$j) {
            for ($i = 0; $i < $n - 1; ++$i) {
                $at = $i + $n * $j;
                $corners = [$values[$at] ?? null, $values[$at + 1] ?? null, $values[$at + $n + 1] ?? null, $values[$at + $n] ?? null];
                $case = 0;
                foreach ($corners as $bit => $value) {
                    $case |= null !== $value && $value >= $level ? 1 << $bit : 0;
                }
                if (0 === $case || 15 === $case) {
                    continue;
                }
                // Lower, right, upper and left edge of the square between four middles, each with the number of the edge.
                $edges = [2 * $at, 2 * ($at + 1) + 1, 2 * ($at + $n), 2 * $at + 1];
                $ends = [[$x[$i], $y[$j]], [$x[$i + 1], $y[$j]], [$x[$i + 1], $y[$j + 1]], [$x[$i], $y[$j + 1]]];
                foreach (self::LINES[$case] as [$leaves, $comes]) {
                    $far = ($leaves + 1) % 4;
                    $next[$edges[$leaves]] = [
                        $edges[$comes],
                        self::between($ends[$leaves], $ends[$far], $corners[$leaves], $corners[$far], $level),
                    ];
                }
            }
        }
        $outlines = $holes = [];
        while ([] !== $next) {
            $points = [];
            for ($at = array_key_first($next); isset($next[$at]); $at = $to) {
                [$to, $point] = $next[$at];
                unset($next[$at]);
                $points[] = $point;
            }
            $points = self::straightened(self::rounded($points));
            if (count($points) > 2) {
                self::area($points) > 0 ? ($outlines[] = $points) : ($holes[] = $points);
            }
        }

        return self::nested($outlines, $holes);
    }

    /**
     * Lines through a square of four middles by which of its corners are high (bits from the lower left, turning left): the edges that each
     * leaves and comes to, lower 0, right 1, upper 2, left 3, with what is high on its left hand.
     */
    private const LINES = [
        1 => [[0, 3]], 2 => [[1, 0]], 3 => [[1, 3]], 4 => [[2, 1]], 5 => [[0, 3], [2, 1]], 6 => [[2, 0]], 7 => [[2, 3]], 8 => [[3, 2]],
        9 => [[0, 2]], 10 => [[1, 0], [3, 2]], 11 => [[1, 2]], 12 => [[3, 1]], 13 => [[0, 1]], 14 => [[3, 0]],
    ];

    /**
     * Cells make stairs in a line that is none: each point is drawn towards its neighbours, by less than a cell in all.
     *
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private static function rounded(array $points): array
    {
        $n = count($points);
        for ($pass = 0; $pass < self::ROUNDED && $n > 8; ++$pass) {
            $next = [];
            for ($i = 0; $i < $n; ++$i) {
                [$a, $b, $c] = [$points[($i + $n - 1) % $n], $points[$i], $points[($i + 1) % $n]];
                $next[] = [($a[0] + 2 * $b[0] + $c[0]) / 4, ($a[1] + 2 * $b[1] + $c[1]) / 4];
            }
            $points = $next;
        }

        return $points;
    }

    /**
     * @param list<float> $middles
     *
     * @return list<float> with one more at each end
     */
    private static function wider(array $middles): array
    {
        $last = count($middles) - 1;
        $step = $last > 0 ? $middles[1] - $middles[0] : 1.0;

        return [($middles[0] ?? 0.0) - $step, ...$middles, ($middles[$last] ?? 0.0) + $step];
    }

    /**
     * Where the level lies between two middles; half way to one that says nothing.
     *
     * @param array{float, float} $a
     * @param array{float, float} $b
     *
     * @return array{float, float}
     */
    private static function between(array $a, array $b, ?float $atA, ?float $atB, float $level): array
    {
        $share = null === $atA || null === $atB ? 0.5 : ($level - $atA) / ($atB - $atA);

        return [$a[0] + $share * ($b[0] - $a[0]), $a[1] + $share * ($b[1] - $a[1])];
    }

    /**
     * Each hole in the smallest outline round it.
     *
     * @param list<list<array{float, float}>> $outlines
     * @param list<list<array{float, float}>> $holes
     */
    private static function nested(array $outlines, array $holes): self
    {
        usort($outlines, static fn (array $a, array $b): int => self::area($b) <=> self::area($a));
        $shapes = array_map(static fn (array $outline): array => ['outline' => $outline, 'holes' => []], $outlines);
        foreach ($holes as $hole) {
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

    /** Of another size, and moved before that: for a drawing in millimetres, say. */
    public function drawn(float $scale, float $x = 0.0, float $y = 0.0): self
    {
        return new self(
            array_map(
                static fn (array $shape): array => [
                    'outline' => self::placed($shape['outline'], $scale, $x, $y),
                    'holes' => array_map(static fn (array $hole): array => self::placed($hole, $scale, $x, $y), $shape['holes']),
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
    private static function placed(array $loop, float $scale, float $x, float $y): array
    {
        $placed = [];
        foreach ($loop as [$a, $b]) {
            $placed[] = [round($scale * ($a + $x), 3), round($scale * ($b + $y), 3)];
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
