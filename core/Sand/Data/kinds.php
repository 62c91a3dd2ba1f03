<?php

declare(strict_types=1);

// Kinds of moulding sand that are kept in a heap and used again: one row says everything that is true of a kind.
// serves: mould processes it is for. bands: measure => [low, high] as a share, a fineness number or a permeability number: what a hand
// moulder wants of it. burns_at: °C at which what binds it is spent: the clay's own water goes (bentonite 640, the clays of natural sands
// about 550), oil chars (300); foundry handbooks, recalled from memory. tempers: points of compactability that a point of water is worth;
// recalled from memory, rough. worn: burnt share of the heap from which it is [watched, tired]; the founders' estimate. binder: what binds
// it.
// new_binds: new sand, as it is dug, brings the clay of a fresh mix with it.
// clay_water: water in the clay as it is bought, share of its mass; common practice.
// wants: share of dry sand in a fresh mix, taken where a heap's own recipe is blank: [clay, oil, catalyst]; common practice.
// Bands: green sand's moisture and clay from foundry handbooks, recalled from memory; the rest common practice of hand moulding.
return [
    [
        'code' => 'bentonite', 'label' => 'Green sand, bentonite', 'hint' => 'Washed silica, bentonite and water',
        'serves' => ['green_sand'], 'binder' => 'bentonite', 'burns_at' => 640.0,
        'bands' => [
            'moisture' => [0.025, 0.045], 'compactability' => [0.40, 0.52], 'permeability' => [50.0, 150.0], 'clay' => [0.06, 0.12],
            'loss_on_ignition' => [0.0, 0.04], 'fineness' => [60.0, 140.0],
        ],
        'tempers' => 12.0, 'worn' => [0.15, 0.30], 'wants' => [0.08, 0.0, 0.0], 'clay_water' => 0.08, 'new_binds' => false,
    ],
    [
        'code' => 'natural', 'label' => 'Green sand, natural', 'hint' => 'As dug, with its own clay',
        'serves' => ['green_sand'], 'binder' => 'clay', 'burns_at' => 550.0,
        'bands' => [
            'moisture' => [0.045, 0.075], 'compactability' => [0.42, 0.55], 'permeability' => [15.0, 80.0], 'clay' => [0.10, 0.20],
            'loss_on_ignition' => [0.0, 0.05], 'fineness' => [90.0, 220.0],
        ],
        'tempers' => 9.0, 'worn' => [0.15, 0.30], 'wants' => [0.14, 0.0, 0.0], 'clay_water' => 0.08, 'new_binds' => true,
    ],
    [
        'code' => 'oil', 'label' => 'Oil-bonded sand', 'hint' => 'Fine sand, oil and a clay made for oil',
        'serves' => ['oil_sand'], 'binder' => 'clay made for oil', 'burns_at' => 300.0,
        'bands' => [
            'moisture' => [0.0, 0.005], 'permeability' => [25.0, 90.0], 'clay' => [0.035, 0.07], 'oil' => [0.015, 0.03],
            'loss_on_ignition' => [0.02, 0.055], 'fineness' => [90.0, 200.0],
        ],
        'tempers' => null, 'worn' => [0.20, 0.40], 'wants' => [0.05, 0.02, 0.001], 'clay_water' => 0.0, 'new_binds' => false,
    ],
    [
        'code' => 'dry', 'label' => 'Dry sand, unbonded', 'hint' => 'For foam, vibrated',
        'serves' => ['lost_foam'], 'binder' => null, 'burns_at' => null,
        'bands' => [
            'moisture' => [0.0, 0.003], 'permeability' => [150.0, 600.0], 'clay' => [0.0, 0.005], 'loss_on_ignition' => [0.0, 0.005],
            'fineness' => [25.0, 60.0],
        ],
        'tempers' => null, 'worn' => null, 'wants' => [0.0, 0.0, 0.0], 'clay_water' => 0.0, 'new_binds' => false,
    ],
    [
        'code' => 'washed', 'label' => 'Washed sand', 'hint' => 'For silicate or resin, mixed fresh for each mould',
        'serves' => ['silicate_sand', 'resin_sand'], 'binder' => null, 'burns_at' => null,
        'bands' => [
            'moisture' => [0.0, 0.003], 'permeability' => [80.0, 400.0], 'clay' => [0.0, 0.005], 'loss_on_ignition' => [0.0, 0.015],
            'fineness' => [40.0, 90.0],
        ],
        'tempers' => null, 'worn' => null, 'wants' => [0.0, 0.0, 0.0], 'clay_water' => 0.0, 'new_binds' => false,
    ],
];
