<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * Reads what a casting's body says where it is a mesh: one part, cut into cells already. Volume and surface stay those of its facets.
 *
 * Source: derived throughout.
 */
final class MeshSolid
{
    /** Ends of ways told, the farthest first. */
    private const MEETS = 8;

    /** Null where a measurement of the section is missing. */
    public static function read(Section $section, Cells $cells): ?CastingGeometry
    {
        if ([] !== $section->lacks()) {
            return null;
        }
        $distance = DistanceTransform::of($cells);
        $thickness = Thickness::of($cells, $distance);
        $faces = Faces::of($cells, 1);
        $gates = self::gates($section, $cells);
        $way = FlowWay::of($cells, $gates);
        $surface = $section->si('area') ?? 0.0;
        $far = null === $way->farthest ? 0.0 : $way->distance[$way->farthest] + $cells->toCorner($way->farthest);

        return new CastingGeometry(
            box: $cells->box(),
            parts: [
                $section->id => new PartGeometry(
                    id: $section->id,
                    volume: $section->si('volume') ?? 0.0,
                    surface: $surface,
                    cooled: $surface,
                    open: $faces->open[1],
                    openAt: $faces->open[1] > 0.0 ? $faces->openMoment[1] / $faces->open[1] : 0.0,
                    thickest: $thickness->thickest,
                    bottom: 0.0,
                    top: $cells->box()[2],
                    far: $far,
                ),
            ],
            contacts: [],
            overlaps: [],
            apart: [],
            highPoints: Summits::of($cells, [$section->id]),
            hotSpots: HotSpots::of($cells, $distance, [$section->id], [$thickness->at]),
            lastToFill: null === $way->farthest ? [] : $cells->place($way->farthest),
            way: $far,
            meets: array_map($cells->place(...), array_slice($way->meets, 0, self::MEETS)),
            sandwiched: $faces->sandwiched,
            acrossWall: $thickness->thinnest / max($cells->dx[0], $cells->dy[0], $cells->dz[0]),
            fields: BodyFields::of($cells, $distance, $way, 0.0, $thickness->between),
            outlines: MeshOutlines::of($cells, ...$gates),
        );
    }

    /**
     * Cells at which metal comes in: at the height of the parting, the first at the far left, several evenly all round.
     *
     * @return list<int>
     */
    private static function gates(Section $section, Cells $cells): array
    {
        $level = $section->si('parting') ?? $section->si('height') ?? 0.0;
        $gates = [];
        for ($i = 0, $n = max(1, $section->gates); $i < $n; ++$i) {
            $direction = \M_PI + (2 * \M_PI * $i) / $n;
            [$cos, $sin] = [cos($direction), sin($direction)];
            $best = null;
            $most = -\INF;
            foreach ($cells->part as $cell => $part) {
                if (0 === $part) {
                    continue;
                }
                [$x, $y, $z] = $cells->place($cell);
                // Just under the parting before anything else, then straight out from the middle.
                $off = $z > $level ? $z - $level : max(0.0, $level - $z - $cells->dz[0]);
                $out = $x * $cos + $y * $sin - 2 * abs($y * $cos - $x * $sin) - 8 * $off;
                if ($out > $most) {
                    $most = $out;
                    $best = $cell;
                }
            }
            if (null !== $best) {
                $gates[] = $best;
            }
        }

        return array_values(array_unique($gates));
    }
}
