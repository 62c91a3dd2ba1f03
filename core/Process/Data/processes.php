<?php

declare(strict_types=1);

// The mould processes: one row says everything that is true of a process. What a row leaves out is as usual for its column: none, or no.
// label, hint: the words a caster picks from. drawn: how the mould is filled in a drawing.
// breathes: gas leaves through its grains, else each high point needs a vent. bonded_sand: moulding sand held together, by any binder.
// rammed: packed around the pattern by hand. one_piece: no cope to float, no parting to leak. Common practice.
// conductivity W/mK [aluminium, zinc, tin, lead | copper alloys, silver | iron] (hotter metal, hotter sand), density kg/m³, heat J/kgK:
// M. C. Flemings, Solidification Processing, and foundry handbooks, recalled from memory.
// transfer W/m²K at the face [as a start, least, most]: common practice, calibrated by a caster's own outcomes; the ceramic shell's is our
// estimate between sand and plaster [derived].
// pour_offsets: what it asks for on top of the pour range in sand, in °C: family => [heavy sections, thin sections]. Common practice,
// rough: foam takes heat from the front, a hot plaster mould takes less than sand.
// bears: alloy, else family, else * => good, or [risky (questioned) or bad (refused in words, while planning), why]. Common practice; the
// breakdown of gypsum is from investment-casting handbooks, recalled from memory.
// metal_limit: how hot the metal may be: [questioned, refused from °C at the face, how near the face comes to the metal in K [derived: thin
// and slow to take heat], why]. mould_limit: how hot the mould itself may be: [questioned, refused from °C, why].
// warm_from: a mould colder than this may be damp and throw the metal out, °C. warmed_to: where a remedy warms it to, °C; silicone takes
// about 290 °C, half of that is warm enough for pewter and still easy to hold with gloves. rested_to: where it rests to between pours, °C.
// Common practice.
// waits_for: what is taken for granted before it is poured. open_below: the casting is colder than this before air gets at the mould, else
// it flares, °C. breaking_out: what is heeded then. wall: how thick a mould is that stands free in the air, mm; the others are thick.
// Common practice.
// least_bore: the narrowest sprue that is kept full by hand, mm; common practice.
// gas: what its binder gives off when the sand is heated through: [usual share of the sand's mass, mL per g of sand: least, middle, most,
// usual permeability number of such sand]. Gas recalled from memory, the rest common practice; green sand has its water instead.
// common: its share of hobby pours, for where the mould is not told; the founders' estimate, rough.
// skin: mean height of the roughness of castings out of it, µm, [fine, coarse], the pattern being finer: ranges of manufacturing handbooks
// (Kalpakjian & Schmid), recalled from memory. strength: of castings out of it against those of sand, [least, most]: what freezes faster
// has finer grains; common practice, rough.
// hazards: codes of the cautions that go with it.
// A temperature within the words stands as {290 degC}, a difference as {20 ddegC}, to be said in the caster's own unit.
$sand = [
    'breathes' => true, 'bonded_sand' => true,
    'conductivity' => [0.65, 0.75, 0.9], 'density' => 1550.0, 'heat' => 1130.0, 'transfer' => [600.0, 450.0, 800.0],
];
$betweenGrains = ['risky', 'Iron and steel run between the grains unless the face has a wash.'];

return [
    [
        'code' => 'green_sand', 'common' => 0.35, 'skin' => [12, 25], 'strength' => [0.95, 1.05],
        'label' => 'Green sand', 'hint' => 'Sand, clay and water', 'drawn' => 'sand', 'rammed' => true,
        'gas' => [0.0, 0.0, 0.0, 0.0, 70.0],
        'waits_for' => 'The mould is closed and poured the same day, before its face dries out.',
        'bears' => ['carbon_steel' => ['risky', 'Steel wants a more refractory sand and a wash.'], '*' => 'good'],
        'hazards' => ['wet_green_sand'],
    ] + $sand,
    [
        'code' => 'oil_sand', 'common' => 0.2, 'skin' => [6, 15], 'strength' => [0.95, 1.05],
        'label' => 'Oil-bonded sand', 'hint' => 'No water; smokes', 'drawn' => 'oil', 'rammed' => true,
        'gas' => [0.05, 15.0, 20.0, 25.0, 70.0],
        'waits_for' => 'Core and wash, where there are any, are dry.',
        'open_below' => 200.0,
        'bears' => [
            'carbon_steel' => ['bad', 'The oil burns off under steel.'],
            'iron' => ['risky', 'The oil burns off under iron: small castings only, with heavy smoke.'],
            '*' => 'good',
        ],
        'hazards' => ['oil_flare'],
    ] + $sand,
    [
        'code' => 'silicate_sand', 'common' => 0.05, 'skin' => [8, 20], 'strength' => [0.95, 1.05],
        'label' => 'Silicate sand', 'hint' => 'Hardened by CO₂ or heat', 'drawn' => 'sand', 'rammed' => true,
        'gas' => [0.04, 5.0, 6.5, 8.0, 120.0],
        'waits_for' => 'Hardened right through: gassed or baked until a nail hardly marks it.',
        'bears' => ['iron' => $betweenGrains, '*' => 'good'], 'hazards' => ['silicate_co2'],
    ] + $sand,
    [
        'code' => 'resin_sand', 'common' => 0.05, 'skin' => [8, 20], 'strength' => [0.95, 1.05],
        'label' => 'Resin sand', 'hint' => 'No-bake', 'drawn' => 'sand', 'rammed' => true,
        'gas' => [0.012, 10.0, 12.0, 14.0, 120.0],
        'waits_for' => 'Cured right through, longer in the cold.',
        'bears' => ['iron' => $betweenGrains, '*' => 'good'], 'hazards' => ['resin_fumes'],
    ] + $sand,
    [
        'code' => 'printed_sand', 'common' => 0.02, 'skin' => [10, 25], 'strength' => [0.95, 1.05],
        'label' => 'Printed sand', 'hint' => 'Printed mould or core', 'drawn' => 'sand',
        'gas' => [0.018, 13.0, 17.0, 22.0, 90.0],
        'waits_for' => 'Cured and dry; loose sand is blown out.',
        'bears' => ['iron' => $betweenGrains, '*' => 'good'], 'hazards' => ['resin_fumes'],
    ] + $sand,
    [
        'code' => 'lost_foam', 'common' => 0.12, 'skin' => [6, 15], 'strength' => [0.85, 1.0],
        'label' => 'Lost foam', 'hint' => 'Coated foam in dry sand', 'drawn' => 'dry', 'breathes' => true,
        'waits_for' => 'The coating is dry right through: left until it loses no more weight.',
        'breaking_out' => 'The sand round the casting is far hotter than it looks, long after.',
        'one_piece' => true,
        'conductivity' => [0.5, 0.5, 0.5], 'density' => 1550.0, 'heat' => 1130.0, 'transfer' => [500.0, 375.0, 650.0],
        'pour_offsets' => ['aluminium' => [80, 160], 'copper' => [60, 120], 'zinc' => [60, 120], 'iron' => [40, 80], '*' => [60, 120]],
        'bears' => [
            'carbon_steel' => ['risky', 'Steel picks up carbon from the foam.'],
            'aluminium' => 'good',
            'copper' => 'good',
            'iron' => 'good',
            'silver' => ['risky', 'Silver is seldom poured on foam: expect soot in it.'],
            'zinc' => ['risky', 'Zinc alloys are barely hot enough to drive the foam out.'],
            '*' => ['bad', 'This metal is not hot enough to drive the foam out.'],
        ],
        'hazards' => ['foam_fumes'],
    ],
    [
        'code' => 'plaster', 'common' => 0.08, 'skin' => [0.8, 3.2], 'strength' => [0.75, 0.95],
        'label' => 'Plaster investment', 'hint' => 'Lost wax or print', 'drawn' => 'plaster', 'one_piece' => true,
        'least_bore' => 4.0,
        'waits_for' => 'Burnt out and dry: no steam, no soot, no smell.',
        'breaking_out' => 'Broken out warm only when the sprue is solid right through; into water only then, and only as its maker allows.',
        'conductivity' => [0.35, 0.35, 0.35], 'density' => 1100.0, 'heat' => 900.0, 'transfer' => [300.0, 220.0, 400.0],
        'pour_offsets' => ['*' => [-10, -20]],
        'bears' => [
            'iron' => [
                'bad',
                'Gypsum-bonded plaster breaks down from about {750 degC} and gives off sulphur gas: it does not bear iron or steel.',
            ],
            '*' => 'good',
        ],
        'mould_limit' => [720.0, 750.0, 'gypsum breaks down from about {750 degC} and gives off sulphur gas'],
        'warmed_to' => 250.0, 'rested_to' => 200.0, 'hazards' => ['plaster_burst'],
    ],
    [
        'code' => 'ceramic_shell', 'common' => 0.04, 'skin' => [1.6, 4], 'strength' => [0.85, 1.0],
        'label' => 'Ceramic shell', 'hint' => 'Dipped and stuccoed', 'drawn' => 'plaster', 'one_piece' => true,
        'least_bore' => 6.0,
        'waits_for' => 'Fired, without wax or soot, and cracks are patched.',
        'breaking_out' => 'Knocked off only when the sprue is solid right through: the shell hides how hot it is.', 'wall' => 8.0,
        'conductivity' => [1.0, 1.0, 1.0], 'density' => 1800.0, 'heat' => 1000.0, 'transfer' => [450.0, 300.0, 650.0],
        'pour_offsets' => ['*' => [-10, -20]], 'bears' => ['*' => 'good'], 'warmed_to' => 600.0, 'hazards' => ['shell_hot'],
    ],
    [
        'code' => 'silicone', 'common' => 0.05, 'skin' => [0.8, 3], 'strength' => [0.9, 1.0],
        'label' => 'Silicone rubber', 'hint' => 'Tin and pewter', 'drawn' => 'rubber', 'one_piece' => true,
        'least_bore' => 4.0,
        'waits_for' => 'Cured, clean and dusted with talc.',
        'breaking_out' => 'Opened too soon the metal breaks and the rubber tears: wait until the sprue is solid and dull.',
        'conductivity' => [0.25, 0.25, 0.25], 'density' => 1250.0, 'heat' => 1300.0, 'transfer' => [400.0, 300.0, 550.0],
        'bears' => [
            'tin' => 'good',
            '*' => ['bad', 'Silicone rubber decomposes from about {290 degC} at its face: it bears tin and pewter only.'],
        ],
        'metal_limit' => [
            270.0,
            290.0,
            20.0,
            'the rubber decomposes from about {290 degC} at its face, which comes within {20 ddegC} of the metal',
        ],
        'mould_limit' => [230.0, 290.0, 'the rubber decomposes from about {290 degC}'],
        'warmed_to' => 120.0, 'rested_to' => 90.0, 'hazards' => ['silicone_limit'],
    ],
    [
        'code' => 'metal_mould', 'common' => 0.04, 'skin' => [2, 6], 'strength' => [1.1, 1.3],
        'label' => 'Metal mould', 'hint' => 'Ingot or gravity die', 'drawn' => 'iron', 'one_piece' => true,
        'least_bore' => 6.0,
        'waits_for' => 'Coated, dry and warm: a damp or cold mould throws the metal out.',
        'breaking_out' => 'Opened as soon as it is solid, before the casting shrinks onto cores.',
        'conductivity' => [45.0, 45.0, 45.0], 'density' => 7200.0, 'heat' => 500.0, 'transfer' => [2000.0, 1500.0, 3000.0],
        'pour_offsets' => ['*' => [10, 20]],
        'bears' => [
            'aluminium' => 'good',
            'zinc' => 'good',
            'tin' => 'good',
            'lead' => 'good',
            '*' => ['bad', 'So hot a metal cracks a metal mould by the shock.'],
        ],
        'warm_from' => 120.0, 'warmed_to' => 180.0, 'rested_to' => 150.0, 'hazards' => ['metal_mould_damp'],
    ],
];
