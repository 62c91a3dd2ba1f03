<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan;

use MoltenNotes\Core\Feeding\Riser;
use MoltenNotes\Core\Feeding\RiserKind;
use MoltenNotes\Core\Quantity\Length;

/** A riser where the plan counts it: the section it stands on, or none where only its size is known. */
final readonly class RiserSeat
{
    /** @param string $section id; empty where the casting is not told in sections, or the riser stands apart from its heaviest */
    public function __construct(
        public string $section,
        public Size $diameter,
        public Size $height,
        public Size $neck,
        public RiserKind $kind = new RiserKind(),
    ) {
    }

    /** Metal in it, m³. */
    public function volume(): float
    {
        return $this->kind->volume($this->diameter->metres, $this->height->metres);
    }

    /** Its volume over the face that cools it, m. */
    public function modulus(): float
    {
        return Riser::modulusOf(Length::fromSi($this->diameter->metres), Length::fromSi($this->height->metres), $this->kind)->si();
    }
}
