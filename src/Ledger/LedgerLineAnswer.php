<?php

declare(strict_types=1);

namespace MoltenNotes\App\Ledger;

use MoltenNotes\App\LogPour\AttemptLineAnswer;
use MoltenNotes\App\Shared\Http\Answer;

/** An attempt in the ledger, with the kinds of defects found. */
final readonly class LedgerLineAnswer extends Answer
{
    protected const AMONG_ITS_OWN = 'line';

    /** @param list<string> $findings */
    public function __construct(public AttemptLineAnswer $line, public array $findings)
    {
    }
}
