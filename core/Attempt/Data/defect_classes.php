<?php

declare(strict_types=1);

// The seven classes of the International Atlas of Casting Defects; letters recalled from memory, no finer code is given.
return [
    ['code' => 'A', 'label' => 'Projections'],
    ['code' => 'B', 'label' => 'Cavities'],
    ['code' => 'C', 'label' => 'Cracks and seams'],
    ['code' => 'D', 'label' => 'Surface'],
    ['code' => 'E', 'label' => 'Incomplete'],
    ['code' => 'F', 'label' => 'Size and shape'],
    ['code' => 'G', 'label' => 'Inclusions and structure'],
];
