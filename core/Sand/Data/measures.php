<?php

declare(strict_types=1);

// What is measured of a sand, in the order a test is made. unit: ratio (a share) or number. due: [days, pours] after which it is measured
// again, null for never by that count; wet sand dries and warms from one day to the next, clay burns from pour to pour. Common practice.
// field: the value of an attempt that takes it from the heap; oil has none, for what a record calls binder counts its clay as well.
// how: what is done, for whoever holds the sample.
return [
    [
        'code' => 'moisture', 'label' => 'Moisture', 'unit' => 'ratio', 'due' => [1, null], 'field' => 'sand.moisture',
        'how' => 'Weigh a sample from the middle of the heap, dry it at {105 degC} to {110 degC} until it loses no more, weigh it again.',
    ],
    [
        'code' => 'compactability', 'label' => 'Compactability', 'unit' => 'ratio', 'due' => [1, null], 'field' => null,
        'how' => 'Sieve sand loosely into a tube, strike it off, ram it with three even blows, measure how far it went down.',
    ],
    [
        'code' => 'permeability', 'label' => 'Permeability number', 'unit' => 'number', 'due' => [60, 8], 'field' => 'sand.permeability',
        'how' => 'Time 2000 cm³ of air through a rammed core 50.8 mm across and high, at a known pressure.',
    ],
    [
        'code' => 'clay', 'label' => 'Live clay', 'unit' => 'ratio', 'due' => [120, 10], 'field' => 'sand.clay',
        'how' => 'Weigh a dry sample, stir it in water, let the grains settle five minutes, draw off the cloud, again until it stays '
            .'clear; dry and weigh what is left.',
    ],
    [
        'code' => 'loss_on_ignition', 'label' => 'Loss on ignition', 'unit' => 'ratio', 'due' => [180, 15], 'field' => null,
        'how' => 'Weigh a dry sample, keep it at red heat in an open dish until it smokes no more, let it cool, weigh it again.',
    ],
    [
        'code' => 'fineness', 'label' => 'Grain fineness number', 'unit' => 'number', 'due' => [365, 30], 'field' => 'sand.fineness',
        'how' => 'Shake the washed, dry grains through the sieves, fifteen minutes; weigh what stays on each.',
    ],
    [
        'code' => 'oil', 'label' => 'Live oil', 'unit' => 'ratio', 'due' => [null, null], 'field' => null,
        'how' => 'Reckoned from the recipe, what burnt, and what was added.',
    ],
];
