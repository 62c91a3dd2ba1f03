<?php

declare(strict_types=1);

use MoltenNotes\Core\Table;

// What the place, look and time of a finding say about causes that could have made it [common practice; ratios are the founders'
// estimates].
// A detail speaks to every cause of the same mechanism alike, or the row says why one differs: what belongs to all of them tells none of
// them apart. Each counts once per cause and kind (place, look, shown): the strongest wins.
$gas = ['blowhole', 'gas_porosity', 'pinholes', 'trapped_air', 'sprue_bubble'];
$shrink = ['sink', 'internal_shrinkage', 'centreline_shrinkage', 'micro_shrinkage'];
$cold = ['misrun', 'cold_shut', 'missing_detail'];
// A hole is called gas before anybody has looked into it.
$holes = [...$gas, ...$shrink];

/**
 * @var array{frozen: list<string>, melt_gas: list<string>, core_gas: list<string>, face_gas: list<string>, air: list<string>,
 *     unfed: list<string>} $alike
 */
$alike = array_column(Table::rows(__DIR__.'/mechanisms.php', ['code', 'label', 'causes', 'apart']), 'causes', 'code');
['frozen' => $frozen, 'melt_gas' => $meltGas, 'core_gas' => $coreGas, 'face_gas' => $faceGas, 'air' => $air, 'unfed' => $unfed] = $alike;

return [
    // The front froze.
    [
        'causes' => $frozen, 'findings' => $cold, 'kind' => 'look', 'code' => 'rounded_edges', 'ratio' => 2.5,
        'words' => 'The edges are rounded: the front froze in place.',
    ],
    [
        'causes' => $frozen, 'findings' => $cold, 'kind' => 'look', 'code' => 'sharp_edges', 'ratio' => 0.4,
        'words' => 'Sharp edges speak against a frozen front.',
    ],
    [
        'causes' => ['metal_cold', 'long_carry', 'ladle_cold', 'slow_pour', 'interrupted_pour', 'cup_missed'], 'findings' => $cold,
        'kind' => 'place', 'code' => 'far_from_gate', 'ratio' => 2.0, 'words' => 'It is far from the gate, where metal arrives coldest.',
    ],
    [
        'causes' => ['long_path'], 'findings' => $cold, 'kind' => 'place', 'code' => 'far_from_gate', 'ratio' => 3.0,
        'words' => 'It is far from the gate.',
    ],
    [
        // A cold wall freezes thin places wherever they are.
        'causes' => ['mould_cold'], 'findings' => $cold, 'kind' => 'place', 'code' => 'far_from_gate', 'ratio' => 1.6,
        'words' => 'It is far from the gate: the wall had longest to take the heat.',
    ],
    [
        // Too little metal a second leaves the far end empty as well.
        'causes' => ['gate_small', 'choke_wrong'], 'findings' => $cold, 'kind' => 'place', 'code' => 'far_from_gate', 'ratio' => 1.5,
        'words' => 'It is far from the gate, where a thin stream ends.',
    ],
    [
        'causes' => ['metal_cold', 'long_carry', 'ladle_cold', 'slow_pour', 'interrupted_pour', 'cup_missed', 'long_path',
            'mould_cold'],
        'findings' => $cold, 'kind' => 'place', 'code' => 'thin_section', 'ratio' => 1.8,
        'words' => 'It is in a thin section, which freezes first.',
    ],
    [
        'causes' => ['gate_small', 'choke_wrong'], 'findings' => $cold, 'kind' => 'place', 'code' => 'thin_section', 'ratio' => 1.4,
        'words' => 'It is in a thin section, which freezes first.',
    ],
    [
        'causes' => ['metal_cold', 'long_carry', 'ladle_cold', 'slow_pour', 'interrupted_pour', 'mould_cold'], 'findings' => $cold,
        'kind' => 'place', 'code' => 'near_gate', 'ratio' => 0.3, 'words' => 'It is near the gate, where metal is hottest.',
    ],
    [
        'causes' => ['long_path'], 'findings' => $cold, 'kind' => 'place', 'code' => 'near_gate', 'ratio' => 0.2,
        'words' => 'It is near the gate.',
    ],
    [
        'causes' => ['gate_small', 'choke_wrong'], 'findings' => [...$cold, 'frozen_gate'], 'kind' => 'place', 'code' => 'near_gate',
        'ratio' => 2.0, 'words' => 'It begins at the gate.',
    ],
    [
        'causes' => ['long_path'], 'findings' => $cold, 'kind' => 'place', 'code' => 'last_to_fill', 'ratio' => 2.5,
        'words' => 'It is where the metal arrived last.',
    ],
    [
        'causes' => ['metal_cold', 'long_carry', 'ladle_cold', 'slow_pour', 'interrupted_pour', 'cup_missed', 'gate_small',
            'choke_wrong', 'mould_cold'],
        'findings' => $cold, 'kind' => 'place', 'code' => 'last_to_fill', 'ratio' => 1.7, 'words' => 'It is where the metal arrived last.',
    ],
    [
        'causes' => $frozen, 'findings' => $cold, 'kind' => 'place', 'code' => 'high_point', 'ratio' => 0.5,
        'words' => 'It sits at a high point: a freezing front does not choose those.',
    ],
    // Air that was shut in.
    [
        'causes' => ['vents_missing'], 'findings' => [...$gas, ...$cold], 'kind' => 'place', 'code' => 'high_point', 'ratio' => 4.0,
        'words' => 'It sits at a high point, where air collects.',
    ],
    [
        'causes' => ['vents_missing'], 'findings' => $cold, 'kind' => 'place', 'code' => 'thin_section', 'ratio' => 0.7,
        'words' => 'It sits in a thin section, not at a high point.',
    ],
    [
        'causes' => ['vents_missing'], 'findings' => $cold, 'kind' => 'place', 'code' => 'near_gate', 'ratio' => 0.4,
        'words' => 'It is near the gate, where no air is shut in.',
    ],
    // Gas, whoever gave it: a smooth wall, and no crystals.
    [
        'causes' => [...$meltGas, ...$coreGas, ...$faceGas], 'findings' => $holes, 'kind' => 'look', 'code' => 'smooth_wall',
        'ratio' => 2.2, 'words' => 'A smooth wall is a gas wall.',
    ],
    [
        'causes' => [...$meltGas, ...$coreGas, ...$faceGas, ...$air, 'vents_missing'], 'findings' => $holes, 'kind' => 'look',
        'code' => 'rough_wall', 'ratio' => 0.3, 'words' => 'A rough wall speaks of shrinkage, not gas.',
    ],
    [
        'causes' => [...$air, 'vents_missing'], 'findings' => $gas, 'kind' => 'look', 'code' => 'smooth_wall', 'ratio' => 1.6,
        'words' => 'A smooth wall is that of a bubble.',
    ],
    // Gas of the melt is everywhere and under the skin; pits on the skin alone are as usual for gas of the mould.
    [
        'causes' => $meltGas, 'findings' => ['gas_porosity', 'blowhole'], 'kind' => 'place', 'code' => 'everywhere', 'ratio' => 3.0,
        'words' => 'Gas from the melt shows everywhere.',
    ],
    [
        'causes' => [...$meltGas, ...$faceGas], 'findings' => ['pinholes'], 'kind' => 'place', 'code' => 'everywhere', 'ratio' => 1.5,
        'words' => 'Pits all over come from the melt or from the whole face of the mould.',
    ],
    [
        'causes' => $faceGas, 'findings' => ['gas_porosity', 'blowhole'], 'kind' => 'place', 'code' => 'everywhere', 'ratio' => 0.8,
        'words' => 'Gas of the mould stays near its faces.',
    ],
    [
        'causes' => $coreGas, 'findings' => $gas, 'kind' => 'place', 'code' => 'everywhere', 'ratio' => 0.3,
        'words' => 'Gas of a core stays near it.',
    ],
    [
        'causes' => $meltGas, 'findings' => $gas, 'kind' => 'look', 'code' => 'single', 'ratio' => 0.25,
        'words' => 'A single hole speaks against gas from the melt.',
    ],
    [
        'causes' => [...$coreGas, ...$faceGas, 'vents_missing'], 'findings' => $gas, 'kind' => 'look', 'code' => 'single', 'ratio' => 1.4,
        'words' => 'One hole is one place that blew.',
    ],
    [
        'causes' => $meltGas, 'findings' => $gas, 'kind' => 'look', 'code' => 'fine', 'ratio' => 2.0,
        'words' => 'Fine round holes are usual for gas from the melt.',
    ],
    [
        'causes' => $meltGas, 'findings' => $gas, 'kind' => 'look', 'code' => 'many', 'ratio' => 1.8,
        'words' => 'Many holes are usual for gas from the melt.',
    ],
    [
        'causes' => $meltGas, 'findings' => $gas, 'kind' => 'shown', 'code' => 'machining', 'ratio' => 1.6,
        'words' => 'Holes below the skin show at machining.',
    ],
    [
        'causes' => $faceGas, 'findings' => ['pinholes'], 'kind' => 'shown', 'code' => 'cleaning', 'ratio' => 1.4,
        'words' => 'Pits that show at cleaning are in the skin, where the mould was.',
    ],
    [
        'causes' => $meltGas, 'findings' => ['pinholes', 'blowhole'], 'kind' => 'place', 'code' => 'cope_face', 'ratio' => 0.6,
        'words' => 'Only under the cope: gas from the melt does not choose.',
    ],
    // Gas of the mould rises under the cope, or comes in where its face is.
    [
        'causes' => $faceGas, 'findings' => $gas, 'kind' => 'place', 'code' => 'cope_face', 'ratio' => 1.8,
        'words' => 'Gas of the mould rises and is caught under the cope face.',
    ],
    [
        'causes' => $faceGas, 'findings' => $gas, 'kind' => 'place', 'code' => 'drag_face', 'ratio' => 1.4,
        'words' => 'Gas came in through the face.',
    ],
    [
        'causes' => ['core_wet'], 'findings' => $gas, 'kind' => 'place', 'code' => 'around_core', 'ratio' => 5.0,
        'words' => 'It sits around the core.',
    ],
    [
        'causes' => ['core_gas'], 'findings' => $gas, 'kind' => 'place', 'code' => 'around_core', 'ratio' => 4.0,
        'words' => 'It sits around the core.',
    ],
    [
        'causes' => [...$faceGas, ...$meltGas], 'findings' => $gas, 'kind' => 'place', 'code' => 'around_core', 'ratio' => 0.4,
        'words' => 'It sits around the core alone.',
    ],
    [
        'causes' => $coreGas, 'findings' => $gas, 'kind' => 'place', 'code' => 'cope_face', 'ratio' => 0.8,
        'words' => 'It is said to be at the cope face, not at the core.',
    ],
    [
        'causes' => $coreGas, 'findings' => $gas, 'kind' => 'place', 'code' => 'far_from_gate', 'ratio' => 0.6,
        'words' => 'It is not at the core.',
    ],
    // Air carried down with the stream.
    [
        'causes' => $air, 'findings' => $gas, 'kind' => 'look', 'code' => 'oxidised_wall', 'ratio' => 2.5,
        'words' => 'A dark wall is an air wall.',
    ],
    [
        'causes' => ['foam_gas', 'oil_excess', 'burnout_hot'], 'findings' => $gas, 'kind' => 'look', 'code' => 'oxidised_wall',
        'ratio' => 1.6,
        'words' => 'Soot darkens the wall.',
    ],
    [
        'causes' => $air, 'findings' => $gas, 'kind' => 'place', 'code' => 'sprue_or_riser', 'ratio' => 2.0,
        'words' => 'It shows in the sprue already.',
    ],
    [
        'causes' => $air, 'findings' => $gas, 'kind' => 'place', 'code' => 'cope_face', 'ratio' => 1.3,
        'words' => 'Bubbles rise to the cope face.',
    ],
    // Shrinkage.
    [
        'causes' => $unfed, 'findings' => $holes, 'kind' => 'look', 'code' => 'rough_wall', 'ratio' => 2.5,
        'words' => 'A rough, crystalline wall is shrinkage.',
    ],
    [
        'causes' => $unfed, 'findings' => $holes, 'kind' => 'look', 'code' => 'smooth_wall', 'ratio' => 0.3,
        'words' => 'A smooth wall speaks of gas.',
    ],
    [
        'causes' => ['no_feeder', 'feeder_freezes_first'], 'findings' => $holes, 'kind' => 'place', 'code' => 'thick_junction',
        'ratio' => 2.5, 'words' => 'It is in the heaviest part.',
    ],
    [
        'causes' => ['hot_spot'], 'findings' => $holes, 'kind' => 'place', 'code' => 'thick_junction', 'ratio' => 3.0,
        'words' => 'It is at a thick junction.',
    ],
    [
        'causes' => ['metal_hot'], 'findings' => $holes, 'kind' => 'place', 'code' => 'thick_junction', 'ratio' => 1.5,
        'words' => 'It is in the heaviest part, where superheat is felt most.',
    ],
    [
        'causes' => ['gate_hot_spot'], 'findings' => $holes, 'kind' => 'place', 'code' => 'thick_junction', 'ratio' => 0.8,
        'words' => 'It is in the heaviest part, not at a gate.',
    ],
    [
        'causes' => ['gate_hot_spot'], 'findings' => $holes, 'kind' => 'place', 'code' => 'near_gate', 'ratio' => 4.0,
        'words' => 'It is at the gate.',
    ],
    [
        'causes' => ['no_feeder', 'hot_spot', 'metal_hot', 'feeder_freezes_first'], 'findings' => $shrink, 'kind' => 'place',
        'code' => 'near_gate', 'ratio' => 0.7, 'words' => 'It is at the gate, not in the heaviest part.',
    ],
    [
        'causes' => $unfed, 'findings' => $shrink, 'kind' => 'place', 'code' => 'sprue_or_riser', 'ratio' => 0.4,
        'words' => 'The hole is in the feeder, where it belongs.',
    ],
    // Dirt, sand and the mould's own faults.
    [
        'causes' => ['dirty_melt', 'turbulent_pour', 'tramp_aluminium'], 'findings' => ['dross_inclusion', 'oxide_film'], 'kind' => 'place',
        'code' => 'cope_face', 'ratio' => 1.8, 'words' => 'Dirt floats to the cope face.',
    ],
    [
        'causes' => ['gate_fast'], 'findings' => ['erosion', 'sand_inclusion', 'oxide_film', 'rough_skin'], 'kind' => 'place',
        'code' => 'near_gate', 'ratio' => 3.0, 'words' => 'It is where the jet strikes.',
    ],
    [
        'causes' => ['loose_sand'], 'findings' => ['sand_inclusion'], 'kind' => 'place', 'code' => 'drag_face', 'ratio' => 2.0,
        'words' => 'Loose sand lies on the drag.',
    ],
    [
        'causes' => ['sand_dry', 'mould_bumped'], 'findings' => ['sand_inclusion', 'drop_lump'], 'kind' => 'place', 'code' => 'cope_face',
        'ratio' => 1.5, 'words' => 'Sand fell from the cope.',
    ],
    [
        'causes' => ['cope_lifted', 'halves_gape'], 'findings' => ['flash', 'run_out'], 'kind' => 'place', 'code' => 'parting_line',
        'ratio' => 2.0,
        'words' => 'It is along the parting line.',
    ],
    [
        'causes' => ['soft_ramming'], 'findings' => ['swell', 'penetration', 'rough_skin'], 'kind' => 'place', 'code' => 'near_gate',
        'ratio' => 1.3, 'words' => 'The heaviest flow met the softest sand.',
    ],
    [
        'causes' => ['sand_not_vibrated'], 'findings' => ['run_out_bead', 'swell', 'collapsed_mould'], 'kind' => 'place',
        'code' => 'drag_face', 'ratio' => 1.5, 'words' => 'Undersides are where sand does not flow.',
    ],
    [
        'causes' => ['mould_bumped'], 'findings' => ['drop_lump', 'sand_inclusion'], 'kind' => 'look', 'code' => 'large', 'ratio' => 1.5,
        'words' => 'A large piece fell.',
    ],
    // Below the skin or open to it, and how it lies.
    [
        'causes' => $meltGas, 'findings' => $gas, 'kind' => 'look', 'code' => 'under_skin', 'ratio' => 1.5,
        'words' => 'Gas of the melt lies below the skin.',
    ],
    [
        'causes' => $faceGas, 'findings' => $gas, 'kind' => 'look', 'code' => 'under_skin', 'ratio' => 1.2,
        'words' => 'Gas that came in through the skin is held just below it.',
    ],
    [
        'causes' => $coreGas, 'findings' => $gas, 'kind' => 'look', 'code' => 'under_skin', 'ratio' => 1.1,
        'words' => 'Gas of a core is held below the skin.',
    ],
    [
        'causes' => $meltGas, 'findings' => $gas, 'kind' => 'look', 'code' => 'open', 'ratio' => 0.6,
        'words' => 'Open to the skin: gas from the melt is shut in.',
    ],
    [
        'causes' => $faceGas, 'findings' => $gas, 'kind' => 'look', 'code' => 'open', 'ratio' => 1.5,
        'words' => 'Open to the skin, where the gas came from.',
    ],
    [
        'causes' => $coreGas, 'findings' => $gas, 'kind' => 'look', 'code' => 'open', 'ratio' => 1.2,
        'words' => 'Open towards where the gas came from.',
    ],
    [
        'causes' => $faceGas, 'findings' => ['pinholes', 'blowhole'], 'kind' => 'look', 'code' => 'across_wall', 'ratio' => 1.8,
        'words' => 'Holes square to the wall grew with the skin, from gas at the face.',
    ],
    [
        'causes' => $meltGas, 'findings' => ['pinholes', 'blowhole'], 'kind' => 'look', 'code' => 'across_wall', 'ratio' => 1.1,
        'words' => 'Holes square to the wall grew with the skin.',
    ],
    [
        'causes' => $coreGas, 'findings' => ['pinholes', 'blowhole'], 'kind' => 'look', 'code' => 'across_wall', 'ratio' => 1.1,
        'words' => 'Holes square to the wall grew with the skin.',
    ],
    [
        'causes' => $air, 'findings' => $gas, 'kind' => 'look', 'code' => 'along_flow', 'ratio' => 2.0,
        'words' => 'Drawn out along the stream: it came with the stream.',
    ],
    [
        'causes' => $unfed, 'findings' => $holes, 'kind' => 'look', 'code' => 'dull_wall', 'ratio' => 1.5,
        'words' => 'A dull wall is the frosted one of shrinkage.',
    ],
    [
        'causes' => [...$meltGas, ...$coreGas, ...$faceGas], 'findings' => $holes, 'kind' => 'look', 'code' => 'dull_wall', 'ratio' => 0.7,
        'words' => 'A dull wall is seldom that of gas.',
    ],
];
