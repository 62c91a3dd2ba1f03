<?php

declare(strict_types=1);

// Things to look at or to remember after the pour, each a sign of the network [common practice].
// A "yes" is a positive finding, a "no" a negative one, "cannot tell" nothing.
// needs: only asked when one of these findings is recorded ([] = always). leak: yes without any of our causes, our estimate.
return [
    // code | question | how | needs | leak | processes
    ['wall_smooth', 'Is the wall of the hole smooth and shiny?', 'Saw or file into it and look with a lens.', ['blowhole', 'gas_porosity', 'pinholes', 'sprue_bubble', 'internal_shrinkage', 'sink', 'micro_shrinkage', 'trapped_air'], 0.04, '*'],
    ['wall_rough', 'Is the wall of the hole rough and crystalline?', 'Saw into it and look with a lens: tiny fir trees mean shrinkage.', ['blowhole', 'gas_porosity', 'pinholes', 'sprue_bubble', 'internal_shrinkage', 'sink', 'micro_shrinkage', 'centreline_shrinkage'], 0.04, '*'],
    ['wall_dark', 'Is the wall of the hole dark or coloured?', 'Compare with a fresh saw cut.', ['blowhole', 'gas_porosity', 'trapped_air', 'sprue_bubble'], 0.05, '*'],
    ['holes_throughout', 'Are fine round holes spread through the middle of a sawn piece?', 'Saw a scrap piece across, file it flat and look.', ['gas_porosity', 'pinholes', 'micro_shrinkage', 'blowhole'], 0.03, '*'],
    ['sand_in_hole', 'Are there sand grains in the hole?', 'Pick at it with a needle.', ['blowhole', 'sand_inclusion', 'drop_lump', 'crush_lump', 'rough_skin'], 0.04, '*'],
    ['riser_flat_top', 'Is the top of the riser or sprue flat, not sunk in?', 'Look at what you cut off.', ['sink', 'internal_shrinkage', 'centreline_shrinkage', 'micro_shrinkage', 'hot_tear'], 0.10, '*'],
    ['hole_at_gate_root', 'Does the hole sit at the root of a gate?', 'Cut the gate off flush and look into the cut.', ['sink', 'internal_shrinkage', 'blowhole', 'hot_tear'], 0.04, '*'],
    ['edges_rounded', 'Are the edges of the empty place round and smooth, with good skin?', 'Run a finger along them.', ['misrun', 'missing_detail', 'cold_shut', 'frozen_gate'], 0.06, '*'],
    ['gap_at_high_point', 'Did the empty place lie at a high point without a vent?', 'Hold the part as it lay in the mould.', ['misrun', 'missing_detail', 'trapped_air', 'blowhole'], 0.05, '*'],
    ['level_cut', 'Is the missing part cut off level?', 'Lay a straight edge on it as it lay in the mould.', ['misrun', 'poured_short', 'run_out'], 0.02, '*'],
    ['probe_reads_high', 'Does the probe read high?', 'Try it in boiling water and in metal that is just freezing.', ['misrun', 'cold_shut', 'missing_detail', 'frozen_gate', 'foam_fold'], 0.05, '*'],
    ['palm_damp', 'Does a fistful of the same sand leave your palm damp?', 'Squeeze, open the hand, look at the palm.', ['blowhole', 'gas_porosity', 'pinholes', 'rough_skin', 'scab', 'misrun'], 0.05, ['green_sand']],
    ['lump_crumbles', 'Does a squeezed lump of the sand fall apart?', 'Squeeze a fistful and break it in two.', ['drop_lump', 'sand_inclusion', 'erosion', 'edge_tearout', 'rough_skin', 'crush_lump'], 0.06, ['green_sand', 'oil_sand']],
    ['sand_soft', 'Does a nail slide into the mould sand beside the fault?', 'Try the other half, or remember the last mould.', ['swell', 'rough_skin', 'penetration', 'run_out', 'erosion', 'wrong_size'], 0.05, ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand']],
    ['core_damp', 'Is the middle of the core soft, damp or smelling of binder?', 'Break a piece of the core.', ['blowhole', 'gas_porosity', 'misrun', 'sprue_bubble', 'core_shift'], 0.03, ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand', 'printed_sand']],
    ['vent_blocked', 'Is a vent blocked, or did one not reach?', 'Run a wire through each.', ['misrun', 'trapped_air', 'blowhole', 'missing_detail'], 0.06, '*'],
    ['streaks_from_gate', 'Do roughness or streaks fan out from a gate?', 'Look at the face opposite each gate.', ['erosion', 'sand_inclusion', 'rough_skin', 'oxide_film', 'dross_inclusion', 'scab'], 0.04, '*'],
    ['films_in_break', 'Does a broken gate show dark skins?', 'Break a gate, do not saw it, and look with a lens.', ['oxide_film', 'dross_inclusion', 'wrinkled_skin', 'brittle_break', 'gas_porosity', 'cold_shut'], 0.06, '*'],
    ['dirt_on_top_face', 'Does the dirt sit on upper faces only?', 'Hold the part as it lay in the mould.', ['dross_inclusion', 'sand_inclusion', 'oxide_film'], 0.10, '*'],
    ['chunk_missing', 'Is a chunk missing from the edge of the mould or sprue?', 'Look at the sand halves, or at a lump elsewhere on the casting.', ['sand_inclusion', 'drop_lump', 'crush_lump', 'edge_tearout'], 0.04, '*'],
    ['step_even', 'Is the step along the parting the same way all round?', 'Feel along both long sides.', ['shift', 'flash', 'crush_lump'], 0.05, '*'],
    ['flash_all_round', 'Is there flash nearly all round the parting?', 'Look before you grind.', ['flash', 'run_out', 'poured_short', 'run_out_bead', 'swell'], 0.05, '*'],
    ['halves_offset', 'Do sprue and runner meet only in part?', 'Look at the gating where the halves met.', ['misrun', 'frozen_gate', 'cold_shut', 'poured_short'], 0.03, '*'],
    ['coating_broken', 'Are there bare patches, cracks or bubbles in the coating shell?', 'Look at the flakes that came off the casting.', ['metal_beads', 'rough_skin', 'penetration', 'foam_fold', 'run_out_bead', 'collapsed_mould'], 0.05, ['lost_foam']],
    ['soot_in_seam', 'Is there black soot in the seams?', 'Scrape one with a needle.', ['foam_fold', 'misrun', 'cold_shut', 'wrinkled_skin'], 0.05, ['lost_foam']],
    ['burr_under_overhang', 'Are burrs or lumps under overhangs or inside hollows?', 'Turn the part over.', ['run_out_bead', 'swell', 'collapsed_mould', 'penetration', 'rough_skin'], 0.03, ['lost_foam']],
    ['investment_grey', 'Is the broken investment grey or black inside?', 'Break a thick piece: bone white is burnt out.', ['gas_porosity', 'blowhole', 'misrun', 'pinholes', 'missing_detail'], 0.04, ['plaster']],
    ['level_seam', 'Is there a level line in the investment where a second mix went on?', 'Look at the outside of the mould.', ['crack_lines', 'run_out', 'collapsed_mould', 'run_out_bead'], 0.02, ['plaster']],
    ['mould_wall_cold', 'Could you rest a bare hand on the mould just before pouring?', 'Remember, and measure it next time.', ['misrun', 'missing_detail', 'cold_shut', 'wrinkled_skin'], 0.10, ['silicone', 'metal_mould', 'ceramic_shell', 'plaster']],
    ['two_colours', 'Does a fresh break show two colours?', 'Break a gate and look in daylight.', ['segregation', 'wrong_composition', 'hard_spot', 'brittle_break'], 0.03, '*'],
    ['gate_snaps', 'Does a gate snap with hardly any bend?', 'Clamp it and lean on it with a long spanner.', ['brittle_break', 'wrong_composition', 'hard_spot', 'cold_crack', 'hot_tear'], 0.06, '*'],
    ['weighs_less', 'Do casting and gating together weigh less than the plan asked for?', 'Put everything on the scale.', ['poured_short', 'misrun', 'run_out', 'frozen_gate'], 0.04, '*'],
];
