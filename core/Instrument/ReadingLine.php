<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Instrument;

use MoltenNotes\Core\Quantity\Measurement;

/** One reading of an instrument: when, in seconds since 1970, and what. */
final readonly class ReadingLine
{
    public function __construct(public float $at, public Measurement $value)
    {
    }
}
