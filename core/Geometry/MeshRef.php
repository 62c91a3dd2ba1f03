<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** Which kept mesh a section is, and which way up it lies. */
final readonly class MeshRef
{
    /** @param string $id of the reading that kept it */
    public function __construct(public string $id, public WayUp $up)
    {
    }
}
