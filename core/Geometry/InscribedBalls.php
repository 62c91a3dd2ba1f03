<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * The balls that fit into a casting and that no other one holds: their middles lie in the middle of its walls. The largest first, metres.
 *
 * A cell is left out where a neighbour's ball holds nearly all of its own, and where one that is much larger stands close by. Source:
 * inscribed spheres after Heuvers, published; thinning on cells derived.
 */
final readonly class InscribedBalls
{
    /** A ball that grows by this share of the step to a neighbour is held by it; so a right edge is no wall, a slender wedge is one. */
    private const HELD = 0.55;
    /** Middles closer than this share of the radius say the same. */
    private const CLOSE = 0.15;

    /** @param list<array{int, float}> $balls cell of the middle, radius */
    private function __construct(public array $balls)
    {
    }

    /** @param list<float> $distance of each cell to the mould, m */
    public static function of(Cells $cells, array $distance): self
    {
        $steps = $cells->around();
        $kept = [];
        foreach ($cells->part as $cell => $part) {
            if (0 === $part) {
                continue;
            }
            $own = $distance[$cell];
            [$dx, $dy, $dz] = $cells->edges($cell);
            $held = false;
            foreach ($steps as [$to, $a, $b, $c]) {
                $more = $distance[$cell + $to] - $own;
                if ($more > 0.0 && $more * $more > self::HELD ** 2 * (($a * $dx) ** 2 + ($b * $dy) ** 2 + ($c * $dz) ** 2)) {
                    $held = true;
                    break;
                }
            }
            if (!$held) {
                $kept[$cell] = $own;
            }
        }
        arsort($kept);

        return new self(self::thinned($cells, $kept));
    }

    /**
     * Without those whose middle lies close by the middle of a larger one.
     *
     * @param array<int, float> $radii cell → radius, the largest first
     *
     * @return list<array{int, float}>
     */
    private static function thinned(Cells $cells, array $radii): array
    {
        $balls = [];
        $left = $radii;
        foreach ($radii as $cell => $radius) {
            if (!isset($left[$cell])) {
                continue;
            }
            $balls[] = [$cell, $radius];
            $close = self::CLOSE * $radius;
            [$x, $y, $z] = $cells->place($cell);
            $row = intdiv($cell, $cells->nx);
            [$fromX, $toX] = Cells::span($cells->x, $cell % $cells->nx, $close);
            [$fromY, $toY] = Cells::span($cells->y, $row % $cells->ny, $close);
            [$fromZ, $toZ] = Cells::span($cells->z, intdiv($row, $cells->ny), $close);
            for ($k = $fromZ; $k <= $toZ; ++$k) {
                for ($j = $fromY; $j <= $toY; ++$j) {
                    for ($i = $fromX; $i <= $toX; ++$i) {
                        if (($cells->x[$i] - $x) ** 2 + ($cells->y[$j] - $y) ** 2 + ($cells->z[$k] - $z) ** 2 <= $close * $close) {
                            unset($left[$i + $cells->nx * ($j + $cells->ny * $k)]);
                        }
                    }
                }
            }
        }

        return $balls;
    }
}
