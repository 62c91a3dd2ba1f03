<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\TemperatureDifference;

/** How well one alloy of the table fits arrests that were found. */
final readonly class FittingAlloy
{
    /**
     * @param Ratio $share of all alloys of the table weighed together, 0…1
     * @param TemperatureDifference $upperOff found less table
     * @param TemperatureDifference|null $lowerOff null where one of them has none
     * @param bool $fits whether it lies within what chance, probe and grade allow
     */
    public function __construct(
        public Alloy $alloy,
        public Ratio $share,
        public TemperatureDifference $upperOff,
        public ?TemperatureDifference $lowerOff,
        public bool $fits,
    ) {
    }
}
