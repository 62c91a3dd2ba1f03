<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\Levels;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Gravity;
use MoltenNotes\Core\Working\StageSheet;

/** What goes with the flow besides its speed: a sprue that draws air, a fall inside the mould, a filter large enough. */
final class GatingChecks
{
    /** A mouth that gives less than this share of the flow lets air in. Derived, with the spread of a hand pour. */
    private const MOUTH = 0.9;
    /** A fall that exceeds the speed at which aluminium breaks its surface, metres. J. Campbell, recalled from memory. */
    private const FALL_M = 0.0127;
    /** Face of a foam filter in times the choke. Common practice. */
    private const FILTER_FACE = [3.0, 4.5, 6.0];

    /**
     * @param float $flow m³/s through the choke
     * @param float $choke m²
     * @param array<string, float> $sizes metres
     */
    public static function add(Basis $basis, StageSheet $sheet, Alloy $alloy, float $flow, float $choke, array $sizes): void
    {
        self::aspiration($basis, $sheet, $flow, $sizes);
        self::fall($basis, $sheet, $alloy);
        if (true === $basis->values->flag('gating.filter')) {
            $face = Estimate::between(
                Dimension::Area,
                self::FILTER_FACE[1] * $choke,
                self::FILTER_FACE[0] * $choke,
                self::FILTER_FACE[2] * $choke,
            );
            $sheet->add(
                code: 'filter_face',
                label: 'Face of the filter',
                value: $face,
                formula: 'A = 3…6 × choke',
                inputs: [$sheet->input('A', 'Choke', Estimate::exact(Dimension::Area, $choke))],
                source: 'once primed it leaves 0.6 to 0.8 of the speed',
                mark: Mark::CommonPractice,
            );
        }
    }

    /**
     * A sprue that is told to be straight, or both ends of which are told: it runs full only while its mouth gives what its foot lets
     * through.
     *
     * @param array<string, float> $sizes
     */
    private static function aspiration(Basis $basis, StageSheet $sheet, float $flow, array $sizes): void
    {
        $straight = 'straight' === $basis->values->choice('gating.sprue_shape');
        $told = $basis->values->has('gating.sprue') && $basis->values->has('gating.sprue_top');
        $top = $sizes['sprue_top'] ?? null;
        $depth = $basis->si('gating.basin_depth') ?? GatingStage::USUAL_BASIN_M;
        if ((!$straight && !$told) || null === $top || $depth <= 0.0) {
            return;
        }
        $mouth = ((\M_PI * $top ** 2) / 4) * sqrt(2 * Gravity::M_S2 * $depth);
        if ($mouth < self::MOUTH * $flow) {
            $sheet->warn(
                'draws_air',
                'The sprue draws air: its foot lets '.round($flow / $mouth, 1).' times through what '
                    .$basis->shown($depth, Dimension::Length).' of metal press into its mouth. Taper it, narrow its foot, or keep the cup '
                    .'deeper.',
                'risky',
            );
        }
    }

    /** Metal that falls inside the cavity; the fall into the cup is every hand pour's. */
    private static function fall(Basis $basis, StageSheet $sheet, Alloy $alloy): void
    {
        $levels = Levels::of($basis);
        $fall = $levels->height - $levels->above;
        if ($levels->height <= 0.0 || $fall <= self::FALL_M || !$levels->aboveKnown) {
            return;
        }
        $speed = Estimate::exact(Dimension::Speed, sqrt(2 * Gravity::M_S2 * $fall));
        $sheet->add(
            code: 'fall',
            label: 'Metal falls inside the mould',
            value: Estimate::exact(Dimension::Length, $fall),
            formula: 'h = C − p, v = √(2 g h)',
            inputs: [$sheet->input('v', 'So it lands with', $speed)],
            source: 'J. Campbell: aluminium breaks its surface from '.$basis->shown(self::FALL_M, Dimension::Length).' of free fall on',
            mark: Mark::RecalledFromMemory,
            standing: 'plain',
            note: $alloy->has('dross_former')
                ? 'Its skin breaks and is folded in until the metal stands at the gate. Where the face shows or must seal, let it in lower.'
                : '',
        );
    }
}
