<?php

declare(strict_types=1);

// Speed above which a stream of metal breaks its own surface. J. Campbell, Complete Casting Handbook, recalled from memory; lead and silver
// derived from v = √(2 g h) with the sessile-drop height h = 2√(γ/ρg).
return [
    // family | m/s
    ['aluminium', 0.5],
    ['copper', 0.4],
    ['iron', 0.45],
    ['zinc', 0.37],
    ['tin', 0.33],
    ['silver', 0.37],
    ['lead', 0.29],
];
