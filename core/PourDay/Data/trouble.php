<?php

declare(strict_types=1);

use MoltenNotes\Core\Process\MouldProcess;

// What to do at once, and when not to try [common practice; local rules first].
$foam = ['lost_foam'];
$others = MouldProcess::which(static fn (MouldProcess $process): bool => 'lost_foam' !== $process->code);

return [
    [
        'code' => 'short', 'label' => 'Metal runs short', 'processes' => $others,
        'do' => 'Keep this sprue full, leave the next mould.', 'not' => 'No topping up once the sprue has a skin.',
    ],
    [
        'code' => 'short', 'label' => 'Metal runs short', 'processes' => $foam,
        'do' => 'Never let the cup run dry: fill one mould, not two halves.', 'not' => 'Once the cup is empty, stop: the sand may fall.',
    ],
    [
        'code' => 'run_out', 'label' => 'A run-out',
        'do' => 'Stop, stand clear, dry sand from upwind.', 'not' => 'Never water. Do not reach for the flask.',
    ],
    [
        'code' => 'boils', 'label' => 'The mould boils or blows',
        'do' => 'Stop, step back, let it finish.', 'not' => 'Do not look into the riser or the cup.',
    ],
    [
        'code' => 'fire', 'label' => 'Metal or sand burns',
        'do' => 'Dry sand or class D, from upwind.', 'not' => 'Never water, carbon dioxide or foam on metal.',
    ],
];
