<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * A mesh laid on each of its six sides, side by side: which way up it goes into the mould with the least trouble.
 *
 * The best first: least undercut, for what is locked in wants a core; then the fewest high points, for each wants a vent; then the lowest,
 * for sand and lift grow with the flask. Common practice. Metres.
 */
final readonly class TurnedMesh
{
    /** Undercuts that differ by less than this share of the metal are alike. */
    private const ALIKE = 0.005;

    /** @param non-empty-list<LyingMesh> $ways the best first */
    private function __construct(public float $thinnest, public float $thickest, public float $coarsest, public array $ways)
    {
    }

    /** Each way up, with what it costs. */
    public static function of(MeshCut $cut): self
    {
        $cells = $cut->body->laid(WayUp::AsDrawn);
        $thickness = Thickness::of($cells, DistanceTransform::of($cells));
        [$x, $y, $z] = $cells->place($thickness->at);
        $at = [$x + $cut->body->side(0) / 2, $y + $cut->body->side(1) / 2, $z];
        $metal = array_sum($cells->part) * array_product($cut->body->edge);
        $ways = array_map(static fn (WayUp $up): LyingMesh => LyingMesh::of($cut->body, $up, $cut->steep, $at), WayUp::cases());
        $cost = static fn (LyingMesh $way): array => [
            (int) round($way->best[1] / (self::ALIKE * $metal)),
            count($way->highPoints),
            round($way->box[2], 4),
        ];
        usort($ways, static fn (LyingMesh $a, LyingMesh $b): int => $cost($a) <=> $cost($b));

        return new self($thickness->thinnest, $thickness->thickest, $cut->body->coarsest(), $ways);
    }

    /** Whether walls are met by fewer than three cells: then what is said of them is rough. */
    public function isRough(): bool
    {
        return $this->thinnest < 3 * $this->coarsest;
    }
}
