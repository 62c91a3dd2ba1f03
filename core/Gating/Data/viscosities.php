<?php

declare(strict_types=1);

// Viscosity of liquid metals a little above their melting point. T. Iida, R. I. L. Guthrie, recalled from memory.
return [
    // family | Pa·s
    ['aluminium', 1.2e-3],
    ['copper', 3.7e-3],
    ['iron', 5.5e-3],
    ['zinc', 3.0e-3],
    ['tin', 1.7e-3],
    ['silver', 3.7e-3],
    ['lead', 2.5e-3],
];
