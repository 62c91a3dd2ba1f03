<?php

declare(strict_types=1);

// The seven classes of the International Atlas of Casting Defects; letters recalled from memory, no finer code is given.
// looks: which parts of a look (lists of choices.php) say something of such a fault [common practice].
return [
    ['code' => 'A', 'label' => 'Projections', 'looks' => ['look_many', 'look_size']],
    ['code' => 'B', 'label' => 'Cavities', 'looks' => ['look_many', 'look_size', 'look_wall', 'look_depth', 'look_lies']],
    ['code' => 'C', 'label' => 'Cracks and seams', 'looks' => ['look_size', 'look_wall', 'look_edges']],
    ['code' => 'D', 'label' => 'Surface', 'looks' => ['look_many', 'look_size']],
    ['code' => 'E', 'label' => 'Incomplete', 'looks' => ['look_size', 'look_edges']],
    ['code' => 'F', 'label' => 'Size and shape', 'looks' => []],
    ['code' => 'G', 'label' => 'Inclusions and structure', 'looks' => ['look_many', 'look_size', 'look_depth']],
];
