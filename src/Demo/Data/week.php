<?php

declare(strict_types=1);

// The week ahead of the made-up restorer: casting → the day its last, planned pour is wanted (as PHP reads it), and what is done of it,
// hours ago. hours: when somebody works.
return [
    'hours' => [
        'mon' => '19:00-21:30', 'tue' => '19:00-21:30', 'thu' => '18:30-21:30', 'fri' => '19:00-22:00', 'sat' => '9:00-18:00',
        'sun' => '9:30-17:00', 'people' => 1, 'air' => '12 C', 'humidity' => '65 %', 'zone' => 'UTC',
    ],
    'pours' => [
        'Rowlock socket' => ['sunday next week 11:00 UTC', []],
        'Bow fairlead' => ['sunday next week 12:00 UTC', ['foam_cut' => 50, 'foam_coat.1' => 20]],
        'Thwart cleat' => ['saturday next week 16:00 UTC', []],
    ],
];
