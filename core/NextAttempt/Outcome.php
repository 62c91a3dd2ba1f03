<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

/** What became, or should become, of one defect in the next attempt. */
enum Outcome: string
{
    case Gone = 'gone';
    case Better = 'better';
    case Same = 'same';
    case Worse = 'worse';
    case NewDefect = 'new';
}
