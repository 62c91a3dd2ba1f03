<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

use MoltenNotes\Core\Geometry\Contour;
use MoltenNotes\Core\Geometry\PlacedSection;
use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Plan\Basis;

/**
 * The casting's body cut along the middle of its first section, millimetres: x to the right from its leftmost place, y up from its lowest.
 *
 * Everything stands where it was placed: what the cut meets is drawn cut, what lies behind or before it is seen beyond.
 *
 * @phpstan-type Face array{outline: list<array{float, float}>, holes: list<list<array{float, float}>>}
 */
final readonly class SectionLayout
{
    /** Points of a half circle. */
    private const ROUND = 12;

    /**
     * @param array<string, array{x: float, y: float, width: float, height: float}> $boxes section id → where the one nearest the cut stands
     * @param array<string, list<Face>> $cuts section id → closed outlines of what is cut, with what is empty in each
     * @param array<string, list<list<array{float, float}>>> $beyond section id → outlines of what is seen beyond the cut
     */
    private function __construct(public array $boxes, public array $cuts, public array $beyond, public float $width, public float $height)
    {
    }

    /**
     * Cuts every section where it stands; millimetres. Derived.
     *
     * @param float|null $cut share of the casting's depth from its front at which it is cut, 0…1; null for the middle of its first section
     */
    public static function of(Basis $basis, ?float $cut = null): self
    {
        $bodies = $basis->placed;
        $outlines = $basis->solid?->outlines;
        if (null !== $outlines && [] !== $bodies) {
            return self::ofMesh($bodies[0], $outlines->cutAt($cut), $outlines->front);
        }
        $plane = self::plane($bodies, $cut);
        $left = self::leftmost($bodies);
        $right = $top = 0.001;
        $boxes = $cuts = $beyond = $nearest = [];
        foreach ($bodies as $one) {
            $id = $one->section->id;
            $right = max($right, $one->x + $one->reach()[0] - $left);
            $top = max($top, $one->top());
            $faces = self::faces($one, $plane, $left);
            $aside = abs($one->y - $plane);
            if ([] !== $faces) {
                foreach ($faces as $face) {
                    $cuts[$id][] = $face;
                }
                $aside = 0.0;
            }
            $box = self::box($one, $left);
            if (1 !== count($faces)) {
                $beyond[$id][] = self::rectangle($box['x'], $box['y'], $box['x'] + $box['width'], $box['y'] + $box['height']);
            }
            if (!isset($nearest[$id]) || $aside < $nearest[$id] - 1e-9) {
                $nearest[$id] = $aside;
                $boxes[$id] = $box;
            }
        }

        return new self($boxes, $cuts, $beyond, $right * 1000, $top * 1000);
    }

    /**
     * Its leftmost place in the casting's own measure, metres: where x begins in the drawing.
     *
     * @param list<PlacedSection> $bodies
     */
    public static function leftmost(array $bodies): float
    {
        return [] === $bodies ? 0.0 : min(array_map(static fn (PlacedSection $one): float => $one->x - $one->reach()[0], $bodies));
    }

    /**
     * Where along y the casting is cut, metres.
     *
     * @param list<PlacedSection> $bodies
     * @param float|null $cut as of() takes it
     */
    public static function plane(array $bodies, ?float $cut): float
    {
        if ([] === $bodies || null === $cut) {
            return [] === $bodies ? 0.0 : $bodies[0]->y;
        }
        $front = min(array_map(static fn (PlacedSection $one): float => $one->y - $one->reach()[1], $bodies));
        $back = max(array_map(static fn (PlacedSection $one): float => $one->y + $one->reach()[1], $bodies));

        return $front + $cut * ($back - $front);
    }

    /** A mesh, with all of it seen beyond the cut. */
    private static function ofMesh(PlacedSection $one, Contour $cut, Contour $front): self
    {
        $id = $one->section->id;
        $half = $one->reach()[0];

        return new self(
            [$id => self::box($one, -$half)],
            [$id => $cut->drawn(1000, $half)->shapes],
            [$id => array_column($front->drawn(1000, $half)->shapes, 'outline')],
            2000 * $half,
            1000 * $one->body->height,
        );
    }

    /**
     * The middle of a section in the cut.
     *
     * @return array{float, float}
     */
    public function middle(string $id): array
    {
        $box = $this->boxes[$id];

        return [$box['x'] + $box['width'] / 2, $box['y'] + $box['height'] / 2];
    }

    /** @return array{x: float, y: float, width: float, height: float} */
    private static function box(PlacedSection $one, float $left): array
    {
        $reach = $one->reach()[0];

        return [
            'x' => ($one->x - $reach - $left) * 1000,
            'y' => $one->z * 1000,
            'width' => 2000 * $reach,
            'height' => 1000 * $one->body->height,
        ];
    }

    /**
     * What the plane cuts of one body; a ring or tube is cut twice, a block with a hole where the hole is met.
     *
     * @return list<Face>
     */
    private static function faces(PlacedSection $one, float $plane, float $left): array
    {
        if ($one->hole() > 0.0) {
            return self::pierced($one, $plane - $one->y, 1000 * ($one->x - $left));
        }

        return array_map(
            static fn (array $outline): array => ['outline' => $outline, 'holes' => []],
            self::outlines($one, $plane, $left),
        );
    }

    /**
     * A block with a hole: lying it is cut to both sides of the hole; stood up, over and under it along the hole, and across it the hole is
     * seen round.
     *
     * @param float $aside of the plane from its middle, m
     * @param float $x of its middle, mm
     *
     * @return list<Face>
     */
    private static function pierced(PlacedSection $one, float $aside, float $x): array
    {
        $span = self::span($one, $aside);
        if (null === $span) {
            return [];
        }
        [$from, $to] = [$x + 1000 * $span[0], $x + 1000 * $span[1]];
        [$low, $high] = [1000 * $one->z, 1000 * $one->top()];
        $whole = static fn (float ...$corners): array => ['outline' => self::rectangle(...$corners), 'holes' => []];
        $across = $one->section->upright && abs($one->sin) > 0.7;
        $half = 1000 * self::chord($one->hole(), $across ? 0.0 : $aside);
        if ($half <= 0.0) {
            return [$whole($from, $low, $to, $high)];
        }
        $middle = ($low + $high) / 2;

        return match (true) {
            $across => [['outline' => self::rectangle($from, $low, $to, $high), 'holes' => [self::ball($x, $middle, $half)]]],
            $one->section->upright => [$whole($from, $low, $to, $middle - $half), $whole($from, $middle + $half, $to, $high)],
            default => [$whole($from, $low, $x - $half, $high), $whole($x + $half, $low, $to, $high)],
        };
    }

    /**
     * @return list<list<array{float, float}>> closed outlines
     */
    private static function outlines(PlacedSection $one, float $plane, float $left): array
    {
        $aside = $plane - $one->y;
        $x = ($one->x - $left) * 1000;
        [$low, $high] = [$one->z * 1000, $one->top() * 1000];
        $shape = $one->section->shape;
        if (Shape::Sphere === $shape) {
            $chord = self::chord($one->body->across / 2, $aside) * 1000;

            return $chord > 0.0 ? [self::ball($x, ($low + $high) / 2, $chord)] : [];
        }
        if ($shape->isRound() && !$one->section->upright) {
            $outer = self::chord($one->body->across / 2, $aside) * 1000;
            $inner = self::chord($one->bore(), $aside) * 1000;
            if ($outer <= 0.0) {
                return [];
            }

            return $inner > 0.0
                ? [self::rectangle($x - $outer, $low, $x - $inner, $high), self::rectangle($x + $inner, $low, $x + $outer, $high)]
                : [self::rectangle($x - $outer, $low, $x + $outer, $high)];
        }
        $span = self::span($one, $aside);
        if (null === $span) {
            return [];
        }
        [$from, $to] = $span;
        if ($shape->isRound() && $one->section->upright) {
            // A round that stands on its side: a disc across its axis, along it as high as it is there.
            $radius = $one->body->height / 2;
            $half = 1000 * self::chord($radius, abs($one->sin) > 0.7 ? 0.0 : $aside);

            return abs($one->sin) > 0.7
                ? [self::ball($x, ($low + $high) / 2, 1000 * $radius)]
                : [self::rectangle($x + $from * 1000, ($low + $high) / 2 - $half, $x + $to * 1000, ($low + $high) / 2 + $half)];
        }
        if (Shape::Wedge === $shape && !$one->section->upright && abs($one->cos) > 0.1) {
            // As high at each end as the wedge is there.
            $at = static function (float $dx) use ($one, $aside): float {
                $share = ($one->cos * $dx + $one->sin * $aside) / $one->body->across + 0.5;

                return 1000 * (($one->section->si('thickness') ?? 0.0)
                    + (($one->section->si('thin_end') ?? 0.0) - ($one->section->si('thickness') ?? 0.0)) * max(0.0, min(1.0, $share)));
            };

            return [[
                [$x + $from * 1000, $low],
                [$x + $to * 1000, $low],
                [$x + $to * 1000, $low + $at($to)],
                [$x + $from * 1000, $low + $at($from)],
            ]];
        }

        return [self::rectangle($x + $from * 1000, $low, $x + $to * 1000, $high)];
    }

    /** Half of the chord of a circle, as far aside from its middle; 0 where it is missed. */
    private static function chord(float $radius, float $aside): float
    {
        return sqrt(max(0.0, $radius ** 2 - $aside ** 2));
    }

    /**
     * Where the plane goes through a rectangle that may be turned, from its middle.
     *
     * @return array{float, float}|null metres
     */
    private static function span(PlacedSection $one, float $aside): ?array
    {
        [$from, $to] = [-\INF, \INF];
        // Along itself: |cos·dx + sin·aside| within half its length; across: |cos·aside − sin·dx| within half its width.
        $slabs = [
            [$one->cos, $one->sin * $aside, $one->body->across / 2],
            [-$one->sin, $one->cos * $aside, $one->body->depth / 2],
        ];
        foreach ($slabs as [$slope, $start, $half]) {
            if (abs($slope) < 1e-9) {
                if (abs($start) > $half) {
                    return null;
                }
                continue;
            }
            $ends = [(-$half - $start) / $slope, ($half - $start) / $slope];
            $from = max($from, min($ends));
            $to = min($to, max($ends));
        }

        return $to - $from > 1e-9 && is_finite($from) && is_finite($to) ? [$from, $to] : null;
    }

    /** @return list<array{float, float}> */
    private static function rectangle(float $a, float $b, float $c, float $d): array
    {
        return [[$a, $b], [$c, $b], [$c, $d], [$a, $d]];
    }

    /** @return list<array{float, float}> */
    private static function ball(float $x, float $y, float $radius): array
    {
        return array_map(
            static fn (int $i): array => [
                $x + $radius * cos((\M_PI * $i) / self::ROUND),
                $y + $radius * sin((\M_PI * $i) / self::ROUND),
            ],
            range(0, 2 * self::ROUND - 1),
        );
    }
}
