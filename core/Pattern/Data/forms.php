<?php

declare(strict_types=1);

// What is moulded from, and what is poured into again and again. Taken 2026-11 by the founders. Common practice of the yard, rough: hands,
// release and sand decide.
// uses: [the first fail, most have failed] in uses; null where that is not counted. once: each mould uses one up. holds: metal goes into
// it. counts: mould (one use each time it is moulded or filled) or casting (one for each casting, moulded one by one).
// contraction: what is made in or from it is that much smaller than what it was taken from, percent [low, high]; of a metal thing its
// alloy decides. pattern_kind: what a record calls it; null where it is no pattern. serves: mould processes. keep: how it is kept.
$sand = ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand'];
$invested = ['plaster', 'ceramic_shell'];

return [
    [
        'form' => 'original', 'uses' => null, 'counts' => 'casting', 'contraction' => [0, 0], 'pattern_kind' => 'original',
        'serves' => $sand, 'keep' => 'Clean off all parting agent: oil it where it can rust.',
    ],
    [
        'form' => 'wood', 'uses' => [60, 300], 'counts' => 'casting', 'contraction' => [0, 0], 'pattern_kind' => 'wood',
        'serves' => $sand, 'keep' => 'Lying flat and dry, away from heat; seal it anew where the paint is through.',
    ],
    [
        'form' => 'print', 'uses' => [30, 150], 'counts' => 'casting', 'contraction' => [0, 0.4], 'pattern_kind' => 'print',
        'serves' => [...$sand, ...$invested], 'keep' => 'Lying flat, below 40 °C: a print in the sun warps.',
    ],
    [
        'form' => 'clay', 'uses' => [3, 15], 'counts' => 'casting', 'contraction' => [0, 0], 'pattern_kind' => 'clay',
        'serves' => $sand, 'keep' => 'Wrapped, where nothing leans on it.',
    ],
    [
        'form' => 'plaster', 'uses' => [10, 50], 'counts' => 'casting', 'contraction' => [0, 0], 'pattern_kind' => null,
        'serves' => $sand, 'keep' => 'Dry and sealed: damp plaster sheds its skin into the mould.',
    ],
    [
        'form' => 'metal', 'uses' => [2000, 20000], 'counts' => 'casting', 'contraction' => null, 'pattern_kind' => 'metal',
        'serves' => $sand, 'keep' => 'Oiled thinly; wipe it before it is moulded.',
    ],
    [
        'form' => 'match_plate', 'uses' => [300, 3000], 'counts' => 'mould', 'contraction' => [0, 0], 'pattern_kind' => 'metal',
        'serves' => $sand, 'keep' => 'Upright, pins oiled, nothing laid on its gates.',
    ],
    [
        'form' => 'core_box', 'uses' => [100, 1000], 'counts' => 'mould', 'contraction' => [0, 0], 'pattern_kind' => null,
        'serves' => [...$sand, 'metal_mould'], 'keep' => 'Closed, so that its halves stay true to each other.',
    ],
    [
        'form' => 'foam', 'once' => true, 'uses' => null, 'counts' => 'casting', 'contraction' => [0, 0.2], 'pattern_kind' => 'foam',
        'serves' => ['lost_foam'], 'keep' => 'Flat, dry and unloaded; a coated one is used within weeks, before its coat chips.',
    ],
    [
        'form' => 'wax', 'once' => true, 'uses' => null, 'counts' => 'casting', 'contraction' => [0.8, 1.6], 'pattern_kind' => 'wax',
        'serves' => $invested, 'keep' => 'Cool and laid on its flattest face: wax creeps in a warm room.',
    ],
    [
        'form' => 'silicone_mould', 'holds' => true, 'uses' => [20, 100], 'counts' => 'mould', 'contraction' => [0.05, 0.5],
        'pattern_kind' => null, 'serves' => ['silicone', ...$invested],
        'keep' => 'Closed and banded on a flat board, away from light: a mould that lies open takes that shape.',
    ],
    [
        'form' => 'metal_mould', 'holds' => true, 'uses' => [200, 3000], 'counts' => 'mould', 'contraction' => null,
        'pattern_kind' => null, 'serves' => ['metal_mould'], 'keep' => 'Dry, coated and closed: rust and damp throw metal.',
    ],
];
