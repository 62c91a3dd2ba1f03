<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Geometry;

use MoltenNotes\Core\Geometry\Cells;
use MoltenNotes\Core\Geometry\Contour;
use MoltenNotes\Core\Geometry\DistanceTransform;
use MoltenNotes\Core\Geometry\FlowWay;
use MoltenNotes\Core\Geometry\LyingMesh;
use MoltenNotes\Core\Geometry\MeshBody;
use MoltenNotes\Core\Geometry\MeshCut;
use MoltenNotes\Core\Geometry\StlMesh;
use MoltenNotes\Core\Geometry\Thickness;
use MoltenNotes\Core\Geometry\WayUp;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Tests\Support\Meshes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A mesh cut into cells: held against geometry, admesh and SciPy; and what its six sides cost as the one it lies on. */
final class MeshCutTest extends TestCase
{
    private const FEW = 20_000;

    public function testTheCellsHoldWhatTheFacetsEnclose(): void
    {
        $box = self::cut(Meshes::box([100, 50, 20], [-7, 3, 11]));
        self::assertEqualsWithDelta(100e-6, self::volume($box->body), 1e-12);

        $torus = self::cut(Meshes::torus(60, 12, 120));
        self::assertEqualsWithDelta(2 * \M_PI ** 2 * 60 * 144 * 1e-9, self::volume($torus->body), 3e-6);
        self::assertSame([], $torus->faults);
    }

    public function testWhatIsWrongIsSaidWithWhere(): void
    {
        $plate = Meshes::box([100, 50, 20]);
        $loose = self::cut([...$plate, ...Meshes::box([10, 10, 10], [150, 20, 5])]);
        self::assertSame(['mesh.pieces'], array_column($loose->faults, 'code'));
        self::assertMatchesRegularExpression('/x 15[01]\S* to 160/', $loose->faults[0]['words']);

        $overlap = self::cut([...$plate, ...Meshes::box([30, 30, 30], [50, 10, 10])]);
        self::assertSame(['mesh.overlap'], array_column($overlap->faults, 'code'));
        self::assertEqualsWithDelta(9e-6, $overlap->overlap, 1.2e-6);

        $turned = array_map(
            static fn (array $facet): array => [$facet[0], $facet[2], $facet[1]],
            Meshes::box([30, 30, 30], [50, 10, 40]),
        );
        $inside = self::cut([...$plate, ...$turned]);
        self::assertContains('mesh.body_inside_out', array_column($inside->faults, 'code'));
        self::assertEqualsWithDelta(27e-6, $inside->insideOut, 4e-6);

        unset($plate[2]);
        $open = self::cut(array_values($plate));
        self::assertContains('mesh.open_at', array_column($open->faults, 'code'));
    }

    /** A hollow body is drawn as a body within a body that faces the other way: no fault, and no metal in it. */
    public function testAHollowIsNoFault(): void
    {
        $hollow = array_map(static fn (array $facet): array => [$facet[0], $facet[2], $facet[1]], Meshes::box([20, 20, 20], [10, 10, 10]));
        $cut = self::cut([...Meshes::box([40, 40, 40]), ...$hollow]);

        self::assertSame([], $cut->faults);
        self::assertEqualsWithDelta(56e-6, self::volume($cut->body), 4e-6);
    }

    /** Parts as admesh counts them. */
    public function testPiecesAgreeWithAdmesh(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'mesh');
        try {
            foreach ([1, 2, 3] as $count) {
                $facets = [];
                for ($i = 0; $i < $count; ++$i) {
                    foreach (Meshes::torus(20, 5, 20) as $facet) {
                        $facets[] = array_map(static fn (array $at): array => [$at[0] + 60.0 * $i, $at[1], $at[2]], $facet);
                    }
                }
                file_put_contents($file, Meshes::binary($facets));
                $said = (new Process(['admesh', $file]))->mustRun()->getOutput();
                self::assertSame(1, preg_match('/Number of parts\s*:\s*(\d+)/', $said, $parts), $said);
                self::assertSame((int) $parts[1], self::cut($facets)->pieces);
            }
        } finally {
            unlink($file);
        }
    }

    /**
     * SciPy measures from middle to middle of cells, here it is to the nearest face: between half an edge and half a diagonal less. Ways of
     * the metal are the shortest of the same graph that SciPy solves.
     */
    public function testDistancesAndWaysAgreeWithSciPy(): void
    {
        $body = self::cut(Meshes::torus(60, 14, 60), 4000)->body;
        $cells = $body->laid(WayUp::AsDrawn);
        $distance = DistanceTransform::of($cells);
        $gate = (int) array_key_first(array_filter($cells->part));
        $way = FlowWay::of($cells, [$gate]);
        $python = <<<'PY'
            import json, sys, numpy as np
            from scipy.ndimage import distance_transform_edt
            from scipy.sparse import coo_matrix
            from scipy.sparse.csgraph import dijkstra
            d = json.load(sys.stdin)
            nz, ny, nx = d['n'][2], d['n'][1], d['n'][0]
            m = np.array(d['part']).reshape(nz, ny, nx)
            e = d['edge']
            edt = distance_transform_edt(m, sampling=(e[2], e[1], e[0]))
            r, c, w = [], [], []
            for cell in np.flatnonzero(m.ravel()):
                k, j, i = np.unravel_index(cell, m.shape)
                for a in (-1, 0, 1):
                    for b in (-1, 0, 1):
                        for g in (-1, 0, 1):
                            if (a or b or g) and m[k + a, j + b, i + g]:
                                r.append(cell); c.append(np.ravel_multi_index((k + a, j + b, i + g), m.shape))
                                w.append((a * a * e[2] ** 2 + b * b * e[1] ** 2 + g * g * e[0] ** 2) ** 0.5)
            far = dijkstra(coo_matrix((w, (r, c)), shape=(m.size, m.size)).tocsr(), indices=d['gate'])
            print(json.dumps([edt.ravel().tolist(), [x if np.isfinite(x) else -1 for x in far]]))
            PY;
        $process = new Process(['/usr/bin/python3', '-c', $python]);
        $process->setInput(json_encode(
            ['part' => $cells->part, 'n' => [$cells->nx, $cells->ny, $cells->nz], 'edge' => $body->edge, 'gate' => $gate],
            \JSON_THROW_ON_ERROR,
        ));
        /** @var array{list<float>, list<float>} $theirs */
        $theirs = json_decode($process->mustRun()->getOutput(), true, 8, \JSON_THROW_ON_ERROR);
        $half = min($body->edge) / 2;
        $diagonal = sqrt(array_sum(array_map(static fn (float $edge): float => $edge ** 2, $body->edge))) / 2;
        $from = $way->distance[$gate];
        $metal = 0;
        foreach ($cells->part as $cell => $part) {
            if (0 === $part) {
                continue;
            }
            ++$metal;
            self::assertLessThanOrEqual($theirs[0][$cell] - $half + 1e-12, $distance[$cell]);
            self::assertGreaterThanOrEqual($theirs[0][$cell] - $diagonal - 1e-12, $distance[$cell]);
            self::assertEqualsWithDelta($theirs[1][$cell], ($way->distance[$cell] ?? -1.0) - $from, 1e-9);
        }
        self::assertGreaterThan(400, $metal);
    }

    public function testATurnChangesNothingButTheSideItLiesOn(): void
    {
        $facets = [...Meshes::box([60, 40, 10]), ...Meshes::box([12, 18, 20], [5, 5, 9.9])];
        $body = self::cut($facets)->body;
        $thick = [];
        foreach (WayUp::cases() as $up) {
            $cells = $body->laid($up);
            self::assertSame(array_sum($body->laid(WayUp::AsDrawn)->part), array_sum($cells->part));
            $thick[] = round(Thickness::of($cells, DistanceTransform::of($cells))->thickest, 12);
            [$axis] = $up->axes()[2];
            self::assertEqualsWithDelta($body->side($axis), ($cells->nz - 2) * $cells->dz[0], 1e-12);
        }
        self::assertCount(1, array_unique($thick));
        // Upside down the boss hangs under the plate: the middle of the metal lies as far from the top as it lay from the foot.
        $middle = static fn (Cells $cells): float => array_sum(
            array_map(static fn (int $cell): float => $cells->place($cell)[2], array_keys(array_filter($cells->part))),
        ) / array_sum($cells->part);
        self::assertEqualsWithDelta(
            $body->side(2),
            $middle($body->laid(WayUp::AsDrawn)) + $middle($body->laid(WayUp::UpsideDown)),
            1e-9,
        );
    }

    public function testThicknessIsThatOfWallAndLump(): void
    {
        $body = self::cut([...Meshes::box([100, 60, 8]), ...Meshes::box([30, 30, 32], [35, 15, 7.9])], 120_000)->body;
        $cells = $body->laid(WayUp::AsDrawn);
        $thickness = Thickness::of($cells, DistanceTransform::of($cells));

        self::assertEqualsWithDelta(0.008, $thickness->thinnest, $body->coarsest());
        self::assertEqualsWithDelta(0.030, $thickness->thickest, 1.5 * $body->coarsest());
    }

    /** A ball parted at its foot locks in half of the sand between it and its cylinder: π D³/24; parted at its middle none. */
    public function testUndercutOfABall(): void
    {
        $lies = self::lies(Meshes::ball(40, 48));
        [$foot] = $lies->partings;

        self::assertSame(0.0, $foot[0]);
        self::assertEqualsWithDelta((\M_PI * 0.04 ** 3) / 24, $foot[1], 0.06 * (\M_PI * 0.04 ** 3) / 24);
        self::assertEqualsWithDelta(0.02, $lies->best[0], 0.0015);
        self::assertLessThan(0.02 * $foot[1], $lies->best[1]);
        self::assertEqualsWithDelta((\M_PI * 0.04 ** 2) / 4, $lies->open, 3e-5);
    }

    /** A ring that lies parts at its middle without an undercut; stood up, the sand in its eye is locked in. */
    public function testARingLiesBetterThanItStands(): void
    {
        $ring = Meshes::torus(40, 8, 60);
        $lying = self::lies($ring);
        $standing = self::lies($ring, WayUp::OnLeft);

        self::assertEqualsWithDelta(0.008, $lying->best[0], 0.0012);
        self::assertLessThan(1e-7, $lying->best[1]);
        self::assertGreaterThan(20e-6, $standing->best[1]);
        self::assertCount(1, $lying->highPoints);
        self::assertGreaterThan($standing->open, $lying->open);
    }

    /** Walls of a box stand along every axis: none of its faces has draft that way but the two across it. */
    public function testWallsWithoutDraftAreCounted(): void
    {
        $steep = self::cut(Meshes::box([100, 50, 20]))->steep;

        self::assertEqualsWithDelta(2 * (100 * 50 + 100 * 20) * 1e-6, $steep[0], 1e-9);
        self::assertEqualsWithDelta(2 * (100 * 20 + 50 * 20) * 1e-6, $steep[2], 1e-9);
    }

    public function testOutlinesKeepCornersAndHoles(): void
    {
        $lies = self::lies(Meshes::box([100, 50, 20]));
        self::assertCount(1, $lies->front->shapes);
        self::assertCount(4, $lies->front->shapes[0]['outline']);

        $filled = [];
        foreach ([[1, 1], [2, 1], [3, 1], [1, 2], [3, 2], [1, 3], [2, 3], [3, 3]] as [$i, $j]) {
            $filled[$i + 5 * $j] = true;
        }
        $frame = Contour::of($filled, [0.5, 1.5, 2.5, 3.5, 4.5], [0.5, 1.5, 2.5, 3.5, 4.5]);
        self::assertCount(1, $frame->shapes);
        self::assertCount(1, $frame->shapes[0]['holes']);
    }

    public function testWhatIsKeptIsReadAgainAndNothingElseIs(): void
    {
        $body = self::cut(Meshes::torus(30, 6, 30), 5000)->body;
        $again = MeshBody::from($body->keep());

        self::assertEquals($body, $again);
        self::assertNull(MeshBody::from(''));
        self::assertNull(MeshBody::from('MNB1'.gzencode('[[2,2,2],[1,1,1]]'."\n".'0101')));
        self::assertNull(MeshBody::from('MNB1'.gzencode('nothing')));
    }

    /** @param list<list<array{float, float, float}>> $facets */
    #[DataProvider('flat')]
    public function testAMeshWithoutAnInsideIsNoBody(array $facets): void
    {
        $stl = Meshes::binary($facets);
        $unit = UnitTable::get('mm');

        self::assertNull(MeshCut::of([$stl], $unit, StlMesh::read([$stl], $unit), self::FEW));
    }

    /** @return iterable<string, array{list<list<array{float, float, float}>>}> */
    public static function flat(): iterable
    {
        yield 'one facet that lies' => [[[[0.0, 0.0, 0.0], [10.0, 0.0, 0.0], [0.0, 10.0, 0.0]]]];
        yield 'one facet that slants' => [[[[0.0, 0.0, 0.0], [10.0, 0.0, 3.0], [0.0, 10.0, 5.0]]]];
    }

    /** @param list<list<array{float, float, float}>> $facets */
    private static function cut(array $facets, int $most = self::FEW): MeshCut
    {
        $stl = Meshes::binary($facets);
        $unit = UnitTable::get('mm');
        $cut = MeshCut::of([$stl], $unit, StlMesh::read([$stl], $unit), $most);
        self::assertNotNull($cut);

        return $cut;
    }

    /** @param list<list<array{float, float, float}>> $facets */
    private static function lies(array $facets, WayUp $up = WayUp::AsDrawn): LyingMesh
    {
        $cut = self::cut($facets, 60_000);

        return LyingMesh::of($cut->body, $up, $cut->steep, [0.0, 0.0, 0.0]);
    }

    private static function volume(MeshBody $body): float
    {
        return array_sum($body->laid(WayUp::AsDrawn)->part) * array_product($body->edge);
    }
}
