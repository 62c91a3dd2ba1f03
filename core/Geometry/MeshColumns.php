<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * Where upright lines through a mesh go in and out of it: one line through the middle of each column of cells. Not for use elsewhere: it
 * changes while it reads, and is written for speed.
 *
 * A line meets an edge that two facets share in one of them only: ends of edges are taken from the lower on, and the lower end counts, the
 * upper not. Source: scan conversion of polygons, published; derived.
 */
final class MeshColumns implements FacetSink
{
    /** @var array<int, list<float>> column → heights in cells at which it meets a facet, a cell's middle being a whole number */
    public array $meets = [];

    /** @var array<int, list<int>> column → for each of those 1 where it goes in, −1 where it comes out */
    public array $turns = [];

    /** @var array{float, float, float} face that stands along x, y and z, in square units of the mesh: it has no draft that way */
    public array $steep = [0.0, 0.0, 0.0];

    /** Sine of the least draft that counts as one: 1°. Common practice. */
    private const DRAFT = 0.01745;

    /**
     * @param array{float, float, float} $corner of the first cell, in the unit of the mesh
     * @param array{float, float, float} $edge of a cell
     */
    public function __construct(
        private readonly array $corner,
        private readonly array $edge,
        private readonly int $nx,
        private readonly int $ny,
    ) {
    }

    public function facet(array $f): void
    {
        [1 => $ax, 2 => $ay, 3 => $az, 4 => $bx, 5 => $by, 6 => $bz, 7 => $cx, 8 => $cy, 9 => $cz] = $f;
        if (!is_finite($ax + $ay + $az + $bx + $by + $bz + $cx + $cy + $cz)) {
            return;
        }
        [[$x0, $y0, $z0], [$dx, $dy, $dz]] = [$this->corner, $this->edge];
        $this->drafted($bx - $ax, $by - $ay, $bz - $az, $cx - $ax, $cy - $ay, $cz - $az);
        $ax = ($ax - $x0) / $dx - 0.5;
        $bx = ($bx - $x0) / $dx - 0.5;
        $cx = ($cx - $x0) / $dx - 0.5;
        $ay = ($ay - $y0) / $dy - 0.5;
        $by = ($by - $y0) / $dy - 0.5;
        $cy = ($cy - $y0) / $dy - 0.5;
        $first = max(0, (int) ceil(min($ay, $by, $cy)));
        $last = min($this->ny - 1, (int) floor(max($ay, $by, $cy)));
        if ($first > $last) {
            return;
        }
        $normal = ($bx - $ax) * ($cy - $ay) - ($by - $ay) * ($cx - $ax);
        if (0.0 === $normal) {
            return;
        }
        $az = ($az - $z0) / $dz - 0.5;
        $bz = ($bz - $z0) / $dz - 0.5;
        $cz = ($cz - $z0) / $dz - 0.5;
        // The plane of the facet: how its height changes along x and along y.
        $alongX = (($bz - $az) * ($cy - $ay) - ($cz - $az) * ($by - $ay)) / $normal;
        $alongY = (($cz - $az) * ($bx - $ax) - ($bz - $az) * ($cx - $ax)) / $normal;
        $turn = $normal > 0.0 ? -1 : 1;
        for ($j = $first; $j <= $last; ++$j) {
            $left = \INF;
            $right = -\INF;
            if (($ay <= $j) !== ($by <= $j)) {
                $at = $ay <= $j ? $ax + (($j - $ay) * ($bx - $ax)) / ($by - $ay) : $bx + (($j - $by) * ($ax - $bx)) / ($ay - $by);
                $left = min($left, $at);
                $right = max($right, $at);
            }
            if (($by <= $j) !== ($cy <= $j)) {
                $at = $by <= $j ? $bx + (($j - $by) * ($cx - $bx)) / ($cy - $by) : $cx + (($j - $cy) * ($bx - $cx)) / ($by - $cy);
                $left = min($left, $at);
                $right = max($right, $at);
            }
            if (($cy <= $j) !== ($ay <= $j)) {
                $at = $cy <= $j ? $cx + (($j - $cy) * ($ax - $cx)) / ($ay - $cy) : $ax + (($j - $ay) * ($cx - $ax)) / ($cy - $ay);
                $left = min($left, $at);
                $right = max($right, $at);
            }
            $to = min($this->nx, (int) ceil(min($right, (float) $this->nx)));
            for ($i = max(0, (int) ceil(max($left, -1.0))); $i < $to; ++$i) {
                $this->meets[$i + $this->nx * $j][] = $az + ($i - $ax) * $alongX + ($j - $ay) * $alongY;
                $this->turns[$i + $this->nx * $j][] = $turn;
            }
        }
    }

    private function drafted(float $ux, float $uy, float $uz, float $vx, float $vy, float $vz): void
    {
        $nx = $uy * $vz - $uz * $vy;
        $ny = $uz * $vx - $ux * $vz;
        $nz = $ux * $vy - $uy * $vx;
        $twice = sqrt($nx * $nx + $ny * $ny + $nz * $nz);
        $least = self::DRAFT * $twice;
        if (abs($nx) < $least) {
            $this->steep[0] += $twice / 2;
        }
        if (abs($ny) < $least) {
            $this->steep[1] += $twice / 2;
        }
        if (abs($nz) < $least) {
            $this->steep[2] += $twice / 2;
        }
    }
}
