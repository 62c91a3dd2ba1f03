<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Geometry;

use MoltenNotes\Core\Geometry\StlMesh;
use MoltenNotes\Core\Geometry\UnreadableMesh;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Tests\Support\Meshes;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Meshes are held against admesh and against what geometry says. */
final class StlMeshTest extends TestCase
{
    public function testABoxMeasuresWhatItIs(): void
    {
        $mesh = self::read(Meshes::binary(Meshes::box([20, 30, 40])));

        self::assertEqualsWithDelta(24.0, $mesh->volume->in('cm3'), 1e-6);
        self::assertEqualsWithDelta(52.0, $mesh->area->in('cm2'), 1e-6);
        self::assertEqualsWithDelta(40.0, $mesh->box[2]->in('mm'), 1e-6);
        self::assertTrue($mesh->closed);
        self::assertSame([], $mesh->faults);
    }

    public function testAgreesWithAdmesh(): void
    {
        foreach ([Meshes::box([20, 30, 40], [500, -300, 70]), Meshes::torus(40, 9, 60)] as $index => $triangles) {
            $stl = Meshes::binary($triangles);
            $file = tempnam(sys_get_temp_dir(), 'mesh').'.stl';
            file_put_contents($file, $stl);
            $out = (new Process(['admesh', $file]))->mustRun()->getOutput();
            unlink($file);
            self::assertSame(1, preg_match('/Volume\s*:\s*([\d.]+)/', $out, $volume), $out);
            self::assertSame(1, preg_match('/Min X = *([-\d.]+), Max X = *([-\d.]+)/', $out, $x), $out);
            $mesh = self::read($stl);

            self::assertEqualsWithDelta(1.0, $mesh->volume->in('mm3') / (float) $volume[1], 2e-5, "mesh {$index}");
            self::assertEqualsWithDelta((float) $x[2] - (float) $x[1], $mesh->box[0]->in('mm'), 1e-3);
            self::assertTrue($mesh->closed);
        }
    }

    /** A torus: V = 2π²Rr², A = 4π²Rr, from above by the facets. */
    public function testATorusComesNearItsFormula(): void
    {
        $mesh = self::read(Meshes::binary(Meshes::torus(40, 10, 200)));

        self::assertEqualsWithDelta(1.0, $mesh->volume->in('mm3') / (2 * \M_PI ** 2 * 40 * 100), 2e-3);
        self::assertEqualsWithDelta(1.0, $mesh->area->in('mm2') / (4 * \M_PI ** 2 * 40 * 10), 2e-3);
    }

    public function testTextAndBinaryReadTheSameWhateverThePieces(): void
    {
        $triangles = Meshes::torus(30, 8, 24);
        $whole = self::read(Meshes::binary($triangles));
        foreach ([1, 7, 1000, 65536] as $size) {
            $text = self::read(Meshes::ascii($triangles), $size);
            $binary = self::read(Meshes::binary($triangles), $size);
            self::assertSame($whole->volume->si(), $binary->volume->si());
            self::assertEqualsWithDelta(1.0, $text->volume->si() / $whole->volume->si(), 1e-6);
            self::assertTrue($text->closed);
        }
    }

    public function testScalingAMeshScalesItsVolumeByTheCube(): void
    {
        $small = self::read(Meshes::binary(Meshes::torus(10, 3, 30)));
        foreach ([2, 5, 12.5] as $factor) {
            $large = self::read(Meshes::binary(Meshes::torus(10 * $factor, 3 * $factor, 30)));
            self::assertEqualsWithDelta($factor ** 3, $large->volume->si() / $small->volume->si(), 1e-4 * $factor ** 3);
        }
        $inches = StlMesh::read([Meshes::binary(Meshes::box([1, 1, 1]))], UnitTable::get('in'));
        self::assertEqualsWithDelta(16.387064, $inches->volume->in('cm3'), 1e-6);
    }

    public function testBrokenMeshesSayWhatIsWrongAndWhatCanBeUsed(): void
    {
        $box = Meshes::box([20, 30, 40]);
        $open = self::read(Meshes::binary(array_slice($box, 1)));
        self::assertFalse($open->closed);
        self::assertSame('mesh.open', $open->faults[0]['code']);
        self::assertEqualsWithDelta(40.0, $open->box[2]->in('mm'), 1e-6);

        $turned = $box;
        $turned[0] = array_reverse($turned[0]);
        self::assertSame('mesh.turned', self::read(Meshes::binary($turned))->faults[0]['code']);

        $inside = self::read(Meshes::binary(array_map(array_reverse(...), $box)));
        self::assertSame('mesh.inside_out', $inside->faults[0]['code']);
        self::assertEqualsWithDelta(24.0, $inside->volume->in('cm3'), 1e-6);

        $flat = self::read(Meshes::binary([...$box, [[0, 0, 0], [0, 0, 0], [1, 1, 1]]]));
        self::assertTrue($flat->closed);
        self::assertSame('mesh.flat', $flat->faults[0]['code']);
    }

    public function testAFileThatBreaksOffIsRefused(): void
    {
        $this->expectException(UnreadableMesh::class);
        $this->expectExceptionMessage('breaks off');

        self::read(substr(Meshes::binary(Meshes::box([1, 1, 1])), 0, -20));
    }

    public function testTextWithoutAnEndOfItsFacetIsGivenUpAtOnce(): void
    {
        $given = 0;
        // A reader that kept looking for the end would search everything it has, again with every piece.
        $pieces = (static function () use (&$given): \Generator {
            yield "solid box\nfacet normal 0 0 1\n";
            for ($piece = 0; $piece < 1000; ++$piece, $given += 7800) {
                yield str_repeat('vertex 0 0 0 ', 600);
            }
        })();
        try {
            StlMesh::read($pieces, UnitTable::get('mm'));
            self::fail('it was read to its end');
        } catch (UnreadableMesh $error) {
            self::assertSame('mesh.endless', $error->errorCode());
        }
        self::assertLessThan(100_000, $given);
    }

    public function testWhatIsNoMeshIsRefused(): void
    {
        $this->expectException(UnreadableMesh::class);

        self::read('hello');
    }

    private static function read(string $stl, int $size = 8192): StlMesh
    {
        return StlMesh::read(Meshes::pieces($stl, $size), UnitTable::get('mm'));
    }
}
