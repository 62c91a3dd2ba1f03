<?php

declare(strict_types=1);

// What alloys are made of, per cent of mass, as [least, most] of each element; base is the rest. Taken 2026-11 by the founders.
// Source of each row unless it says otherwise: the standards of the grade (EN 1706 for aluminium castings, EN 573 for wrought aluminium,
// EN 1982 for copper alloys, EN 1774 for zinc alloys, EN 611 for pewter, EN 1561 and EN 1563 for iron), recalled from memory and rounded.
// An element that a row leaves out is a trace in it. known: false where only the family is known; the ends are then what such scrap
// usually holds (common practice).
return [
    ['code' => 'al99', 'base' => 'Al', 'elements' => ['Si' => [0, 0.2], 'Fe' => [0, 0.25], 'Cu' => [0, 0.03], 'Mg' => [0, 0.03]]],
    [
        'code' => 'al_mn_sheet', 'base' => 'Al',
        'elements' => ['Mn' => [0.8, 1.5], 'Mg' => [0, 1.3], 'Fe' => [0.2, 0.7], 'Si' => [0, 0.6], 'Cu' => [0, 0.25]],
    ],
    [
        'code' => 'al_si7mg', 'base' => 'Al',
        'elements' => [
            'Si' => [6.5, 7.5], 'Mg' => [0.25, 0.45], 'Fe' => [0, 0.45], 'Cu' => [0, 0.25], 'Mn' => [0, 0.35], 'Zn' => [0, 0.15],
            'Ti' => [0, 0.25],
        ],
    ],
    [
        'code' => 'al_si6cu4', 'base' => 'Al',
        'elements' => [
            'Si' => [5, 7], 'Cu' => [3, 5], 'Fe' => [0, 1.0], 'Mg' => [0, 0.55], 'Mn' => [0.2, 0.65], 'Zn' => [0, 2.0], 'Pb' => [0, 0.3],
        ],
    ],
    [
        'code' => 'al_si9cu3', 'base' => 'Al',
        'elements' => [
            'Si' => [8, 11], 'Cu' => [2, 4], 'Fe' => [0, 1.3], 'Mg' => [0.05, 0.55], 'Mn' => [0, 0.55], 'Zn' => [0, 1.2], 'Pb' => [0, 0.35],
        ],
    ],
    [
        'code' => 'al_si12', 'base' => 'Al',
        'elements' => ['Si' => [10.5, 13.5], 'Fe' => [0, 0.55], 'Cu' => [0, 0.05], 'Mg' => [0, 0.1], 'Mn' => [0, 0.35], 'Zn' => [0, 0.1]],
    ],
    [
        'code' => 'al_mg7', 'base' => 'Al',
        'elements' => ['Mg' => [6, 8], 'Si' => [0, 0.5], 'Fe' => [0, 0.4], 'Cu' => [0, 0.1], 'Mn' => [0, 0.5], 'Zn' => [0, 0.2]],
    ],
    [
        'code' => 'al_mgsi_wrought', 'base' => 'Al',
        'elements' => ['Mg' => [0.35, 0.9], 'Si' => [0.3, 0.8], 'Fe' => [0.1, 0.35], 'Cu' => [0, 0.1], 'Mn' => [0, 0.1], 'Zn' => [0, 0.1]],
    ],
    [
        'code' => 'aluminium_unknown', 'base' => 'Al', 'known' => false,
        'elements' => ['Si' => [0, 13], 'Cu' => [0, 4], 'Mg' => [0, 2], 'Fe' => [0.2, 1.3], 'Zn' => [0, 2], 'Mn' => [0, 1]],
    ],
    [
        'code' => 'zn_al4', 'base' => 'Zn',
        'elements' => [
            'Al' => [3.7, 4.3], 'Mg' => [0.025, 0.06], 'Cu' => [0, 0.1], 'Fe' => [0, 0.05], 'Pb' => [0, 0.005], 'Cd' => [0, 0.005],
            'Sn' => [0, 0.002],
        ],
    ],
    [
        'code' => 'za_8', 'base' => 'Zn',
        'elements' => [
            'Al' => [8, 8.8], 'Cu' => [0.8, 1.3], 'Mg' => [0.015, 0.03], 'Fe' => [0, 0.075], 'Pb' => [0, 0.006], 'Cd' => [0, 0.006],
            'Sn' => [0, 0.003],
        ],
    ],
    [
        'code' => 'za_12', 'base' => 'Zn',
        'elements' => [
            'Al' => [10.5, 11.5], 'Cu' => [0.5, 1.25], 'Mg' => [0.015, 0.03], 'Fe' => [0, 0.075], 'Pb' => [0, 0.006], 'Cd' => [0, 0.006],
            'Sn' => [0, 0.003],
        ],
    ],
    [
        'code' => 'za_27', 'base' => 'Zn',
        'elements' => [
            'Al' => [25, 28], 'Cu' => [2, 2.5], 'Mg' => [0.01, 0.02], 'Fe' => [0, 0.075], 'Pb' => [0, 0.006], 'Cd' => [0, 0.006],
            'Sn' => [0, 0.003],
        ],
    ],
    ['code' => 'copper', 'base' => 'Cu', 'elements' => ['Sn' => [0, 0.1], 'Zn' => [0, 0.1], 'Pb' => [0, 0.05], 'Fe' => [0, 0.05]]],
    [
        'code' => 'red_brass', 'base' => 'Cu',
        'elements' => [
            'Sn' => [4, 6], 'Zn' => [4, 6], 'Pb' => [4, 6], 'Ni' => [0, 2], 'Fe' => [0, 0.3], 'Al' => [0, 0.01], 'Si' => [0, 0.01],
        ],
    ],
    [
        'code' => 'yellow_brass', 'base' => 'Cu',
        'elements' => ['Zn' => [36, 41], 'Pb' => [0, 2.5], 'Sn' => [0, 1], 'Al' => [0, 0.8], 'Fe' => [0, 0.7]],
    ],
    [
        'code' => 'silicon_bronze', 'base' => 'Cu',
        'elements' => ['Si' => [2.8, 4], 'Mn' => [0.5, 1.5], 'Zn' => [0, 5], 'Fe' => [0, 1], 'Sn' => [0, 0.5], 'Pb' => [0, 0.05]],
    ],
    [
        'code' => 'tin_bronze', 'base' => 'Cu',
        'elements' => [
            'Sn' => [9, 11], 'Pb' => [0, 1], 'Zn' => [0, 0.5], 'P' => [0, 0.2], 'Ni' => [0, 2], 'Al' => [0, 0.01], 'Fe' => [0, 0.2],
        ],
    ],
    ['code' => 'bell_metal', 'base' => 'Cu', 'elements' => ['Sn' => [19, 23], 'Pb' => [0, 1], 'Zn' => [0, 1]]],
    [
        'code' => 'al_bronze', 'base' => 'Cu',
        'elements' => ['Al' => [8.5, 10.5], 'Fe' => [1.5, 3.5], 'Ni' => [0, 1.5], 'Mn' => [0, 1], 'Pb' => [0, 0.03], 'Sn' => [0, 0.2]],
    ],
    [
        'code' => 'brass_unknown', 'base' => 'Cu', 'known' => false,
        'elements' => ['Zn' => [10, 41], 'Pb' => [0, 4], 'Sn' => [0, 3], 'Al' => [0, 1], 'Fe' => [0, 0.8]],
    ],
    ['code' => 'silver_999', 'base' => 'Ag', 'elements' => ['Cu' => [0, 0.1], 'Pb' => [0, 0.01]]],
    ['code' => 'silver_925', 'base' => 'Ag', 'elements' => ['Cu' => [7, 7.5], 'Zn' => [0, 0.1], 'Pb' => [0, 0.01]]],
    ['code' => 'tin', 'base' => 'Sn', 'elements' => ['Pb' => [0, 0.05], 'Sb' => [0, 0.05], 'Cu' => [0, 0.05]]],
    ['code' => 'pewter_sb7cu2', 'base' => 'Sn', 'elements' => ['Sb' => [5, 8], 'Cu' => [1, 2.5], 'Pb' => [0, 0.25]]],
    ['code' => 'pewter_low_cu', 'base' => 'Sn', 'elements' => ['Sb' => [6.5, 8], 'Cu' => [0.2, 0.5], 'Pb' => [0, 0.25]]],
    [
        'code' => 'pewter_unknown', 'base' => 'Sn', 'known' => false,
        'elements' => ['Sb' => [0, 8], 'Cu' => [0, 2.5], 'Pb' => [0, 40]],
    ],
    ['code' => 'lead', 'base' => 'Pb', 'elements' => ['Sb' => [0, 0.5], 'Sn' => [0, 0.5]]],
    [
        'code' => 'grey_iron', 'base' => 'Fe',
        'elements' => ['C' => [3.2, 3.6], 'Si' => [1.8, 2.6], 'Mn' => [0.4, 0.9], 'P' => [0, 0.3], 'S' => [0, 0.15], 'Cr' => [0, 0.3]],
    ],
    [
        'code' => 'ductile_iron', 'base' => 'Fe',
        'elements' => ['C' => [3.4, 3.9], 'Si' => [2, 2.9], 'Mn' => [0, 0.5], 'Mg' => [0.03, 0.06], 'P' => [0, 0.08], 'S' => [0, 0.02]],
    ],
    [
        'code' => 'white_iron_cr', 'base' => 'Fe',
        'elements' => ['C' => [2.2, 3.2], 'Cr' => [18, 23], 'Si' => [0, 1.2], 'Mn' => [0, 1.5], 'Mo' => [0, 1.5]],
    ],
    [
        'code' => 'carbon_steel', 'base' => 'Fe',
        'elements' => ['C' => [0.2, 0.4], 'Si' => [0.2, 0.6], 'Mn' => [0.5, 1], 'P' => [0, 0.04], 'S' => [0, 0.04]],
    ],
    [
        'code' => 'iron_unknown', 'base' => 'Fe', 'known' => false,
        'elements' => ['C' => [2.8, 3.9], 'Si' => [1, 3], 'Mn' => [0.3, 1], 'P' => [0, 1], 'S' => [0, 0.15], 'Cr' => [0, 1]],
    ],
];
