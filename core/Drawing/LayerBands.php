<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

use MoltenNotes\Core\Geometry\Contour;
use MoltenNotes\Core\Geometry\FieldPlane;

/**
 * Where in the casting a value is low, middling, high and highest: contours at three levels, in the cut and seen from above, millimetres.
 * Derived.
 *
 * @phpstan-import-type Face from SectionLayout
 *
 * @phpstan-type Band array{from: string, to: string, cut: list<Face>, above: list<Face>}
 */
final readonly class LayerBands
{
    /** Less than this share between least and most is one and the same. */
    private const ALIKE = 0.03;

    /**
     * @param float $foot of the casting in the drawing of the mould, mm
     * @param float $left of its leftmost place there, mm
     * @param float $from its leftmost place in its own measure, m
     */
    public function __construct(
        private FieldPlane $cut,
        private FieldPlane $above,
        private float $foot,
        private float $left,
        private float $from,
    ) {
    }

    /**
     * The lowest band first: it is all of the casting and has no outline of its own.
     *
     * @param \Closure(FieldPlane): array<int, float> $values
     * @param array{float, float} $ends least and most in all of the casting, SI
     * @param \Closure(float): string $shown
     * @param float $power levels are even steps of the value to one over this
     *
     * @return list<Band>
     */
    public function of(\Closure $values, array $ends, \Closure $shown, float $power = 1.0): array
    {
        [$least, $most] = $ends;
        if ($most <= 0.0) {
            return [];
        }
        $steps = $most - $least < self::ALIKE * $most ? [] : [0.25, 0.5, 0.75];
        $levels = array_map(static fn (float $share): float => self::round($least + $share ** $power * ($most - $least)), $steps);
        $in = [$values($this->cut), $values($this->above)];
        $bands = [['from' => $shown($least), 'to' => $shown($levels[0] ?? $most), 'cut' => [], 'above' => []]];
        foreach ($levels as $i => $level) {
            $bands[] = [
                'from' => $shown($level),
                'to' => $shown($levels[$i + 1] ?? $most),
                'cut' => Contour::from($in[0], $this->cut->x, $this->cut->y, $level)
                    ->drawn(1000, $this->left / 1000 - $this->from, $this->foot / 1000)->shapes,
                'above' => Contour::from($in[1], $this->above->x, $this->above->y, $level)->drawn(1000)->shapes,
            ];
        }

        return $bands;
    }

    /** To two figures: a contour is no measurement. */
    private static function round(float $value): float
    {
        return round($value, 1 - (int) floor(log10($value)));
    }
}
