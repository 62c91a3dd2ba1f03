<?php

declare(strict_types=1);

namespace MoltenNotes\App\Workshop;

use MoltenNotes\App\Shared\Http\Answer;

/** One thing of the workshop. */
final readonly class WorkshopRowAnswer extends Answer
{
    /** @param object $columns column → ToldAnswer */
    public function __construct(public string $id, public int $version, public object $columns)
    {
    }
}
