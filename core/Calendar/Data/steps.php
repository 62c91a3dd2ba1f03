<?php

declare(strict_types=1);

// What a pour takes, step by step, by mould process. Taken 2026-11 by the founders. Times in minutes as [least, most], common practice of
// the yard; a plan says its own where it can.
// in: mould processes, '*' for all. only: when there is such a step at all: new (first pour, unless the mould is at hand), print, wood,
// pattern (pattern kinds that are not at hand), foam, wax (unless one is at hand), wash, coats (once for each coat of foam), oven, core
// (where one is planned). hands: somebody is at it. runs: it goes on by itself and keeps its machine. waits: until what is next may
// begin. field: a value of the record that stands before waits (or runs, where it runs).
// dries: waits go with the air's humidity and warmth (a coat at 20 °C and 50 %). cures: waits double for each 10 K colder.
// machine: printer, oven, furnace. alone: may (it can be left), watched (somebody stays near), never (hands on it all the time).
// tied: does not keep, and is done as late as can be. after: steps that must be through.
return [
    ['code' => 'pattern', 'label' => 'Make the pattern', 'in' => ['*'], 'only' => 'wood', 'hands' => [60, 180]],
    [
        'code' => 'print', 'label' => 'Print the pattern', 'in' => ['*'], 'only' => 'print', 'hands' => [10, 20], 'runs' => [240, 720],
        'machine' => 'printer', 'alone' => 'watched',
    ],
    [
        'code' => 'prime', 'label' => 'Fill, sand and seal the pattern', 'in' => ['*'], 'only' => 'pattern', 'hands' => [20, 60],
        'waits' => [720, 1440], 'dries' => true, 'after' => ['pattern', 'print'],
    ],
    [
        'code' => 'wax', 'label' => 'Make the wax and set it on its tree', 'in' => ['plaster', 'ceramic_shell'], 'only' => 'wax',
        'hands' => [40, 120],
    ],
    [
        'code' => 'core', 'label' => 'Make and cure the core',
        'in' => ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand', 'metal_mould'], 'only' => 'core', 'hands' => [30, 60],
        'waits' => [60, 1440], 'cures' => true,
    ],
    [
        'code' => 'foam_cut', 'label' => 'Cut and glue the foam', 'in' => ['lost_foam'], 'only' => 'foam', 'hands' => [40, 90],
        'waits' => [1440, 1440],
    ],
    [
        'code' => 'foam_coat', 'label' => 'Coat the foam', 'in' => ['lost_foam'], 'only' => 'coats', 'hands' => [15, 25],
        'waits' => [720, 1440], 'field' => 'foam.dry_time', 'dries' => true, 'after' => ['foam_cut'],
    ],
    [
        'code' => 'foam_box', 'label' => 'Bury the foam, vibrate to the top', 'in' => ['lost_foam'], 'hands' => [30, 60], 'tied' => true,
        'after' => ['foam_coat', 'foam_cut'],
    ],
    [
        'code' => 'temper', 'label' => 'Temper the sand', 'in' => ['green_sand'], 'hands' => [15, 25], 'waits' => [480, 720],
        'tied' => true,
    ],
    [
        'code' => 'mould', 'label' => 'Ram the mould', 'in' => ['green_sand', 'oil_sand'], 'hands' => [45, 90], 'tied' => true,
        'after' => ['pattern', 'print', 'prime', 'temper', 'core'],
    ],
    [
        'code' => 'mould_cured', 'label' => 'Mix and ram the mould', 'in' => ['silicate_sand', 'resin_sand'], 'hands' => [45, 90],
        'waits' => [60, 1440], 'field' => 'mould.dry_time', 'cures' => true, 'after' => ['pattern', 'print', 'prime', 'core'],
    ],
    [
        'code' => 'bake', 'label' => 'Bake the mould', 'in' => ['silicate_sand'], 'only' => 'oven', 'hands' => [10, 15], 'runs' => [30, 90],
        'machine' => 'oven', 'alone' => 'watched', 'after' => ['mould_cured'],
    ],
    [
        'code' => 'print_sand', 'label' => 'Clear the printed mould of loose sand', 'in' => ['printed_sand'], 'hands' => [20, 40],
        'waits' => [1440, 4320], 'field' => 'mould.dry_time',
    ],
    [
        'code' => 'wash', 'label' => 'Brush on the wash', 'in' => ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand', 'printed_sand'],
        'only' => 'wash', 'hands' => [10, 20], 'waits' => [60, 240], 'dries' => true, 'tied' => true,
        'after' => ['mould', 'mould_cured', 'bake', 'print_sand'],
    ],
    [
        'code' => 'invest', 'label' => 'Mix and pour the investment', 'in' => ['plaster'], 'hands' => [30, 50], 'waits' => [120, 120],
        'after' => ['pattern', 'print', 'prime', 'wax'],
    ],
    [
        'code' => 'dry', 'label' => 'Let the investment dry', 'in' => ['plaster'], 'hands' => [0, 0], 'waits' => [720, 1440],
        'field' => 'plaster.dry_time', 'dries' => true, 'after' => ['invest'],
    ],
    [
        'code' => 'burnout', 'label' => 'Burn out', 'in' => ['plaster'], 'hands' => [10, 20], 'runs' => [360, 720],
        'field' => 'plaster.burnout_time', 'machine' => 'oven', 'alone' => 'watched', 'tied' => true, 'after' => ['dry', 'invest'],
    ],
    [
        'code' => 'shell_coats', 'label' => 'First coats of the shell', 'in' => ['ceramic_shell'], 'hands' => [20, 40],
        'waits' => [240, 1440], 'dries' => true, 'after' => ['pattern', 'print', 'prime', 'wax'],
    ],
    [
        'code' => 'shell_back', 'label' => 'Middle coats of the shell', 'in' => ['ceramic_shell'], 'hands' => [20, 40],
        'waits' => [480, 2880], 'dries' => true, 'after' => ['shell_coats'],
    ],
    [
        'code' => 'shell_last', 'label' => 'Last coats of the shell', 'in' => ['ceramic_shell'], 'hands' => [20, 40],
        'waits' => [1440, 2880], 'dries' => true, 'after' => ['shell_back'],
    ],
    [
        'code' => 'dewax', 'label' => 'Melt the wax out', 'in' => ['ceramic_shell'], 'hands' => [40, 90], 'machine' => 'oven',
        'alone' => 'never', 'after' => ['shell_last'],
    ],
    [
        'code' => 'fire', 'label' => 'Fire the shell', 'in' => ['ceramic_shell'], 'hands' => [15, 30], 'runs' => [60, 120],
        'machine' => 'oven', 'alone' => 'watched', 'tied' => true, 'after' => ['dewax'],
    ],
    [
        'code' => 'rubber_one', 'label' => 'Pour the first half of the rubber', 'in' => ['silicone'], 'only' => 'new', 'hands' => [30, 60],
        'waits' => [960, 1440], 'field' => 'silicone.cure_time', 'cures' => true, 'after' => ['pattern', 'print', 'prime'],
    ],
    [
        'code' => 'rubber_two', 'label' => 'Pour the second half of the rubber', 'in' => ['silicone'], 'only' => 'new', 'hands' => [20, 40],
        'waits' => [960, 1440], 'field' => 'silicone.cure_time', 'cures' => true, 'after' => ['rubber_one'],
    ],
    [
        'code' => 'talc', 'label' => 'Warm and dust the rubber', 'in' => ['silicone'], 'hands' => [10, 15], 'tied' => true,
        'after' => ['rubber_two'],
    ],
    [
        'code' => 'die', 'label' => 'Make the metal mould', 'in' => ['metal_mould'], 'only' => 'new', 'hands' => [240, 720],
        'after' => ['pattern', 'print', 'prime'],
    ],
    [
        'code' => 'preheat', 'label' => 'Coat and preheat the mould', 'in' => ['metal_mould'], 'hands' => [15, 25], 'runs' => [30, 60],
        'machine' => 'oven', 'alone' => 'watched', 'tied' => true, 'after' => ['core', 'die'],
    ],
    [
        'code' => 'melt', 'label' => 'Melt', 'in' => ['*'], 'hands' => [40, 90], 'machine' => 'furnace', 'alone' => 'never', 'tied' => true,
    ],
    [
        'code' => 'pour', 'label' => 'Pour', 'in' => ['*'], 'hands' => [10, 20], 'alone' => 'never', 'tied' => true,
        'after' => [
            'mould', 'mould_cured', 'bake', 'print_sand', 'wash', 'foam_box', 'burnout', 'fire', 'talc', 'rubber_two', 'preheat',
        ],
    ],
    [
        'code' => 'cool', 'label' => 'Let it cool in the mould', 'in' => ['*'], 'hands' => [0, 0], 'waits' => [30, 90], 'after' => ['pour'],
    ],
    ['code' => 'open', 'label' => 'Open it', 'in' => ['*'], 'hands' => [10, 30], 'after' => ['cool']],
    ['code' => 'finish', 'label' => 'Cut, clean and look at it', 'in' => ['*'], 'hands' => [40, 90], 'after' => ['open']],
];
