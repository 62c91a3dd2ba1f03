<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * Planes through a casting along x, y and z: close where walls are thin, wide where nothing happens, and on every flat face. Metres.
 *
 * Its cells are boxes; a wall between two faces has an odd number of them, so that one stands in its middle. One layer of cells all round
 * is mould. Source: plain geometry, derived.
 */
final readonly class Grid
{
    /** More cells than this take longer than a caster waits. */
    public const MOST = 300_000;
    /** So many are counted before a caster has looked up. */
    private const AT_EASE = 12_000;
    /** How much finer than asked for a small body is cut. */
    private const FINER = 0.3;
    /** Faces nearer than this share of a cell are one. */
    private const ALIKE = 0.2;

    /**
     * @param list<float> $x planes, rising
     * @param list<float> $y planes, rising
     * @param list<float> $z planes, rising
     * @param float $coarsened how much wider its cells are than its walls ask for; up to 1 where each wall is met by three
     */
    private function __construct(public array $x, public array $y, public array $z, public float $coarsened)
    {
    }

    /** @param non-empty-list<PlacedSection> $bodies */
    public static function through(array $bodies): self
    {
        $wanted = [self::spans($bodies, 0), self::spans($bodies, 1), self::spans($bodies, 2)];
        // A small body is cut finer than it asks for: rounds come out rounder, and it costs nothing.
        $grid = self::asked($wanted, 1.0);
        while ($grid->cells() < self::AT_EASE / 2 && $grid->coarsened > self::FINER) {
            $finer = $grid->coarsened * min(0.8, ($grid->cells() / self::AT_EASE) ** (1 / 3));
            $grid = self::asked($wanted, max(self::FINER, $finer));
        }
        while ($grid->cells() > self::MOST) {
            $grid = self::asked($wanted, $grid->coarsened * max(1.1, ($grid->cells() / self::MOST) ** (1 / 3)));
        }

        return $grid;
    }

    /** How many cells lie between its planes. */
    public function cells(): int
    {
        return (count($this->x) - 1) * (count($this->y) - 1) * (count($this->z) - 1);
    }

    /**
     * @param array{non-empty-list<array{float, float, float}>, non-empty-list<array{float, float, float}>,
     *     non-empty-list<array{float, float, float}>} $wanted
     */
    private static function asked(array $wanted, float $wider): self
    {
        return new self(
            self::planes($wanted[0], $wider),
            self::planes($wanted[1], $wider),
            self::planes($wanted[2], $wider),
            $wider,
        );
    }

    /**
     * What each body asks for along one axis.
     *
     * @param non-empty-list<PlacedSection> $bodies
     *
     * @return non-empty-list<array{float, float, float}> from, to, cells no wider than
     */
    private static function spans(array $bodies, int $axis): array
    {
        $middle = static fn (PlacedSection $one): float => [$one->x, $one->y, $one->z + $one->body->height / 2][$axis];
        $outside = array_map(static function (PlacedSection $one) use ($axis, $middle): array {
            $half = [...$one->reach(), $one->body->height / 2][$axis];

            return [$middle($one) - $half, $middle($one) + $half, $one->fineness()[$axis]];
        }, $bodies);
        $bores = [];
        foreach ($bodies as $one) {
            $bore = $one->bore();
            if ($bore > 0.0 && $axis < 2) {
                $bores[] = [$middle($one) - $bore, $middle($one) + $bore, $one->fineness()[$axis]];
            }
        }

        return [...$outside, ...$bores];
    }

    /**
     * @param non-empty-list<array{float, float, float}> $spans from, to, cells no wider than
     *
     * @return list<float>
     */
    private static function planes(array $spans, float $wider): array
    {
        $faces = [];
        foreach ($spans as [$from, $to]) {
            array_push($faces, $from, $to);
        }
        sort($faces);
        $finest = $wider * min(array_column($spans, 2));
        $planes = [$faces[0]];
        $last = $faces[0];
        foreach ($faces as $face) {
            $middle = ($last + $face) / 2;
            $cell = \INF;
            foreach ($spans as [$from, $to, $fine]) {
                if ($from <= $middle && $middle <= $to) {
                    $cell = min($cell, $fine * $wider);
                }
            }
            $cell = is_finite($cell) ? $cell : max($finest, $face - $last);
            if ($face - $last < self::ALIKE * $finest) {
                continue;
            }
            // Odd, so that one stands in the middle of a wall.
            $count = (int) ceil(($face - $last) / $cell * (1 - 1e-9));
            $count += 0 === $count % 2 ? 1 : 0;
            for ($i = 1; $i <= $count; ++$i) {
                $planes[] = $last + (($face - $last) * $i) / $count;
            }
            $last = $face;
        }
        $rim = max($finest, 1e-6);

        return [$planes[0] - $rim, ...$planes, $planes[count($planes) - 1] + $rim];
    }
}
