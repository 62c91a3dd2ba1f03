<?php

declare(strict_types=1);

// The kinds of things that stand in a workshop, and what is kept of each besides its name. title, why, add: how the shelf is headed.
// in_plans: whether it is part of the workshop that a plan is made with and that documents carry.
// A column: key, label, type (quantity, choice, count, price, composition, parts, sieves, day, thing, text), unit and possible (refused
// outside) of a quantity, usual (questioned outside), choices: the list it is picked from (of a thing: its kind), example. Bounds are wide
// on purpose: common practice.
return [
    [
        'kind' => 'furnaces', 'title' => 'Furnaces', 'why' => 'Energy, time and cost of a melt.', 'add' => 'a furnace', 'in_plans' => true,
        'columns' => [
            ['key' => 'source', 'label' => 'Heated by', 'type' => 'choice', 'choices' => 'energy_source'],
            ['key' => 'power', 'label' => 'Power', 'unit' => 'kW', 'possible' => [0.05, 2000], 'example' => '2 kW'],
            ['key' => 'efficiency', 'label' => 'Reaches the metal', 'unit' => 'percent', 'possible' => [0.1, 95], 'example' => '25-35 %'],
        ],
    ],
    [
        'kind' => 'crucibles', 'title' => 'Crucibles', 'why' => 'Whether the charge fits, and what there is to lift.',
        'add' => 'a crucible', 'in_plans' => true,
        'columns' => [
            ['key' => 'volume', 'label' => 'To the brim', 'unit' => 'mL', 'possible' => [1, 500000], 'example' => '600 mL'],
            ['key' => 'mass', 'label' => 'Empty, with tongs', 'unit' => 'kg', 'possible' => [0.01, 500], 'example' => '1.4 kg'],
            ['key' => 'kind', 'label' => 'Made of', 'type' => 'choice', 'choices' => 'crucible_kind'],
            ['key' => 'family', 'label' => 'Kept for', 'type' => 'choice', 'choices' => 'metal_family'],
            ['key' => 'heats', 'label' => 'Heats before this notebook', 'type' => 'count', 'possible' => [0, 1000], 'example' => '6'],
            ['key' => 'cost', 'label' => 'It cost', 'type' => 'price', 'example' => '24'],
            ['key' => 'kept', 'label' => 'Where it stands', 'type' => 'text', 'example' => 'on the furnace'],
        ],
    ],
    [
        'kind' => 'flasks', 'title' => 'Flasks', 'why' => 'The smallest that fits is offered.', 'add' => 'a flask', 'in_plans' => true,
        'columns' => [
            ['key' => 'length', 'label' => 'Length inside', 'unit' => 'mm', 'possible' => [20, 5000], 'example' => '300 mm'],
            ['key' => 'width', 'label' => 'Width inside', 'unit' => 'mm', 'possible' => [20, 5000], 'example' => '200 mm'],
            ['key' => 'cope', 'label' => 'Cope', 'unit' => 'mm', 'possible' => [5, 2000], 'example' => '100 mm'],
            ['key' => 'drag', 'label' => 'Drag', 'unit' => 'mm', 'possible' => [5, 2000], 'example' => '80 mm'],
        ],
    ],
    [
        'kind' => 'cutters', 'title' => 'Cutting tools', 'why' => 'Sprues and runners are sized in what you own.', 'add' => 'a tool',
        'in_plans' => true,
        'columns' => [
            [
                'key' => 'kind', 'label' => 'Kind', 'type' => 'choice', 'choices' => 'cutter_kind',
                'needed' => 'A cutter is a drill, a tube or a bar.',
            ],
            [
                'key' => 'size', 'label' => 'Size', 'unit' => 'mm', 'possible' => [0.5, 500], 'example' => '5/8 in',
                'needed' => 'Say how large it is.',
            ],
        ],
    ],
    [
        'kind' => 'stock', 'title' => 'Metal', 'why' => 'Lots of metal on the shelf: ingots, scrap of one kind, returns.',
        'add' => 'a lot', 'in_plans' => true,
        'columns' => [
            ['key' => 'mass', 'label' => 'There was', 'unit' => 'kg', 'possible' => [0, 10000], 'example' => '3 kg'],
            ['key' => 'alloy', 'label' => 'Alloy', 'type' => 'choice', 'choices' => 'alloy'],
            ['key' => 'form', 'label' => 'What it is', 'type' => 'choice', 'choices' => 'charge_source'],
            ['key' => 'known', 'label' => 'How it is known', 'type' => 'choice', 'choices' => 'lot_knowledge'],
            ['key' => 'composition', 'label' => 'Composition, per cent', 'type' => 'composition', 'example' => 'Si 7, Mg 0.35, Fe 0.15'],
            ['key' => 'state', 'label' => 'Dry and clean', 'type' => 'choice', 'choices' => 'lot_state'],
            ['key' => 'origin', 'label' => 'Where it came from', 'type' => 'text', 'example' => 'two gearbox covers'],
            ['key' => 'kept', 'label' => 'Where it lies', 'type' => 'text', 'example' => 'second shelf'],
            ['key' => 'piece', 'label' => 'A piece weighs', 'unit' => 'kg', 'possible' => [0.001, 1000], 'example' => '480 g'],
            ['key' => 'remelts', 'label' => 'Melted before, times', 'type' => 'count', 'possible' => [0, 100], 'usual' => [0, 12],
                'example' => '2'],
            ['key' => 'least', 'label' => 'Use at least', 'unit' => 'kg', 'possible' => [0, 10000], 'example' => '0 kg'],
            ['key' => 'price', 'label' => 'Price a kilogram', 'type' => 'price', 'example' => '2.20'],
            ['key' => 'loss', 'label' => 'Melt loss', 'unit' => 'percent', 'possible' => [0, 90], 'example' => '5 %'],
        ],
    ],
    [
        'kind' => 'consumables', 'title' => 'Consumables', 'why' => 'What is used up: gas, plaster, binder, flux, paper.',
        'add' => 'a consumable', 'in_plans' => false,
        'columns' => [
            ['key' => 'mass', 'label' => 'There was', 'unit' => 'kg', 'possible' => [0, 100000], 'example' => '20 kg'],
            ['key' => 'pieces', 'label' => 'or pieces', 'type' => 'count', 'possible' => [0, 100000], 'example' => '12'],
            ['key' => 'least', 'label' => 'Buy when under', 'unit' => 'kg', 'possible' => [0, 100000], 'example' => '4 kg'],
            ['key' => 'least_pieces', 'label' => 'or under pieces', 'type' => 'count', 'possible' => [0, 100000], 'example' => '3'],
            ['key' => 'price', 'label' => 'Price of a kilogram or piece', 'type' => 'price', 'example' => '1.80'],
            ['key' => 'kept', 'label' => 'Where it lies', 'type' => 'text', 'example' => 'dry cupboard'],
        ],
    ],
    [
        'kind' => 'heaps', 'title' => 'Sand heaps', 'why' => 'What a mould is made of, and how tired it is.', 'add' => 'a heap',
        'in_plans' => false,
        'columns' => [
            [
                'key' => 'kind', 'label' => 'Kind of sand', 'type' => 'choice', 'choices' => 'sand_kind',
                'needed' => 'Say what kind of sand it is.',
            ],
            [
                'key' => 'mass', 'label' => 'It weighs', 'unit' => 'kg', 'possible' => [0.1, 50000], 'usual' => [2, 2000],
                'example' => '40 kg',
            ],
            ['key' => 'begun_on', 'label' => 'Mixed on', 'type' => 'day', 'example' => '2026-04-12'],
            [
                'key' => 'clay', 'label' => 'Clay in the recipe', 'unit' => 'percent', 'possible' => [0, 50], 'usual' => [0, 22],
                'example' => '8 %',
            ],
            [
                'key' => 'oil', 'label' => 'Oil in the recipe', 'unit' => 'percent', 'possible' => [0, 15], 'usual' => [0, 5],
                'example' => '2 %',
            ],
            [
                'key' => 'catalyst', 'label' => 'Catalyst in the recipe', 'unit' => 'percent', 'possible' => [0, 5], 'usual' => [0, 1],
                'example' => '0.1 %',
            ],
            ['key' => 'step', 'label' => 'Your scale shows steps of', 'unit' => 'g', 'possible' => [0.001, 1000], 'example' => '1 g'],
        ],
    ],
    [
        'kind' => 'recipes', 'title' => 'Recipes', 'why' => 'Mixes of your own, after one of the trade.', 'add' => 'a recipe',
        'in_plans' => false,
        'columns' => [
            [
                'key' => 'like', 'label' => 'After', 'type' => 'choice', 'choices' => 'recipe',
                'needed' => 'Say which mix of the trade it is made after.',
            ],
            ['key' => 'parts', 'label' => 'Parts by mass', 'type' => 'parts', 'example' => 'Water 38, Investment powder 100'],
            [
                'key' => 'reserve', 'label' => 'Reserve', 'unit' => 'percent', 'possible' => [0, 200], 'usual' => [0, 60],
                'example' => '12 %',
            ],
            ['key' => 'thickness', 'label' => 'Wet, a coat', 'unit' => 'mm', 'possible' => [0.005, 50], 'example' => '0.7 mm'],
            ['key' => 'works', 'label' => 'Can be worked for', 'unit' => 'min', 'possible' => [0.5, 10000], 'example' => '8 min'],
            ['key' => 'sets', 'label' => 'Holds its shape after', 'unit' => 'min', 'possible' => [0.5, 100000], 'example' => '15 min'],
            ['key' => 'ready', 'label' => 'Goes on after', 'unit' => 'min', 'possible' => [0.5, 1000000], 'example' => '2 h'],
            ['key' => 'bought_on', 'label' => 'Opened on', 'type' => 'day', 'example' => '2026-04-12'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'patterns', 'title' => 'Patterns and moulds', 'why' => 'What is moulded from, and what is poured into again.',
        'add' => 'a pattern or mould', 'in_plans' => false,
        'columns' => [
            ['key' => 'form', 'label' => 'What it is', 'type' => 'choice', 'choices' => 'pattern_form', 'needed' => 'Say what it is.'],
            ['key' => 'after', 'label' => 'Taken from', 'type' => 'thing', 'choices' => 'patterns'],
            [
                'key' => 'contraction', 'label' => 'Smaller than that by', 'unit' => 'percent', 'possible' => [-2, 10],
                'usual' => [-0.5, 3], 'example' => '0.2-0.4 %',
            ],
            ['key' => 'pieces', 'label' => 'Pieces, of foams and waxes', 'type' => 'count', 'possible' => [0, 10000], 'example' => '4'],
            ['key' => 'uses', 'label' => 'Used before this notebook', 'type' => 'count', 'possible' => [0, 100000], 'example' => '12'],
            ['key' => 'length', 'label' => 'An edge of it measures', 'unit' => 'mm', 'possible' => [1, 10000], 'example' => '103.2 mm'],
            ['key' => 'edge', 'label' => 'Which edge', 'type' => 'text', 'example' => 'over the flange'],
            ['key' => 'may_wear', 'label' => 'That may wear by', 'unit' => 'mm', 'possible' => [0.01, 100], 'example' => '0.3 mm'],
            ['key' => 'cost', 'label' => 'It cost', 'type' => 'price', 'example' => '12.50'],
            ['key' => 'hours', 'label' => 'Hands on, making it', 'unit' => 'h', 'possible' => [0, 2000], 'example' => '3 h'],
            ['key' => 'made_on', 'label' => 'Made on', 'type' => 'day', 'example' => '2026-04-12'],
            ['key' => 'kept', 'label' => 'Where it is kept', 'type' => 'text', 'example' => 'drawer under the bench'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
];
