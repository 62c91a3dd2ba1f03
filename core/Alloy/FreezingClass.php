<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Alloy;

/** How an alloy freezes: a short range builds a skin, a long one goes mushy. */
enum FreezingClass: string
{
    case Short = 'short';
    case Intermediate = 'intermediate';
    case Long = 'long';
}
