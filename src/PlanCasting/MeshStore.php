<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use League\Flysystem\FilesystemException;
use League\Flysystem\FilesystemOperator;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Geometry\MeshBody;
use MoltenNotes\Core\Geometry\MeshShelf;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\AsAlias;
use Symfony\Component\Uid\Uuid;

/**
 * Keeps meshes that were read: the file as it came and its body as cells, each caster's apart. A plan finds only the bodies of the caster
 * who asks.
 */
#[AsAlias(MeshShelf::class)]
final readonly class MeshStore implements MeshShelf
{
    public function __construct(private FilesystemOperator $meshes, private Security $security)
    {
    }

    /**
     * @param string $file where it was taken in
     *
     * @throws FilesystemException
     */
    public function keep(Caster $caster, string $id, string $file, MeshBody $body): void
    {
        $from = fopen($file, 'r');
        if (false === $from) {
            throw new MeshTooSlow('The file is no longer there. Please send it again.');
        }
        try {
            $this->meshes->writeStream(self::path($caster, $id, 'stl'), $from);
        } finally {
            fclose($from);
        }
        $this->meshes->write(self::path($caster, $id, 'cells'), $body->keep());
        if ($this->meshes->fileSize(self::path($caster, $id, 'stl')) !== filesize($file)) {
            // A full disk ends a file early without a word.
            $this->drop($caster, $id);
            throw new MeshTooSlow('There was no room to keep the mesh. What was measured is not lost by sending it again later.');
        }
    }

    /** @throws FilesystemException */
    public function drop(Caster $caster, string $id): void
    {
        foreach (['stl', 'cells'] as $kind) {
            $this->meshes->delete(self::path($caster, $id, $kind));
        }
    }

    public function has(string $id): bool
    {
        $path = $this->own($id);
        try {
            return null !== $path && $this->meshes->fileExists($path);
        } catch (FilesystemException) {
            return false;
        }
    }

    public function body(string $id): ?MeshBody
    {
        $path = $this->own($id);
        try {
            return null === $path ? null : MeshBody::from($this->meshes->read($path));
        } catch (FilesystemException) {
            // Thrown away, or kept for somebody else: the plan says that its body is not at hand.
            return null;
        }
    }

    /** Where the cells of a mesh of the caster who asks would be. */
    private function own(string $id): ?string
    {
        $caster = $this->security->getUser();

        return $caster instanceof Caster && Uuid::isValid($id) ? self::path($caster, $id, 'cells') : null;
    }

    private static function path(Caster $caster, string $id, string $kind): string
    {
        return "{$caster->id()->toRfc4122()}/{$id}.{$kind}";
    }
}
