<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Working\Working;

/** One thing to weigh out and stir in. */
final readonly class CorrectionLine
{
    /** @param Estimate $mass kg */
    public function __construct(public Addition $addition, public Estimate $mass, public Working $working)
    {
    }
}
