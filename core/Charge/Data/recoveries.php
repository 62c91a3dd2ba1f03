<?php

declare(strict_types=1);

// What a melt does to the elements of an alloy, by its base. Taken 2026-11 by the founders. Common practice and recalled from memory,
// rough: it depends on heat, time, stirring and cover.
// kept: how much of what went in is there after one melt, beyond what all of the metal loses, [least, most]. added: how much of what is
// put into the liquid metal arrives there, likewise. gained: points of per cent that one melt in usual pots and with usual tools brings,
// [least, most].
return [
    ['base' => 'Al', 'element' => 'Mg', 'kept' => [0.75, 0.95], 'added' => [0.7, 0.9]],
    ['base' => 'Al', 'element' => 'Zn', 'kept' => [0.95, 1.0], 'added' => [0.9, 1.0]],
    ['base' => 'Al', 'element' => 'Si', 'kept' => [0.98, 1.0], 'added' => [0.85, 0.95]],
    ['base' => 'Al', 'element' => 'Cu', 'added' => [0.97, 1.0]],
    ['base' => 'Al', 'element' => 'Mn', 'kept' => [0.97, 1.0], 'added' => [0.85, 0.95]],
    ['base' => 'Al', 'element' => 'Fe', 'gained' => [0.0, 0.06]],
    ['base' => 'Zn', 'element' => 'Al', 'kept' => [0.97, 1.0], 'added' => [0.95, 1.0]],
    ['base' => 'Zn', 'element' => 'Mg', 'kept' => [0.75, 0.95], 'added' => [0.6, 0.9]],
    ['base' => 'Zn', 'element' => 'Fe', 'gained' => [0.0, 0.02]],
    ['base' => 'Cu', 'element' => 'Zn', 'kept' => [0.93, 0.99], 'added' => [0.8, 0.95]],
    ['base' => 'Cu', 'element' => 'Sn', 'kept' => [0.98, 1.0], 'added' => [0.96, 1.0]],
    ['base' => 'Cu', 'element' => 'Pb', 'kept' => [0.95, 1.0], 'added' => [0.9, 1.0]],
    ['base' => 'Cu', 'element' => 'Al', 'kept' => [0.95, 1.0], 'added' => [0.9, 0.98]],
    ['base' => 'Cu', 'element' => 'Si', 'kept' => [0.93, 0.99], 'added' => [0.85, 0.95]],
    ['base' => 'Cu', 'element' => 'Mn', 'kept' => [0.9, 0.98], 'added' => [0.85, 0.95]],
    ['base' => 'Cu', 'element' => 'P', 'kept' => [0.3, 0.8], 'added' => [0.5, 0.9]],
    ['base' => 'Ag', 'element' => 'Cu', 'kept' => [0.98, 1.0], 'added' => [0.98, 1.0]],
    ['base' => 'Ag', 'element' => 'Zn', 'kept' => [0.85, 0.97], 'added' => [0.7, 0.95]],
    ['base' => 'Sn', 'element' => 'Sb', 'kept' => [0.98, 1.0], 'added' => [0.96, 1.0]],
    ['base' => 'Sn', 'element' => 'Cu', 'kept' => [0.97, 1.0], 'added' => [0.95, 1.0]],
    ['base' => 'Fe', 'element' => 'C', 'kept' => [0.9, 1.0], 'added' => [0.5, 0.85]],
    ['base' => 'Fe', 'element' => 'Si', 'kept' => [0.9, 1.0], 'added' => [0.75, 0.9]],
    ['base' => 'Fe', 'element' => 'Mn', 'kept' => [0.8, 0.95], 'added' => [0.7, 0.9]],
    ['base' => 'Fe', 'element' => 'Cr', 'kept' => [0.93, 1.0], 'added' => [0.85, 0.95]],
    ['base' => 'Fe', 'element' => 'Mg', 'kept' => [0.0, 0.3], 'added' => [0.3, 0.6]],
    ['base' => 'Fe', 'element' => 'S', 'gained' => [0.0, 0.02]],
];
