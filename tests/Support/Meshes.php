<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Support;

/** Meshes for the tests: lists of triangles, each three corners. */
final class Meshes
{
    /**
     * @param array{float, float, float} $size
     * @param array{float, float, float} $at
     *
     * @return list<list<array{float, float, float}>>
     */
    public static function box(array $size, array $at = [0.0, 0.0, 0.0]): array
    {
        $c = [];
        for ($i = 0; $i < 8; ++$i) {
            $c[] = [$at[0] + $size[0] * ($i & 1), $at[1] + $size[1] * (($i >> 1) & 1), $at[2] + $size[2] * (($i >> 2) & 1)];
        }
        $quads = [[0, 2, 3, 1], [4, 5, 7, 6], [0, 1, 5, 4], [2, 6, 7, 3], [0, 4, 6, 2], [1, 3, 7, 5]];

        return array_merge(
            ...array_map(static fn (array $q): array => [[$c[$q[0]], $c[$q[1]], $c[$q[2]]], [$c[$q[0]], $c[$q[2]], $c[$q[3]]]], $quads),
        );
    }

    /** @return list<list<array{float, float, float}>> a torus of two radii, in n × n quads */
    public static function torus(float $ring, float $tube, int $n): array
    {
        $point = static function (int $i, int $j) use ($ring, $tube, $n): array {
            $u = (2 * \M_PI * ($i % $n)) / $n;
            $v = (2 * \M_PI * ($j % $n)) / $n;

            return [($ring + $tube * cos($v)) * cos($u), ($ring + $tube * cos($v)) * sin($u), $tube * sin($v)];
        };
        $triangles = [];
        for ($i = 0; $i < $n; ++$i) {
            for ($j = 0; $j < $n; ++$j) {
                [$a, $b, $c, $d] = [$point($i, $j), $point($i + 1, $j), $point($i + 1, $j + 1), $point($i, $j + 1)];
                $triangles[] = [$a, $b, $c];
                $triangles[] = [$a, $c, $d];
            }
        }

        return $triangles;
    }

    /** @return list<list<array{float, float, float}>> a ball about the origin, in n × n/2 patches */
    public static function ball(float $diameter, int $n): array
    {
        $point = static function (int $i, int $j) use ($diameter, $n): array {
            $u = (2 * \M_PI * ($i % $n)) / $n;
            $v = (2 * \M_PI * $j) / $n - \M_PI / 2;

            return [($diameter / 2) * cos($v) * cos($u), ($diameter / 2) * cos($v) * sin($u), ($diameter / 2) * sin($v)];
        };
        $triangles = [];
        for ($i = 0; $i < $n; ++$i) {
            for ($j = 0; $j < $n / 2; ++$j) {
                [$a, $b, $c, $d] = [$point($i, $j), $point($i + 1, $j), $point($i + 1, $j + 1), $point($i, $j + 1)];
                $triangles[] = [$a, $b, $c];
                $triangles[] = [$a, $c, $d];
            }
        }

        return $triangles;
    }

    /** @param list<list<array{float, float, float}>> $triangles */
    public static function binary(array $triangles): string
    {
        $stl = str_pad('made by a test', 80).pack('V', count($triangles));
        foreach ($triangles as [$a, $b, $c]) {
            $stl .= pack('g12v', 0, 0, 0, ...[...$a, ...$b, ...$c, 0]);
        }

        return $stl;
    }

    /** @param list<list<array{float, float, float}>> $triangles */
    public static function ascii(array $triangles): string
    {
        $stl = "solid test\n";
        foreach ($triangles as $corners) {
            $stl .= "facet normal 0 0 0\nouter loop\n";
            foreach ($corners as $p) {
                $stl .= sprintf("vertex %.6e %.6e %.6e\n", ...$p);
            }
            $stl .= "endloop\nendfacet\n";
        }

        return $stl."endsolid test\n";
    }

    /** @return iterable<string> */
    public static function pieces(string $file, int $size): iterable
    {
        for ($at = 0, $length = strlen($file); $at < $length; $at += $size) {
            yield substr($file, $at, $size);
        }
    }
}
