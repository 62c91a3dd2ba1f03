<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Melt;

use MoltenNotes\Core\Alloy\Alloy;
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

    /** So far above the liquidus metal is some minutes after its last piece melted, K: low, usual, high. Common practice. */
    private const AFTER_MELTING_K = [40.0, 65.0, 90.0];

    /** What metal usually has where minutes after melting were counted and no temperature was told; null for other tellings. */
    public static function untold(Alloy $alloy, ?string $by): ?Estimate
    {
        if ('minutes' !== $by) {
            return null;
        }
        [$low, $usual, $high] = array_map(static fn (float $over): float => $alloy->liquidus->kelvin() + $over, self::AFTER_MELTING_K);

        return Estimate::between(Dimension::Temperature, $usual, $low, $high);
    }

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
