<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Pattern;

use MoltenNotes\Core\Quantity\Ratio;

/**
 * How much larger the pattern must be: F = Π 1 / (1 − c_i), one factor for each casting step (print → silicone → wax → metal).
 *
 * c: linear contraction of each step, 0…0.1 as a fraction. Source: common practice (contraction rules); the product is derived.
 */
final readonly class Contraction
{
    /** @param list<Ratio> $steps */
    private function __construct(public float $factor, public array $steps)
    {
    }

    /** Each step below 1 (a fraction of its length). Source: as the class says. */
    public static function of(Ratio ...$steps): self
    {
        $factor = 1.0;
        foreach ($steps as $step) {
            $factor /= 1 - $step->si();
        }

        return new self($factor, array_values($steps));
    }

    /** Share of a pattern's volume that is left when cold: (1 − c)³ for each step. */
    public function volumeLeft(): float
    {
        return $this->factor ** -3;
    }
}
