<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;

/**
 * What a sample lost between two weighings, as a share of what it weighed first: (before − after) / before.
 *
 * Moisture by drying at 105 to 110 °C to constant mass, clay by washing, loss on ignition by firing (AFS Mold & Core Test Handbook,
 * recalled from memory). Each weighing may be off by one step of the scale (common practice), which rules the spread of small samples.
 */
final class Weighing
{
    /**
     * Share of the first weight, 0…1.
     *
     * @param Mass $step of the scale, above 0
     *
     * @throws ImpossibleTest when it gained more than two steps of the scale can explain
     */
    public static function lost(Mass $before, Mass $after, Mass $step, string $column = 'after'): Estimate
    {
        if ($after->si() > $before->si() + 2 * $step->si()) {
            throw ImpossibleTest::gained($column);
        }
        $within = static fn (Mass $mass): Estimate => Estimate::between(
            Dimension::Mass,
            $mass->si(),
            $mass->si() - $step->si(),
            $mass->si() + $step->si(),
        );

        return Estimate::through(
            Dimension::Ratio,
            static fn (float $a, float $b): float => max(0.0, ($a - $b) / max($a, 1e-9)),
            $within($before),
            $within($after),
        );
    }

    /**
     * The sample that would bring the spread of a share down to this many points, kg: √2 steps of the scale over the wanted half-width.
     * Derived from the line above.
     *
     * @param float $within half-width of the share, 0.0005…0.5
     */
    public static function sampleFor(Mass $step, float $within): Mass
    {
        return Mass::fromSi((\M_SQRT2 * $step->si()) / $within);
    }
}
