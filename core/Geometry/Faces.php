<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** Whose face touches what, counted on cells: shares of these are laid on the exact areas of the formulas. Square metres. */
final readonly class Faces
{
    /**
     * All by the number of the part, 1 and up.
     *
     * @param array<int, float> $all whole face, other parts and mould
     * @param array<int, float> $cooled face on the mould
     * @param array<int, float> $seen area seen from above, whatever stands over it
     * @param array<int, float> $open area seen from above that nothing stands over
     * @param array<int, float> $openMoment that area times the height of the cell under it, m³
     * @param array<int, array<int, float>> $contacts part → part → face between them
     * @param float $sandwiched upper side with mould over it and metal over that
     */
    private function __construct(
        public array $all,
        public array $cooled,
        public array $seen,
        public array $open,
        public array $openMoment,
        public array $contacts,
        public float $sandwiched,
    ) {
    }

    /** Source: plain geometry; a fourth of an oblique face is counted twice on cells, which is why only shares are taken. */
    public static function of(Cells $cells, int $parts): self
    {
        $all = $cooled = $seen = $open = $moment = array_fill(1, max(1, $parts), 0.0);
        $contacts = [];
        $sandwiched = 0.0;
        [$nx, $ny, $nz, $part] = [$cells->nx, $cells->ny, $cells->nz, $cells->part];
        $layer = $nx * $ny;
        for ($k = 1; $k < $nz - 1; ++$k) {
            for ($j = 1; $j < $ny - 1; ++$j) {
                for ($i = 1; $i < $nx - 1; ++$i) {
                    $cell = $i + $nx * $j + $layer * $k;
                    $own = $part[$cell];
                    if (0 === $own) {
                        continue;
                    }
                    [$dx, $dy, $dz] = [$cells->dx[$i], $cells->dy[$j], $cells->dz[$k]];
                    $around = [
                        [$part[$cell - 1], $dy * $dz], [$part[$cell + 1], $dy * $dz],
                        [$part[$cell - $nx], $dx * $dz], [$part[$cell + $nx], $dx * $dz],
                        [$part[$cell - $layer], $dx * $dy], [$part[$cell + $layer], $dx * $dy],
                    ];
                    foreach ($around as [$other, $area]) {
                        if ($other === $own) {
                            continue;
                        }
                        $all[$own] += $area;
                        if (0 === $other) {
                            $cooled[$own] += $area;
                        } else {
                            $contacts[$own][$other] = ($contacts[$own][$other] ?? 0.0) + $area;
                        }
                    }
                }
            }
        }
        for ($j = 1; $j < $ny - 1; ++$j) {
            for ($i = 1; $i < $nx - 1; ++$i) {
                $area = $cells->dx[$i] * $cells->dy[$j];
                $column = [];
                $covered = false;
                $over = 0;
                for ($k = $nz - 2; $k > 0; --$k) {
                    $own = $part[$i + $nx * $j + $layer * $k];
                    if ($own > 0 && !isset($column[$own])) {
                        $column[$own] = true;
                        $seen[$own] += $area;
                    }
                    if ($own > 0 && 0 === $over) {
                        if ($covered) {
                            $sandwiched += $area;
                        } else {
                            $open[$own] += $area;
                            $moment[$own] += $area * $cells->z[$k];
                            $covered = true;
                        }
                    }
                    $over = $own;
                }
            }
        }

        return new self($all, $cooled, $seen, $open, $moment, $contacts, $sandwiched);
    }
}
