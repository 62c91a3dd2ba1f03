<?php

declare(strict_types=1);

// Heat treatments of cast metals. Recalled from memory: ASM Handbook vol. 4 (heat treating) and vol. 15 (casting), unless a row says
// otherwise. Hold times: [least, most] hours, least for walls of 6 mm and most for 40 mm and more; or hours for each 25 mm of wall.
// alloys: codes of the table of alloys. name, gives: as the trade calls it, and what it is for. stages: label, °C [low, high], hours
// [least, most] or null, an_inch (hours for each 25 mm of wall) or null, then: how it is cooled. cautions: what is minded.
// A temperature within the words stands as {300 degC}, a difference as {50 ddegC}, to be said in the caster's own unit.
$al = 'An oven that swings {10 ddegC} is no oven for this: put a probe beside the casting. A little too hot, and its grains come apart.';
$wet = 'Quenching spits: long tongs, face shield, sleeves down, water deep enough; the other hand behind the back.';

return [
    [
        'code' => 't6', 'alloys' => ['al_si7mg'], 'name' => 'T6: solution, quench, age', 'gives' => 'twice as strong, and machines clean',
        'stages' => [
            [
                'label' => 'Solution', 'c' => [535, 545], 'hours' => [4, 12], 'an_inch' => null,
                'then' => 'within ten seconds into water of {60 degC} to {80 degC}',
            ],
            ['label' => 'Age', 'c' => [155, 170], 'hours' => [3, 8], 'an_inch' => null, 'then' => 'cool in air'],
        ],
        'cautions' => [$al, $wet], 'source' => 'ASM vol. 15, alloy 356/A356',
    ],
    [
        'code' => 't5', 'alloys' => ['al_si7mg'], 'name' => 'T5: age only',
        'gives' => 'keeps its size, a little stronger; no quench, no warp',
        'stages' => [
            ['label' => 'Age', 'c' => [155, 170], 'hours' => [3, 8], 'an_inch' => null, 'then' => 'cool in air'],
        ],
        'cautions' => [], 'source' => 'ASM vol. 15, alloy 356',
    ],
    [
        'code' => 't6_cu', 'alloys' => ['al_si6cu4'], 'name' => 'T6: solution, quench, age', 'gives' => 'stronger and harder',
        'stages' => [
            [
                'label' => 'Solution', 'c' => [500, 505], 'hours' => [8, 12], 'an_inch' => null,
                'then' => 'within ten seconds into water of {60 degC} to {80 degC}',
            ],
            ['label' => 'Age', 'c' => [150, 160], 'hours' => [3, 5], 'an_inch' => null, 'then' => 'cool in air'],
        ],
        'cautions' => [$al, $wet], 'source' => 'ASM vol. 15, alloy 319',
    ],
    [
        'code' => 'anneal', 'alloys' => ['silver_925'], 'name' => 'Anneal', 'gives' => 'soft again, for bending and setting',
        'stages' => [
            [
                'label' => 'Dull red in the dark', 'c' => [600, 650], 'hours' => [0.1, 0.25], 'an_inch' => null,
                'then' => 'let the red go, then into water',
            ],
        ],
        'cautions' => ['Pickle spits when hot metal meets it: cool it in water first, eyes covered.'],
        'source' => 'ASM vol. 4, silver alloys',
    ],
    [
        'code' => 'relief_brass', 'alloys' => ['yellow_brass'], 'name' => 'Stress relief', 'gives' => 'no season cracking, machines true',
        'stages' => [
            ['label' => 'Hold', 'c' => [250, 300], 'hours' => [1, 1], 'an_inch' => null, 'then' => 'cool in air'],
        ],
        'cautions' => [], 'source' => 'ASM vol. 4, copper alloys',
    ],
    [
        'code' => 'homogenise', 'alloys' => ['tin_bronze', 'bell_metal'], 'name' => 'Homogenise', 'gives' => 'tougher, no tin-rich seams',
        'stages' => [
            ['label' => 'Hold', 'c' => [675, 700], 'hours' => [2, 6], 'an_inch' => null, 'then' => 'cool in air'],
        ],
        'cautions' => ['Support it all over: at this heat it bends under its own weight.'],
        'source' => 'ASM vol. 4, copper alloys; hours are common practice',
    ],
    [
        'code' => 'relief_iron', 'alloys' => ['grey_iron', 'ductile_iron'], 'name' => 'Stress relief',
        'gives' => 'stays true when it is machined',
        'stages' => [
            [
                'label' => 'Hold', 'c' => [550, 600], 'hours' => null, 'an_inch' => 1.0,
                'then' => 'in the shut oven, {50 ddegC} an hour, to {300 degC}; then in air',
            ],
        ],
        'cautions' => ['Heat it as slowly as it is cooled, or the relief makes new stress.'], 'source' => 'ASM vol. 4, cast irons',
    ],
    [
        'code' => 'harden', 'alloys' => ['white_iron_cr'], 'name' => 'Harden and temper', 'gives' => 'hard enough for wear',
        'stages' => [
            [
                'label' => 'Harden', 'c' => [950, 1010], 'hours' => null, 'an_inch' => 1.0,
                'then' => 'in moving air; never in water or oil: it cracks',
            ],
            ['label' => 'Temper', 'c' => [200, 230], 'hours' => [2, 4], 'an_inch' => null, 'then' => 'cool in air'],
        ],
        'cautions' => ['Slowly up to {650 degC}: cold white iron cracks when it is heated fast.'],
        'source' => 'ASM vol. 4, high-alloy white irons; hours of the temper are common practice',
    ],
    [
        'code' => 'stabilise', 'alloys' => ['zn_al4', 'za_8', 'za_12', 'za_27'], 'name' => 'Stabilise', 'gives' => 'does not grow later',
        'stages' => [
            ['label' => 'Hold', 'c' => [95, 105], 'hours' => [3, 6], 'an_inch' => null, 'then' => 'cool in air'],
        ],
        'cautions' => [], 'source' => 'ASM vol. 2, zinc alloys',
    ],
];
