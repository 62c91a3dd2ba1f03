<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\Core\Record\FieldProblem;

/** What became of the readings that an instrument sent. */
final readonly class TakenReadingsAnswer extends Answer
{
    /**
     * @param int $accepted readings that were new
     * @param int $known readings that were there already
     * @param list<FieldProblem> $refused the first of those that could not be read
     */
    public function __construct(public int $accepted, public int $known, public array $refused)
    {
    }
}
