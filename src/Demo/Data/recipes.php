<?php

declare(strict_types=1);

// The made-up restorer's own mixes, and the castings that were moulded by each.
return [
    [
        'recipe' => [
            'name' => 'Investment for the kiln shelf', 'like' => 'investment', 'parts' => ['Water' => '42', 'Investment powder' => '100'],
            'works' => '7 min', 'note' => 'A little thinner than on the bag: it runs round the rims.',
        ],
        'castings' => ['Porthole ring'],
    ],
];
