<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** Outlines that a mesh is drawn by, metres, its middle over 0 and z up from its lowest point. */
final readonly class MeshOutlines
{
    /**
     * @param non-empty-list<Contour> $cuts from its front to its back: x to the right, z up
     * @param Contour $front all of it seen from the front: x to the right, z up
     * @param Contour $above all of it seen from above: x to the right, y to the back
     * @param list<array{float, float, float}> $gates where metal comes in
     */
    private function __construct(private array $cuts, public Contour $front, public Contour $above, public array $gates)
    {
    }

    /** Planes that it is cut at. */
    private const CUTS = 21;

    /** Of even cells, and the cells of the gates, as they lie in the mould. Derived. */
    public static function of(Cells $cells, int ...$gates): self
    {
        [$nx, $ny] = [$cells->nx, $cells->ny];
        $at = [];
        for ($i = 0; $i < self::CUTS; ++$i) {
            // The first and the last layer are mould.
            $at[1 + (int) round(($i * ($ny - 3)) / (self::CUTS - 1))][] = $i;
        }
        $cuts = array_fill(0, self::CUTS, []);
        $above = [];
        foreach ($cells->part as $cell => $part) {
            if (0 === $part) {
                continue;
            }
            $i = $cell % $nx;
            $row = intdiv($cell, $nx);
            $j = $row % $ny;
            $k = intdiv($row, $ny);
            $above[$i + $nx * $j] = true;
            foreach ($at[$j] ?? [] as $cut) {
                $cuts[$cut][$i + $nx * $k] = true;
            }
        }

        $contours = [Contour::of($cuts[0], $cells->x, $cells->z)];
        foreach (array_slice($cuts, 1) as $filled) {
            $contours[] = Contour::of($filled, $cells->x, $cells->z);
        }

        return new self(
            $contours,
            self::front($cells),
            Contour::of($above, $cells->x, $cells->y),
            array_map($cells->place(...), array_values($gates)),
        );
    }

    /** All of it seen from the front: x to the right, z up. */
    public static function front(Cells $cells): Contour
    {
        $layer = $cells->nx * $cells->ny;
        $front = [];
        foreach ($cells->part as $cell => $part) {
            if ($part > 0) {
                $front[$cell % $cells->nx + $cells->nx * intdiv($cell, $layer)] = true;
            }
        }

        return Contour::of($front, $cells->x, $cells->z);
    }

    /** The nearest of its cuts, at this share of its depth from the front, 0…1; null for the middle. */
    public function cutAt(?float $share): Contour
    {
        $index = (int) round(max(0.0, min(1.0, $share ?? 0.5)) * (count($this->cuts) - 1));

        return $this->cuts[$index] ?? $this->cuts[0];
    }
}
