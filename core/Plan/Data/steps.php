<?php

declare(strict_types=1);

// The steps of a plan in the order of the work; common practice. stages: what is computed in it. asks: the fields it is computed from that
// a caster is asked for, in the order they are thought of; what a process does not have is left out.
return [
    [
        'step' => 'pattern', 'title' => 'Pattern', 'stages' => ['pattern'],
        'asks' => [
            'pattern.kind', 'casting.count', 'pattern.contraction_2', 'pattern.contraction_3',
        ],
    ],
    [
        'step' => 'metal', 'title' => 'Metal', 'stages' => ['metal'],
        'asks' => [
            'metal.source', 'pour.temperature', 'metal.loss', 'metal.reserve', 'crucible.volume', 'crucible.mass', 'melt.furnace',
            'melt.energy_source', 'melt.power', 'melt.efficiency',
        ],
    ],
    [
        'step' => 'gating', 'title' => 'Gating', 'stages' => ['gating'],
        'asks' => [
            'gating.fill', 'gating.school', 'gating.sprue_height', 'casting.above', 'gating.gates', 'gating.fill_time', 'gating.sprue',
            'gating.sprue_top', 'gating.sprue_shape', 'gating.basin', 'gating.basin_depth', 'gating.well', 'gating.runner_width',
            'gating.runner_height', 'gating.runner_length', 'gating.overrun', 'gating.gate_width', 'gating.gate_thickness',
            'gating.gate_length', 'gating.filter',
        ],
    ],
    [
        'step' => 'filling', 'title' => 'Will it fill', 'stages' => ['filling'],
        'asks' => [
            'pour.temperature', 'pour.carry_time', 'pour.time', 'mould.temperature', 'foam.density', 'foam.coats', 'pour.ambient',
            'casting.wall', 'casting.run',
        ],
    ],
    [
        'step' => 'feeding', 'title' => 'Will it feed', 'stages' => ['feeding', 'venting'],
        'asks' => [
            'feeding.riser', 'feeding.riser_stands', 'feeding.riser_diameter', 'feeding.riser_height', 'feeding.neck', 'feeding.insulated',
            'feeding.chill_area', 'venting.vents',
            'venting.diameter', 'venting.high_points', 'casting.heaviest',
        ],
    ],
    [
        'step' => 'mould', 'title' => 'Mould', 'stages' => ['mould'],
        'asks' => [
            'flask.length', 'flask.width', 'flask.cope', 'flask.drag', 'flask.depth', 'foam.cover', 'mould.cope_mass',
            'mould.cope_weight', 'mould.clamps', 'core.volume', 'core.held', 'sand.moisture', 'sand.permeability', 'sand.binder',
            'plaster.ratio',
        ],
    ],
    [
        'step' => 'cooling', 'title' => 'Opening', 'stages' => ['cooling'],
        'asks' => ['cooling.open_after', 'cooling.quenched', 'shell.wall', 'shell.backing', 'mould.temperature', 'pour.ambient'],
    ],
];
