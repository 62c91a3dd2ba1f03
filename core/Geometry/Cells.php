<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * A casting as cells of a grid: each is mould (0) or belongs to a part (1 and up). The outermost layer is mould. Metres.
 *
 * A cell is numbered x + nx · (y + ny · z).
 */
final readonly class Cells
{
    /** Bodies that lie in one another by the hundred are no casting. */
    private const MOST_LOOKED_AT = 1_500_000;

    /**
     * @param array<int, int> $part of each cell
     * @param list<float> $x middle of each column along x
     * @param list<float> $y
     * @param list<float> $z
     * @param list<float> $dx width of each
     * @param list<float> $dy
     * @param list<float> $dz
     * @param array<int, array<int, float>> $overlap part → part → volume that both hold, m³
     */
    private function __construct(
        public array $part,
        public int $nx,
        public int $ny,
        public int $nz,
        public array $x,
        public array $y,
        public array $z,
        public array $dx,
        public array $dy,
        public array $dz,
        public array $overlap,
    ) {
    }

    /**
     * Filled with the bodies of sections; where two lie in one another the first has it. Null where too many do.
     *
     * @param non-empty-list<PlacedSection> $bodies
     * @param array<string, int> $numbers section id → number of its part, 1 and up
     */
    public static function of(array $bodies, array $numbers, Grid $grid): ?self
    {
        [$x, $dx] = self::middles($grid->x);
        [$y, $dy] = self::middles($grid->y);
        [$z, $dz] = self::middles($grid->z);
        [$nx, $ny, $nz] = [count($x), count($y), count($z)];
        $part = array_fill(0, $nx * $ny * $nz, 0);
        $overlap = [];
        $looked = 0;
        foreach ($bodies as $body) {
            $number = $numbers[$body->section->id];
            [$reachX, $reachY] = $body->reach();
            [$fromX, $toX] = self::within($x, $body->x - $reachX, $body->x + $reachX);
            [$fromY, $toY] = self::within($y, $body->y - $reachY, $body->y + $reachY);
            [$fromZ, $toZ] = self::within($z, $body->z, $body->top());
            $looked += max(0, $toX - $fromX + 1) * max(0, $toY - $fromY + 1) * max(0, $toZ - $fromZ + 1);
            if ($looked > self::MOST_LOOKED_AT) {
                return null;
            }
            for ($k = $fromZ; $k <= $toZ; ++$k) {
                for ($j = $fromY; $j <= $toY; ++$j) {
                    $row = $nx * ($j + $ny * $k);
                    for ($i = $fromX; $i <= $toX; ++$i) {
                        if (!$body->holds($x[$i], $y[$j], $z[$k])) {
                            continue;
                        }
                        $there = $part[$row + $i];
                        if (0 === $there) {
                            $part[$row + $i] = $number;
                        } else {
                            $overlap[$there][$number] = ($overlap[$there][$number] ?? 0.0) + $dx[$i] * $dy[$j] * $dz[$k];
                        }
                    }
                }
            }
        }

        return new self($part, $nx, $ny, $nz, $x, $y, $z, $dx, $dy, $dz, $overlap);
    }

    /**
     * Cells that are all alike.
     *
     * @param list<int> $part of each cell
     * @param array{int, int, int} $count
     * @param array<float> $edge along x, y and z
     * @param array{float, float, float} $corner of the first
     */
    public static function even(array $part, array $count, array $edge, array $corner): self
    {
        $middles = $widths = [[], [], []];
        foreach ($count as $axis => $n) {
            for ($i = 0; $i < $n; ++$i) {
                $middles[$axis][] = $corner[$axis] + ($i + 0.5) * $edge[$axis];
                $widths[$axis][] = $edge[$axis];
            }
        }

        return new self($part, $count[0], $count[1], $count[2], ...$middles, ...$widths, overlap: []);
    }

    /**
     * Of what lies within the layer of mould all round, m; of cells that are all alike.
     *
     * @return array{float, float, float}
     */
    public function box(): array
    {
        return [($this->nx - 2) * $this->dx[0], ($this->ny - 2) * $this->dy[0], ($this->nz - 2) * $this->dz[0]];
    }

    /** The middle one of the three edges of a cell, m: how fine a wall is cut, whatever its length is. */
    public function edge(int $cell): float
    {
        $edges = $this->edges($cell);
        sort($edges);

        return $edges[1];
    }

    /** From the middle of a cell to its corner, m. */
    public function toCorner(int $cell): float
    {
        [$dx, $dy, $dz] = $this->edges($cell);

        return sqrt($dx ** 2 + $dy ** 2 + $dz ** 2) / 2;
    }

    /**
     * Those that touch a cell by face, edge or corner: what to add to its number, and the steps along x, y and z.
     *
     * @return list<array{int, int<-1, 1>, int<-1, 1>, int<-1, 1>}>
     */
    public function around(): array
    {
        $around = [];
        foreach ([-1, 0, 1] as $c) {
            foreach ([-1, 0, 1] as $b) {
                foreach ([-1, 0, 1] as $a) {
                    if (0 !== $a || 0 !== $b || 0 !== $c) {
                        $around[] = [$a + $this->nx * ($b + $this->ny * $c), $a, $b, $c];
                    }
                }
            }
        }

        return $around;
    }

    /**
     * Its sides along x, y and z, m.
     *
     * @return array{float, float, float}
     */
    public function edges(int $cell): array
    {
        $row = intdiv($cell, $this->nx);

        return [$this->dx[$cell % $this->nx], $this->dy[$row % $this->ny], $this->dz[intdiv($row, $this->ny)]];
    }

    /**
     * Where the middle of a cell is.
     *
     * @return array{float, float, float}
     */
    public function place(int $cell): array
    {
        $i = $cell % $this->nx;
        $row = intdiv($cell, $this->nx);

        return [$this->x[$i], $this->y[$row % $this->ny], $this->z[intdiv($row, $this->ny)]];
    }

    /**
     * The cells of a row whose middles lie within reach of the middle of one, m.
     *
     * @param list<float> $middles rising
     *
     * @return array{int, int} first and last
     */
    public static function span(array $middles, int $at, float $reach): array
    {
        $first = $last = $at;
        while ($first > 0 && $middles[$at] - $middles[$first - 1] <= $reach) {
            --$first;
        }
        while (isset($middles[$last + 1]) && $middles[$last + 1] - $middles[$at] <= $reach) {
            ++$last;
        }

        return [$first, $last];
    }

    /**
     * @param list<float> $planes
     *
     * @return array{list<float>, list<float>} middles and widths
     */
    private static function middles(array $planes): array
    {
        $middles = $widths = [];
        for ($i = 1, $n = count($planes); $i < $n; ++$i) {
            $middles[] = ($planes[$i - 1] + $planes[$i]) / 2;
            $widths[] = $planes[$i] - $planes[$i - 1];
        }

        return [$middles, $widths];
    }

    /**
     * @param list<float> $middles
     *
     * @return array{int, int} first and last between the two ends; the last before the first where there is none
     */
    private static function within(array $middles, float $from, float $to): array
    {
        $first = 0;
        $last = count($middles) - 1;
        while ($first <= $last && $middles[$first] < $from) {
            ++$first;
        }
        while ($last >= $first && $middles[$last] > $to) {
            --$last;
        }

        return [$first, $last];
    }
}
