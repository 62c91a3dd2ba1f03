<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Simulated;

use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;

/** The air of a made-up yard over a day, and a coated pattern drying in it on a scale. Derived; the figures are made up. */
final readonly class SimulatedYard
{
    private const DAY_S = 86400.0;

    /** @param Temperature $mean of the day @param Ratio $humid relative humidity at that mean, 0…1 */
    public function __construct(private Temperature $mean, private Ratio $humid)
    {
    }

    /** Coldest at five in the morning, six kelvin each way. */
    public function air(Time $sinceMidnight): Temperature
    {
        return Temperature::fromSi($this->mean->si() - 6 * cos((2 * \M_PI * ($sinceMidnight->si() - 5 * 3600)) / self::DAY_S));
    }

    /** The same water in warmer air: relative humidity falls as the saturation pressure rises. Magnus formula, WMO coefficients. */
    public function humidity(Time $sinceMidnight): Ratio
    {
        $saturation = static fn (Temperature $air): float => exp((17.62 * $air->celsius()) / (243.12 + $air->celsius()));

        return Ratio::fromSi(min(1.0, $this->humid->si() * $saturation($this->mean) / $saturation($this->air($sinceMidnight))));
    }

    /** Mass on the scale: what is dry stays, the water goes as a share of what is left; drying time constant above zero. */
    public function drying(Mass $dry, Mass $water, Time $constant, Time $elapsed): Mass
    {
        return Mass::fromSi($dry->si() + $water->si() * exp(-$elapsed->si() / $constant->si()));
    }
}
