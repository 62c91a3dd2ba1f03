<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Experience;

use MoltenNotes\Core\Charge\EnergySource;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\Values;

/**
 * What a melt drew, as it was measured: typed, by the meter before and after, or by what the bottle or the sack weighed before and after.
 *
 * E = E_after − E_before; E = (m_before − m_after) H with the heating value of the fuel (Data/energy_sources.php). A meter is read to a
 * tenth of a kilowatt-hour, a bottle weighed to fifty grams (common practice); that is all the spread of a difference there is.
 */
final readonly class DrawnEnergy
{
    private const METER_STEP_J = 0.05 * 3.6e6;
    private const SCALE_STEP_KG = 0.05;

    /**
     * @param Estimate|null $energy J, above 0; null where it was not measured
     * @param Estimate|null $fuel kg that were burnt; null where no fuel was weighed
     * @param 'typed'|'meter'|'scale'|null $by
     * @param string $fault what cannot be right of what was read; '' where nothing is
     */
    private function __construct(public ?Estimate $energy, public ?Estimate $fuel, public ?string $by, public string $fault)
    {
    }

    /** Source: as the class says. What was typed goes before the meter, the meter before the scale. */
    public static function of(Values $values, ?EnergySource $source): self
    {
        $typed = $values->measurement('melt.energy');
        $meter = self::difference($values->measurement('melt.meter_after'), $values->measurement('melt.meter_before'));
        $scale = self::difference($values->measurement('melt.fuel_before'), $values->measurement('melt.fuel_after'));
        $fault = match (true) {
            null !== $meter && $meter <= 0.0 => 'The meter stood no higher after the melt than before it: one of the two was misread.',
            null !== $scale && $scale <= 0.0 => 'The bottle was no lighter after the melt than before it: one of the two was misread.',
            default => '',
        };
        $fuel = null === $scale || $scale <= 0.0
            ? null
            : Estimate::between(Dimension::Mass, $scale, $scale - 1.414 * self::SCALE_STEP_KG, $scale + 1.414 * self::SCALE_STEP_KG);
        if (null !== $typed) {
            return new self(Estimate::of($typed), $fuel, 'typed', $fault);
        }
        if (null !== $meter && $meter > 0.0) {
            $spread = 1.414 * self::METER_STEP_J;

            return new self(Estimate::between(Dimension::Energy, $meter, $meter - $spread, $meter + $spread), $fuel, 'meter', $fault);
        }
        if (null !== $fuel) {
            $holds = null === $source || 'kg' !== $source->fuelUnit ? null : $source->joulesPerFuelUnit;

            return new self(
                null === $holds ? null : Estimate::between(
                    Dimension::Energy,
                    $fuel->si * $holds,
                    $fuel->lowSi * $holds,
                    $fuel->highSi * $holds,
                ),
                $fuel,
                'scale',
                $fault,
            );
        }

        return new self(null, null, null, $fault);
    }

    private static function difference(?Measurement $more, ?Measurement $less): ?float
    {
        return null === $more || null === $less ? null : $more->si() - $less->si();
    }
}
