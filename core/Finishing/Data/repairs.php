<?php

declare(strict_types=1);

// What can be done about a fault instead of pouring again, and what not. Taken 2026-11 by the founders, common practice.
// mends: defects. families: metals it goes with. not: what it is not for (purposes of a casting, or looks). bears: °C it bears afterwards,
// null where as much as the metal. A temperature within the words stands as {150 degC}. step: before which step of the route it is done.
// minutes: hands, [least, most], for one place.
$open = ['blowhole', 'gas_porosity', 'pinholes', 'trapped_air', 'sprue_bubble', 'sink', 'open_pits', 'sand_inclusion', 'dross_inclusion'];

return [
    [
        'code' => 'weld_al', 'label' => 'Build up with TIG, filler of its own alloy',
        'mends' => [...$open, 'misrun', 'cold_shut', 'hot_tear'],
        'families' => ['aluminium'], 'not' => [], 'bears' => null, 'step' => 'heat_treat', 'minutes' => [20, 60],
        'words' => 'Cut the fault out to sound metal first; warm it to {150 degC}. Undoes a heat treatment, so before it. Gas boils out.',
        'caution' => 'Arc: mask, skin covered, moving air.',
    ],
    [
        'code' => 'braze', 'label' => 'Braze or silver-solder', 'mends' => [...$open, 'misrun', 'cold_shut', 'cold_crack'],
        'families' => ['copper', 'silver', 'iron'], 'not' => [], 'bears' => 500.0, 'step' => 'finish_machine', 'minutes' => [20, 50],
        'words' => 'Bright metal, flux, heat all of it evenly. The seam shows under a patina.',
        'caution' => 'No cadmium in the solder; moving air; flux fumes are not for breathing.',
    ],
    [
        'code' => 'soft_solder', 'label' => 'Fill with its own metal and a soft flame', 'mends' => [...$open, 'misrun', 'cold_shut'],
        'families' => ['tin'], 'not' => [], 'bears' => null, 'step' => 'sand', 'minutes' => [10, 30],
        'words' => 'A strip of the same pewter, a small flame from the far side: it is liquid a moment after it shines.',
        'caution' => 'It falls through at once when it is too hot: bed it in sand.',
    ],
    [
        'code' => 'plug', 'label' => 'Drill it out and screw in a plug of the same metal', 'mends' => $open,
        'families' => ['aluminium', 'zinc', 'copper', 'iron', 'silver'], 'not' => [], 'bears' => null, 'step' => 'finish_machine',
        'minutes' => [15, 40], 'words' => 'For one deep hole: tap it, plug with thread lock, peen and file flush.', 'caution' => '',
    ],
    [
        'code' => 'impregnate', 'label' => 'Seal with a thin anaerobic or sodium silicate sealer',
        'mends' => ['gas_porosity', 'pinholes', 'micro_shrinkage', 'centreline_shrinkage', 'internal_shrinkage'],
        'families' => ['aluminium', 'zinc', 'copper', 'iron'], 'not' => ['shows'], 'bears' => 150.0, 'step' => 'fill',
        'minutes' => [20, 40],
        'words' => 'Closes leaks of the wall, not the weakness of it. Degrease, warm, let it be drawn in, wipe off, cure.',
        'caution' => 'Nothing that holds pressure is trusted to it without a test by those who may.',
    ],
    [
        'code' => 'fill', 'label' => 'Fill with metal-filled epoxy', 'mends' => [...$open, 'misrun', 'cold_shut', 'rough_skin', 'shift'],
        'families' => ['aluminium', 'zinc', 'tin', 'lead', 'copper', 'iron'], 'not' => ['seals', 'polished', 'patinated'], 'bears' => 100.0,
        'step' => 'fill', 'minutes' => [15, 30],
        'words' => 'Only under paint, and where nothing pulls on it. After blasting, before paint.',
        'caution' => 'Gloves; its dust is not for breathing.',
    ],
    [
        'code' => 'straighten', 'label' => 'Press it straight', 'mends' => ['warp'],
        'families' => ['aluminium', 'tin', 'lead', 'copper', 'silver'],
        'not' => [], 'bears' => null, 'step' => 'heat_treat', 'minutes' => [10, 30],
        'words' => 'In small steps over three points, soft jaws; aluminium before it is aged, iron not at all: it breaks.', 'caution' => '',
    ],
    [
        'code' => 'dress', 'label' => 'Grind it off',
        'mends' => [
            'flash', 'vein', 'swell', 'run_out_bead', 'metal_beads', 'crush_lump', 'drop_lump', 'scab', 'bead_cluster', 'rough_skin',
            'wrinkled_skin', 'pattern_marks', 'loose_piece_step', 'shift', 'penetration', 'crack_lines',
        ],
        'families' => ['aluminium', 'zinc', 'tin', 'silver', 'copper', 'iron'], 'not' => [], 'bears' => null, 'step' => 'sand',
        'minutes' => [5, 25], 'words' => 'What stands proud costs only time.', 'caution' => '',
    ],
];
