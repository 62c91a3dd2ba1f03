<?php

declare(strict_types=1);

// The made-up restorer's sand: each heap with the castings moulded of it and its book. An entry: [kind, day or hours ago, columns].
return [
    [
        'heap' => [
            'name' => 'Yard heap', 'kind' => 'bentonite', 'mass' => '45 kg', 'begun_on' => '2025-04-20', 'clay' => '8 %', 'step' => '1 g',
        ],
        'castings' => ['Rowlock socket'],
        'entries' => [
            ['sand_test', '2025-04-20', [
                'wash_before' => '100 g', 'wash_after' => '92 g', 'note' => 'Fresh from the mixer.',
                'sieves' => [
                    '40' => '3 g', '50' => '14 g', '70' => '29 g', '100' => '31 g', '140' => '15 g', '200' => '5 g', 'pan' => '3 g',
                ],
            ]],
            ['sand_test', '2025-05-11', ['squeeze' => 'wet', 'wet' => '500 g', 'dried' => '471 g', 'note' => 'After the rain.']],
            ['sand_test', '2025-05-17', [
                'squeeze' => 'good', 'wet' => '500 g', 'dried' => '482 g', 'loose' => '120 mm', 'rammed' => '65 mm',
            ]],
            ['sand_test', '2025-05-31', [
                'squeeze' => 'good', 'wet' => '500 g', 'dried' => '483 g', 'loose' => '120 mm', 'rammed' => '66 mm',
            ]],
            ['sand_test', '2025-06-14', [
                'squeeze' => 'good', 'wet' => '500 g', 'dried' => '482 g', 'loose' => '120 mm', 'rammed' => '66 mm',
                'fire_before' => '100 g', 'fire_after' => '98 g', 'seconds' => '38 s', 'pressure' => '10 cm water',
            ]],
            ['sand_addition', '2026-03-28', ['clay' => '400 g', 'water' => '900 g', 'note' => 'Turned over after the winter.']],
            ['sand_test', 5, ['squeeze' => 'dry', 'wet' => '600 g', 'dried' => '587 g', 'loose' => '120 mm', 'rammed' => '78 mm']],
        ],
    ],
    [
        'heap' => [
            'name' => 'Facing box', 'kind' => 'natural', 'mass' => '9 kg', 'begun_on' => '2026-05-24', 'clay' => '12 %', 'step' => '1 g',
        ],
        'castings' => ['Boom crutch'],
        'entries' => [
            ['sand_test', '2026-05-24', ['wash_before' => '100 g', 'wash_after' => '88 g', 'fineness' => 150, 'permeability' => 32]],
            ['sand_test', '2026-06-06', ['squeeze' => 'good', 'wet' => '400 g', 'dried' => '376 g']],
            ['sand_test', '2026-07-04', ['squeeze' => 'good', 'wet' => '400 g', 'dried' => '375 g']],
            ['sand_test', '2026-08-02', ['squeeze' => 'good', 'wet' => '400 g', 'dried' => '374 g', 'permeability' => 24]],
            ['sand_addition', '2026-08-09', [
                'burnt_out' => '1 kg', 'sand' => '1 kg', 'clay' => '300 g', 'note' => 'The grey crust thrown away.',
            ]],
            ['sand_test', '2026-08-15', ['squeeze' => 'good', 'wet' => '400 g', 'dried' => '376 g']],
        ],
    ],
    [
        'heap' => [
            'name' => 'Oil bin', 'kind' => 'oil', 'mass' => '22 kg', 'begun_on' => '2026-05-03', 'clay' => '5 %', 'oil' => '2 %',
            'catalyst' => '0.1 %',
        ],
        'castings' => ['Stove damper'],
        'entries' => [
            ['sand_test', '2026-05-09', ['squeeze' => 'good', 'fire_before' => '100 g', 'fire_after' => '95.5 g', 'fineness' => 120]],
        ],
    ],
    [
        'heap' => ['name' => 'Foam box', 'kind' => 'dry', 'mass' => '60 kg', 'begun_on' => '2025-06-20'],
        'castings' => ['Bow fairlead'],
        'entries' => [
            ['sand_test', '2025-07-05', [
                'moisture' => '0.1 %', 'permeability' => 320,
                'sieves' => ['30' => '8 g', '40' => '34 g', '50' => '41 g', '70' => '14 g', '100' => '2 g', 'pan' => '1 g'],
            ]],
        ],
    ],
];
