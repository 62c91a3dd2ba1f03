<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Geometry\HotSpot;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Working\StageSheet;

/**
 * Where sections meet, metal is thicker than either: the ball that fits there against the wall it lies in, the face by which they touch,
 * and the narrowest ball on the way to a thicker place. Source: inscribed circles after Heuvers, published.
 */
final class JunctionFigures
{
    /** Less than this over its wall is no thick place. Common practice. */
    private const THICKER = 1.1;
    /** More of them are not read. */
    private const MOST = 6;

    /** Adds a figure for each such place, the thickest first. */
    public static function add(Basis $basis, StageSheet $sheet, CastingGeometry $solid): void
    {
        $thick = array_filter(
            $solid->hotSpots,
            static fn (HotSpot $spot): bool => $spot->thickness >= self::THICKER * ($basis->bodies[$spot->part]->thickness ?? \INF),
        );
        $told = [];
        foreach (array_slice($thick, 0, self::MOST) as $spot) {
            // Several alike of one section say the same.
            $alike = $spot->part.round($spot->thickness, 4);
            if (isset($told[$alike])) {
                continue;
            }
            $told[$alike] = true;
            self::one($basis, $sheet, $solid, $spot);
        }
    }

    private static function one(Basis $basis, StageSheet $sheet, CastingGeometry $solid, HotSpot $spot): void
    {
        $wall = $basis->bodies[$spot->part]->thickness;
        $label = mb_strtolower($basis->sections?->get($spot->part)->label ?? $spot->part);
        $inputs = [
            $sheet->input('t', 'Its wall', Estimate::exact(Dimension::Length, $wall)),
            $sheet->input('D/t', 'Thicker than its wall, times', Estimate::ratio($spot->thickness / $wall)),
            $sheet->input('z', 'Over the lowest point', Estimate::exact(Dimension::Length, $spot->place[2] ?? 0.0)),
        ];
        if (null !== $spot->wayOut) {
            $inputs[] = $sheet->input('d', 'Ball on the way to a thicker place', Estimate::exact(Dimension::Length, $spot->wayOut));
        }
        foreach ($solid->contacts[$spot->part] ?? [] as $other => $face) {
            $name = mb_strtolower($basis->sections?->get($other)->label ?? $other);
            $inputs[] = $sheet->input('A', "Face it shares with {$name}", Estimate::exact(Dimension::Area, $face));
        }
        $sheet->add(
            code: 'junction',
            label: "Largest ball, {$label}",
            value: Estimate::exact(Dimension::Length, $spot->thickness),
            formula: 'D = 2 × farthest from any face',
            inputs: $inputs,
            source: 'inscribed circles after Heuvers; on cells of the body',
            mark: Mark::Published,
            standing: 'plain',
            note: null === $spot->wayOut
                ? 'The thickest place: it is liquid last and draws from nothing but a riser.'
                : 'It draws only through the ball of '.$basis->shown($spot->wayOut, Dimension::Length)
                    .' beside it: metal feeds towards smaller balls, never past them.',
            subject: $spot->part,
        );
    }
}
