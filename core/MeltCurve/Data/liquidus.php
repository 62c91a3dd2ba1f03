<?php

declare(strict_types=1);

// Where an alloy of two metals begins to freeze, by how much of the second is in it: [per cent, °C], from the pure metal on. Recalled from
// memory (the binary phase diagrams, as ASM Metals Handbook vol. 3 has them). within_k: how far what else is in such alloys moves it, K,
// one standard deviation; common practice, rough.
return [
    ['base' => 'Al', 'element' => 'Si', 'points' => [[0, 660], [5, 631], [7, 616], [9, 602], [12.6, 577]], 'within_k' => 4.0],
    ['base' => 'Cu', 'element' => 'Sn', 'points' => [[0, 1083], [5, 1050], [10, 1005], [15, 950], [20, 890], [25, 800]], 'within_k' => 8.0],
    [
        'base' => 'Cu', 'element' => 'Zn', 'points' => [[0, 1083], [10, 1045], [20, 1000], [30, 955], [37, 908], [41, 898]],
        'within_k' => 8.0,
    ],
    ['base' => 'Ag', 'element' => 'Cu', 'points' => [[0, 962], [5, 918], [7.5, 897], [15, 850], [28.1, 779]], 'within_k' => 3.0],
    ['base' => 'Sn', 'element' => 'Pb', 'points' => [[0, 232], [10, 219], [20, 206], [38.1, 183]], 'within_k' => 2.0],
    ['base' => 'Zn', 'element' => 'Al', 'points' => [[5, 382], [8, 404], [11, 430], [18, 457], [27, 487]], 'within_k' => 3.0],
];
