<?php

declare(strict_types=1);

// Which mould bears which metal. Common practice of the trade; the breakdown of gypsum is from investment-casting handbooks, recalled
// from memory.
// A temperature within the words stands as {290 degC}, a difference as {20 ddegC}, to be said in the caster's own unit.
// metal: an alloy, else a family, else * for every other. standing: good, risky (questioned) or bad (refused in words, while planning).
return [
    'processes' => [
        // process | metal | standing | why
        ['silicone', 'tin', 'good', ''],
        ['silicone', '*', 'bad', 'Silicone rubber decomposes from about {290 degC} at its face: it bears tin and pewter only.'],
        [
            'plaster',
            'iron',
            'bad',
            'Gypsum-bonded plaster breaks down from about {750 degC} and gives off sulphur gas: it does not bear iron or steel.',
        ],
        ['plaster', '*', 'good', ''],
        ['ceramic_shell', '*', 'good', ''],
        ['green_sand', 'carbon_steel', 'risky', 'Steel wants a more refractory sand and a wash.'],
        ['green_sand', '*', 'good', ''],
        ['oil_sand', 'carbon_steel', 'bad', 'The oil burns off under steel.'],
        ['oil_sand', 'iron', 'risky', 'The oil burns off under iron: small castings only, with heavy smoke.'],
        ['oil_sand', '*', 'good', ''],
        ['silicate_sand', 'iron', 'risky', 'Iron and steel run between the grains unless the face has a wash.'],
        ['silicate_sand', '*', 'good', ''],
        ['resin_sand', 'iron', 'risky', 'Iron and steel run between the grains unless the face has a wash.'],
        ['resin_sand', '*', 'good', ''],
        ['printed_sand', 'iron', 'risky', 'Iron and steel run between the grains unless the face has a wash.'],
        ['printed_sand', '*', 'good', ''],
        ['lost_foam', 'carbon_steel', 'risky', 'Steel picks up carbon from the foam.'],
        ['lost_foam', 'aluminium', 'good', ''],
        ['lost_foam', 'copper', 'good', ''],
        ['lost_foam', 'iron', 'good', ''],
        ['lost_foam', 'silver', 'risky', 'Silver is seldom poured on foam: expect soot in it.'],
        ['lost_foam', 'zinc', 'risky', 'Zinc alloys are barely hot enough to drive the foam out.'],
        ['lost_foam', '*', 'bad', 'This metal is not hot enough to drive the foam out.'],
        ['metal_mould', 'aluminium', 'good', ''],
        ['metal_mould', 'zinc', 'good', ''],
        ['metal_mould', 'tin', 'good', ''],
        ['metal_mould', 'lead', 'good', ''],
        ['metal_mould', '*', 'bad', 'So hot a metal cracks a metal mould by the shock.'],
    ],
    // How hot the metal may be in a mould. At its face the mould comes within face_drop_k of the metal [derived: thin and slow to take
    // heat].
    'limits' => [
        // process | questioned from °C at the face | refused from °C at the face | face_drop_k | why
        [
            'silicone',
            270.0,
            290.0,
            20.0,
            'the rubber decomposes from about {290 degC} at its face, which comes within {20 ddegC} of the metal',
        ],
    ],
    // How hot the mould itself may be.
    'mould_limits' => [
        // process | questioned from °C | refused from °C | why
        ['silicone', 230.0, 290.0, 'the rubber decomposes from about {290 degC}'],
        ['plaster', 720.0, 750.0, 'gypsum breaks down from about {750 degC} and gives off sulphur gas'],
    ],
    // How hot the metal may be by itself. Boiling point of zinc 907 °C: handbook tables, published, recalled from memory; brass boils by
    // its zinc's own
    // share of the vapour pressure, 60/40 from about 1060 °C: recalled from memory, questioned 40 °C below it by common practice.
    'boiling' => [
        // metal | questioned from °C | refused from °C | why
        ['zinc', 750.0, 907.0, 'zinc boils at {907 degC}'],
        ['yellow_brass', 1020.0, 1060.0, 'the zinc boils out of 60/40 brass from about {1060 degC} and burns'],
    ],
    // A mould that is cold or damp throws the metal out. Common practice.
    'warm_from' => [
        // process | °C
        ['metal_mould', 120.0],
    ],
];
