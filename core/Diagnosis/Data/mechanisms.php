<?php

declare(strict_types=1);

// Causes that do their harm in the same way, and so look alike where they struck [common practice]. What a detail says of one of them it
// says of all, in refinements.php, or stands under apart with why not: [cause, place or look or shown, why].
return [
    [
        'code' => 'frozen', 'label' => 'The front froze on its way',
        'causes' => ['metal_cold', 'long_carry', 'slow_pour', 'interrupted_pour', 'long_path', 'gate_small', 'choke_wrong', 'mould_cold',
            'ladle_cold', 'cup_missed'],
        'apart' => [
            ['cup_missed', 'near_gate', 'A stream that breaks leaves its seam wherever the front stood.'],
        ],
    ],
    ['code' => 'melt_gas', 'label' => 'Gas that was in the metal', 'causes' => ['hydrogen', 'oxygen', 'wet_charge'], 'apart' => []],
    ['code' => 'core_gas', 'label' => 'Gas of a core', 'causes' => ['core_wet', 'core_gas'], 'apart' => []],
    [
        'code' => 'face_gas', 'label' => 'Gas that the mould gave off',
        'causes' => ['sand_wet', 'over_rammed', 'oil_excess', 'binder_uncured', 'wash_wet', 'coating_wet', 'burnout_short', 'foam_gas',
            'damp_die', 'burnout_hot', 'sand_hot'],
        'apart' => [
            ['sand_wet', 'oxidised_wall', 'Steam darkens a little and smoke much.'],
            ['over_rammed', 'oxidised_wall', 'It keeps in whatever gas there is.'],
            ['binder_uncured', 'oxidised_wall', 'Steam darkens a little and smoke much.'],
            ['wash_wet', 'oxidised_wall', 'Steam darkens a little and smoke much.'],
            ['coating_wet', 'oxidised_wall', 'Steam darkens a little and smoke much.'],
            ['sand_hot', 'oxidised_wall', 'Steam darkens a little and smoke much.'],
            ['damp_die', 'oxidised_wall', 'Steam darkens a little and smoke much.'],
            ['burnout_short', 'oxidised_wall', 'What is left of a burnout may be water or soot.'],
        ],
    ],
    [
        'code' => 'air', 'label' => 'Air that was carried down', 'causes' => ['sprue_sucks_air', 'turbulent_pour'],
        'apart' => [['sprue_sucks_air', 'cope_face', 'What it says of dirt it does not say of a sprue that is clean.']],
    ],
    [
        'code' => 'unfed', 'label' => 'No liquid followed',
        'causes' => ['no_feeder', 'feeder_freezes_first', 'hot_spot', 'gate_hot_spot', 'metal_hot'], 'apart' => [],
    ],
];
