<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan;

/** A riser where the plan counts it: the section it stands on, or none where only its size is known. */
final readonly class RiserSeat
{
    /** @param string $section id; empty where the casting is not told in sections, or the riser stands apart from its heaviest */
    public function __construct(public string $section, public Size $diameter, public Size $height, public Size $neck)
    {
    }
}
