<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * What a casting's body says at every place: how deep it lies in the metal, how thick the metal is there, and how far it has come. Kept for
 * planes from front to back and for all of it seen from above. Derived.
 */
final readonly class BodyFields
{
    /** Planes from front to back. */
    private const CUTS = 21;

    /**
     * @param non-empty-array<int, FieldPlane> $cuts x to the right, z up
     * @param non-empty-array<int, float> $places where along y each of them lies, m
     * @param FieldPlane $above x to the right, y to the back: the most that lies under each place
     */
    private function __construct(private array $cuts, private array $places, public FieldPlane $above)
    {
    }

    /**
     * @param list<float> $distance of each cell to the mould, m
     * @param float $middle along y: cut there before anybody moves the cut, m
     * @param float $more that the balls are larger than the cells tell, m
     */
    public static function of(Cells $cells, array $distance, FlowWay $way, float $middle, float $more = 0.0): self
    {
        $balls = InscribedBalls::of($cells, $distance)->balls;
        $cuts = $places = [];
        foreach (self::layers($cells, $middle) as $j) {
            $cuts[] = self::cut($cells, $distance, $way, $balls, $j, $more);
            $places[] = $cells->y[$j];
        }
        if ([] === $cuts) {
            // A casting is at least one layer of cells deep.
            throw new \LogicException('A casting without any layer of cells.');
        }

        return new self($cuts, $places, self::above($cells, $distance, $way, $balls, $more));
    }

    /** The plane nearest to this place along y, metres. */
    public function at(float $y): FieldPlane
    {
        $nearest = array_key_first($this->places);
        foreach ($this->places as $index => $place) {
            $nearest = abs($place - $y) < abs($this->places[$nearest] - $y) - 1e-12 ? $index : $nearest;
        }

        return $this->cuts[$nearest];
    }

    /** @return list<int> layers of cells along y, rising */
    private static function layers(Cells $cells, float $middle): array
    {
        [$front, $back] = [$cells->y[1] - $cells->dy[1] / 2, $cells->y[$cells->ny - 2] + $cells->dy[$cells->ny - 2] / 2];
        $layers = [];
        for ($i = 0; $i <= self::CUTS; ++$i) {
            $at = $i < self::CUTS ? $front + (($back - $front) * $i) / (self::CUTS - 1) : $middle;
            $nearest = 1;
            for ($j = 1; $j < $cells->ny - 1; ++$j) {
                $nearest = abs($cells->y[$j] - $at) < abs($cells->y[$nearest] - $at) - 1e-12 ? $j : $nearest;
            }
            $layers[$nearest] = true;
        }
        ksort($layers);

        return array_keys($layers);
    }

    /**
     * @param list<float> $distance
     * @param list<array{int, float}> $balls the largest first
     */
    private static function cut(Cells $cells, array $distance, FlowWay $way, array $balls, int $j, float $more): FieldPlane
    {
        $nx = $cells->nx;
        $parts = $depth = $ways = [];
        for ($k = 1; $k < $cells->nz - 1; ++$k) {
            for ($i = 1; $i < $nx - 1; ++$i) {
                $cell = $i + $nx * ($j + $cells->ny * $k);
                if ($cells->part[$cell] > 0) {
                    $at = $i + $nx * $k;
                    $parts[$at] = $cells->part[$cell];
                    $depth[$at] = $distance[$cell];
                    $ways[$at] = $way->distance[$cell] ?? 0.0;
                }
            }
        }
        $discs = [];
        foreach ($balls as [$cell, $radius]) {
            $row = intdiv($cell, $nx);
            $aside = $cells->y[$row % $cells->ny] - $cells->y[$j];
            if (abs($aside) < $radius) {
                $discs[] = [$cell % $nx, intdiv($row, $cells->ny), sqrt($radius * $radius - $aside * $aside), 2 * $radius + $more];
            }
        }

        return FieldPlane::of($cells->x, $cells->z, $parts, $depth, self::painted($parts, $cells->x, $cells->z, $discs), $ways);
    }

    /**
     * @param list<float> $distance
     * @param list<array{int, float}> $balls
     */
    private static function above(Cells $cells, array $distance, FlowWay $way, array $balls, float $more): FieldPlane
    {
        $layer = $cells->nx * $cells->ny;
        $parts = $depth = $ways = [];
        foreach ($cells->part as $cell => $part) {
            if (0 === $part) {
                continue;
            }
            $at = $cell % $layer;
            if ($distance[$cell] > ($depth[$at] ?? 0.0)) {
                $depth[$at] = $distance[$cell];
                $parts[$at] = $part;
            }
            $ways[$at] = max($ways[$at] ?? 0.0, $way->distance[$cell] ?? 0.0);
        }
        $discs = [];
        foreach ($balls as [$cell, $radius]) {
            $discs[] = [$cell % $cells->nx, intdiv($cell, $cells->nx) % $cells->ny, $radius, 2 * $radius + $more];
        }

        return FieldPlane::of($cells->x, $cells->y, $parts, $depth, self::painted($parts, $cells->x, $cells->y, $discs), $ways);
    }

    /**
     * The largest ball over each place of a plane.
     *
     * @param array<int, int> $metal place → part
     * @param list<float> $x
     * @param list<float> $y
     * @param list<array{int, int, float, float}> $discs column and row of the middle, radius, what is painted; the largest ball first
     *
     * @return array<int, float>
     */
    private static function painted(array $metal, array $x, array $y, array $discs): array
    {
        $n = count($x);
        $painted = [];
        foreach ($discs as [$i0, $j0, $radius, $value]) {
            [$fromX, $toX] = Cells::span($x, $i0, $radius);
            [$fromY, $toY] = Cells::span($y, $j0, $radius);
            for ($j = $fromY; $j <= $toY; ++$j) {
                $left = $radius * $radius - ($y[$j] - $y[$j0]) ** 2;
                for ($i = $fromX, $at = $fromX + $n * $j; $i <= $toX; ++$i, ++$at) {
                    if (!isset($painted[$at]) && isset($metal[$at]) && ($x[$i] - $x[$i0]) ** 2 <= $left) {
                        $painted[$at] = $value;
                    }
                }
            }
        }
        // What no ball reaches, in corners and on the stairs of the cells, is as thick as what lies beside it.
        $waiting = array_keys(array_diff_key($metal, $painted));
        while ([] !== $waiting) {
            $found = [];
            foreach ($waiting as $at) {
                $beside = max($painted[$at - 1] ?? 0.0, $painted[$at + 1] ?? 0.0, $painted[$at - $n] ?? 0.0, $painted[$at + $n] ?? 0.0);
                if ($beside > 0.0) {
                    $found[$at] = $beside;
                }
            }
            if ([] === $found) {
                break;
            }
            $painted += $found;
            $waiting = array_values(array_filter($waiting, static fn (int $at): bool => !isset($found[$at])));
        }

        return $painted;
    }
}
