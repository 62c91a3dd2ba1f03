<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\Measurement;

/** One line of a change sheet: which plan value goes from what to what, against which cause. */
final readonly class Change
{
    /** @param string $open where the record does not say enough for an amount: the range it lies in and what would narrow it */
    public function __construct(
        public Remedy $remedy,
        public Measurement|Sections|string|int|bool|null $old,
        public Measurement|Sections|string|int|bool|null $new,
        public string $open = '',
    ) {
    }
}
