<?php

declare(strict_types=1);

// Pictures of the demo, drawn by DrawnPhoto. Casting, number of the attempt, caption, and where which of its findings shows: shares of
// width and height. Made up, as all of the demo.
return [
    [
        'casting' => 'Rowlock socket', 'number' => 1, 'caption' => 'As opened',
        'faults' => [['kind' => 'blowhole', 'x' => 0.34, 'y' => 0.71]],
    ],
    [
        'casting' => 'Rowlock socket', 'number' => 2, 'caption' => 'The rim ends here',
        'faults' => [['kind' => 'misrun', 'x' => 0.49, 'y' => 0.16]],
    ],
    [
        'casting' => 'Rowlock socket', 'number' => 3, 'caption' => 'After cleaning',
        'faults' => [['kind' => 'sink', 'x' => 0.5, 'y' => 0.52]],
    ],
    [
        'casting' => 'Rowlock socket', 'number' => 4, 'caption' => 'After cleaning',
        'faults' => [['kind' => 'sink', 'x' => 0.48, 'y' => 0.55]],
    ],
];
