<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Melt;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;

/**
 * How far off a temperature may be by the way it was told: a probe within 10 K; so many minutes after the last piece melted, which is 40 to
 * 90 K above the liquidus, within 30 K; the dial of the furnace, which reads its wall, or a stick that is dipped in within 50 K; colour
 * within 60 K.
 *
 * Common practice, rough; a spread that the caster gave himself and that is wider stays.
 */
final class JudgedTemperature
{
    private const WITHIN_K = ['probe' => 10.0, 'setpoint' => 50.0, 'minutes' => 30.0, 'stick' => 50.0, 'colour' => 60.0];

    /** The temperature with the spread of its telling; as it was where nothing is told of that. */
    public static function of(Estimate $told, ?string $by): Estimate
    {
        $within = self::WITHIN_K[$by ?? ''] ?? 0.0;

        return Estimate::between(
            Dimension::Temperature,
            $told->si,
            min($told->lowSi, $told->si - $within),
            max($told->highSi, $told->si + $within),
        );
    }
}
