<?php

declare(strict_types=1);

// What the place, look and time of a finding say about a cause that could have made it [common practice; ratios are the founders' estimates].
// Each counts once per cause and kind (place, look, shown): the strongest wins.
$gas = ['blowhole', 'gas_porosity', 'pinholes', 'trapped_air', 'sprue_bubble'];
$shrink = ['sink', 'internal_shrinkage', 'centreline_shrinkage', 'micro_shrinkage'];
$cold = ['misrun', 'cold_shut', 'missing_detail'];

return [
    // cause | findings | kind | code | ratio | words
    ['vents_missing', [...$gas, ...$cold], 'place', 'high_point', 4.0, 'It sits at a high point, where air collects.'],
    ['vents_missing', $cold, 'place', 'thin_section', 0.7, 'It sits in a thin section, not at a high point.'],
    ['metal_cold', $cold, 'place', 'far_from_gate', 2.0, 'It is far from the gate, where metal arrives coldest.'],
    ['metal_cold', $cold, 'place', 'thin_section', 1.8, 'It is in a thin section, which freezes first.'],
    ['metal_cold', $cold, 'place', 'near_gate', 0.3, 'It is near the gate, where metal is hottest.'],
    ['metal_cold', $cold, 'look', 'rounded_edges', 2.5, 'The edges are rounded: the front froze in place.'],
    ['metal_cold', $cold, 'look', 'sharp_edges', 0.4, 'Sharp edges speak against a frozen front.'],
    ['long_path', $cold, 'place', 'far_from_gate', 3.0, 'It is far from the gate.'],
    ['long_path', $cold, 'place', 'last_to_fill', 2.5, 'It is where the metal arrived last.'],
    ['long_path', $cold, 'place', 'near_gate', 0.2, 'It is near the gate.'],
    ['gate_small', ['misrun', 'frozen_gate'], 'place', 'near_gate', 2.0, 'It begins at the gate.'],
    ['mould_cold', $cold, 'place', 'thin_section', 1.6, 'It is in a thin section, which the mould chills first.'],
    ['sand_wet', $gas, 'place', 'cope_face', 1.8, 'Steam rises and is caught under the cope face.'],
    ['sand_wet', $gas, 'place', 'drag_face', 1.4, 'Steam came in through the face.'],
    ['sand_wet', $gas, 'look', 'smooth_wall', 2.2, 'A smooth wall is a gas wall.'],
    ['sand_wet', $gas, 'look', 'rough_wall', 0.3, 'A rough wall speaks of shrinkage, not steam.'],
    ['core_wet', $gas, 'place', 'around_core', 5.0, 'It sits around the core.'],
    ['core_gas', $gas, 'place', 'around_core', 4.0, 'It sits around the core.'],
    ['core_wet', $gas, 'place', 'far_from_gate', 0.6, 'It is not at the core.'],
    ['hydrogen', $gas, 'place', 'everywhere', 3.5, 'Gas from the melt shows everywhere.'],
    ['hydrogen', $gas, 'look', 'single', 0.25, 'A single hole speaks against gas from the melt.'],
    ['hydrogen', $gas, 'look', 'fine', 2.0, 'Fine round holes are usual for hydrogen.'],
    ['hydrogen', $gas, 'look', 'many', 1.8, 'Many holes are usual for gas from the melt.'],
    ['hydrogen', $gas, 'shown', 'machining', 1.5, 'Holes below the skin show at machining.'],
    ['oxygen', $gas, 'place', 'everywhere', 3.0, 'Gas from the melt shows everywhere.'],
    ['wet_charge', $gas, 'place', 'everywhere', 2.5, 'Gas from the melt shows everywhere.'],
    ['sprue_sucks_air', $gas, 'look', 'oxidised_wall', 2.5, 'A dark wall is an air wall.'],
    ['sprue_sucks_air', $gas, 'place', 'sprue_or_riser', 2.0, 'It shows in the sprue already.'],
    ['sprue_sucks_air', $gas, 'place', 'cope_face', 1.3, 'Bubbles rise to the cope face.'],
    ['foam_gas', $gas, 'look', 'oxidised_wall', 1.6, 'Soot darkens the wall.'],
    ['no_feeder', $shrink, 'place', 'thick_junction', 2.5, 'It is in the heaviest part.'],
    ['no_feeder', $shrink, 'look', 'rough_wall', 2.5, 'A rough, crystalline wall is shrinkage.'],
    ['no_feeder', $shrink, 'look', 'smooth_wall', 0.3, 'A smooth wall speaks of gas.'],
    ['hot_spot', $shrink, 'place', 'thick_junction', 3.0, 'It is at a thick junction.'],
    ['hot_spot', $shrink, 'look', 'rough_wall', 2.0, 'A rough, crystalline wall is shrinkage.'],
    ['gate_hot_spot', $shrink, 'place', 'near_gate', 4.0, 'It is at the gate.'],
    ['feeder_freezes_first', $shrink, 'place', 'sprue_or_riser', 0.4, 'The hole is in the feeder, where it belongs.'],
    ['dirty_melt', ['dross_inclusion', 'oxide_film'], 'place', 'cope_face', 2.0, 'Dirt floats to the cope face.'],
    ['gate_fast', ['erosion', 'sand_inclusion', 'oxide_film', 'rough_skin'], 'place', 'near_gate', 3.0, 'It is where the jet strikes.'],
    ['loose_sand', ['sand_inclusion'], 'place', 'drag_face', 2.0, 'Loose sand lies on the drag.'],
    ['sand_dry', ['sand_inclusion', 'drop_lump'], 'place', 'cope_face', 1.5, 'Weak sand falls from the cope.'],
    ['cope_lifted', ['flash', 'run_out'], 'place', 'parting_line', 2.0, 'It is along the parting line.'],
    ['soft_ramming', ['swell', 'penetration', 'rough_skin'], 'place', 'near_gate', 1.3, 'The heaviest flow met the softest sand.'],
    ['sand_not_vibrated', ['run_out_bead', 'swell', 'collapsed_mould'], 'place', 'drag_face', 1.5, 'Undersides are where sand does not flow.'],
    ['mould_bumped', ['drop_lump', 'sand_inclusion'], 'look', 'large', 1.5, 'A large piece fell.'],
];
