<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * Reads what a casting's body says: places its sections, cuts them into cells and looks at those.
 *
 * Volumes and surfaces stay those of the formulas; the cells say which share of them touches what. Source: derived throughout.
 */
final class SolidReader
{
    /** More single bodies than this are no casting that a plan is made for. */
    private const MOST_BODIES = 300;
    /** From here on a wall is met by less than one cell. */
    private const TOO_COARSE = 3.0;
    /** Ends of ways told, the farthest first. */
    private const MEETS = 8;

    /**
     * Null while a section lacks measurements, or is known by volume and area alone: then its outline cannot be told; and for a casting too
     * large for its thinnest wall to be met; and for a mesh whose body is not at hand.
     */
    public static function read(Sections $sections, ?MeshShelf $meshes = null): ?CastingGeometry
    {
        $section = $sections->mesh();
        if (null !== $section) {
            $mesh = null === $section->mesh ? null : $meshes?->body($section->mesh->id);

            return null === $mesh ? null : MeshSolid::read($section, $mesh->laid($section->mesh->up));
        }
        $measured = SectionGeometry::all($sections);
        foreach ($sections->all() as $section) {
            if (!isset($measured[$section->id]) || Shape::Free === $section->shape) {
                return null;
            }
        }
        $bodies = Placement::of($sections, $measured)->bodies;
        if ([] === $bodies || count($bodies) > self::MOST_BODIES) {
            return null;
        }
        $names = array_values(array_unique(array_map(static fn (PlacedSection $body): string => $body->section->id, $bodies)));
        $grid = Grid::through($bodies);
        if ($grid->coarsened > self::TOO_COARSE) {
            return null;
        }
        $cells = Cells::of($bodies, array_combine($names, range(1, count($names))), $grid);
        if (null === $cells || [] !== array_diff(range(1, count($names)), $cells->part)) {
            // A wall so thin in a casting so large that no cell meets it: nothing is said rather than something wrong.
            return null;
        }
        $distance = DistanceTransform::of($cells);
        $faces = Faces::of($cells, count($names));
        $peaks = self::peaks($cells, $distance);
        $way = FlowWay::of($cells, self::gates($bodies, $cells, $names));

        return new CastingGeometry(
            box: self::box($bodies),
            parts: self::parts($names, $bodies, $cells, $faces, $way, array_map(static fn (int $at): float => 2 * $distance[$at], $peaks)),
            contacts: self::named($faces->contacts, $names),
            overlaps: self::overlaps(self::named($cells->overlap, $names), $sections),
            apart: self::apart($names, $way),
            highPoints: Summits::of($cells, $names),
            hotSpots: HotSpots::of($cells, $distance, $names, self::feeders($sections, $peaks, $names)),
            lastToFill: null === $way->farthest ? [] : $cells->place($way->farthest),
            way: null === $way->farthest ? 0.0 : $way->distance[$way->farthest] + $cells->toCorner($way->farthest),
            meets: array_map($cells->place(...), array_slice($way->meets, 0, self::MEETS)),
            sandwiched: $faces->sandwiched,
            acrossWall: 3 / max(1.0, $grid->coarsened),
            fields: BodyFields::of($cells, $distance, $way, $bodies[0]->y),
        );
    }

    /**
     * Parts that no gate reaches through metal.
     *
     * @param list<string> $names
     *
     * @return list<string>
     */
    private static function apart(array $names, FlowWay $way): array
    {
        $isApart = static fn (int $index): bool => !isset($way->farthestOf[$index + 1]);

        return array_values(array_filter($names, $isApart, \ARRAY_FILTER_USE_KEY));
    }

    /**
     * A riser stands over the thickest place of its section; the thickest peak comes first.
     *
     * @param array<int, int> $peaks
     * @param list<string> $names
     *
     * @return list<int>
     */
    private static function feeders(Sections $sections, array $peaks, array $names): array
    {
        $feeders = [];
        foreach ($names as $index => $id) {
            if (true === $sections->get($id)?->riser && isset($peaks[$index + 1])) {
                $feeders[] = $peaks[$index + 1];
            }
        }

        // Where none is marked, a riser would stand over the thickest place of all.
        return [] === $feeders ? array_slice($peaks, 0, 1) : $feeders;
    }

    /**
     * What two sections were both given. Where one lies against the other it reaches in a little to be one with it: that is how they are
     * joined here, and takes nothing from what was measured.
     *
     * @param array<string, array<string, float>> $overlaps
     *
     * @return array<string, array<string, float>>
     */
    private static function overlaps(array $overlaps, Sections $sections): array
    {
        $isAgainst = static function (string $one, string $other) use ($sections): bool {
            $section = $sections->get($one);

            return null !== $section && $section->joins === $other && $section->sits->isOutside();
        };
        foreach ($overlaps as $one => $others) {
            foreach (array_keys($others) as $other) {
                if ($one === $other || $isAgainst($one, $other) || $isAgainst($other, $one)) {
                    unset($overlaps[$one][$other]);
                }
            }
        }

        return array_filter($overlaps, static fn (array $left): bool => [] !== $left);
    }

    /**
     * @param array<int, array<int, float>> $numbered
     * @param list<string> $names
     *
     * @return array<string, array<string, float>>
     */
    private static function named(array $numbered, array $names): array
    {
        $named = [];
        foreach ($numbered as $one => $others) {
            foreach ($others as $other => $value) {
                $named[$names[$one - 1]][$names[$other - 1]] = $value;
            }
        }

        return $named;
    }

    /**
     * @param non-empty-list<PlacedSection> $bodies
     *
     * @return array{float, float, float}
     */
    private static function box(array $bodies): array
    {
        $span = static function (int $axis) use ($bodies): float {
            $low = $high = [];
            foreach ($bodies as $body) {
                $middle = [$body->x, $body->y][$axis];
                $low[] = $middle - $body->reach()[$axis];
                $high[] = $middle + $body->reach()[$axis];
            }

            return max([0.0, ...$high]) - min([0.0, ...$low]);
        };

        return [$span(0), $span(1), max(array_map(static fn (PlacedSection $body): float => $body->top(), $bodies))];
    }

    /**
     * The cells at which metal comes in: at the side of a gated section, the first on the left, several evenly all round it, each at the
     * section's upper edge, where the parting runs.
     *
     * @param non-empty-list<PlacedSection> $bodies
     * @param list<string> $names
     *
     * @return list<int>
     */
    private static function gates(array $bodies, Cells $cells, array $names): array
    {
        $gated = array_filter($bodies, static fn (PlacedSection $body): bool => $body->section->gates > 0);
        $gates = [];
        foreach ([] === $gated ? array_slice($bodies, 0, 1) : $gated as $body) {
            $number = (int) array_search($body->section->id, $names, true) + 1;
            for ($i = 0, $n = max(1, $body->section->gates); $i < $n; ++$i) {
                $direction = \M_PI + $body->turn + (2 * \M_PI * $i) / $n;
                $cell = self::outermost($cells, $body, $number, cos($direction), sin($direction));
                if (null !== $cell) {
                    $gates[] = $cell;
                }
            }
        }

        return array_values(array_unique($gates));
    }

    /** The cell of a body that lies farthest in a direction, the highest of those. */
    private static function outermost(Cells $cells, PlacedSection $body, int $number, float $cos, float $sin): ?int
    {
        $best = null;
        $most = -\INF;
        foreach ($cells->part as $cell => $part) {
            if ($part !== $number) {
                continue;
            }
            [$x, $y, $z] = $cells->place($cell);
            // Straight out from its middle before anything else: a corner is no place for a gate.
            $aside = abs(($y - $body->y) * $cos - ($x - $body->x) * $sin);
            $out = ($x - $body->x) * $cos + ($y - $body->y) * $sin - 2 * $aside + 1e-6 * $z;
            if ($out > $most) {
                $most = $out;
                $best = $cell;
            }
        }

        return $best;
    }

    /**
     * The thickest cell of each part.
     *
     * @param list<float> $distance
     *
     * @return array<int, int> number of the part → cell
     */
    private static function peaks(Cells $cells, array $distance): array
    {
        $peaks = [];
        foreach ($cells->part as $cell => $part) {
            if ($part > 0 && (!isset($peaks[$part]) || $distance[$cell] > $distance[$peaks[$part]])) {
                $peaks[$part] = $cell;
            }
        }

        // The thickest first.
        uasort($peaks, static fn (int $a, int $b): int => $distance[$b] <=> $distance[$a]);

        return $peaks;
    }

    /**
     * @param list<string> $names
     * @param non-empty-list<PlacedSection> $bodies
     * @param array<int, float> $thickest number of the part → diameter of its largest ball, m
     *
     * @return array<string, PartGeometry>
     */
    private static function parts(array $names, array $bodies, Cells $cells, Faces $faces, FlowWay $way, array $thickest): array
    {
        $parts = [];
        foreach ($names as $index => $id) {
            $number = $index + 1;
            $own = array_values(array_filter($bodies, static fn (PlacedSection $body): bool => $body->section->id === $id));
            if ([] === $own) {
                continue;
            }
            $one = $own[0]->body;
            $share = static fn (float $of, float $all): float => $all > 0.0 ? min(1.0, $of / $all) : 0.0;
            $far = $way->farthestOf[$number] ?? null;
            $parts[$id] = new PartGeometry(
                id: $id,
                volume: count($own) * $one->volume,
                surface: count($own) * $one->surface,
                cooled: count($own) * $one->surface * $share($faces->cooled[$number], $faces->all[$number]),
                open: count($own) * $one->footprint * $share($faces->open[$number], $faces->seen[$number]),
                openAt: self::openAt($own, $faces, $number),
                thickest: $thickest[$number] ?? 0.0,
                bottom: min(array_map(static fn (PlacedSection $body): float => $body->z, $own)),
                top: max(array_map(static fn (PlacedSection $body): float => $body->top(), $own)),
                far: null === $far ? 0.0 : $way->distance[$far] + $cells->toCorner($far),
            );
        }

        return $parts;
    }

    /**
     * Mean height of the upper side that lies open: as the formulas say where all of it does or it is flat, else by its cells' middles.
     *
     * @param non-empty-list<PlacedSection> $own
     */
    private static function openAt(array $own, Faces $faces, int $number): float
    {
        $flat = abs($own[0]->body->meanTop - $own[0]->body->height) < 1e-9;
        if ($flat || $faces->open[$number] <= 0.0 || $faces->open[$number] > 0.999 * $faces->seen[$number]) {
            return array_sum(array_map(static fn (PlacedSection $one): float => $one->z + $one->body->meanTop, $own)) / count($own);
        }

        return $faces->openMoment[$number] / $faces->open[$number];
    }
}
