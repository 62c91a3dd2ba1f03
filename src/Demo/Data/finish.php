<?php

declare(strict_types=1);

// What of finishing is done: casting → number → how it is to become, what is mended, steps with minutes and note.
return [
    'Bow fairlead' => [
        3 => [
            'set' => ['finish.look' => 'polished', 'finish.treatment' => 't5', 'finish.fit' => 'bolted'],
            'mends' => [],
            'done' => [
                'cut_gates' => [25, null], 'inspect' => [10, 'Nothing in the cuts.'], 'sand' => [70, null], 'polish' => [40, null],
                'fit' => [30, 'Two bolts through the rail.'], 'sign_off' => [5, 'Pulled with the anchor on it.'],
            ],
        ],
    ],
    'Rowlock socket' => [
        3 => [
            'set' => [
                'finish.look' => 'as_cast', 'finish.treatment' => 't6', 'finish.machined' => '14 cm2', 'finish.allowance' => '1.5 mm',
            ],
            'mends' => ['plug', 'weld_al'],
            'done' => ['cut_gates' => [20, null], 'inspect' => [8, 'One hole at the boss, the rest is sound.']],
        ],
    ],
    'Boom crutch' => [
        1 => [
            'set' => ['finish.look' => 'patinated'],
            'mends' => [],
            'done' => ['cut_gates' => [35, null], 'inspect' => [10, null], 'sand' => [95, 'To 320.']],
        ],
    ],
];
