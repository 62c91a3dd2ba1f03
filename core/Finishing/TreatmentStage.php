<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Finishing;

use MoltenNotes\Core\Quantity\Estimate;

/** One hold of a heat treatment. */
final readonly class TreatmentStage
{
    /** @param float $lowC °C, as the oven is set; $highC above it nothing gets; $hold s at that heat; $then how it is cooled */
    public function __construct(
        public string $label,
        public float $lowC,
        public float $highC,
        public Estimate $hold,
        public string $then,
    ) {
    }
}
