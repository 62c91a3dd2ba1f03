<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Geometry\SolidReader;
use MoltenNotes\Core\Geometry\Solids;
use Symfony\Contracts\Cache\CacheInterface;

/**
 * Keeps what was read of a casting's body under the print of its sections: typing a temperature reads no body again. The cache belongs to
 * the code it was made by and goes with it.
 */
final readonly class CachedSolids implements Solids
{
    public function __construct(private CacheInterface $cache)
    {
    }

    public function read(Sections $sections, array $measured): ?CastingGeometry
    {
        /** @var CastingGeometry|null */
        return $this->cache->get(
            'solid.'.$sections->fingerprint(),
            static fn (): ?CastingGeometry => SolidReader::read($sections, $measured),
        );
    }
}
