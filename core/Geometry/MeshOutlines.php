<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** Outlines that a mesh is drawn by, metres, its middle over 0 and z up from its lowest point. */
final readonly class MeshOutlines
{
    /**
     * @param Contour $cut through its middle: x to the right, z up
     * @param Contour $front all of it seen from the front: x to the right, z up
     * @param Contour $above all of it seen from above: x to the right, y to the back
     * @param list<array{float, float, float}> $gates where metal comes in
     */
    private function __construct(public Contour $cut, public Contour $front, public Contour $above, public array $gates)
    {
    }

    /** Of even cells, and the cells of the gates, as they lie in the mould; the cut goes through the middle layer along y. Derived. */
    public static function of(Cells $cells, int ...$gates): self
    {
        [$nx, $ny] = [$cells->nx, $cells->ny];
        $cut = $front = $above = [];
        foreach ($cells->part as $cell => $part) {
            if (0 === $part) {
                continue;
            }
            $i = $cell % $nx;
            $row = intdiv($cell, $nx);
            $j = $row % $ny;
            $k = intdiv($row, $ny);
            $front[$i + $nx * $k] = true;
            $above[$i + $nx * $j] = true;
            if (intdiv($ny, 2) === $j) {
                $cut[$i + $nx * $k] = true;
            }
        }

        return new self(
            Contour::of($cut, $cells->x, $cells->z),
            Contour::of($front, $cells->x, $cells->z),
            Contour::of($above, $cells->x, $cells->y),
            array_map($cells->place(...), array_values($gates)),
        );
    }
}
