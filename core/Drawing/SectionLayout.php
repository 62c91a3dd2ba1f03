<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

use MoltenNotes\Core\Geometry\Section;
use MoltenNotes\Core\Geometry\SectionGeometry;
use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Plan\Basis;

/**
 * Where the sections of a casting stand in the drawn section, millimetres: x to the right from the first, y up from the casting's lowest
 * point.
 * What joins at an end stands to the right of what is there; what sits on top or under stands over the middle of what it joins, several
 * side by side.
 */
final readonly class SectionLayout
{
    /** More of one kind than this would only blacken the drawing. */
    private const MOST_COPIES = 8;

    /**
     * @param array<string, array{x: float, y: float, width: float, height: float}> $boxes section id → where the first of its kind stands
     * @param array<string, list<float>> $copies section id → how far to the right the others stand
     */
    private function __construct(public array $boxes, public array $copies, public float $width, public float $height)
    {
    }

    /** Places every section beside what it joins; millimetres. Derived. */
    public static function of(Basis $basis): self
    {
        $feet = $basis->feet();
        $boxes = [];
        $cursor = 0.0;
        $copies = [];
        $seated = [];
        foreach ($basis->sections?->all() ?? [] as $section) {
            $body = $basis->bodies[$section->id] ?? null;
            if (null === $body) {
                continue;
            }
            $width = $body->across * 1000;
            $below = $boxes[$section->joins ?? ''] ?? null;
            if ($section->sits->isOutside() || null === $below) {
                $x = $cursor;
                $cursor += $width;
            } else {
                $seats = array_sum(
                    array_map(
                        static fn (Section $other): int => $other->joins === $section->joins && $other->sits === $section->sits
                            ? min(self::MOST_COPIES, $other->count)
                            : 0,
                        $basis->sections?->all() ?? [],
                    ),
                );
                $step = $below['width'] / ($seats + 1);
                $taken = $seated[$section->joins.$section->sits->value] ?? 0;
                $seated[$section->joins.$section->sits->value] = $taken + min(self::MOST_COPIES, $section->count);
                $x = $below['x'] + $step * ($taken + 1) - $width / 2;
                $copies[$section->id] = array_map(
                    static fn (int $i): float => $i * $step,
                    range(0, min(self::MOST_COPIES, $section->count) - 1),
                );
            }
            $boxes[$section->id] = ['x' => $x, 'y' => $feet[$section->id] * 1000, 'width' => $width, 'height' => $body->height * 1000];
        }
        $left = [] === $boxes ? 0.0 : min(array_column($boxes, 'x'));
        $boxes = array_map(static fn (array $box): array => ['x' => $box['x'] - $left] + $box, $boxes);
        $right = $top = 1.0;
        foreach ($boxes as $box) {
            $right = max($right, $box['x'] + $box['width']);
            $top = max($top, $box['y'] + $box['height']);
        }

        return new self($boxes, $copies, $right, $top);
    }

    /**
     * The cut faces of one section; a ring or tube is cut twice.
     *
     * @return list<list<array{float, float}>> closed outlines
     */
    public function faces(Section $section, SectionGeometry $body): array
    {
        $box = $this->boxes[$section->id];
        [$x0, $y0, $x1, $y1] = [$box['x'], $box['y'], $box['x'] + $box['width'], $box['y'] + $box['height']];
        $rectangle = static fn (float $a, float $b, float $c, float $d): array => [[$a, $b], [$c, $b], [$c, $d], [$a, $d]];
        if (in_array($section->shape, [Shape::Ring, Shape::Tube], true) && !$section->upright) {
            $radial = ($section->si('width') ?? ($section->si('wall') ?? 0.0)) * 1000;

            return [$rectangle($x0, $y0, $x0 + $radial, $y1), $rectangle($x1 - $radial, $y0, $x1, $y1)];
        }
        if (Shape::Sphere === $section->shape) {
            $r = $box['width'] / 2;

            return [
                array_map(
                    static fn (int $i): array => [$x0 + $r + $r * cos((\M_PI * $i) / 12), $y0 + $r + $r * sin((\M_PI * $i) / 12)],
                    range(0, 23),
                ),
            ];
        }
        if (Shape::Wedge === $section->shape && !$section->upright) {
            return [[[$x0, $y0], [$x1, $y0], [$x1, $y0 + ($section->si('thin_end') ?? 0.0) * 1000], [$x0, $y1]]];
        }

        return [$rectangle($x0, $y0, $x1, $y1)];
    }

    /**
     * The middle of a cut face.
     *
     * @return array{float, float}
     */
    public function middle(string $id): array
    {
        $box = $this->boxes[$id];

        return [$box['x'] + $box['width'] / 2, $box['y'] + $box['height'] / 2];
    }
}
