<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan;

use MoltenNotes\Core\Plan\Stage\CoolingStage;
use MoltenNotes\Core\Plan\Stage\FeedResult;
use MoltenNotes\Core\Plan\Stage\FeedStage;
use MoltenNotes\Core\Plan\Stage\FillStage;
use MoltenNotes\Core\Plan\Stage\FoamGating;
use MoltenNotes\Core\Plan\Stage\GatingResult;
use MoltenNotes\Core\Plan\Stage\GatingStage;
use MoltenNotes\Core\Plan\Stage\MetalStage;
use MoltenNotes\Core\Plan\Stage\MouldStage;
use MoltenNotes\Core\Plan\Stage\PatternStage;
use MoltenNotes\Core\Plan\Stage\VentStage;
use MoltenNotes\Core\Working\StageResult;

/**
 * The door: everything known of an attempt in, its whole plan out.
 *
 * Order matters: the filling tells the gating how long a pour may take, the gating tells the filling how fast it comes, and all that
 * stands in the
 * gating is metal to melt. Blanks give partial results that say what is missing; defaults that were used are listed as assumptions.
 */
final class PlanCasting
{
    /** Every stage of the plan from one basis; what is not known is said in its stage, never guessed in silence. */
    public static function of(Basis $basis): CastingPlan
    {
        $pattern = PatternStage::compute($basis);
        $volume = $pattern->volume?->si;
        $charge = null;
        if (null === $basis->si('metal.charge') && $basis->values->has('pour.carry_time')) {
            // How fast the pot cools on the way depends on how much is in it, which the gating decides: once round to know that.
            [, $gating, $feeding] = self::pour($basis, $volume, null);
            $charge = MetalStage::compute($basis, $pattern->volume, $gating->sizes, $feeding->risers)->figure('charge')?->value->si;
        }
        [$filled, $gating, $feeding] = self::pour($basis, $volume, $charge);
        $arrival = $filled->figure('at_mould')?->value;
        $mould = MouldStage::compute($basis, $volume, $gating->sizes);
        $sprue = $gating->sizes['sprue_top'] ?? ($basis->si('gating.sprue_top') ?? $basis->si('gating.sprue'));

        return new CastingPlan(
            [
                'pattern' => $pattern->result,
                'metal' => MetalStage::compute(
                    $basis,
                    $pattern->volume,
                    $gating->sizes,
                    $feeding->risers,
                ),
                'gating' => $gating->result,
                'filling' => $filled,
                'feeding' => $feeding->result,
                'venting' => VentStage::compute($basis, $gating->chokeArea, $gating->fillTime, $arrival),
                'mould' => $mould,
                'cooling' => CoolingStage::compute(
                    $basis,
                    $arrival,
                    $feeding,
                    $sprue,
                    $volume,
                    $mould->figure('sand')?->value,
                ),
            ],
            new Assembly(Levels::of($basis), self::gating($basis, $gating->sizes), $feeding->risers, $feeding->moduli),
            $basis->solid,
            $basis->hasRisers(),
        );
    }

    /**
     * The pour with so much in the pot, kg: what fills, through which gating, fed by what.
     *
     * @return array{StageResult, GatingResult, FeedResult}
     */
    private static function pour(Basis $basis, ?float $volume, ?float $charge): array
    {
        $filling = FillStage::of($basis, $volume, $charge);
        $gating = true === $basis->mould?->isLostFoam()
            ? FoamGating::compute($basis, $volume, $filling?->foamFill())
            : GatingStage::compute($basis, $volume, $filling?->longestPour());
        $filled = null === $filling ? FillStage::blank($basis) : $filling->compute($gating->fillTime);

        return [$filled, $gating, FeedStage::compute($basis, $filled->figure('at_mould')?->value, $gating->sizes)];
    }

    /**
     * @param array<string, float> $sizes metres, as cut or else as sized
     *
     * @return array<string, Size>
     */
    private static function gating(Basis $basis, array $sizes): array
    {
        $fields = [
            'sprue_base' => 'gating.sprue',
            'sprue_top' => 'gating.sprue_top',
            'runner_width' => 'gating.runner_width',
            'runner_height' => 'gating.runner_height',
            'gate_width' => 'gating.gate_width',
            'gate_thickness' => 'gating.gate_thickness',
        ];
        $gating = [];
        foreach ($fields as $size => $field) {
            $told = $basis->si($field);
            if (null !== $told || isset($sizes[$size])) {
                $gating[$size] = null === $told ? Size::computed($sizes[$size]) : Size::told($told);
            }
        }

        return $gating;
    }
}
