<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * How thick a body of even cells is: the ball that fits at each place thicker than all round it. Metres, to within a cell and a half.
 *
 * Along an edge or towards a corner a ball only gets smaller, so only places count that no neighbour is thicker than: the middles of walls
 * and of lumps. Between the middles of two cells a ball is up to a cell larger than at either; half a cell is the mean. Source: inscribed
 * spheres after Heuvers, published; derived on cells.
 */
final readonly class Thickness
{
    /** A wall counts from this share of all such places on; less is a notch of the cutting. */
    private const COUNTS_FROM = 0.01;

    /**
     * @param int $at cell of the thickest place
     * @param float $between what a ball between the middles of two cells is larger in the mean, m
     */
    private function __construct(public float $thinnest, public float $thickest, public int $at, public float $between)
    {
    }

    /** @param list<float> $distance of each cell to the mould, m */
    public static function of(Cells $cells, array $distance): self
    {
        $around = array_column($cells->around(), 0);
        $middles = [];
        $thickest = 0.0;
        $at = 0;
        foreach ($cells->part as $cell => $part) {
            if (0 === $part) {
                continue;
            }
            $own = $distance[$cell];
            if ($own > $thickest) {
                [$thickest, $at] = [$own, $cell];
            }
            foreach ($around as $step) {
                if ($distance[$cell + $step] > $own + 1e-12) {
                    continue 2;
                }
            }
            $middles[] = $own;
        }
        sort($middles);
        $thinnest = $middles[(int) floor(self::COUNTS_FROM * count($middles))] ?? $thickest;

        $between = min($cells->dx[0], $cells->dy[0], $cells->dz[0]) / 2;

        return new self(2 * $thinnest + $between, 2 * $thickest + $between, $at, $between);
    }
}
