<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Simulated;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** How the readings of an instrument scatter and drop out; the same seed gives the same. */
final class Noise
{
    private readonly Randomizer $randomizer;

    /** @param float $deviation one standard deviation, in the unit of what is read; @param float $lost share of readings that drop out */
    public function __construct(int $seed, private readonly float $deviation, private readonly float $lost = 0.0)
    {
        $this->randomizer = new Randomizer(new Mt19937($seed));
    }

    /** The reading of a true value; null where it dropped out. Source: Box-Muller rule. */
    public function read(float $true): ?float
    {
        $reading = $true + $this->deviation * sqrt(-2 * log($this->share())) * cos(2 * \M_PI * $this->share());

        return $this->share() < $this->lost ? null : $reading;
    }

    /** Above 0, up to 1. */
    private function share(): float
    {
        return $this->randomizer->getInt(1, 1_000_000) / 1_000_000;
    }
}
