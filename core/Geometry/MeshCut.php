<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

use MoltenNotes\Core\Quantity\Unit;

/**
 * Cuts a mesh into cells and says what is wrong with it, with where: open places, bodies inside out, bodies that lie in one another, and
 * loose pieces.
 *
 * Along an upright line through each column of cells it is counted how often the mesh was gone into and come out of: once in is metal, more
 * is an overlap, less than nothing a body inside out, and a line that ends inside has passed a hole. Source: winding number, published.
 */
final readonly class MeshCut
{
    /** A piece smaller than this share of the whole is a crumb of the cutting. */
    private const CRUMB = 1e-4;
    /** Bodies that share less than this of a cell touch, no more. */
    private const TOUCHING = 1e-3;
    /** So few columns with a hole come of rounding. */
    private const SLIPS = 1;

    /**
     * @param float $overlap volume that several bodies hold, counted once too often for each, m³
     * @param float $insideOut volume of bodies that face inwards, m³
     * @param array{float, float, float} $steep m² of face without draft along x, y and z of the drawing
     * @param list<array{code: string, words: string}> $faults
     */
    private function __construct(
        public MeshBody $body,
        public float $overlap,
        public float $insideOut,
        public array $steep,
        public int $pieces,
        public array $faults,
    ) {
    }

    /**
     * Null for a mesh without an inside.
     *
     * @param iterable<string> $pieces the file once more
     * @param StlMesh $mesh what was measured of it
     *
     * @throws UnreadableMesh
     */
    public static function of(iterable $pieces, Unit $unit, StlMesh $mesh, int $most): ?self
    {
        $size = array_map(static fn ($side): float => $side->si() / $unit->factor, $mesh->box);
        if (min($size) <= 0.0) {
            return null;
        }
        $count = self::count($size, $most);
        $edge = [$size[0] / $count[0], $size[1] / $count[1], $size[2] / $count[2]];
        $corner = [$mesh->low[0] - $edge[0], $mesh->low[1] - $edge[1], $mesh->low[2] - $edge[2]];
        [$nx, $ny, $nz] = [$count[0] + 2, $count[1] + 2, $count[2] + 2];
        $columns = new MeshColumns($corner, $edge, $nx, $ny);
        StlFile::feed($pieces, $columns);
        $metal = str_repeat('0', $nx * $ny * $nz);
        $where = ['open' => new MeshPlace(), 'overlap' => new MeshPlace(), 'inside_out' => new MeshPlace()];
        $filled = 0;
        foreach ($columns->meets as $column => $heights) {
            $turns = $columns->turns[$column];
            array_multisort($heights, $turns);
            $winding = 0;
            $from = 0.0;
            foreach ($heights as $index => $height) {
                if (0 !== $winding) {
                    for ($k = max(1, (int) ceil($from)), $to = min($nz - 1, (int) ceil($height)); $k < $to; ++$k) {
                        $metal[$column + $nx * $ny * $k] = '1';
                        ++$filled;
                    }
                    if (($winding > 1 || $winding < 0) && $height - $from > self::TOUCHING) {
                        // Exactly, for a thin overlap may lie between the middles of cells.
                        $place = $where[$winding > 1 ? 'overlap' : 'inside_out'];
                        $times = ($winding > 1 ? $winding - 1 : -$winding) * ($height - $from);
                        $place->add($column % $nx, intdiv($column, $nx), (int) round($from), $times / 2);
                        $place->add($column % $nx, intdiv($column, $nx), (int) round($height), $times / 2);
                    }
                }
                $winding += $turns[$index];
                $from = $height;
            }
            if (0 !== $winding) {
                $where['open']->add($column % $nx, intdiv($column, $nx), (int) round(max(0.0, min($nz - 1.0, $from))), 1);
            }
        }
        if (0 === $filled) {
            return null;
        }
        $scale = $unit->factor;
        $body = new MeshBody([$nx, $ny, $nz], [$edge[0] * $scale, $edge[1] * $scale, $edge[2] * $scale], $metal);
        $cell = array_product($body->edge);
        $islands = self::islands($metal, $nx, $ny, $filled);
        $say = static fn (MeshPlace $place): string => $place->words($corner, $edge);
        $faults = [];
        if ($where['open']->count > self::SLIPS) {
            $faults[] = ['code' => 'mesh.open_at', 'words' => 'An open place was met at '.$say($where['open']).'.'];
        }
        if ($where['inside_out']->count > 0) {
            $faults[] = ['code' => 'mesh.body_inside_out', 'words' => 'A body faces inwards at '.$say($where['inside_out']).'.'];
        }
        if ($where['overlap']->count > 0) {
            $faults[] = [
                'code' => 'mesh.overlap',
                'words' => 'Bodies lie in one another at '.$say($where['overlap']).'; what they share is counted once.',
            ];
        }
        foreach (array_slice($islands, 1) as $piece) {
            $faults[] = ['code' => 'mesh.pieces', 'words' => 'A loose piece lies at '.$say($piece).'.'];
        }

        return new self(
            $body,
            $where['overlap']->weight * $cell,
            $where['inside_out']->weight * $cell,
            [$columns->steep[0] * $scale ** 2, $columns->steep[1] * $scale ** 2, $columns->steep[2] * $scale ** 2],
            count($islands),
            $faults,
        );
    }

    /**
     * Cells along each side, nearly cubes, so that the box has faces of cells.
     *
     * @param array<float> $size
     *
     * @return array{int<1, max>, int<1, max>, int<1, max>}
     */
    private static function count(array $size, int $most): array
    {
        $edge = (array_product($size) / $most) ** (1 / 3);
        do {
            $count = array_map(static fn (float $side): int => max(1, (int) round($side / $edge)), array_values($size));
            $edge *= 1.02;
        } while (($count[0] + 2) * ($count[1] + 2) * ($count[2] + 2) > $most);

        return [max(1, $count[0]), max(1, $count[1]), max(1, $count[2])];
    }

    /**
     * Pieces of metal that do not touch, the largest first.
     *
     * @return non-empty-list<MeshPlace>
     */
    private static function islands(string $metal, int $nx, int $ny, int $filled): array
    {
        $islands = [];
        $steps = [1, -1, $nx, -$nx, $nx * $ny, -$nx * $ny];
        for ($at = strpos($metal, '1'); false !== $at; $at = strpos($metal, '1', $at)) {
            $place = new MeshPlace();
            $stack = [$at];
            $metal[$at] = '0';
            while ([] !== $stack) {
                $cell = array_pop($stack);
                $row = intdiv($cell, $nx);
                $place->add($cell % $nx, $row % $ny, intdiv($row, $ny), 1);
                foreach ($steps as $step) {
                    if ('1' === $metal[$cell + $step]) {
                        $metal[$cell + $step] = '0';
                        $stack[] = $cell + $step;
                    }
                }
            }
            $islands[] = $place;
        }
        usort($islands, static fn (MeshPlace $a, MeshPlace $b): int => $b->count <=> $a->count);
        $whole = array_values(array_filter($islands, static fn (MeshPlace $one): bool => $one->count > self::CRUMB * $filled));

        return [] === $whole ? [new MeshPlace()] : $whole;
    }
}
