<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Geometry\StlMesh;
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

    public function __construct(private Meshes $meshes, private EntityManagerInterface $storage)
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
            $mesh = StlMesh::read($this->pieces($reading), UnitTable::get($reading->unit()));
            $reading->measured([
                'volume' => $mesh->volume->si(),
                'area' => $mesh->area->si(),
                'box' => array_map(static fn (Length $side): float => $side->si(), $mesh->box),
                'triangles' => $mesh->triangles,
                'closed' => $mesh->closed,
                'faults' => $mesh->faults,
            ]);
        } catch (CoreError $error) {
            $reading->refuse($error->errorCode(), $error->getMessage());
        } catch (MeshTooSlow $slow) {
            $reading->refuse('mesh.too_slow', $slow->getMessage());
        }
        $this->storage->flush();
        $this->meshes->drop($reading);
    }

    /** @return iterable<string> */
    private function pieces(MeshReading $reading): iterable
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
                        $read / $size,
                        $reading->id()->toBinary(),
                    ]);
            }
            yield $piece;
        }
        fclose($file);
    }
}
