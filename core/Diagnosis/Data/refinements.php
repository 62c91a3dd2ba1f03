<?php

declare(strict_types=1);

// What the place, look and time of a finding say about a cause that could have made it [common practice; ratios are the founders'
// estimates].
// Each counts once per cause and kind (place, look, shown): the strongest wins.
$gas = ['blowhole', 'gas_porosity', 'pinholes', 'trapped_air', 'sprue_bubble'];
$shrink = ['sink', 'internal_shrinkage', 'centreline_shrinkage', 'micro_shrinkage'];
$cold = ['misrun', 'cold_shut', 'missing_detail'];

return [
    [
        'cause' => 'vents_missing', 'findings' => [...$gas, ...$cold], 'kind' => 'place', 'code' => 'high_point', 'ratio' => 4.0,
        'words' => 'It sits at a high point, where air collects.',
    ],
    [
        'cause' => 'vents_missing', 'findings' => $cold, 'kind' => 'place', 'code' => 'thin_section', 'ratio' => 0.7,
        'words' => 'It sits in a thin section, not at a high point.',
    ],
    [
        'cause' => 'metal_cold', 'findings' => $cold, 'kind' => 'place', 'code' => 'far_from_gate', 'ratio' => 2.0,
        'words' => 'It is far from the gate, where metal arrives coldest.',
    ],
    [
        'cause' => 'metal_cold', 'findings' => $cold, 'kind' => 'place', 'code' => 'thin_section', 'ratio' => 1.8,
        'words' => 'It is in a thin section, which freezes first.',
    ],
    [
        'cause' => 'metal_cold', 'findings' => $cold, 'kind' => 'place', 'code' => 'near_gate', 'ratio' => 0.3,
        'words' => 'It is near the gate, where metal is hottest.',
    ],
    [
        'cause' => 'metal_cold', 'findings' => $cold, 'kind' => 'look', 'code' => 'rounded_edges', 'ratio' => 2.5,
        'words' => 'The edges are rounded: the front froze in place.',
    ],
    [
        'cause' => 'metal_cold', 'findings' => $cold, 'kind' => 'look', 'code' => 'sharp_edges', 'ratio' => 0.4,
        'words' => 'Sharp edges speak against a frozen front.',
    ],
    [
        'cause' => 'long_path', 'findings' => $cold, 'kind' => 'place', 'code' => 'far_from_gate', 'ratio' => 3.0,
        'words' => 'It is far from the gate.',
    ],
    [
        'cause' => 'long_path', 'findings' => $cold, 'kind' => 'place', 'code' => 'last_to_fill', 'ratio' => 2.5,
        'words' => 'It is where the metal arrived last.',
    ],
    [
        'cause' => 'long_path', 'findings' => $cold, 'kind' => 'place', 'code' => 'near_gate', 'ratio' => 0.2,
        'words' => 'It is near the gate.',
    ],
    [
        'cause' => 'gate_small', 'findings' => ['misrun', 'frozen_gate'], 'kind' => 'place', 'code' => 'near_gate', 'ratio' => 2.0,
        'words' => 'It begins at the gate.',
    ],
    [
        'cause' => 'mould_cold', 'findings' => $cold, 'kind' => 'place', 'code' => 'thin_section', 'ratio' => 1.6,
        'words' => 'It is in a thin section, which the mould chills first.',
    ],
    [
        'cause' => 'sand_wet', 'findings' => $gas, 'kind' => 'place', 'code' => 'cope_face', 'ratio' => 1.8,
        'words' => 'Steam rises and is caught under the cope face.',
    ],
    [
        'cause' => 'sand_wet', 'findings' => $gas, 'kind' => 'place', 'code' => 'drag_face', 'ratio' => 1.4,
        'words' => 'Steam came in through the face.',
    ],
    [
        'cause' => 'sand_wet', 'findings' => $gas, 'kind' => 'look', 'code' => 'smooth_wall', 'ratio' => 2.2,
        'words' => 'A smooth wall is a gas wall.',
    ],
    [
        'cause' => 'sand_wet', 'findings' => $gas, 'kind' => 'look', 'code' => 'rough_wall', 'ratio' => 0.3,
        'words' => 'A rough wall speaks of shrinkage, not steam.',
    ],
    [
        'cause' => 'core_wet', 'findings' => $gas, 'kind' => 'place', 'code' => 'around_core', 'ratio' => 5.0,
        'words' => 'It sits around the core.',
    ],
    [
        'cause' => 'core_gas', 'findings' => $gas, 'kind' => 'place', 'code' => 'around_core', 'ratio' => 4.0,
        'words' => 'It sits around the core.',
    ],
    [
        'cause' => 'core_wet', 'findings' => $gas, 'kind' => 'place', 'code' => 'far_from_gate', 'ratio' => 0.6,
        'words' => 'It is not at the core.',
    ],
    [
        'cause' => 'hydrogen', 'findings' => $gas, 'kind' => 'place', 'code' => 'everywhere', 'ratio' => 3.5,
        'words' => 'Gas from the melt shows everywhere.',
    ],
    [
        'cause' => 'hydrogen', 'findings' => $gas, 'kind' => 'look', 'code' => 'single', 'ratio' => 0.25,
        'words' => 'A single hole speaks against gas from the melt.',
    ],
    [
        'cause' => 'hydrogen', 'findings' => $gas, 'kind' => 'look', 'code' => 'fine', 'ratio' => 2.0,
        'words' => 'Fine round holes are usual for hydrogen.',
    ],
    [
        'cause' => 'hydrogen', 'findings' => $gas, 'kind' => 'look', 'code' => 'many', 'ratio' => 1.8,
        'words' => 'Many holes are usual for gas from the melt.',
    ],
    [
        'cause' => 'hydrogen', 'findings' => $gas, 'kind' => 'shown', 'code' => 'machining', 'ratio' => 1.5,
        'words' => 'Holes below the skin show at machining.',
    ],
    [
        'cause' => 'oxygen', 'findings' => $gas, 'kind' => 'place', 'code' => 'everywhere', 'ratio' => 3.0,
        'words' => 'Gas from the melt shows everywhere.',
    ],
    [
        'cause' => 'wet_charge', 'findings' => $gas, 'kind' => 'place', 'code' => 'everywhere', 'ratio' => 2.5,
        'words' => 'Gas from the melt shows everywhere.',
    ],
    [
        'cause' => 'sprue_sucks_air', 'findings' => $gas, 'kind' => 'look', 'code' => 'oxidised_wall', 'ratio' => 2.5,
        'words' => 'A dark wall is an air wall.',
    ],
    [
        'cause' => 'sprue_sucks_air', 'findings' => $gas, 'kind' => 'place', 'code' => 'sprue_or_riser', 'ratio' => 2.0,
        'words' => 'It shows in the sprue already.',
    ],
    [
        'cause' => 'sprue_sucks_air', 'findings' => $gas, 'kind' => 'place', 'code' => 'cope_face', 'ratio' => 1.3,
        'words' => 'Bubbles rise to the cope face.',
    ],
    [
        'cause' => 'foam_gas', 'findings' => $gas, 'kind' => 'look', 'code' => 'oxidised_wall', 'ratio' => 1.6,
        'words' => 'Soot darkens the wall.',
    ],
    [
        'cause' => 'no_feeder', 'findings' => $shrink, 'kind' => 'place', 'code' => 'thick_junction', 'ratio' => 2.5,
        'words' => 'It is in the heaviest part.',
    ],
    [
        'cause' => 'no_feeder', 'findings' => $shrink, 'kind' => 'look', 'code' => 'rough_wall', 'ratio' => 2.5,
        'words' => 'A rough, crystalline wall is shrinkage.',
    ],
    [
        'cause' => 'no_feeder', 'findings' => $shrink, 'kind' => 'look', 'code' => 'smooth_wall', 'ratio' => 0.3,
        'words' => 'A smooth wall speaks of gas.',
    ],
    [
        'cause' => 'hot_spot', 'findings' => $shrink, 'kind' => 'place', 'code' => 'thick_junction', 'ratio' => 3.0,
        'words' => 'It is at a thick junction.',
    ],
    [
        'cause' => 'hot_spot', 'findings' => $shrink, 'kind' => 'look', 'code' => 'rough_wall', 'ratio' => 2.0,
        'words' => 'A rough, crystalline wall is shrinkage.',
    ],
    [
        'cause' => 'gate_hot_spot', 'findings' => $shrink, 'kind' => 'place', 'code' => 'near_gate', 'ratio' => 4.0,
        'words' => 'It is at the gate.',
    ],
    [
        'cause' => 'feeder_freezes_first', 'findings' => $shrink, 'kind' => 'place', 'code' => 'sprue_or_riser', 'ratio' => 0.4,
        'words' => 'The hole is in the feeder, where it belongs.',
    ],
    [
        'cause' => 'dirty_melt', 'findings' => ['dross_inclusion', 'oxide_film'], 'kind' => 'place', 'code' => 'cope_face',
        'ratio' => 2.0, 'words' => 'Dirt floats to the cope face.',
    ],
    [
        'cause' => 'gate_fast', 'findings' => ['erosion', 'sand_inclusion', 'oxide_film', 'rough_skin'], 'kind' => 'place',
        'code' => 'near_gate', 'ratio' => 3.0, 'words' => 'It is where the jet strikes.',
    ],
    [
        'cause' => 'loose_sand', 'findings' => ['sand_inclusion'], 'kind' => 'place', 'code' => 'drag_face', 'ratio' => 2.0,
        'words' => 'Loose sand lies on the drag.',
    ],
    [
        'cause' => 'sand_dry', 'findings' => ['sand_inclusion', 'drop_lump'], 'kind' => 'place', 'code' => 'cope_face', 'ratio' => 1.5,
        'words' => 'Weak sand falls from the cope.',
    ],
    [
        'cause' => 'cope_lifted', 'findings' => ['flash', 'run_out'], 'kind' => 'place', 'code' => 'parting_line', 'ratio' => 2.0,
        'words' => 'It is along the parting line.',
    ],
    [
        'cause' => 'soft_ramming', 'findings' => ['swell', 'penetration', 'rough_skin'], 'kind' => 'place', 'code' => 'near_gate',
        'ratio' => 1.3, 'words' => 'The heaviest flow met the softest sand.',
    ],
    [
        'cause' => 'sand_not_vibrated', 'findings' => ['run_out_bead', 'swell', 'collapsed_mould'], 'kind' => 'place',
        'code' => 'drag_face', 'ratio' => 1.5, 'words' => 'Undersides are where sand does not flow.',
    ],
    [
        'cause' => 'mould_bumped', 'findings' => ['drop_lump', 'sand_inclusion'], 'kind' => 'look', 'code' => 'large', 'ratio' => 1.5,
        'words' => 'A large piece fell.',
    ],
];
