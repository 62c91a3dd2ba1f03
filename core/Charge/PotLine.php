<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;

/** What one lot gave to a pot. */
final readonly class PotLine
{
    /**
     * @param Estimate $mass kg charged
     * @param Estimate $loss share that the melt takes of it, 0…0.9
     * @param Composition|null $composition null where nothing is known of it
     * @param string|null $form what it is: ingot, castings, returns; null where nobody said
     */
    public function __construct(
        public string $name,
        public Estimate $mass,
        public Estimate $loss,
        public ?Composition $composition,
        public float $remelts,
        public ChargedAs $as = ChargedAs::Cold,
        public ?string $form = null,
    ) {
    }

    /** kg that reach the pot. */
    public function arrives(): Estimate
    {
        return Estimate::through(Dimension::Mass, static fn (float $kg, float $loss): float => $kg * (1 - $loss), $this->mass, $this->loss);
    }
}
