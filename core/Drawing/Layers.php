<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

use MoltenNotes\Core\Geometry\PartGeometry;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Quantity\Dimension;

/**
 * What can be laid over the drawings of a casting, section by section: how thick it is, when it freezes, how far the metal has to go.
 *
 * Each section has its figure and its rank from 0, the least, to 1, the most: the drawing hatches it the closer. Derived.
 */
final class Layers
{
    /** @return list<array{code: string, label: string, words: string, values: list<array{section: string, shown: string, rank: float}>}> */
    public static function of(Basis $basis, CastingPlan $plan): array
    {
        $thick = $way = $freezes = [];
        foreach ($plan->solid->parts ?? [] as $id => $part) {
            /** @var PartGeometry $part */
            $thick[$id] = [$part->thickest, $basis->shown($part->thickest, Dimension::Length)];
            $way[$id] = [$part->far, $basis->shown($part->far, Dimension::Length)];
        }
        foreach ($plan->stages['feeding']->figures as $figure) {
            if ('freezing_time' === $figure->code && '' !== $figure->subject) {
                $freezes[$figure->subject] = [$figure->value->si, $basis->format->rough($figure->value)];
            }
        }

        return array_values(
            array_filter(
                [
                    self::layer('thickness', 'Thickness', 'The closer the hatching, the thicker: the largest ball that fits.', $thick),
                    self::layer('freezing', 'Freezing order', 'The closer the hatching, the later it is solid.', $freezes),
                    self::layer('way', 'Way of the metal', 'The closer the hatching, the farther its last place is from the gates.', $way),
                ],
                static fn (array $layer): bool => [] !== $layer['values'],
            ),
        );
    }

    /**
     * @param array<array{float, string}> $values section id → SI and as it is shown
     *
     * @return array{code: string, label: string, words: string, values: list<array{section: string, shown: string, rank: float}>}
     */
    private static function layer(string $code, string $label, string $words, array $values): array
    {
        $si = array_column($values, 0);
        [$least, $most] = [] === $si ? [0.0, 0.0] : [min($si), max($si)];
        $told = [];
        foreach ($values as $id => [$value, $shown]) {
            $told[] = [
                'section' => (string) $id,
                'shown' => $shown,
                'rank' => $most > $least ? round(($value - $least) / ($most - $least), 3) : 1.0,
            ];
        }

        return ['code' => $code, 'label' => $label, 'words' => $words, 'values' => $told];
    }
}
