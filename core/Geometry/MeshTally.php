<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** The running sums of StlMesh. Not for use elsewhere: it changes while it reads, and is written for speed over packed numbers. */
final class MeshTally implements FacetSink
{
    /** What the coordinates of a point are taken by for its mark: no two of them in a plain ratio. */
    private const X = 2741.3160713;
    private const Y = 3539.9017237;
    private const Z = 1801.7338391;
    /** Marks beyond this are folded, so that they stay whole numbers when multiplied. */
    private const FAR = 2147483648.0;
    private const WHOLE = 1073741824.0;
    /** Sums are kept modulo 2⁵², so that many millions of edges stay whole numbers. */
    private const MODULO = 0xFFFFFFFFFFFFF;

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
     * Written out for speed: these lines run for each facet.
     *
     * @param array<int, float> $f nine coordinates, from 1
     */
    public function facet(array $f): void
    {
        ++$this->triangles;
        [1 => $ax, 2 => $ay, 3 => $az, 4 => $bx, 5 => $by, 6 => $bz, 7 => $cx, 8 => $cy, 9 => $cz] = $f;
        if (!is_finite($ax + $ay + $az + $bx + $by + $bz + $cx + $cy + $cz)) {
            ++$this->senseless;

            return;
        }
        if (!$this->started) {
            [$this->ox, $this->oy, $this->oz, $this->started] = [$ax, $ay, $az, true];
        }
        [[$x0, $y0, $z0], [$x1, $y1, $z1]] = [$this->low, $this->high];
        // Most facets lie within the box so far.
        if ($ax < $x0 || $bx < $x0 || $cx < $x0 || $ay < $y0 || $by < $y0 || $cy < $y0 || $az < $z0 || $bz < $z0 || $cz < $z0) {
            $this->low = [min($x0, $ax, $bx, $cx), min($y0, $ay, $by, $cy), min($z0, $az, $bz, $cz)];
        }
        if ($ax > $x1 || $bx > $x1 || $cx > $x1 || $ay > $y1 || $by > $y1 || $cy > $y1 || $az > $z1 || $bz > $z1 || $cz > $z1) {
            $this->high = [max($x1, $ax, $bx, $cx), max($y1, $ay, $by, $cy), max($z1, $az, $bz, $cz)];
        }
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
        $this->edges(
            $ax * self::X + $ay * self::Y + $az * self::Z,
            $bx * self::X + $by * self::Y + $bz * self::Z,
            $cx * self::X + $cy * self::Y + $cz * self::Z,
        );
    }

    /**
     * Three edges of a facet by the marks of its points; equal points have equal marks, different ones hardly ever. Written out instead of
     * called: calls would add a fifth to the time of a large mesh.
     */
    private function edges(float $p, float $q, float $r): void
    {
        if (max($p, $q, $r) > self::FAR || min($p, $q, $r) < -self::FAR) {
            [$p, $q, $r] = [fmod($p, self::FAR), fmod($q, self::FAR), fmod($r, self::FAR)];
        }
        $a = (int) ($p * self::WHOLE);
        $b = (int) ($q * self::WHOLE);
        $c = (int) ($r * self::WHOLE);
        $a ^= $a >> 29;
        $b ^= $b >> 29;
        $c ^= $c >> 29;
        $sum = $this->edgeSum;
        $parity = $this->edgeParity;
        // Each edge once, from its lower mark to its higher; which way it was run is the sign of what it adds.
        $low = $a < $b ? $a : $b;
        $high = $a < $b ? $b : $a;
        if ($low !== $high) {
            $h = ($low & 0x3FFFFFFF) * 668265263 + ($high & 0x3FFFFFFF) * 374761393 + (($low >> 30) ^ ($high >> 29)) * 1013;
            $h &= self::MODULO;
            $h ^= $h >> 23;
            $sum += $a < $b ? $h : -$h;
            $parity ^= $h;
        }
        $low = $b < $c ? $b : $c;
        $high = $b < $c ? $c : $b;
        if ($low !== $high) {
            $h = ($low & 0x3FFFFFFF) * 668265263 + ($high & 0x3FFFFFFF) * 374761393 + (($low >> 30) ^ ($high >> 29)) * 1013;
            $h &= self::MODULO;
            $h ^= $h >> 23;
            $sum += $b < $c ? $h : -$h;
            $parity ^= $h;
        }
        $low = $c < $a ? $c : $a;
        $high = $c < $a ? $a : $c;
        if ($low !== $high) {
            $h = ($low & 0x3FFFFFFF) * 668265263 + ($high & 0x3FFFFFFF) * 374761393 + (($low >> 30) ^ ($high >> 29)) * 1013;
            $h &= self::MODULO;
            $h ^= $h >> 23;
            $sum += $c < $a ? $h : -$h;
            $parity ^= $h;
        }
        $this->edgeSum = $sum & self::MODULO;
        $this->edgeParity = $parity;
    }
}
