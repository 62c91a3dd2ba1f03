<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** Where the bodies of castings are read. Reading one takes a moment, so whoever can keeps what was read. */
interface Solids
{
    /** Null as for SolidReader::read. */
    public function read(Sections $sections): ?CastingGeometry;
}
