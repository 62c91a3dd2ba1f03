<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use MoltenNotes\App\Shared\Http\Answer;

/** The instruments of a workshop. */
final readonly class InstrumentListAnswer extends Answer
{
    /** @param list<InstrumentAnswer> $instruments newest first; those that were revoked last */
    public function __construct(public array $instruments)
    {
    }
}
