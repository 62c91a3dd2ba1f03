<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * What a section measures. All lengths in metres, areas in square metres, volumes in cubic metres, for one of its kind.
 *
 * Source: plain geometry. The faces by which sections touch are not cooled and are left out of the cooled area (Chvorinov's rule as taught,
 * N. Chvorinov 1940; common practice).
 */
final readonly class SectionGeometry
{
    /**
     * @param float $volume of the body
     * @param float $surface of the whole body
     * @param float $joint face by which it touches what it joins
     * @param float $thickness least measurement: what decides filling and freezing
     * @param float $run way the metal has to go through it
     * @param float $cross section the stream fills, all streams together
     * @param float $height from its lowest to its highest point in the mould
     * @param float $footprint area seen from above
     * @param float $across length along the drawn section
     * @param float $depth length across it, seen from above
     * @param float $meanTop mean height of its upper side over its lowest point: a round top is lower than its highest point
     */
    private function __construct(
        public float $volume,
        public float $surface,
        public float $joint,
        public float $thickness,
        public float $run,
        public float $cross,
        public float $height,
        public float $footprint,
        public float $across,
        public float $depth,
        public float $meanTop,
    ) {
    }

    /** @return array<string, self> section id → what it measures; only of those with all their measurements */
    public static function all(Sections $sections): array
    {
        $measured = [];
        foreach ($sections->all() as $section) {
            $body = self::of($section);
            if (null !== $body) {
                $measured[$section->id] = $body;
            }
        }

        return $measured;
    }

    /** Null while measurements are missing. */
    public static function of(Section $section): ?self
    {
        if ([] !== $section->lacks()) {
            return null;
        }
        $of = static fn (string $name): float => $section->si($name) ?? 0.0;
        /** @var array{float, float, float, float, float, float, float, float, float} $body */
        $body = match ($section->shape) {
            Shape::Plate, Shape::Bar => self::prism($of('length'), $of('width'), $of('thickness'), $of('thickness')),
            Shape::Wedge => self::prism($of('length'), $of('width'), $of('thickness'), $of('thin_end')),
            Shape::Cylinder, Shape::Boss => self::cylinder($of('diameter'), $of('height')),
            Shape::Tube => self::hollow($of('diameter'), $of('wall'), $of('height'), $of('wall')),
            Shape::Ring => self::hollow($of('diameter'), $of('width'), $of('thickness'), min($of('width'), $of('thickness'))),
            Shape::Sphere => self::sphere($of('diameter')),
            Shape::Pierced => self::pierced($of('length'), $of('width'), $of('thickness'), $of('hole')),
            Shape::Free => self::free($of('volume'), $of('area')),
            Shape::Mesh => self::mesh($section),
        };
        [$volume, $surface, $joint, $thickness, $run, $cross, $height, $footprint, $across] = $body;
        $round = $section->shape->isRound();
        $depth = $round ? $of('diameter') : (Shape::Free === $section->shape ? $across : $of('width'));
        $meanTop = match ($section->shape) {
            Shape::Wedge => ($of('thickness') + $of('thin_end')) / 2,
            // A ball's upper half stands two thirds of its radius over its middle, taken over the circle seen from above.
            Shape::Sphere => ($height * 5) / 6,
            default => $height,
        };
        if ($section->upright && !in_array($section->shape, [Shape::Sphere, Shape::Mesh], true)) {
            // Stood on its end: what lay along the mould now stands up in it. What is round then shows its side, and its upper side is a
            // half pipe.
            [$height, $across] = [$across, $height];
            $footprint = $across * $depth;
            $meanTop = $round ? $height / 2 + (\M_PI / 8) * $height : $height;
        }

        return new self(
            $volume,
            $surface,
            $joint,
            $thickness,
            $section->si('run') ?? $run,
            $cross,
            $height,
            $footprint,
            $across,
            $depth,
            $meanTop,
        );
    }

    /** @return array{float, float, float, float, float, float, float, float, float} */
    private static function prism(float $length, float $width, float $thick, float $thin): array
    {
        $mean = ($thick + $thin) / 2;
        $slope = sqrt($length ** 2 + ($thick - $thin) ** 2);
        $surface = $length * $width + $slope * $width + 2 * $length * $mean + $width * ($thick + $thin);

        return [
            $length * $width * $mean,
            $surface,
            $width * $thick,
            min($thin, $thick, $width),
            $length,
            $width * $mean,
            max($thick, $thin),
            $length * $width,
            $length,
        ];
    }

    /**
     * A block with a round hole through its thickness: metal comes round the hole both ways.
     *
     * @return array{float, float, float, float, float, float, float, float, float}
     */
    private static function pierced(float $length, float $width, float $thick, float $hole): array
    {
        $face = $length * $width - (\M_PI * $hole ** 2) / 4;
        // Walls that are left beside the hole, along and across; at a hole as wide as the block there is none.
        $beside = max(0.0, ($width - $hole) / 2);
        $before = max(0.0, ($length - $hole) / 2);

        return [
            $face * $thick,
            2 * $face + 2 * $thick * ($length + $width) + \M_PI * $hole * $thick,
            $width * $thick,
            min($thick, max(1e-6, $beside), max(1e-6, $before)),
            $length + (\M_PI / 2 - 1) * $hole,
            max(1e-12, 2 * $beside * $thick),
            $thick,
            $face,
            $length,
        ];
    }

    /** @return array{float, float, float, float, float, float, float, float, float} */
    private static function cylinder(float $diameter, float $height): array
    {
        $end = (\M_PI * $diameter ** 2) / 4;

        return [
            $end * $height,
            \M_PI * $diameter * $height + 2 * $end,
            $end,
            min($diameter, $height),
            max($diameter, $height),
            min($end, $diameter * $height),
            $height,
            $end,
            $diameter,
        ];
    }

    /**
     * Rings and tubes: metal comes round both ways and meets opposite.
     *
     * @return array{float, float, float, float, float, float, float, float, float}
     */
    private static function hollow(float $outer, float $radial, float $axial, float $thickness): array
    {
        $inner = $outer - 2 * $radial;
        $face = \M_PI * ($outer - $radial) * $radial;
        $surface = \M_PI * ($outer + $inner) * $axial + 2 * $face;

        return [
            $face * $axial,
            $surface,
            $radial * $axial,
            $thickness,
            (\M_PI * ($outer - $radial)) / 2,
            2 * $radial * $axial,
            $axial,
            $face,
            $outer,
        ];
    }

    /** @return array{float, float, float, float, float, float, float, float, float} */
    private static function sphere(float $diameter): array
    {
        $great = (\M_PI * $diameter ** 2) / 4;

        // A ball touches what it joins by a spot about half its width.
        return [
            (\M_PI * $diameter ** 3) / 6,
            \M_PI * $diameter ** 2,
            $great / 4,
            $diameter,
            $diameter,
            ($great * 2) / 3,
            $diameter,
            $great,
            $diameter,
        ];
    }

    /**
     * As it was measured; the way through it is that through its box until its body tells it.
     *
     * @return array{float, float, float, float, float, float, float, float, float}
     */
    private static function mesh(Section $section): array
    {
        $of = static fn (string $name): float => $section->si($name) ?? 0.0;
        $run = sqrt($of('length') ** 2 + $of('width') ** 2);

        return [
            $of('volume'),
            $of('area'),
            $of('width') * $of('thickness'),
            $of('thickness'),
            $run,
            $of('volume') / max($run, $of('height')),
            $of('height'),
            $of('length') * $of('width'),
            $of('length'),
        ];
    }

    /**
     * Only volume and area are known: as if it were a plate of that thickness and a square outline.
     *
     * @return array{float, float, float, float, float, float, float, float, float}
     */
    private static function free(float $volume, float $area): array
    {
        $thickness = min((2 * $volume) / $area, $volume ** (1 / 3));
        $side = sqrt($volume / $thickness);

        return [$volume, $area, $side * $thickness, $thickness, $side, $side * $thickness, $thickness, $side ** 2, $side];
    }
}
