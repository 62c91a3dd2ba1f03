<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use Doctrine\ORM\EntityManagerInterface;
use League\Flysystem\FilesystemException;
use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Geometry\Grid;
use MoltenNotes\Core\Geometry\LyingMesh;
use MoltenNotes\Core\Geometry\MeshCut;
use MoltenNotes\Core\Geometry\StlMesh;
use MoltenNotes\Core\Geometry\TurnedMesh;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\UnitTable;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

/** Reads one uploaded mesh in the worker, tells how far it is, and gives up when a file takes longer than any honest one. */
#[AsMessageHandler]
final readonly class ReadMeshHandler
{
    private const PIECE = 1 << 18;
    private const LONGEST_S = 60.0;
    private const TOLD_EVERY_S = 0.3;
    /** Cells that a plan is quickly made with; more only where walls are thin. */
    private const CELLS_AT_EASE = 100_000;

    public function __construct(private Meshes $meshes, private MeshStore $store, private EntityManagerInterface $storage)
    {
    }

    public function __invoke(ReadMesh $message): void
    {
        // The worker lives long; what another request wrote since must be seen.
        $this->storage->clear();
        $reading = $this->meshes->find($message->reading);
        if (null === $reading || in_array($reading->state(), ['done', 'refused'], true)) {
            return;
        }
        try {
            $reading->measured($this->measure($reading));
        } catch (CoreError $error) {
            $reading->refuse($error->errorCode(), $error->getMessage());
        } catch (MeshTooSlow $slow) {
            $reading->refuse('mesh.too_slow', $slow->getMessage());
        } catch (FilesystemException) {
            $reading->refuse('mesh.no_room', 'There is no room to keep this mesh now. Please send it again later.');
        }
        $this->storage->flush();
        $this->meshes->drop($reading);
    }

    /** @return array<string, mixed> in SI, as MeshAnswer reads it */
    private function measure(MeshReading $reading): array
    {
        $unit = UnitTable::get($reading->unit());
        $mesh = StlMesh::read($this->pieces($reading, 0.0, 0.5), $unit);
        $measured = [
            'volume' => $mesh->volume->si(),
            'area' => $mesh->area->si(),
            'box' => array_map(static fn (Length $side): float => $side->si(), $mesh->box),
            'triangles' => $mesh->triangles,
            'closed' => $mesh->closed,
            'faults' => $mesh->faults,
            'bytes' => filesize($this->meshes->file($reading)),
        ];
        $cut = MeshCut::of($this->pieces($reading, 0.5, 0.9), $unit, $mesh, self::CELLS_AT_EASE);
        if (null === $cut) {
            return $measured;
        }
        $turned = TurnedMesh::of($cut);
        if ($turned->isRough()) {
            $cut = MeshCut::of($this->pieces($reading, 0.9, 1.0), $unit, $mesh, Grid::MOST) ?? $cut;
            $turned = TurnedMesh::of($cut);
        }
        $this->store->keep($reading->caster(), $reading->id()->toRfc4122(), $this->meshes->file($reading), $cut->body);

        // All of it turned inside out was measured the right way round already.
        $whole = $cut->insideOut > 0.9 * $mesh->volume->si();

        return [
            // What several bodies share is metal once; a body that faces inwards is metal all the same.
            'volume' => max(0.0, $mesh->volume->si() - $cut->overlap + ($whole ? 0.0 : 2 * $cut->insideOut)),
            'faults' => [...$mesh->faults, ...$cut->faults, ...$this->rough($turned)],
            'pieces' => $cut->pieces,
            'thinnest' => $turned->thinnest,
            'thickest' => $turned->thickest,
            'ways' => array_map(
                static fn (LyingMesh $way): array => [
                    'up' => $way->up->value,
                    'box' => $way->box,
                    'high_points' => count($way->highPoints),
                    'open' => $way->open,
                    'partings' => $way->partings,
                    'best' => $way->best,
                    'steep' => $way->steep,
                    'thickest_at' => $way->thickestAt,
                    'front' => $way->front->drawn(1000)->shapes,
                ],
                $turned->ways,
            ),
        ] + $measured;
    }

    /** @return list<array{code: string, words: string}> */
    private function rough(TurnedMesh $turned): array
    {
        return $turned->isRough()
            ? [[
                'code' => 'mesh.rough',
                'words' => 'Its thinnest walls are met by fewer than three cells: what is said of them is rough.',
            ]]
            : [];
    }

    /**
     * @param float $from share of the work that is done before this pass, and after it
     *
     * @return iterable<string>
     */
    private function pieces(MeshReading $reading, float $from, float $to): iterable
    {
        $path = $this->meshes->file($reading);
        $file = is_file($path) ? fopen($path, 'r') : false;
        if (false === $file) {
            throw new MeshTooSlow('The file is no longer there. Please send it again.');
        }
        $size = max(1, (int) filesize($path));
        $started = $told = microtime(true);
        $read = 0;
        while (!feof($file)) {
            $piece = (string) fread($file, self::PIECE);
            $read += strlen($piece);
            $now = microtime(true);
            if ($now - $started > self::LONGEST_S) {
                throw new MeshTooSlow('This file takes too long to read. Thin the mesh out, or save it in the binary form.');
            }
            if ($now - $told > self::TOLD_EVERY_S) {
                $told = $now;
                $this->storage
                    ->getConnection()
                    ->executeStatement("UPDATE mesh_reading SET state = 'reading', share = ? WHERE id = ?", [
                        $from + ($to - $from) * ($read / $size),
                        $reading->id()->toBinary(),
                    ]);
            }
            yield $piece;
        }
        fclose($file);
    }
}
