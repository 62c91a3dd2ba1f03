<?php

declare(strict_types=1);

// How hot a metal may be by itself. Boiling point of zinc 907 °C: handbook tables, published, recalled from memory; brass boils by its
// zinc's own share of the vapour pressure, 60/40 from about 1060 °C: recalled from memory, questioned 40 °C below it by common practice.
// metal: an alloy or a family. questioned, refused: from °C. A temperature within the words stands as {907 degC}.
return [
    ['metal' => 'zinc', 'questioned' => 750.0, 'refused' => 907.0, 'why' => 'zinc boils at {907 degC}'],
    [
        'metal' => 'yellow_brass', 'questioned' => 1020.0, 'refused' => 1060.0,
        'why' => 'the zinc boils out of 60/40 brass from about {1060 degC} and burns',
    ],
    [
        'metal' => 'brass_unknown', 'questioned' => 1020.0, 'refused' => 1060.0,
        'why' => 'it may be 60/40 brass, out of which the zinc boils from about {1060 degC} and burns',
    ],
];
