<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** Reads each body once and keeps the last few: the same sections always say the same. */
final readonly class FreshSolids implements Solids
{
    private const KEPT = 64;

    public function __construct(private ?MeshShelf $meshes = null)
    {
    }

    public function read(Sections $sections): ?CastingGeometry
    {
        $mesh = $sections->mesh()?->mesh;
        if (null !== $mesh && true !== $this->meshes?->has($mesh->id)) {
            return null;
        }
        /** @var array<string, CastingGeometry|null> $read */
        static $read = [];
        $print = $sections->fingerprint();
        if (!array_key_exists($print, $read)) {
            $read = array_slice($read, 1 - self::KEPT, null, true);
            $read[$print] = SolidReader::read($sections, $this->meshes);
        }

        return $read[$print];
    }
}
