<?php

declare(strict_types=1);

// Areas sprue base : runner : gates. P. N. Rao, Manufacturing Technology, table of gating ratios, recalled from memory;
// the naturally pressurised 1 : 1 : 1 J. Campbell, Complete Casting Handbook, recalled from memory.
return [
    // school | family ('*' for the rest) | sprue base | runner | gates
    ['unpressurised', 'aluminium', 1.0, 3.0, 3.0],
    ['unpressurised', 'copper', 1.0, 1.0, 3.0],
    ['unpressurised', '*', 1.0, 2.0, 2.0],
    ['pressurised', 'iron', 4.0, 3.0, 1.0],
    ['pressurised', 'copper', 1.6, 1.3, 1.0],
    ['pressurised', '*', 2.0, 1.5, 1.0],
    ['natural', '*', 1.0, 1.0, 1.0],
];
