<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

/** What sort of answer a field takes. */
enum FieldKind: string
{
    case Choice = 'choice';
    case Quantity = 'quantity';
    case Count = 'count';
    case Flag = 'flag';
    case Text = 'text';
    case Sections = 'sections';
}
