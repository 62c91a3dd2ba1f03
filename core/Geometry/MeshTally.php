<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** The running sums of StlMesh. Not for use elsewhere: it changes while it reads, and is written for speed over packed numbers. */
final class MeshTally implements FacetSink
{
    public int $triangles = 0;
    public float $volume = 0.0;
    public float $area = 0.0;
    /** @var array{float, float, float} */
    public array $low = [\INF, \INF, \INF];
    /** @var array{float, float, float} */
    public array $high = [-\INF, -\INF, -\INF];

    private int $flat = 0;
    private int $senseless = 0;
    private int $edgeSum = 0;
    private int $edgeParity = 0;
    private bool $started = false;
    private float $ox = 0.0;
    private float $oy = 0.0;
    private float $oz = 0.0;

    /** Whether each edge is run as often one way as the other and no triangle is without sense: the sums over all edges are nothing. */
    public function isClosed(): bool
    {
        return 0 === $this->edgeSum && 0 === $this->edgeParity && 0 === $this->senseless;
    }

    /** @return list<array{code: string, words: string}> */
    public function faults(): array
    {
        $faults = [];
        if ($this->senseless > 0) {
            $faults[] = [
                'code' => 'mesh.senseless',
                'words' => "{$this->senseless} facets have coordinates that are no numbers; they were left out.",
            ];
        }
        if (0 !== $this->edgeParity) {
            $faults[] = [
                'code' => 'mesh.open',
                'words' => 'It has holes: some edges belong to one facet only. The box can be used; volume and surface only as a first '
                    .'guess.',
            ];
        } elseif (0 !== $this->edgeSum) {
            $faults[] = [
                'code' => 'mesh.turned',
                'words' => 'Some facets face the wrong way. Surface and box can be used, the volume cannot.',
            ];
        } elseif ($this->volume < 0) {
            $faults[] = ['code' => 'mesh.inside_out', 'words' => 'All facets face inwards; the volume was taken the right way round.'];
        }
        if ($this->flat > 0) {
            $faults[] = ['code' => 'mesh.flat', 'words' => "{$this->flat} facets have no area; they change nothing."];
        }

        return $faults;
    }

    /**
     * @param array<int, float> $f nine coordinates, from 1
     * @param array<int, int> $b the same as bit patterns
     */
    public function facet(array $f, array $b): void
    {
        ++$this->triangles;
        [1 => $ax, 2 => $ay, 3 => $az, 4 => $bx, 5 => $by, 6 => $bz, 7 => $cx, 8 => $cy, 9 => $cz] = $f;
        $sum = $ax + $ay + $az + $bx + $by + $bz + $cx + $cy + $cz;
        if (!is_finite($sum)) {
            ++$this->senseless;

            return;
        }
        if (!$this->started) {
            [$this->ox, $this->oy, $this->oz, $this->started] = [$ax, $ay, $az, true];
        }
        $this->stretch(
            min($ax, $bx, $cx),
            min($ay, $by, $cy),
            min($az, $bz, $cz),
            max($ax, $bx, $cx),
            max($ay, $by, $cy),
            max($az, $bz, $cz),
        );
        $ux = $bx - $ax;
        $uy = $by - $ay;
        $uz = $bz - $az;
        $vx = $cx - $ax;
        $vy = $cy - $ay;
        $vz = $cz - $az;
        $nx = $uy * $vz - $uz * $vy;
        $ny = $uz * $vx - $ux * $vz;
        $nz = $ux * $vy - $uy * $vx;
        $twice = sqrt($nx * $nx + $ny * $ny + $nz * $nz);
        if (0.0 === $twice) {
            ++$this->flat;
        }
        $this->area += $twice / 2;
        $this->volume += (($ax - $this->ox) * $nx + ($ay - $this->oy) * $ny + ($az - $this->oz) * $nz) / 6;
        // Written out instead of called: these lines run nine times for each facet, and calls would double the time of a large mesh.
        [1 => $i, 2 => $j, 3 => $k, 4 => $l, 5 => $m, 6 => $n, 7 => $o, 8 => $p, 9 => $q] = $b;
        if (0.0 === $ax * $ay * $az * $bx * $by * $bz * $cx * $cy * $cz) {
            // Minus zero is zero.
            [$i, $j, $k, $l, $m, $n, $o, $p, $q] = array_map(static fn (int $bits): int => 0x80000000 === $bits ? 0 : $bits, [
                $i,
                $j,
                $k,
                $l,
                $m,
                $n,
                $o,
                $p,
                $q,
            ]);
        }
        // Mixes three bit patterns; products of 32 by 28 bits stay whole.
        $a = ($i * 73856093) ^ ($j * 193496637) ^ ($k * 83492791);
        $c = ($l * 73856093) ^ ($m * 193496637) ^ ($n * 83492791);
        $e = ($o * 73856093) ^ ($p * 193496637) ^ ($q * 83492791);
        $a ^= $a >> 29;
        $c ^= $c >> 29;
        $e ^= $e >> 29;
        $this->edge($a, $c);
        $this->edge($c, $e);
        $this->edge($e, $a);
    }

    private function stretch(float $x0, float $y0, float $z0, float $x1, float $y1, float $z1): void
    {
        // Most facets lie within the box so far.
        if ($x0 < $this->low[0] || $y0 < $this->low[1] || $z0 < $this->low[2]) {
            $this->low = [min($x0, $this->low[0]), min($y0, $this->low[1]), min($z0, $this->low[2])];
        }
        if ($x1 > $this->high[0] || $y1 > $this->high[1] || $z1 > $this->high[2]) {
            $this->high = [max($x1, $this->high[0]), max($y1, $this->high[1]), max($z1, $this->high[2])];
        }
    }

    private function edge(int $from, int $to): void
    {
        if ($from === $to) {
            return;
        }
        $low = $from < $to ? $from : $to;
        $high = $from < $to ? $to : $from;
        $h = (($low & 0x3FFFFFFF) * 668265263 + ($high & 0x3FFFFFFF) * 374761393 + (($low >> 30) ^ ($high >> 29)) * 1013) & 0xFFFFFFFFFFFFF;
        $h ^= $h >> 23;
        // Sums are kept modulo 2⁵², so that many millions of edges stay whole numbers.
        $this->edgeSum = ($from < $to ? $this->edgeSum + $h : $this->edgeSum - $h) & 0xFFFFFFFFFFFFF;
        $this->edgeParity ^= $h;
    }
}
