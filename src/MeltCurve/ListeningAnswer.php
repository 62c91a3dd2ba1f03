<?php

declare(strict_types=1);

namespace MoltenNotes\App\MeltCurve;

use MoltenNotes\App\Instruments\InstrumentAnswer;
use MoltenNotes\App\Shared\Http\Answer;

/** An instrument that a melt listens to, and between which seconds. */
final readonly class ListeningAnswer extends Answer
{
    protected const AMONG_ITS_OWN = 'instrument';

    /** @param float|null $to null: it goes on */
    public function __construct(public InstrumentAnswer $instrument, public float $from, public ?float $to)
    {
    }
}
