<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Geometry\MeshShelf;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Geometry\SolidReader;
use MoltenNotes\Core\Geometry\Solids;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/**
 * Keeps what was read of a casting's body under the print of its sections: typing a temperature reads no body again. The cache belongs to
 * the code it was made by and goes with it.
 */
final readonly class CachedSolids implements Solids
{
    /** A casting that nobody has planned for a month is read again when somebody does. bin/start clears away what is older. */
    private const KEPT_S = 30 * 86_400;

    public function __construct(private CacheInterface $cache, private MeshShelf $meshes)
    {
    }

    public function read(Sections $sections): ?CastingGeometry
    {
        $mesh = $sections->mesh()?->mesh;
        if (null !== $mesh && !$this->meshes->has($mesh->id)) {
            // Not kept: its body may be at hand for somebody else, or again later.
            return null;
        }

        /** @var CastingGeometry|null */
        return $this->cache->get(
            'solid.'.$sections->fingerprint(),
            function (ItemInterface $item, bool &$save) use ($sections, $mesh): ?CastingGeometry {
                $item->expiresAfter(self::KEPT_S);
                $solid = SolidReader::read($sections, $this->meshes);
                // A body thrown away meanwhile is no fact about the casting.
                $save = null !== $solid || null === $mesh;

                return $solid;
            },
        );
    }
}
