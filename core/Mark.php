<?php

declare(strict_types=1);

namespace MoltenNotes\Core;

/** How far a figure of the trade can be trusted. Every row of every table carries one. */
enum Mark: string
{
    /** Printed in a textbook, standard or handbook that was checked. */
    case Published = 'published';
    /** Printed in a source, but written down here from memory. */
    case RecalledFromMemory = 'recalled';
    /** What the trade does, without one source. */
    case CommonPractice = 'practice';
    /** Follows from other figures here. */
    case Derived = 'derived';
}
