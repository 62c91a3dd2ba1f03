<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use MoltenNotes\App\Shared\Http\Answer;

/** An instrument that was just connected, with the token that is told this once and never again. */
final readonly class NewInstrumentAnswer extends Answer
{
    public function __construct(public InstrumentAnswer $instrument, public string $token)
    {
    }
}
