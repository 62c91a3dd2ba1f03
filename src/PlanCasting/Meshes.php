<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Storage\Folder;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use Psr\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Uid\Uuid;

/** Takes uploaded meshes in for the worker, a few at a time for each caster, and finds them again. */
final readonly class Meshes
{
    public const UNITS = ['mm', 'cm', 'm', 'in'];
    private const PIECE = 1 << 18;
    private const MOST_BYTES = 200_000_000;
    private const MOST_WAITING = 3;
    /** What no attempt is made of goes after as long as the bin keeps things: an attempt may still be brought back. */
    private const KEPT = '-31 days';
    /** What one caster may keep. */
    private const MOST_KEPT_BYTES = 2_000_000_000;

    public function __construct(
        private EntityManagerInterface $storage,
        private MessageBusInterface $bus,
        private ClockInterface $clock,
        private MeshStore $store,
        #[Autowire('%env(resolve:MOLTEN_VAR_DIR)%/meshes')]
        private string $dir,
    ) {
    }

    /** @param resource $body the file as it came */
    public function take(mixed $body, string $unit, Caster $caster): MeshReading
    {
        if (!in_array($unit, self::UNITS, true)) {
            throw RejectedRecord::because([
                new FieldProblem('/unit', 'mesh.unit', 'Say in what unit the mesh was drawn: mm, cm, m or in. The file does not.'),
            ]);
        }
        $this->makeRoom($caster);
        $reading = new MeshReading(
            Uuid::v7(),
            $this->storage->getReference(Caster::class, $caster->id()) ?? $caster,
            $unit,
            $this->clock->now(),
        );
        $this->store($body, $this->file($reading));
        $this->storage->persist($reading);
        $this->storage->flush();
        $this->bus->dispatch(new ReadMesh($reading->id()->toRfc4122()));

        return $reading;
    }

    public function find(string $id, ?Caster $caster = null): ?MeshReading
    {
        $reading = Uuid::isValid($id) ? $this->storage->find(MeshReading::class, Uuid::fromString($id)) : null;

        return null === $caster || true === $reading?->caster()->id()->equals($caster->id()) ? $reading : null;
    }

    public function file(MeshReading $reading): string
    {
        return "{$this->dir}/{$reading->id()->toRfc4122()}.stl";
    }

    public function drop(MeshReading $reading): void
    {
        if (is_file($this->file($reading))) {
            unlink($this->file($reading));
        }
    }

    private function makeRoom(Caster $caster): void
    {
        $connection = $this->storage->getConnection();
        foreach ($this->unused($caster) as $reading) {
            $this->store->drop($caster, $reading->id()->toRfc4122());
            $this->storage->remove($reading);
        }
        $this->storage->flush();
        $kept = $connection->fetchOne(
            "SELECT COALESCE(SUM(JSON_VALUE(answer, '$.bytes')), 0) FROM mesh_reading WHERE caster_id = ?",
            [$caster->id()->toBinary()],
        );
        if (is_numeric($kept) && (float) $kept > self::MOST_KEPT_BYTES) {
            throw new HttpException(413, 'Your kept meshes take all the room there is for them. Take some out of their castings first.');
        }
        $waiting = $connection->fetchOne("SELECT COUNT(*) FROM mesh_reading WHERE caster_id = ? AND state IN ('waiting', 'reading')", [
            $caster->id()->toBinary(),
        ]);
        if (is_numeric($waiting) && (int) $waiting >= self::MOST_WAITING) {
            throw new TooManyRequestsHttpException(10, 'Meshes of this caster are waiting already.');
        }
    }

    /** @return list<MeshReading> old ones that no attempt of the caster is made of */
    private function unused(Caster $caster): array
    {
        /** @var list<MeshReading> $old */
        $old = $this->storage
            ->createQuery('SELECT r FROM '.MeshReading::class.' r WHERE r.caster = :caster AND r.createdAt < :before')
            ->setParameter('caster', $caster->id(), 'uuid')
            ->setParameter('before', $this->clock->now()->modify(self::KEPT))
            ->getResult();
        $connection = $this->storage->getConnection();

        return array_values(array_filter($old, static fn (MeshReading $reading): bool => false === $connection->fetchOne(
            'SELECT 1 FROM attempt_value JOIN attempt ON attempt.id = attempt_value.attempt_id '
                .'WHERE attempt.caster_id = ? AND words LIKE ? LIMIT 1',
            [$caster->id()->toBinary(), '%"mesh":"'.$reading->id()->toRfc4122().'"%'],
        )));
    }

    /** @param resource $body */
    private function store(mixed $body, string $file): void
    {
        Folder::insist($this->dir);
        $out = fopen($file, 'w');
        if (false === $out) {
            throw new \RuntimeException("{$file} cannot be written.");
        }
        $bytes = 0;
        while (!feof($body)) {
            $piece = (string) fread($body, self::PIECE);
            $bytes += strlen($piece);
            if ($bytes > self::MOST_BYTES || fwrite($out, $piece) !== strlen($piece)) {
                fclose($out);
                unlink($file);
                throw new HttpException($bytes > self::MOST_BYTES ? 413 : 507, 'The mesh could not be taken in.');
            }
        }
        fclose($out);
    }
}
