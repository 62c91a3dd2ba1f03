<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Unit;
use MoltenNotes\Core\Quantity\Volume;

/**
 * Volume, surface and box of a triangle mesh, read from pieces of an STL file (binary or ASCII) in one pass and in bounded memory.
 *
 * V = Σ v₁·(v₂ × v₃) / 6 over all facets, taken from the first vertex so that a mesh far from the origin keeps its figures; A = Σ |e₁ ×
 * e₂| / 2.
 * Source: the divergence theorem.
 *
 * Whether it is closed is told without storing edges: each edge adds a number of its own, with the sign of its direction to one sum and by
 * exclusive or to another. In a closed mesh whose facets all face outwards every edge is met once each way and the sum is zero; where
 * facets
 * only face the wrong way the exclusive or is still zero. A false "closed" has a chance of about one in 10¹⁵.
 */
final readonly class StlMesh
{
    /**
     * @param Volume $volume zero where nothing was read
     * @param array{Length, Length, Length} $box
     * @param array{float, float, float} $low corner of the box, in the unit of the mesh
     * @param int $triangles read, those without area too
     * @param list<array{code: string, words: string}> $faults what is wrong, plainest first; empty for a sound mesh
     */
    private function __construct(
        public Volume $volume,
        public Area $area,
        public array $box,
        public array $low,
        public int $triangles,
        public bool $closed,
        public array $faults,
    ) {
    }

    /**
     * @param iterable<string> $pieces the file in order, pieces of any size
     * @param Unit $unit length unit of its numbers: a mesh does not say
     *
     * @throws UnreadableMesh when it is no STL file, or broken off
     */
    public static function read(iterable $pieces, Unit $unit): self
    {
        $tally = new MeshTally();
        StlFile::feed($pieces, $tally);

        return self::of($tally, $unit->factor);
    }

    private static function of(MeshTally $tally, float $metre): self
    {
        $faults = $tally->faults();
        $size = static fn (float $low, float $high): Length => Length::fromSi(max(0.0, $high - $low) * $metre);

        return new self(
            Volume::fromSi(abs($tally->volume) * $metre ** 3),
            Area::fromSi($tally->area * $metre ** 2),
            [$size($tally->low[0], $tally->high[0]), $size($tally->low[1], $tally->high[1]), $size($tally->low[2], $tally->high[2])],
            $tally->low,
            $tally->triangles,
            $tally->isClosed(),
            $faults,
        );
    }
}
