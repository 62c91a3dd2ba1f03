<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

/** Something stored that no longer fits the tables it was read with. It is kept, shown as it is, and takes part in no computation. */
final readonly class Unreadable
{
    /** @param string $what where it stands in the record: "made sand.moisture", "finding", "observation" */
    public function __construct(public string $what, public string $stored)
    {
    }
}
