<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** Where the bodies of kept meshes are found. */
interface MeshShelf
{
    /** Whether there is one of this name that is not somebody else's; asked often, so it reads nothing. */
    public function has(string $id): bool;

    /** Null where there is none of this name, or it is somebody else's. */
    public function body(string $id): ?MeshBody;
}
