<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Shared\Http\Answer;

/** A page of what was done to a record, the latest first. */
final readonly class HistoryAnswer extends Answer
{
    /**
     * @param list<HistoryCommandAnswer> $commands
     * @param int|null $older the page before this one begins there
     */
    public function __construct(public array $commands, public ?int $older)
    {
    }
}
