<?php

declare(strict_types=1);

// What a charge loses to dross, slag and fume, as a share of its mass. Common practice.
return [
    // kind of charge | family ('*' for the rest) | low | high
    ['ingot', 'aluminium', 0.01, 0.03],
    ['castings', 'aluminium', 0.03, 0.06],
    ['returns', 'aluminium', 0.03, 0.06],
    ['mixed', 'aluminium', 0.05, 0.08],
    ['extrusion', 'aluminium', 0.05, 0.10],
    ['sheet', 'aluminium', 0.10, 0.20],
    ['cans', 'aluminium', 0.25, 0.50],
    ['unknown', 'aluminium', 0.03, 0.10],
    ['*', 'copper', 0.01, 0.05],
    ['*', 'zinc', 0.01, 0.02],
    ['*', 'iron', 0.02, 0.05],
    ['*', '*', 0.01, 0.03],
];
