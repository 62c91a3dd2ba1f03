<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * A mesh as it lies in the mould one way up: what that costs. Metres, z up from its lowest point.
 *
 * Undercut against a parting: sand of the cope with metal over it, and sand of the drag with metal under it, cannot be drawn; it wants a
 * core or a loose piece. Source: plain geometry, derived.
 */
final readonly class LyingMesh
{
    /** Levels told, with the best among them. */
    private const LEVELS = 24;
    /** Undercuts that differ by less than this share of the metal are alike. */
    private const ALIKE = 1e-3;

    /**
     * @param array{float, float, float} $box
     * @param list<HighPoint> $highPoints
     * @param float $open m² of upper side under nothing but mould
     * @param float $sandwiched m² of upper side with metal over it again
     * @param list<array{float, float}> $partings level over the lowest point and undercut in m³, rising
     * @param array{float, float} $best the parting with the least undercut, through the widest place of those
     * @param float $steep m² of face without draft
     * @param float $thickestAt height of its thickest place
     * @param Contour $front seen from the front: x to the right, z up
     */
    private function __construct(
        public WayUp $up,
        public array $box,
        public array $highPoints,
        public float $open,
        public float $sandwiched,
        public array $partings,
        public array $best,
        public float $steep,
        public float $thickestAt,
        public Contour $front,
    ) {
    }

    /**
     * @param array{float, float, float} $steep m² without draft along the axes of the drawing
     * @param array{float, float, float} $thickest its thickest place in the drawing, m from the corner of its box
     */
    public static function of(MeshBody $body, WayUp $up, array $steep, array $thickest): self
    {
        $cells = $body->laid($up);
        $faces = Faces::of($cells, 1);
        $partings = self::partings($cells);
        $best = self::best($cells, $partings);
        [$axis, $sense] = $up->axes()[2];

        return new self(
            $up,
            $cells->box(),
            Summits::of($cells, ['mesh']),
            $faces->open[1],
            $faces->sandwiched,
            self::some($partings, $best),
            $best,
            $steep[$axis],
            $sense > 0 ? $thickest[$axis] : $body->side($axis) - $thickest[$axis],
            MeshOutlines::front($cells),
        );
    }

    /**
     * The undercut of a parting at the foot of every layer, and at the top.
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function partings(Cells $cells): array
    {
        [$nx, $ny, $nz, $part] = [$cells->nx, $cells->ny, $cells->nz, $cells->part];
        $layer = $nx * $ny;
        $over = $under = array_fill(0, $nz + 1, 0);
        for ($column = 0; $column < $layer; ++$column) {
            $last = -1;
            $first = -1;
            for ($k = 1; $k < $nz; ++$k) {
                if ($part[$column + $layer * $k] > 0) {
                    $last = $k;
                    $first = -1 === $first ? $k : $first;
                }
            }
            if (-1 === $first) {
                continue;
            }
            for ($k = 1; $k < $last; ++$k) {
                $over[$k] += 0 === $part[$column + $layer * $k] ? 1 : 0;
            }
            for ($k = $first + 1; $k < $nz - 1; ++$k) {
                $under[$k] += 0 === $part[$column + $layer * $k] ? 1 : 0;
            }
        }
        $cell = $cells->dx[0] * $cells->dy[0] * $cells->dz[0];
        $locked = array_sum($over);
        $partings = [[0.0, $locked * $cell]];
        for ($k = 1; $k < $nz - 1; ++$k) {
            $locked += $under[$k] - $over[$k];
            $partings[] = [$k * $cells->dz[0], max(0, $locked) * $cell];
        }

        return $partings;
    }

    /**
     * The least undercut; among those alike the one along the widest layer's upper side, the higher of two.
     *
     * @param non-empty-list<array{float, float}> $partings
     *
     * @return array{float, float}
     */
    private static function best(Cells $cells, array $partings): array
    {
        $layer = $cells->nx * $cells->ny;
        $wide = [];
        $metal = 0;
        for ($k = 1; $k < $cells->nz - 1; ++$k) {
            $wide[$k] = array_sum(array_slice($cells->part, $layer * $k, $layer));
            $metal += $wide[$k];
        }
        $least = min(array_column($partings, 1));
        $alike = $least + self::ALIKE * $metal * $cells->dx[0] * $cells->dy[0] * $cells->dz[0];
        $best = $partings[0];
        $widest = -1;
        foreach ($partings as $k => $parting) {
            if ($parting[1] <= $alike && ($wide[$k] ?? 0) >= $widest) {
                $widest = $wide[$k] ?? 0;
                $best = $parting;
            }
        }

        return $best;
    }

    /**
     * @param non-empty-list<array{float, float}> $partings
     * @param array{float, float} $best
     *
     * @return list<array{float, float}>
     */
    private static function some(array $partings, array $best): array
    {
        $count = count($partings);
        $every = max(1, (int) ceil($count / self::LEVELS));

        return array_values(
            array_filter(
                $partings,
                static fn (array $parting, int $k): bool => 0 === $k % $every || $k === $count - 1 || $parting === $best,
                \ARRAY_FILTER_USE_BOTH,
            ),
        );
    }
}
