<?php

declare(strict_types=1);

// What a mould process asks for on top of the pour range in sand, in °C: [heavy sections, thin sections].
// Common practice, rough: foam takes heat from the front, a hot plaster mould takes less than sand.
return [
    'green_sand' => ['*' => [0, 0]],
    'oil_sand' => ['*' => [0, 0]],
    'silicate_sand' => ['*' => [0, 0]],
    'resin_sand' => ['*' => [0, 0]],
    'printed_sand' => ['*' => [0, 0]],
    'lost_foam' => ['aluminium' => [80, 160], 'copper' => [60, 120], 'zinc' => [60, 120], 'iron' => [40, 80], '*' => [60, 120]],
    'plaster' => ['*' => [-10, -20]],
    'ceramic_shell' => ['*' => [-10, -20]],
    'silicone' => ['*' => [0, 0]],
    'metal_mould' => ['*' => [10, 20]],
];
