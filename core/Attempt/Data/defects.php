<?php

declare(strict_types=1);

// What can be seen on a casting. class: as in defect_classes.php. words: how to know it. leak: how often it is seen with none of our causes
// at work, the founders' estimate [common practice].
return [
    [
        'code' => 'flash', 'class' => 'A', 'label' => 'Flash', 'words' => 'A thin fin along the parting line or round a core print.',
        'leak' => 0.04,
    ],
    [
        'code' => 'vein', 'class' => 'A', 'label' => 'Vein', 'words' => 'A raised hair line where the mould face cracked.',
        'leak' => 0.01,
    ],
    [
        'code' => 'swell', 'class' => 'A', 'label' => 'Swell', 'words' => 'A smooth bulge: the sand gave way under the metal.',
        'leak' => 0.01,
    ],
    [
        'code' => 'run_out_bead', 'class' => 'A', 'label' => 'Run-out bead',
        'words' => 'A frozen tongue or drop outside the casting.', 'leak' => 0.01,
    ],
    [
        'code' => 'metal_beads', 'class' => 'A', 'label' => 'Metal beads',
        'words' => 'Small round balls grown on the skin, where bubbles clung to the pattern.', 'leak' => 0.01,
    ],
    [
        'code' => 'crush_lump', 'class' => 'A', 'label' => 'Crush',
        'words' => 'A ragged lump where closing the mould pushed sand away.', 'leak' => 0.01,
    ],
    [
        'code' => 'drop_lump', 'class' => 'A', 'label' => 'Drop',
        'words' => 'A lump on the cope face with a hollow below: sand fell in.', 'leak' => 0.01,
    ],
    [
        'code' => 'blowhole', 'class' => 'B', 'label' => 'Blowhole',
        'words' => 'A single smooth-walled hole, often just under the cope face.', 'leak' => 0.02,
    ],
    [
        'code' => 'gas_porosity', 'class' => 'B', 'label' => 'Gas porosity', 'words' => 'Many round holes spread through the metal.',
        'leak' => 0.02,
    ],
    [
        'code' => 'pinholes', 'class' => 'B', 'label' => 'Pinholes',
        'words' => 'Needle pricks under the skin, shown by cleaning or machining.', 'leak' => 0.02,
    ],
    [
        'code' => 'trapped_air', 'class' => 'B', 'label' => 'Trapped air',
        'words' => 'A rounded hollow at a high point that metal never reached.', 'leak' => 0.01,
    ],
    [
        'code' => 'sprue_bubble', 'class' => 'B', 'label' => 'Bubble in sprue or riser',
        'words' => 'A gas hole in the sprue or riser, seen when it is cut.', 'leak' => 0.02,
    ],
    [
        'code' => 'sink', 'class' => 'B', 'label' => 'Sink', 'words' => 'The face drawn in over a heavy part, or an open funnel.',
        'leak' => 0.02,
    ],
    [
        'code' => 'internal_shrinkage', 'class' => 'B', 'label' => 'Internal shrinkage',
        'words' => 'A rough, crystalline hole inside a heavy part.', 'leak' => 0.02,
    ],
    [
        'code' => 'centreline_shrinkage', 'class' => 'B', 'label' => 'Centreline shrinkage',
        'words' => 'A thin rough line along the middle of a long section.', 'leak' => 0.02,
    ],
    [
        'code' => 'micro_shrinkage', 'class' => 'B', 'label' => 'Spongy shrinkage',
        'words' => 'Dull, spongy metal that leaks or will not polish.', 'leak' => 0.02,
    ],
    [
        'code' => 'hot_tear', 'class' => 'C', 'label' => 'Hot tear',
        'words' => 'A ragged, dark crack at a corner, torn while nearly solid.', 'leak' => 0.01,
    ],
    ['code' => 'cold_crack', 'class' => 'C', 'label' => 'Cold crack', 'words' => 'A clean, bright, straight crack.', 'leak' => 0.01],
    [
        'code' => 'cold_shut', 'class' => 'C', 'label' => 'Cold shut',
        'words' => 'A rounded seam where two streams met and did not join.', 'leak' => 0.01,
    ],
    ['code' => 'foam_fold', 'class' => 'C', 'label' => 'Fold', 'words' => 'A sooty wrinkled seam in lost foam.', 'leak' => 0.01],
    ['code' => 'brittle_break', 'class' => 'C', 'label' => 'Brittle break', 'words' => 'Snaps with hardly any bend.', 'leak' => 0.01],
    ['code' => 'rough_skin', 'class' => 'D', 'label' => 'Rough skin', 'words' => 'A sandy, coarse face.', 'leak' => 0.05],
    [
        'code' => 'penetration', 'class' => 'D', 'label' => 'Metal penetration',
        'words' => 'Sand grown into the face, will not brush off.', 'leak' => 0.02,
    ],
    [
        'code' => 'scab', 'class' => 'D', 'label' => 'Scab or buckle',
        'words' => 'A rough raised crust, or a line where the face lifted.', 'leak' => 0.01,
    ],
    [
        'code' => 'erosion', 'class' => 'D', 'label' => 'Wash',
        'words' => 'Rough streaks or a raised patch where the stream cut the mould.', 'leak' => 0.01,
    ],
    [
        'code' => 'wrinkled_skin', 'class' => 'D', 'label' => 'Wrinkled skin', 'words' => 'Folds of oxide like elephant hide.',
        'leak' => 0.02,
    ],
    ['code' => 'foamy_skin', 'class' => 'D', 'label' => 'Foamy skin', 'words' => 'A coarse, open, orange-peel face.', 'leak' => 0.01],
    [
        'code' => 'crack_lines', 'class' => 'D', 'label' => 'Plaster crack lines',
        'words' => 'Fins in a net where the investment cracked.', 'leak' => 0.01,
    ],
    [
        'code' => 'pattern_marks', 'class' => 'D', 'label' => 'Pattern marks',
        'words' => 'Tool marks or layer lines copied from the pattern.', 'leak' => 0.03,
    ],
    [
        'code' => 'edge_tearout', 'class' => 'D', 'label' => 'Torn edge',
        'words' => 'A blurred edge where sand broke out with the pattern.', 'leak' => 0.02,
    ],
    [
        'code' => 'misrun', 'class' => 'E', 'label' => 'Misrun',
        'words' => 'Metal froze before it filled the place; edges are round.', 'leak' => 0.02,
    ],
    [
        'code' => 'poured_short', 'class' => 'E', 'label' => 'Poured short', 'words' => 'The top is missing, cut off level.',
        'leak' => 0.01,
    ],
    [
        'code' => 'run_out', 'class' => 'E', 'label' => 'Run-out',
        'words' => 'Metal left the mould; the part is hollow or partly empty.', 'leak' => 0.01,
    ],
    [
        'code' => 'collapsed_mould', 'class' => 'E', 'label' => 'Collapsed mould',
        'words' => 'The shape is lost where the mould fell in.', 'leak' => 0.01,
    ],
    [
        'code' => 'frozen_gate', 'class' => 'E', 'label' => 'Frozen gate', 'words' => 'Sprue and runner full, the casting not.',
        'leak' => 0.01,
    ],
    [
        'code' => 'missing_detail', 'class' => 'E', 'label' => 'Missing detail',
        'words' => 'Letters and edges are soft or not there.', 'leak' => 0.04,
    ],
    ['code' => 'shift', 'class' => 'F', 'label' => 'Shift', 'words' => 'A step along the parting line.', 'leak' => 0.02],
    ['code' => 'warp', 'class' => 'F', 'label' => 'Warp', 'words' => 'Bowed or twisted.', 'leak' => 0.02],
    ['code' => 'wrong_size', 'class' => 'F', 'label' => 'Wrong size', 'words' => 'Too large or too small all over.', 'leak' => 0.02],
    [
        'code' => 'distorted_pattern', 'class' => 'F', 'label' => 'Distorted shape',
        'words' => 'The pattern bent, sagged or was crushed.', 'leak' => 0.01,
    ],
    [
        'code' => 'core_shift', 'class' => 'F', 'label' => 'Core out of place', 'words' => 'One wall thin, the other thick.',
        'leak' => 0.01,
    ],
    [
        'code' => 'sand_inclusion', 'class' => 'G', 'label' => 'Sand inclusion', 'words' => 'Grains or clumps of sand in the metal.',
        'leak' => 0.03,
    ],
    [
        'code' => 'dross_inclusion', 'class' => 'G', 'label' => 'Dross or slag',
        'words' => 'Dull dirt in the metal, mostly on upper faces.', 'leak' => 0.03,
    ],
    [
        'code' => 'oxide_film', 'class' => 'G', 'label' => 'Oxide film',
        'words' => 'Thin skins folded in, seen as cracks in a break.', 'leak' => 0.03,
    ],
    ['code' => 'hard_spot', 'class' => 'G', 'label' => 'Hard spot', 'words' => 'A place that dulls file and drill.', 'leak' => 0.01],
    ['code' => 'segregation', 'class' => 'G', 'label' => 'Unmixed metal', 'words' => 'Bands or patches of two metals.', 'leak' => 0.01],
    [
        'code' => 'wrong_composition', 'class' => 'G', 'label' => 'Wrong metal',
        'words' => 'Colour, hardness or weight is not what it should be.', 'leak' => 0.01,
    ],
    [
        'code' => 'open_pits', 'class' => 'B', 'label' => 'Open pits', 'words' => 'Small open craters in the skin, seen before cleaning.',
        'leak' => 0.03,
    ],
    [
        'code' => 'liquid_inside', 'class' => 'E', 'label' => 'Still liquid inside',
        'words' => 'Metal ran from the heart of it when it was opened: a hollow is left.', 'leak' => 0.01,
    ],
    [
        'code' => 'bead_cluster', 'class' => 'A', 'label' => 'Cluster of beads',
        'words' => 'Many balls grown together in a corner or a hollow, where bubbles gathered.', 'leak' => 0.01,
    ],
    [
        'code' => 'soaked_corner', 'class' => 'D', 'label' => 'Metal soaked in at hot places',
        'words' => 'Metal and mould grown together in inside corners, under the riser or at the gate.', 'leak' => 0.01,
    ],
    [
        'code' => 'soot', 'class' => 'D', 'label' => 'Soot on the skin', 'words' => 'Black, shiny or flaky carbon on the face.',
        'leak' => 0.02,
    ],
    [
        'code' => 'chilled_iron', 'class' => 'G', 'label' => 'White iron',
        'words' => 'The break is white and bright at thin places or edges.', 'leak' => 0.01,
    ],
    [
        'code' => 'loose_piece_step', 'class' => 'F', 'label' => 'Step at a loose piece',
        'words' => 'A part of the face stands proud or lies deep where a loose piece sat.', 'leak' => 0.01,
    ],
];
