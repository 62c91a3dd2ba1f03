<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

/** How metal came into the pot: what a melt does to its elements hangs on that. */
enum ChargedAs: string
{
    /** Melted from cold. */
    case Cold = 'cold';
    /** Stirred into metal that was liquid. */
    case Stirred = 'stirred';
    /** It is the metal that was liquid: what burns off has burnt off. */
    case Liquid = 'liquid';
}
