<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Working\Figure;

/** One thing to put on the scale, in the order of mixing. */
final readonly class MendLine
{
    /**
     * @param 'burnt_out'|'sand'|'clay'|'oil'|'catalyst'|'water' $code what is added or taken out
     * @param Figure $figure the mass, with its working
     * @param string $how what is done with it
     */
    public function __construct(public string $code, public Figure $figure, public string $how)
    {
    }
}
