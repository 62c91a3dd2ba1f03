<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * How far the middle of each cell of metal is from the nearest mould, metres; 0 in the mould. Exact for the boxes that the cells are.
 *
 * The distance to a box is the root of the squares of the gaps along the three axes, each of which can be minimised after the other; along
 * the second and third the least is the lower envelope of parabolas. Source: P. F. Felzenszwalb, D. P. Huttenlocher, Distance Transforms of
 * Sampled Functions, 2012, published; here with cells of unequal width, derived.
 */
final class DistanceTransform
{
    private const FAR = 1e18;

    /** @return list<float> of each cell */
    public static function of(Cells $cells): array
    {
        $square = self::alongX($cells);
        $square = self::along($square, $cells->nx, $cells->ny, $cells->nz, $cells->nx, $cells->y, $cells->dy, true);
        $square = self::along($square, $cells->nx, $cells->nz, $cells->ny, $cells->nx * $cells->ny, $cells->z, $cells->dz, false);
        $distance = [];
        foreach ($cells->part as $cell => $part) {
            $distance[] = 0 === $part ? 0.0 : sqrt($square[$cell]);
        }

        return $distance;
    }

    /**
     * Squares of the gap along x to the nearest mould in the same row.
     *
     * @return array<int, float>
     */
    private static function alongX(Cells $cells): array
    {
        $square = [];
        [$nx, $part] = [$cells->nx, $cells->part];
        for ($row = 0, $rows = $cells->ny * $cells->nz; $row < $rows; ++$row) {
            $start = $row * $nx;
            $edge = -self::FAR;
            for ($i = 0; $i < $nx; ++$i) {
                if (0 === $part[$start + $i]) {
                    $edge = $cells->x[$i] + $cells->dx[$i] / 2;
                    $square[] = 0.0;
                } else {
                    $gap = $cells->x[$i] - $edge;
                    $square[] = $gap < 1e6 ? $gap * $gap : self::FAR;
                }
            }
            $edge = self::FAR;
            for ($i = $nx - 1; $i >= 0; --$i) {
                if (0 === $part[$start + $i]) {
                    $edge = $cells->x[$i] - $cells->dx[$i] / 2;
                } else {
                    $gap = $edge - $cells->x[$i];
                    if ($gap < 1e6 && $gap * $gap < $square[$start + $i]) {
                        $square[$start + $i] = $gap * $gap;
                    }
                }
            }
        }

        return $square;
    }

    /**
     * The least of the square so far of every cell of a column and the square of the gap to it.
     *
     * @param array<int, float> $square
     * @param list<float> $middle of the cells of a column
     * @param list<float> $width
     * @param bool $isY columns along y lie within layers, columns along z across them
     *
     * @return array<int, float>
     */
    private static function along(array $square, int $nx, int $n, int $others, int $stride, array $middle, array $width, bool $isY): array
    {
        $faces = [[], []];
        for ($j = 0; $j < $n; ++$j) {
            $faces[0][] = $middle[$j] - $width[$j] / 2;
            $faces[1][] = $middle[$j] + $width[$j] / 2;
        }
        for ($other = 0; $other < $others; ++$other) {
            for ($i = 0; $i < $nx; ++$i) {
                $start = $isY ? $i + $nx * $n * $other : $i + $nx * $other;
                $column = [];
                $metal = false;
                for ($j = 0, $cell = $start; $j < $n; ++$j, $cell += $stride) {
                    $column[] = $square[$cell];
                    $metal = $metal || $square[$cell] > 0.0;
                }
                if (!$metal) {
                    continue;
                }
                $low = self::envelope($column, $faces[0], $middle);
                $high = self::envelope($column, $faces[1], $middle);
                for ($j = 0, $cell = $start; $j < $n; ++$j, $cell += $stride) {
                    $square[$cell] = min($column[$j], $low[$j], $high[$j]);
                }
            }
        }

        return $square;
    }

    /**
     * For every place the least over j of f(j) + (place − vertex(j))².
     *
     * @param list<float> $f
     * @param list<float> $vertex rising
     * @param list<float> $places rising
     *
     * @return list<float>
     */
    private static function envelope(array $f, array $vertex, array $places): array
    {
        $n = count($f);
        // The parabolas that are lowest somewhere, and from where on each is.
        $lowest = [];
        $from = [];
        $top = -1;
        for ($j = 0; $j < $n; ++$j) {
            if ($f[$j] >= self::FAR) {
                continue;
            }
            $own = $f[$j] + $vertex[$j] * $vertex[$j];
            $meet = -\INF;
            while ($top >= 0) {
                $k = $lowest[$top];
                $meet = ($own - $f[$k] - $vertex[$k] * $vertex[$k]) / (2 * ($vertex[$j] - $vertex[$k]));
                if ($meet > $from[$top]) {
                    break;
                }
                --$top;
                $meet = -\INF;
            }
            ++$top;
            $lowest[$top] = $j;
            $from[$top] = $meet;
        }
        $least = [];
        $at = 0;
        foreach ($places as $place) {
            if ($top < 0) {
                $least[] = self::FAR;
                continue;
            }
            while ($at < $top && $from[$at + 1] <= $place) {
                ++$at;
            }
            $gap = $place - $vertex[$lowest[$at]];
            $least[] = $f[$lowest[$at]] + $gap * $gap;
        }

        return $least;
    }
}
