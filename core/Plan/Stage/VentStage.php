<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Geometry\Section;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Working\StageResult;
use MoltenNotes\Core\Working\StageSheet;

/** Where the air must go: high points without a way out, vent area against the choke, gas of the mould. */
final class VentStage
{
    /**
     * Air leaves some five times faster than metal enters, so a fifth of the choke is enough to fill [derived]; as much as the choke is
     * the trade's rule.
     */
    private const ENOUGH = 0.2;
    private const USUAL_VENT_M = 0.003;

    /** Choke area m², fill time s, metal on arrival K: null where the stages before could not tell them. */
    public static function compute(Basis $basis, ?float $chokeArea, ?Estimate $fillTime, ?Estimate $arrival): StageResult
    {
        $sheet = new StageSheet($basis->format);
        if (true !== $basis->mould?->isLostFoam()) {
            // Where foam stands there is no air: its gas goes out through coat and sand.
            self::highPoints($basis, $sheet);
            self::area($basis, $sheet, $chokeArea);
        }
        MouldGas::add($basis, $sheet, $fillTime, $arrival);

        return $sheet->result();
    }

    private static function highPoints(Basis $basis, StageSheet $sheet): void
    {
        if (null === $basis->sections || [] === $basis->bodies) {
            $points = $basis->values->count('casting.high_points');
            $vented = $basis->values->choice('venting.high_points');
            if (null !== $points && $points > 0 && in_array($vented, ['none', 'some'], true)) {
                $sheet->warn(
                    'high_point',
                    'none' === $vented ? 'No high point has a way out for its air.' : 'Some high points have no way out for their air.',
                    'risky',
                );
            }

            return;
        }
        $breathes = $basis->mould?->breathes() ?? false;
        $unvented = 0;
        $points = 0;
        foreach (self::summits($basis) as $id => $count) {
            $section = $basis->sections->get($id);
            if (null === $section) {
                continue;
            }
            $points += $count;
            // A feeder that stands open takes the air out as well.
            $open = $section->vent || ($section->riser && 'blind' !== $basis->values->choice('feeding.riser'));
            if ($open || 'all' === $basis->values->choice('venting.high_points')) {
                continue;
            }
            $unvented += $count;
            if (!$breathes) {
                $sheet->warn(
                    'high_point',
                    "{$section->label}: a high point without a vent in a mould that does not breathe.",
                    'bad',
                    $section->id,
                );
            } elseif ('top' !== $basis->fill() && ($basis->values->count('venting.vents') ?? 0) < $points) {
                $sheet->warn(
                    'high_point',
                    "{$section->label}: a high point without a vent; the sand must take its air.",
                    'risky',
                    $section->id,
                );
            }
        }
        $sheet->add(
            code: 'high_points',
            label: 'High points',
            value: Estimate::ratio((float) $points),
            formula: 'counted on the body',
            inputs: [$sheet->input('n', 'Without a way out', Estimate::ratio((float) $unvented))],
            source: 'geometry',
            mark: Mark::Derived,
        );
    }

    /**
     * Where air is shut in: places of the body that nothing of it rises above; on the sections alone where they do not tell a body.
     *
     * @return array<string, int> section id → how many such places lie on it
     */
    private static function summits(Basis $basis): array
    {
        $summits = [];
        $solid = $basis->solid;
        if (null !== $solid) {
            foreach ($solid->highPoints as $high) {
                $summits[$high->parts[0]] = ($summits[$high->parts[0]] ?? 0) + 1;
            }

            return $summits;
        }
        $feet = $basis->feet();
        foreach ($basis->bodies as $id => $body) {
            $higher = array_filter(
                $basis->sections?->neighbours()[$id] ?? [],
                static fn (string $next): bool => isset($basis->bodies[$next])
                    && $feet[$next] + $basis->bodies[$next]->height > $feet[$id] + $body->height + 1e-6,
            );
            if ([] === $higher) {
                $summits[$id] = $basis->sections?->get($id)->count ?? 1;
            }
        }

        return $summits;
    }

    private static function area(Basis $basis, StageSheet $sheet, ?float $chokeArea): void
    {
        $count =
            $basis->values->count('venting.vents') ??
            $basis->castings() * array_sum(
                array_map(static fn (Section $section): int => $section->vent ? $section->count : 0, $basis->sections?->all() ?? []),
            );
        $diameter = $basis->si('venting.diameter');
        if (null === $chokeArea) {
            $sheet->lacks('vents', ['gating.sprue'], 'The choke is wanted to compare vents with it.');

            return;
        }
        if (null === $diameter) {
            $sheet->assume('Vents are '.$basis->shown(self::USUAL_VENT_M, Dimension::Length).' wide.', 'venting.diameter');
        }
        $width = $diameter ?? self::USUAL_VENT_M;
        $area = ($count * \M_PI * $width ** 2) / 4;
        $share = $area / $chokeArea;
        $breathes = $basis->mould?->breathes() ?? false;
        $short = !$breathes && $share < self::ENOUGH;
        $inputs = [
            $sheet->input('d', 'Width', Estimate::exact(Dimension::Length, $width), null === $diameter ? 'default' : 'typed'),
            $sheet->input('A', 'Choke', Estimate::exact(Dimension::Area, $chokeArea)),
        ];
        $sheet->add(
            code: 'vent_share',
            label: 'Vents against the choke',
            value: Estimate::between(Dimension::Ratio, $share, $share * 0.8, $share * 1.2),
            formula: 'n π d² / 4 A_choke',
            inputs: [$sheet->input('n', 'Vents', Estimate::ratio((float) $count), 'typed'), ...$inputs],
            source: 'a fifth is enough to fill (derived); as much as the choke is the rule of the trade',
            mark: Mark::CommonPractice,
            standing: $short ? 'bad' : ($share < 1 && !$breathes ? 'risky' : 'good'),
            note: $short ? 'Too few vents for the air to leave in time.' : ($breathes && $share < 1 ? 'The sand breathes as well.' : ''),
        );
        $wanted = (int) ceil((($breathes ? self::ENOUGH : 1.0) * $chokeArea) / ((\M_PI * $width ** 2) / 4));
        $sheet->add(
            code: 'vents_wanted',
            label: 'Vents wanted',
            value: Estimate::ratio((float) $wanted),
            formula: 'n = A_choke / (π d²/4)',
            inputs: $inputs,
            source: $breathes ? 'a fifth of the choke, for the sand breathes' : 'as much as the choke',
            mark: Mark::CommonPractice,
        );
    }
}
