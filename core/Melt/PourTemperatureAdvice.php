<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Melt;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\TemperatureDifference;
use MoltenNotes\Core\Working\Working;
use MoltenNotes\Core\Working\WorkingInput;

/**
 * How hot a part asks the metal to be, from the alloy's pour range: thin walls want its hot end, heavy ones its cool end.
 *
 * T = T_heavy + (T_thin − T_heavy) · (12 mm − wall) / (12 mm − 3 mm), held between the ends, each end moved by the mould process.
 * wall: 0.5…500 mm. Spread ± 20 °C. Source: common practice; the straight line between the ends is derived.
 */
final readonly class PourTemperatureAdvice
{
    private const HEAVY_FROM_MM = 12.0;
    private const THIN_FROM_MM = 3.0;
    private const SPREAD_K = 20.0;
    /**
     * Least superheat ever advised; below it the first touch of the mould freezes the stream. Common practice; as much as the spread, so
     * that no advice reaches below the liquidus.
     */
    public const LEAST_SUPERHEAT_K = self::SPREAD_K;

    private function __construct(public Temperature $temperature, public TemperatureDifference $spread, public Working $working)
    {
    }

    /** @param string|null $process a mould process code; unknown counts as sand */
    public static function calculate(Alloy $alloy, Length $wall, ?string $process, QuantityFormatter $format): self
    {
        [$heavyOffset, $thinOffset] = MouldProcess::find($process)?->pourOffset($alloy->family) ?? [0, 0];
        $heavy = $alloy->pourHeavy->plus(TemperatureDifference::fromSi($heavyOffset));
        $thin = $alloy->pourThin->plus(TemperatureDifference::fromSi($thinOffset));
        $share = max(0.0, min(1.0, (self::HEAVY_FROM_MM - $wall->in('mm')) / (self::HEAVY_FROM_MM - self::THIN_FROM_MM)));
        $advised = $heavy->plus(TemperatureDifference::fromSi($thin->minus($heavy)->si() * $share));
        $least = $alloy->liquidus->plus(TemperatureDifference::fromSi(self::LEAST_SUPERHEAT_K));
        $advised = $least->isAbove($advised) ? $least : $advised;
        $spread = TemperatureDifference::fromSi(self::SPREAD_K);

        return new self(
            $advised,
            $spread,
            new Working(
                'T = T_heavy + (T_thin − T_heavy) × (a − wall) / (a − b)',
                [
                    new WorkingInput('T_heavy', "{$alloy->name}, heavy sections, in this mould", $format->quantity($heavy), 'table'),
                    new WorkingInput('T_thin', "{$alloy->name}, thin sections, in this mould", $format->quantity($thin), 'table'),
                    new WorkingInput('a', 'Heavy from', $format->quantity(Length::of(self::HEAVY_FROM_MM, 'mm')), 'table'),
                    new WorkingInput('b', 'Thin from', $format->quantity(Length::of(self::THIN_FROM_MM, 'mm')), 'table'),
                    new WorkingInput('wall', 'Thinnest wall', $format->quantity($wall), 'typed'),
                ],
                $format->quantity($advised),
                '± '.$format->quantity($spread),
                'Workshop practice for pour ranges; straight line between their ends',
                Mark::CommonPractice,
            ),
        );
    }
}
