<?php

declare(strict_types=1);

// The route of finishing, in its order: gates off, look, machine roughly, heat-treat, machine finely, blast or sand, polish, patina, fill,
// paint, fit, sign off. Taken 2026-11 by the founders. Common practice of the trade.
// only: when there is such a step: always, machined, treated, sanded, polished, patinated, filled, painted, fitted. hold: how it is held.
// why: why here and not later.
return [
    [
        'code' => 'cut_gates', 'label' => 'Cut off gates, risers and sprue', 'only' => 'always',
        'hold' => 'By its heaviest part, the gate free; an uneven casting in a bed of sand or pitch, or between wood cut to it.',
        'why' => 'Everything else is easier without them; leave 1 to 2 mm to be ground off.',
    ],
    [
        'code' => 'inspect', 'label' => 'Look into the cuts, and at all of it', 'only' => 'always', 'hold' => '',
        'why' => 'A fault found now costs a cut; found after the polish it costs the day. Note what you find, and what is sound.',
    ],
    [
        'code' => 'rough_machine', 'label' => 'Machine roughly', 'only' => 'machined',
        'hold' => 'On three points that stay as cast; clamp over a point, never over air: it springs back crooked.',
        'why' => 'Before any heat treatment: what warps in the oven is still on.',
    ],
    [
        'code' => 'heat_treat', 'label' => 'Heat-treat', 'only' => 'treated', 'hold' => 'Standing or hung so that it cannot sag.',
        'why' => 'After rough machining, before fine: it moves.',
    ],
    [
        'code' => 'finish_machine', 'label' => 'Machine to size', 'only' => 'machined',
        'hold' => 'By faces that are machined already, soft jaws.',
        'why' => 'Before it is blasted, patinated, painted: swarf and jaws mark it.',
    ],
    [
        'code' => 'sand', 'label' => 'Blast, or sand through the grits', 'only' => 'always',
        'hold' => 'Small ones in a hand vice with leather; machined faces taped over.',
        'why' => 'One grit after the other, across the scratches of the one before.',
    ],
    [
        'code' => 'polish', 'label' => 'Polish with compound', 'only' => 'polished',
        'hold' => 'With both hands, below the middle of the wheel, edge down.',
        'why' => 'Only when the last scratches all run one way.',
    ],
    [
        'code' => 'patina', 'label' => 'Patina and wax', 'only' => 'patinated', 'hold' => 'By a wire; fingers leave prints.',
        'why' => 'After all machining and polish, before anything is filled or painted.',
    ],
    [
        'code' => 'fill', 'label' => 'Fill', 'only' => 'filled', 'hold' => '', 'why' => 'On blasted metal, under paint.',
    ],
    [
        'code' => 'paint', 'label' => 'Prime and paint', 'only' => 'painted',
        'hold' => 'Hung by a hole that does not show; threads and seats plugged.',
        'why' => 'The same day it was blasted, before it takes up damp.',
    ],
    [
        'code' => 'fit', 'label' => 'Fit', 'only' => 'fitted', 'hold' => '',
        'why' => 'Last: what is fitted is in the way of everything before.',
    ],
    [
        'code' => 'sign_off', 'label' => 'Sign it off', 'only' => 'always', 'hold' => '',
        'why' => 'Measured, tried where it is to work, and good for what it was made for.',
    ],
];
