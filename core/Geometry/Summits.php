<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * Every place where rising metal shuts air in: a patch of metal, whole within its layer, that nothing of the casting stands on.
 *
 * Source: derived; a patch is joined edge to edge.
 */
final class Summits
{
    /**
     * @param list<string> $names of the parts, the first is number 1
     *
     * @return list<HighPoint> the highest first
     */
    public static function of(Cells $cells, array $names): array
    {
        $summits = [];
        [$nx, $ny, $part] = [$cells->nx, $cells->ny, $cells->part];
        $layer = $nx * $ny;
        for ($k = $cells->nz - 2; $k > 0; --$k) {
            $met = [];
            for ($at = $layer * $k, $end = $layer * ($k + 1); $at < $end; ++$at) {
                if (0 === $part[$at] || isset($met[$at])) {
                    continue;
                }
                // One patch of this layer, from neighbour to neighbour.
                $patch = [$at];
                $met[$at] = true;
                $carries = false;
                for ($next = 0; $next < count($patch); ++$next) {
                    $cell = $patch[$next];
                    $carries = $carries || $part[$cell + $layer] > 0;
                    foreach ([$cell - 1, $cell + 1, $cell - $nx, $cell + $nx] as $beside) {
                        if ($part[$beside] > 0 && !isset($met[$beside])) {
                            $met[$beside] = true;
                            $patch[] = $beside;
                        }
                    }
                }
                if (!$carries) {
                    $summits[] = self::summit($cells, $patch, $names);
                }
            }
        }

        return $summits;
    }

    /**
     * @param non-empty-list<int> $patch
     * @param list<string> $names
     */
    private static function summit(Cells $cells, array $patch, array $names): HighPoint
    {
        $area = $x = $y = $z = 0.0;
        $parts = [];
        foreach ($patch as $cell) {
            [$atX, $atY, $atZ] = $cells->place($cell);
            $i = $cell % $cells->nx;
            $row = intdiv($cell, $cells->nx);
            $own = $cells->dx[$i] * $cells->dy[$row % $cells->ny];
            $area += $own;
            $x += $own * $atX;
            $y += $own * $atY;
            $z = $atZ + $cells->dz[intdiv($row, $cells->ny)] / 2;
            $parts[$names[$cells->part[$cell] - 1]] = true;
        }

        // In the patch itself, near its middle: the middle of a ring lies in its hole.
        $at = [$x / $area, $y / $area];
        $least = \INF;
        foreach ($patch as $cell) {
            [$atX, $atY] = $cells->place($cell);
            $off = ($atX - $x / $area) ** 2 + ($atY - $y / $area) ** 2;
            if ($off < $least - 1e-12) {
                [$least, $at] = [$off, [$atX, $atY]];
            }
        }

        return new HighPoint([$at[0], $at[1], $z], $area, array_keys($parts));
    }
}
