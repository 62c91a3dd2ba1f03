<?php

declare(strict_types=1);

// What the made-up restorer moulds from, and pours into again: each with the castings made of it and its book. after: what it was taken
// from, by its name. An entry: [kind, day, columns].
return [
    [
        'thing' => [
            'name' => 'Rowlock pattern', 'form' => 'wood', 'uses' => 6, 'length' => '92.4 mm', 'edge' => 'over the flange',
            'may_wear' => '0.5 mm', 'hours' => '3.5 h', 'cost' => '4', 'made_on' => '2025-04-06', 'kept' => 'drawer under the bench',
            'note' => 'Lime, split, two brass pins.',
        ],
        'castings' => ['Rowlock socket'],
        'book' => [
            ['pattern_look', '2025-05-10', ['found' => 'sound', 'length' => '92.40-92.44 mm']],
            ['pattern_look', '2025-05-24', ['found' => 'paint', 'length' => '92.36-92.40 mm', 'note' => 'Sand stays on the flange.']],
            ['pattern_repaired', '2025-05-25', ['what' => 'rubbed down, two coats of gloss', 'hours' => '45 min']],
            ['pattern_casting', '2025-06-21', ['casting' => '91.1 mm', 'alloy' => 'al_si7mg']],
            ['pattern_look', '2025-06-28', ['found' => 'sound', 'length' => '92.32-92.36 mm']],
        ],
    ],
    [
        'thing' => [
            'name' => 'Fairlead foams', 'form' => 'foam', 'pieces' => 5, 'hours' => '2 h', 'cost' => '6', 'made_on' => '2025-06-28',
            'kept' => 'on the rafters, flat',
        ],
        'castings' => ['Bow fairlead'],
        'book' => [],
    ],
    [
        'thing' => [
            'name' => 'Old cleat', 'form' => 'original', 'length' => '118.0 mm', 'edge' => 'from tip to tip', 'kept' => 'tin on the sill',
        ],
        'castings' => [],
        'book' => [],
    ],
    [
        'thing' => [
            'name' => 'Cleat rubber', 'form' => 'silicone_mould', 'after' => 'Old cleat', 'uses' => 14, 'cost' => '38', 'hours' => '2.5 h',
            'made_on' => '2025-11-22', 'kept' => 'banded, top shelf',
        ],
        'castings' => ['Thwart cleat'],
        'book' => [
            ['pattern_look', '2026-02-09', ['found' => 'sticky', 'note' => 'The talc was gone at the horns.']],
            ['pattern_repaired', '2026-02-15', ['what' => 'washed, talced, new vents at both horns', 'hours' => '30 min']],
        ],
    ],
    [
        'thing' => [
            'name' => 'Damper pattern', 'form' => 'wood', 'uses' => 2, 'cost' => '3', 'hours' => '2 h', 'made_on' => '2026-04-05',
            'kept' => 'drawer under the bench',
        ],
        'castings' => ['Stove damper'],
        'book' => [],
    ],
    [
        'thing' => [
            'name' => 'Crutch pattern', 'form' => 'wood', 'uses' => 38, 'cost' => '9', 'hours' => '6 h', 'made_on' => '2024-09-01',
            'kept' => 'hook by the door', 'note' => 'Came with the boat shed.',
        ],
        'castings' => ['Boom crutch'],
        'book' => [
            ['pattern_look', '2026-06-20', ['found' => 'rounded', 'note' => 'The fillet at the fork.']],
            ['pattern_changed', '2026-06-27', ['what' => 'wax fillet of 5 mm at the fork', 'why' => 'a crack at the fork of no. 1']],
        ],
    ],
    [
        'thing' => [
            'name' => 'Ring print', 'form' => 'print', 'length' => '128.6 mm', 'edge' => 'outside of the rim', 'cost' => '5',
            'hours' => '1.5 h', 'made_on' => '2026-08-22', 'kept' => 'box of prints',
        ],
        'castings' => [],
        'book' => [],
    ],
    [
        'thing' => [
            'name' => 'Ring rubber', 'form' => 'silicone_mould', 'after' => 'Ring print', 'contraction' => '0.2-0.4 %', 'cost' => '44',
            'hours' => '3 h', 'made_on' => '2026-08-29', 'kept' => 'banded, top shelf',
        ],
        'castings' => [],
        'book' => [],
    ],
    [
        'thing' => [
            'name' => 'Ring waxes', 'form' => 'wax', 'after' => 'Ring rubber', 'length' => '126.7 mm', 'edge' => 'outside of the rim',
            'made_on' => '2026-09-05', 'kept' => 'cool box',
        ],
        'castings' => [],
        'book' => [
            ['pattern_made', '2026-09-05', ['count' => 4]],
            ['pattern_look', '2026-09-12', ['found' => 'warped', 'note' => 'One sat on the heater.']],
            ['pattern_repaired', '2026-09-12', ['what' => 'thrown away, the others are true']],
            ['pattern_counted', '2026-09-12', ['count' => 3]],
        ],
    ],
];
