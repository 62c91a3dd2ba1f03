<?php

declare(strict_types=1);

// Castings that are laid in one go from a few measurements; each becomes sections that can then be changed one by one. The proportions of
// what is not asked are common practice, a start and no more. asks: measurement => [what it is, example in mm].
return [
    [
        'code' => 'bar', 'label' => 'Bar', 'words' => 'One straight piece.',
        'asks' => ['length' => ['Length', 120], 'width' => ['Width', 25], 'thickness' => ['Thickness', 12]],
    ],
    [
        'code' => 'blade', 'label' => 'Blade', 'words' => 'Thick at the back, thin at the edge.',
        'asks' => ['length' => ['Length', 200], 'width' => ['Width', 40], 'thickness' => ['Back', 6], 'edge' => ['Edge', 2]],
    ],
    [
        'code' => 'lettered_plate', 'label' => 'Plate with letters', 'words' => 'Eight letters in a row; put in how many there are.',
        'asks' => [
            'length' => ['Length', 250], 'width' => ['Width', 90], 'thickness' => ['Thickness', 6],
            'relief' => ['Letters stand out', 3],
        ],
    ],
    [
        'code' => 'block_hole', 'label' => 'Block with a hole',
        'words' => 'The hole goes through its height; stand it up to lay the hole flat.',
        'asks' => ['length' => ['Length', 80], 'width' => ['Width', 50], 'thickness' => ['Height', 30], 'hole' => ['Hole, across', 20]],
    ],
    [
        'code' => 'wheel_spokes', 'label' => 'Wheel with spokes', 'words' => 'Five spokes between hub and rim.',
        'asks' => [
            'diameter' => ['Outside diameter', 200], 'rim' => ['Rim, inwards', 12], 'thickness' => ['Rim, thickness', 16],
            'hub' => ['Hub diameter', 40],
        ],
    ],
    [
        'code' => 'wheel_web', 'label' => 'Wheel with a web', 'words' => 'A thin disc between hub and rim.',
        'asks' => [
            'diameter' => ['Outside diameter', 150], 'rim' => ['Rim, inwards', 12], 'thickness' => ['Rim, thickness', 16],
            'hub' => ['Hub diameter', 36],
        ],
    ],
    [
        'code' => 'bell', 'label' => 'Bell or cup', 'words' => 'Mouth down, its floor on top.',
        'asks' => ['diameter' => ['Mouth, outside', 120], 'height' => ['Height', 90], 'wall' => ['Wall', 5]],
    ],
    [
        'code' => 'bowl', 'label' => 'Bowl', 'words' => 'Mouth up, its floor below.',
        'asks' => ['diameter' => ['Outside diameter', 140], 'height' => ['Height', 45], 'wall' => ['Wall', 4]],
    ],
    [
        'code' => 'ring', 'label' => 'Ring', 'words' => 'Lying flat.',
        'asks' => ['diameter' => ['Outside diameter', 80], 'width' => ['Inwards', 8], 'thickness' => ['Thickness', 8]],
    ],
    [
        'code' => 'flanged_tube', 'label' => 'Tube with flanges', 'words' => 'Standing, a flange at each end.',
        'asks' => [
            'diameter' => ['Tube, outside', 60], 'height' => ['Length', 120], 'wall' => ['Wall', 6], 'flange' => ['Flange, outside', 110],
        ],
    ],
    [
        'code' => 'bracket', 'label' => 'Bracket', 'words' => 'A foot and a wall at its end.',
        'asks' => [
            'length' => ['Foot, length', 100], 'height' => ['Wall, height', 80], 'width' => ['Width', 50], 'thickness' => ['Thickness', 8],
        ],
    ],
];
