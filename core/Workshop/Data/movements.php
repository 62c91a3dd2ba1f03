<?php

declare(strict_types=1);

// What happens to a thing of the workshop and is kept as an entry of its own, with its moment. of: the kind of thing. title: what such an
// entry is called. heat, attempt: whether it is of a
// heat, of an attempt, as well. Columns as in the table of things. Bounds are wide on purpose: common practice.
return [
    [
        'kind' => 'sand_test', 'of' => 'heaps', 'title' => 'Test',
        'columns' => [
            ['key' => 'squeeze', 'label' => 'Squeeze test', 'type' => 'choice', 'choices' => 'sand_condition'],
            ['key' => 'wet', 'label' => 'Sample, moist', 'unit' => 'g', 'possible' => [1, 50000], 'example' => '200 g'],
            ['key' => 'dried', 'label' => 'The same, dried', 'unit' => 'g', 'possible' => [0.5, 50000], 'example' => '193 g'],
            [
                'key' => 'moisture', 'label' => 'or moisture, as read', 'unit' => 'percent', 'possible' => [0, 25], 'usual' => [0, 12],
                'example' => '3.5 %',
            ],
            ['key' => 'loose', 'label' => 'Loose height', 'unit' => 'mm', 'possible' => [10, 1000], 'example' => '120 mm'],
            ['key' => 'rammed', 'label' => 'Rammed height', 'unit' => 'mm', 'possible' => [2, 1000], 'example' => '66 mm'],
            [
                'key' => 'compactability', 'label' => 'or compactability', 'unit' => 'percent', 'possible' => [0, 90], 'usual' => [20, 70],
                'example' => '45 %',
            ],
            ['key' => 'seconds', 'label' => '2000 cm³ of air took', 'unit' => 's', 'possible' => [1, 7200], 'example' => '45 s'],
            ['key' => 'pressure', 'label' => 'at a pressure of', 'unit' => 'Pa', 'possible' => [10, 20000], 'example' => '10 cm water'],
            [
                'key' => 'permeability', 'label' => 'or permeability number', 'type' => 'count', 'possible' => [1, 2000],
                'usual' => [10, 600], 'example' => '80',
            ],
            ['key' => 'wash_before', 'label' => 'Clay wash: dry sample', 'unit' => 'g', 'possible' => [1, 50000], 'example' => '50 g'],
            ['key' => 'wash_after', 'label' => 'washed and dried', 'unit' => 'g', 'possible' => [0.1, 50000], 'example' => '46 g'],
            [
                'key' => 'clay', 'label' => 'or clay, as found', 'unit' => 'percent', 'possible' => [0, 50], 'usual' => [0, 22],
                'example' => '8 %',
            ],
            ['key' => 'fire_before', 'label' => 'Ignition: dry sample', 'unit' => 'g', 'possible' => [1, 50000], 'example' => '50 g'],
            ['key' => 'fire_after', 'label' => 'fired', 'unit' => 'g', 'possible' => [0.1, 50000], 'example' => '49 g'],
            [
                'key' => 'loss_on_ignition', 'label' => 'or loss on ignition', 'unit' => 'percent', 'possible' => [0, 60],
                'usual' => [0, 15], 'example' => '2 %',
            ],
            ['key' => 'sieves', 'label' => 'Stayed on each sieve', 'type' => 'sieves', 'example' => '12 g'],
            [
                'key' => 'fineness', 'label' => 'or grain fineness number', 'type' => 'count', 'possible' => [1, 400], 'usual' => [20, 300],
                'example' => '110',
            ],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'sand_addition', 'of' => 'heaps', 'title' => 'Mixed in or taken out',
        'columns' => [
            ['key' => 'water', 'label' => 'Water', 'unit' => 'kg', 'possible' => [0, 5000], 'example' => '600 g'],
            ['key' => 'clay', 'label' => 'Clay', 'unit' => 'kg', 'possible' => [0, 5000], 'example' => '1.2 kg'],
            ['key' => 'sand', 'label' => 'New sand', 'unit' => 'kg', 'possible' => [0, 50000], 'example' => '5 kg'],
            ['key' => 'oil', 'label' => 'Oil', 'unit' => 'kg', 'possible' => [0, 5000], 'example' => '300 g'],
            ['key' => 'catalyst', 'label' => 'Catalyst', 'unit' => 'kg', 'possible' => [0, 500], 'example' => '20 g'],
            ['key' => 'burnt_out', 'label' => 'Burnt sand thrown away', 'unit' => 'kg', 'possible' => [0, 50000], 'example' => '2 kg'],
            ['key' => 'taken_out', 'label' => 'Mixed sand taken out', 'unit' => 'kg', 'possible' => [0, 50000], 'example' => '5 kg'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'lot_weighed', 'of' => 'stock', 'title' => 'Weighed',
        'columns' => [
            [
                'key' => 'mass', 'label' => 'There is', 'unit' => 'kg', 'possible' => [0, 10000], 'example' => '1.2 kg',
                'needed' => 'Say how much there is.',
            ],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'lot_added', 'of' => 'stock', 'title' => 'More of the same',
        'columns' => [
            [
                'key' => 'mass', 'label' => 'Came on top', 'unit' => 'kg', 'possible' => [0.00001, 10000], 'example' => '1.2 kg',
                'needed' => 'Say how much.',
            ],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'lot_charged', 'of' => 'stock', 'title' => 'Charged', 'heat' => true,
        'columns' => [
            [
                'key' => 'mass', 'label' => 'Went into the pot', 'unit' => 'kg', 'possible' => [0.00001, 10000], 'example' => '1.2 kg',
                'needed' => 'Say how much.',
            ],
            ['key' => 'as', 'label' => 'How', 'type' => 'choice', 'choices' => 'charged_as'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'lot_returned', 'of' => 'stock', 'title' => 'Given back by a heat', 'heat' => true,
        'columns' => [
            [
                'key' => 'mass', 'label' => 'Came back', 'unit' => 'kg', 'possible' => [0.00001, 10000], 'example' => '1.2 kg',
                'needed' => 'Say how much.',
            ],
            ['key' => 'what', 'label' => 'What it is', 'type' => 'choice', 'choices' => 'returned_as'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'lot_checked', 'of' => 'stock', 'title' => 'Analysed',
        'columns' => [
            [
                'key' => 'composition', 'label' => 'Found, per cent', 'type' => 'composition', 'example' => 'Si 6.8, Fe 0.3',
                'needed' => 'Say what was found.',
            ],
            ['key' => 'known', 'label' => 'How', 'type' => 'choice', 'choices' => 'lot_knowledge'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'crucible_look', 'of' => 'crucibles', 'title' => 'Looked over',
        'columns' => [
            [
                'key' => 'found', 'label' => 'Found', 'type' => 'choice', 'choices' => 'crucible_found', 'needed' => 'Say what was found.',
            ],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'furnace_look', 'of' => 'furnaces', 'title' => 'Looked over',
        'columns' => [
            [
                'key' => 'found', 'label' => 'Found', 'type' => 'choice', 'choices' => 'furnace_found', 'needed' => 'Say what was found.',
            ],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'consumable_used', 'of' => 'consumables', 'title' => 'Used', 'heat' => true, 'attempt' => true,
        'columns' => [
            ['key' => 'mass', 'label' => 'Used', 'unit' => 'kg', 'possible' => [0, 100000], 'example' => '1.2 kg'],
            ['key' => 'pieces', 'label' => 'or pieces', 'type' => 'count', 'possible' => [0, 100000], 'example' => '2'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'consumable_bought', 'of' => 'consumables', 'title' => 'Bought',
        'columns' => [
            ['key' => 'mass', 'label' => 'Bought', 'unit' => 'kg', 'possible' => [0, 100000], 'example' => '1.2 kg'],
            ['key' => 'pieces', 'label' => 'or pieces', 'type' => 'count', 'possible' => [0, 100000], 'example' => '2'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'consumable_counted', 'of' => 'consumables', 'title' => 'Counted',
        'columns' => [
            ['key' => 'mass', 'label' => 'There is', 'unit' => 'kg', 'possible' => [0, 100000], 'example' => '1.2 kg'],
            ['key' => 'pieces', 'label' => 'or pieces', 'type' => 'count', 'possible' => [0, 100000], 'example' => '2'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'pattern_look', 'of' => 'patterns', 'title' => 'Looked over',
        'columns' => [
            ['key' => 'found', 'label' => 'Found', 'type' => 'choice', 'choices' => 'pattern_found', 'needed' => 'Say what was found.'],
            ['key' => 'length', 'label' => 'Its edge measures', 'unit' => 'mm', 'possible' => [1, 10000], 'example' => '103.1 mm'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'pattern_repaired', 'of' => 'patterns', 'title' => 'Mended',
        'columns' => [
            ['key' => 'what', 'label' => 'What was mended', 'type' => 'text', 'example' => 'filled two scratches, new gloss paint',
                'needed' => 'Say what was mended.'],
            ['key' => 'hours', 'label' => 'Hands on', 'unit' => 'h', 'possible' => [0, 500], 'example' => '40 min'],
        ],
    ],
    [
        'kind' => 'pattern_changed', 'of' => 'patterns', 'title' => 'Changed',
        'columns' => [
            ['key' => 'what', 'label' => 'What was changed', 'type' => 'text', 'example' => 'fillet at the rib from 2 to 4 mm',
                'needed' => 'Say what was changed.'],
            ['key' => 'why', 'label' => 'What taught it', 'type' => 'text', 'example' => 'hot tear at the rib of no. 3'],
        ],
    ],
    [
        'kind' => 'pattern_made', 'of' => 'patterns', 'title' => 'More made',
        'columns' => [
            ['key' => 'count', 'label' => 'Pieces', 'type' => 'count', 'possible' => [1, 10000], 'example' => '3',
                'needed' => 'Say how many.'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'pattern_counted', 'of' => 'patterns', 'title' => 'Counted',
        'columns' => [
            ['key' => 'count', 'label' => 'Pieces there are', 'type' => 'count', 'possible' => [0, 10000], 'example' => '3',
                'needed' => 'Say how many there are.'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'pattern_used', 'of' => 'patterns', 'title' => 'Used outside this notebook',
        'columns' => [
            ['key' => 'count', 'label' => 'Times', 'type' => 'count', 'possible' => [1, 100000], 'example' => '5',
                'needed' => 'Say how many times.'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
    [
        'kind' => 'pattern_casting', 'of' => 'patterns', 'title' => 'A casting of it measured',
        'columns' => [
            ['key' => 'casting', 'label' => 'The same edge on it', 'unit' => 'mm', 'possible' => [1, 10000], 'example' => '100.0 mm',
                'needed' => 'Say what it measures.'],
            ['key' => 'alloy', 'label' => 'Metal', 'type' => 'choice', 'choices' => 'alloy', 'needed' => 'Say of which metal it is.'],
            ['key' => 'note', 'label' => 'Note', 'type' => 'text', 'example' => ''],
        ],
    ],
];
