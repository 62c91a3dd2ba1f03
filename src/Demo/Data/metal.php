<?php

declare(strict_types=1);

// The metal of the made-up restorer. lots: what each is, and its book: [kind, day or [casting, number of the pour], columns]. What a pour
// charged is written at eight in the morning of its day, what it gave back in the evening. melted_in: casting → crucible. looks: crucible
// or furnace → [day, what was found, note]. consumables: each with its book.
return [
    'lots' => [
        [
            'lot' => [
                'name' => 'Broken wheels', 'alloy' => 'al_si7mg', 'form' => 'castings', 'known' => 'by_part', 'state' => 'dry',
                'mass' => '5.2 kg', 'price' => '2.20', 'loss' => '5 %', 'kept' => 'under the bench',
                'composition' => ['Si' => '7 %', 'Mg' => '0.35 %', 'Fe' => '0.15 %', 'Cu' => '0.02 %'],
                'origin' => 'two wheels, sawn up',
            ],
            'book' => [
                ['lot_charged', ['Rowlock socket', 1], ['mass' => '1.2 kg']],
                ['lot_charged', ['Rowlock socket', 2], ['mass' => '1.2 kg']],
                ['lot_charged', ['Rowlock socket', 3], ['mass' => '0.5 kg']],
                ['lot_charged', ['Rowlock socket', 4], ['mass' => '0.4 kg']],
                ['lot_weighed', '2025-10-03', ['mass' => '1.8 kg', 'note' => 'Swept up for the winter.']],
            ],
        ],
        [
            'lot' => ['name' => 'Aluminium returns', 'alloy' => 'al_si7mg', 'form' => 'returns', 'state' => 'dry', 'loss' => '4 %'],
            'book' => [
                ['lot_returned', ['Rowlock socket', 1], ['mass' => '1.1 kg', 'what' => 'casting']],
                ['lot_returned', ['Rowlock socket', 2], ['mass' => '1.05 kg', 'what' => 'casting']],
                ['lot_charged', ['Rowlock socket', 3], ['mass' => '0.7 kg']],
                ['lot_returned', ['Rowlock socket', 3], ['mass' => '0.65 kg', 'what' => 'gating']],
                ['lot_charged', ['Rowlock socket', 4], ['mass' => '0.7 kg']],
                ['lot_returned', ['Rowlock socket', 4], ['mass' => '1.0 kg', 'what' => 'casting']],
            ],
        ],
        [
            'lot' => [
                'name' => 'Silicon ingots', 'alloy' => 'al_si12', 'form' => 'ingot', 'known' => 'certified', 'state' => 'dry',
                'mass' => '3.15 kg', 'piece' => '450 g', 'price' => '3.60', 'loss' => '2 %', 'kept' => 'second shelf',
                'composition' => ['Si' => '12 %', 'Mg' => '0.05 %', 'Fe' => '0.4 %', 'Cu' => '0.05 %'],
            ],
            'book' => [],
        ],
        [
            'lot' => [
                'name' => 'Window extrusion', 'alloy' => 'al_mgsi_wrought', 'form' => 'extrusion', 'known' => 'by_part', 'state' => 'dry',
                'mass' => '4.0 kg', 'price' => '1.10', 'loss' => '8 %',
                'composition' => ['Si' => '0.45 %', 'Mg' => '0.5 %', 'Fe' => '0.25 %', 'Cu' => '0.05 %'],
            ],
            'book' => [],
        ],
        [
            'lot' => [
                'name' => 'Old pistons', 'alloy' => 'aluminium_unknown', 'form' => 'castings', 'known' => 'by_part', 'state' => 'oily',
                'mass' => '2.0 kg', 'price' => '1.40', 'loss' => '6 %', 'piece' => '250 g',
                'composition' => ['Si' => '12 %', 'Mg' => '1 %', 'Fe' => '0.5 %', 'Cu' => '1.1 %', 'Mn' => '0.1 %', 'Zn' => '0.1 %'],
            ],
            'book' => [],
        ],
        [
            'lot' => [
                'name' => 'Gearbox covers', 'alloy' => 'al_si9cu3', 'form' => 'castings', 'known' => 'by_part', 'state' => 'mixed',
                'mass' => '7.5 kg', 'price' => '1.30', 'origin' => 'from a scrap yard, bolts still in two',
            ],
            'book' => [
                ['lot_charged', ['Bow fairlead', 1], ['mass' => '1.9 kg']],
                ['lot_charged', ['Bow fairlead', 2], ['mass' => '1.9 kg']],
                ['lot_charged', ['Bow fairlead', 3], ['mass' => '2.0 kg']],
            ],
        ],
        [
            'lot' => [
                'name' => 'Silicon bronze bar', 'alloy' => 'silicon_bronze', 'form' => 'ingot', 'known' => 'certified', 'state' => 'dry',
                'mass' => '6 kg', 'piece' => '500 g', 'price' => '16.50',
            ],
            'book' => [
                ['lot_charged', ['Porthole ring', 1], ['mass' => '1.5 kg']],
                ['lot_charged', ['Porthole ring', 2], ['mass' => '1.5 kg']],
                ['lot_charged', ['Porthole ring', 3], ['mass' => '1.5 kg']],
            ],
        ],
        [
            'lot' => [
                'name' => 'Old propeller', 'alloy' => 'tin_bronze', 'form' => 'castings', 'known' => 'by_part', 'state' => 'painted',
                'mass' => '10.8 kg', 'price' => '7.50', 'origin' => 'one blade bent, cut with a saw',
            ],
            'book' => [
                ['lot_checked', '2026-06-01', [
                    'composition' => ['Sn' => '9.4 %', 'Pb' => '0.4 %', 'Zn' => '0.3 %'], 'known' => 'assayed',
                    'note' => 'A drilled hole, by somebody with a spectrometer.',
                ]],
                ['lot_charged', ['Boom crutch', 1], ['mass' => '2.6 kg']],
                ['lot_charged', ['Boom crutch', 2], ['mass' => '1.7 kg']],
                ['lot_charged', ['Boom crutch', 3], ['mass' => '1.7 kg']],
                ['lot_charged', ['Boom crutch', 4], ['mass' => '1.6 kg']],
                ['lot_charged', ['Boom crutch', 5], ['mass' => '1.6 kg']],
                ['lot_charged', ['Boom crutch', 6], ['mass' => '0.6 kg']],
            ],
        ],
        [
            'lot' => ['name' => 'Bronze returns', 'alloy' => 'tin_bronze', 'form' => 'returns', 'state' => 'dry', 'price' => '7.50'],
            'book' => [
                ['lot_returned', ['Boom crutch', 1], ['mass' => '1.0 kg', 'what' => 'gating']],
                ['lot_charged', ['Boom crutch', 2], ['mass' => '0.9 kg']],
                ['lot_returned', ['Boom crutch', 2], ['mass' => '1.0 kg', 'what' => 'gating']],
                ['lot_charged', ['Boom crutch', 3], ['mass' => '0.9 kg']],
                ['lot_returned', ['Boom crutch', 3], ['mass' => '1.1 kg', 'what' => 'gating']],
                ['lot_charged', ['Boom crutch', 4], ['mass' => '1.0 kg']],
                ['lot_returned', ['Boom crutch', 4], ['mass' => '1.0 kg', 'what' => 'gating']],
                ['lot_charged', ['Boom crutch', 5], ['mass' => '1.0 kg']],
                ['lot_returned', ['Boom crutch', 5], ['mass' => '2.4 kg', 'what' => 'casting']],
                ['lot_charged', ['Boom crutch', 6], ['mass' => '2.0 kg']],
                ['lot_returned', ['Boom crutch', 6], ['mass' => '1.0 kg', 'what' => 'gating']],
            ],
        ],
        [
            'lot' => [
                'name' => 'Tap bodies', 'alloy' => 'red_brass', 'form' => 'castings', 'known' => 'by_part', 'state' => 'mixed',
                'mass' => '5.5 kg', 'price' => '5.20',
            ],
            'book' => [
                ['lot_charged', ['Stove damper', 1], ['mass' => '1.4 kg']],
                ['lot_charged', ['Stove damper', 2], ['mass' => '1.4 kg']],
            ],
        ],
        [
            'lot' => [
                'name' => 'Pewter cakes', 'alloy' => 'pewter_low_cu', 'form' => 'ingot', 'known' => 'certified', 'state' => 'dry',
                'mass' => '1.4 kg', 'piece' => '200 g', 'price' => '34',
            ],
            'book' => [
                ['lot_charged', ['Thwart cleat', 1], ['mass' => '0.4 kg']],
                ['lot_charged', ['Thwart cleat', 2], ['mass' => '0.2 kg']],
            ],
        ],
        [
            'lot' => [
                'name' => 'Fine silver grain', 'alloy' => 'silver_999', 'form' => 'ingot', 'known' => 'certified', 'state' => 'dry',
                'mass' => '64 g', 'price' => '980', 'kept' => 'the tin with the lock',
            ],
            'book' => [],
        ],
        [
            'lot' => [
                'name' => 'Bare wire', 'alloy' => 'copper', 'form' => 'ingot', 'known' => 'by_part', 'state' => 'dry', 'mass' => '0.6 kg',
                'price' => '9',
            ],
            'book' => [],
        ],
        ['lot' => ['name' => 'Bucket from a house clearance', 'form' => 'mixed', 'mass' => '3.1 kg', 'state' => 'damp'], 'book' => []],
    ],
    'melted_in' => [
        'Rowlock socket' => 'Middle',
        'Bow fairlead' => 'Middle',
        'Porthole ring' => 'Bronze pot',
        'Stove damper' => 'Bronze pot',
        'Boom crutch' => 'Bronze pot',
        'Thwart cleat' => 'Ladle',
    ],
    'looks' => [
        'Middle' => [['2025-04-12', 'sound', ''], ['2025-09-27', 'flaked', 'Glaze off at the lip.']],
        'Bronze pot' => [['2025-08-30', 'fired', ''], ['2026-05-01', 'sound', 'Rings clear.']],
        'Yard burner' => [['2026-05-30', 'sound', 'New hose, soapy water, no bubbles.']],
        'Small' => [['2026-03-14', 'hairline', 'Fell over on the hearth.']],
    ],
    'consumables' => [
        [
            'thing' => ['name' => 'Investment powder', 'mass' => '22.5 kg', 'least' => '5 kg', 'price' => '2.10', 'kept' => 'dry cupboard'],
            'book' => [
                ['consumable_used', ['Porthole ring', 1], ['mass' => '3.4 kg']],
                ['consumable_used', ['Porthole ring', 2], ['mass' => '3.4 kg']],
                ['consumable_used', ['Porthole ring', 3], ['mass' => '3.6 kg']],
                ['consumable_counted', '2026-05-04', ['mass' => '4.2 kg', 'note' => 'A bag had drawn water and went out.']],
            ],
        ],
        [
            'thing' => ['name' => 'Propane', 'mass' => '11 kg', 'least' => '3 kg', 'price' => '2.60'],
            'book' => [
                ['consumable_used', '2026-06-07', ['mass' => '2.1 kg']],
                ['consumable_used', '2026-07-19', ['mass' => '4.3 kg']],
                ['consumable_bought', '2026-08-10', ['mass' => '11 kg']],
            ],
        ],
        ['thing' => ['name' => 'Bentonite', 'mass' => '9 kg', 'least' => '2 kg', 'price' => '1.10'], 'book' => []],
        [
            'thing' => ['name' => 'Grit paper, 120', 'pieces' => 26, 'least_pieces' => 5, 'price' => '0.90'],
            'book' => [
                ['consumable_used', ['Bow fairlead', 3], ['pieces' => 3]],
                ['consumable_used', ['Boom crutch', 1], ['pieces' => 2]],
                ['consumable_used', ['Boom crutch', 3], ['pieces' => 3]],
            ],
        ],
        [
            'thing' => ['name' => 'Foam coat', 'mass' => '5 kg', 'least' => '1 kg', 'price' => '3.20'],
            'book' => [
                ['consumable_used', ['Bow fairlead', 1], ['mass' => '180 g']],
                ['consumable_used', ['Bow fairlead', 2], ['mass' => '260 g']],
                ['consumable_used', ['Bow fairlead', 3], ['mass' => '260 g']],
            ],
        ],
    ],
];
