<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Mould\FoamSand;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Working\StageSheet;

/**
 * Lost foam has no cope: sand lies over the foam, holds some of the metal's lift down and wants a weight for the rest.
 *
 * A caster stands beside this number, so the weight follows the heavy end of the lift and the light end of what the sand holds.
 */
final class FoamWeights
{
    /** Cover, lift and weight; no lift where the outline or the head cannot be told. */
    public static function add(Basis $basis, StageSheet $sheet): void
    {
        $wanted = FoamSand::coverWanted($basis->solid);
        $told = $basis->si('foam.cover');
        $thin = null !== $told && $told < $wanted - 1e-4;
        $sheet->add(
            code: 'sand_cover',
            label: 'Sand over the foam, at least',
            value: Estimate::exact(Dimension::Length, ceil($wanted * 200) / 200),
            formula: 'd = max(100 mm, ½ width)',
            inputs: null === $basis->solid
                ? []
                : [$sheet->input('w', 'Width of the casting', Estimate::exact(Dimension::Length, 2 * $wanted))],
            source: 'half the width of a flat casting, at least a hand’s breadth',
            mark: Mark::CommonPractice,
            standing: $thin ? 'risky' : 'plain',
            note: $thin
                ? 'There is little sand over the foam: '.$basis->shown($told, Dimension::Length).'.'
                : 'A wide flat casting wants a weight or vacuum besides.',
        );
        $lift = CopeWeights::onFace($basis, $sheet, $basis->solid, 'sand_lift', 'Lift on the sand over the foam');
        if (null === $lift || null === $basis->solid) {
            return;
        }
        $area = array_sum(array_map(static fn ($part): float => $part->open, $basis->solid->parts)) * $basis->castings();
        [$low, $middle, $high] = FoamSand::holdsDown($area, FoamSand::cover($told, $basis->solid));
        $held = Estimate::between(Dimension::Mass, $middle, $low, $high);
        $sheet->add(
            code: 'sand_weights',
            label: 'Weight on the sand',
            value: CopeWeights::toLayOn($lift, $held),
            formula: 'max(0, 1.5…2 × lift − held by the sand)',
            inputs: [
                $sheet->input('lift', 'Lift', $lift),
                $sheet->input('held', 'Sand over it and its friction', $held),
            ],
            source: 'friction G. G. Meyerhof, J. I. Adams 1968; the factor covers the surge of the pour',
            mark: Mark::RecalledFromMemory,
            standing: 'plain',
            note: 'On a plate that covers the casting and leaves the cup free. Deeper sand or vacuum needs less.',
        );
    }
}
