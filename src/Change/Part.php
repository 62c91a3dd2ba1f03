<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

/** What of a notebook is changed field by field, each with a version of its own. */
enum Part: string
{
    case Casting = 'casting';
    case Attempt = 'attempt';
    case Heat = 'heat';
    case Finding = 'finding';
    case Photo = 'photo';
    case WorkshopRow = 'workshop_row';
    case Movement = 'movement';
    case Workshop = 'workshop';
}
