<?php

declare(strict_types=1);

namespace MoltenNotes\App\Ledger;

use MoltenNotes\App\Shared\Http\Answer;

/** A page of attempts, the latest first. */
final readonly class LedgerAnswer extends Answer
{
    /** @param list<LedgerLineAnswer> $attempts */
    public function __construct(public int $total, public bool $more, public ?string $older, public array $attempts)
    {
    }
}
