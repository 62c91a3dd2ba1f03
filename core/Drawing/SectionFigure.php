<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

use MoltenNotes\Core\Geometry\Section;
use MoltenNotes\Core\Geometry\SectionGeometry;
use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\Dimension;

/**
 * One section by itself, as it stands, seen from the front and to scale, with the measures nobody should have to guess: outside, inside and
 * mean diameter of what is hollow, and how high it stands. Millimetres, x from its middle, z up. Plain geometry, derived.
 */
final class SectionFigure
{
    /**
     * Of every section with all its measurements.
     *
     * @return list<array{section: string, width: float, height: float, bore: float, measures: list<array{label: string, shown: string}>}>
     */
    public static function all(Basis $basis): array
    {
        $figures = [];
        foreach ($basis->sections?->all() ?? [] as $section) {
            $body = $basis->bodies[$section->id] ?? null;
            if (null !== $body) {
                $figures[] = self::of($section, $body, $basis);
            }
        }

        return $figures;
    }

    /** @return array{section: string, width: float, height: float, bore: float, measures: list<array{label: string, shown: string}>} */
    private static function of(Section $section, SectionGeometry $body, Basis $basis): array
    {
        $outer = $section->si('diameter');
        $radial = $section->si('width') ?? $section->si('wall');
        $hollow = null !== $outer && null !== $radial && $section->shape->isRound();
        $inner = $hollow ? max(0.0, $outer - 2 * $radial) : 0.0;
        $measures = [];
        foreach ($hollow ? ['outside' => $outer, 'mean' => $outer - $radial, 'inside' => $inner] : [] as $label => $metres) {
            $measures[] = ['label' => $label, 'shown' => $basis->shown($metres, Dimension::Length)];
        }
        $hole = $section->si('hole');
        if (Shape::Pierced === $section->shape && null !== $hole) {
            $inner = $hole;
            $measures[] = ['label' => 'least beside the hole', 'shown' => $basis->shown($body->thickness, Dimension::Length)];
        }
        $measures[] = ['label' => 'stands', 'shown' => $basis->shown($body->height, Dimension::Length).' high'];

        return [
            'section' => $section->id,
            'width' => round(1000 * $body->across, 3),
            'height' => round(1000 * $body->height, 3),
            'bore' => round($section->upright ? 0.0 : 1000 * $inner, 3),
            'measures' => $measures,
        ];
    }
}
