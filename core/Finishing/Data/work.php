<?php

declare(strict_types=1);

// How long hands take at finishing, by family of metals. Taken 2026-11 by the founders. Common practice of a bench with a hacksaw, an angle
// grinder, files and paper; machines of one's own are quicker, and ± a half is usual.
// saw: minutes a cm² of gate, riser or sprue cut through. mill: minutes a cm³ taken off. sand: minutes a dm² for each grit. polish: minutes
// a dm² with compound. dear: whether its chips are worth collecting apart, alloy by alloy. kerf: what the cut takes, mm. dust: what is
// minded of it.
return [
    [
        'family' => 'aluminium', 'saw' => 0.5, 'mill' => 0.6, 'sand' => 3.0, 'polish' => 4.0, 'dear' => false, 'kerf' => 1.5,
        'dust' => 'Aluminium dust burns: never grind it after iron on the same wheel, nor into the same bag. Coarse wheels load: wax them.',
    ],
    [
        'family' => 'zinc', 'saw' => 0.3, 'mill' => 0.5, 'sand' => 3.0, 'polish' => 4.0, 'dear' => false, 'kerf' => 1.5,
        'dust' => 'Zinc dust is not for breathing, and burns.',
    ],
    [
        'family' => 'tin', 'saw' => 0.3, 'mill' => 0.4, 'sand' => 2.0, 'polish' => 4.0, 'dear' => true, 'kerf' => 1.0,
        'dust' => 'It clogs paper and files: chalk them, or cut with a scraper.',
    ],
    [
        'family' => 'lead', 'saw' => 0.3, 'mill' => 0.4, 'sand' => 2.0, 'polish' => 4.0, 'dear' => false, 'kerf' => 1.0,
        'dust' => 'Never sand or grind lead: shave it with a scraper, wet, and wash hands and bench.',
    ],
    [
        'family' => 'silver', 'saw' => 0.8, 'mill' => 1.2, 'sand' => 5.0, 'polish' => 6.0, 'dear' => true, 'kerf' => 0.6,
        'dust' => 'Over a skin or a tray: the filings are silver.',
    ],
    [
        'family' => 'copper', 'saw' => 1.2, 'mill' => 1.2, 'sand' => 5.0, 'polish' => 6.0, 'dear' => true, 'kerf' => 1.2,
        'dust' => 'Dust of bronze and brass is not for breathing; that of beryllium or leaded alloys least of all.',
    ],
    [
        'family' => 'iron', 'saw' => 3.0, 'mill' => 2.0, 'sand' => 8.0, 'polish' => 10.0, 'dear' => false, 'kerf' => 2.5,
        'dust' => 'Sparks travel: nothing that burns within ten metres, and none that smoulders afterwards.',
    ],
];
