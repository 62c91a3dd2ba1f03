<?php

declare(strict_types=1);

use MoltenNotes\Core\Process\MouldProcess;

// Things to look at or to remember after the pour, each a sign of the network [common practice].
// A "yes" is a positive finding, a "no" a negative one, "cannot tell" nothing.
// known_by: not asked where this is noted already: look:…, place:… of a finding, seen:… noticed, field:… told (=… told so). Common
// practice.
// effort: of the list check_effort; look where not told. destroys: what must be looked at before it is made [common practice].
// asked_with: only asked when one of these findings is recorded ([] = always). needs: only where one of these is noted ([] = always).
// leak: yes without any of our causes, our estimate.
return [
    [
        'code' => 'wall_smooth',
        'destroys' => 'Sawing into it ends what the skin round it can tell: look at that first, and take a picture.',
        'known_by' => ['look:smooth_wall', 'look:rough_wall'],
        'question' => 'Is the wall of the hole smooth and shiny?',
        'how' => 'Saw or file into it and look with a lens.',
        'asked_with' => ['blowhole', 'gas_porosity', 'pinholes', 'sprue_bubble', 'internal_shrinkage', 'sink', 'micro_shrinkage',
            'trapped_air'],
        'leak' => 0.04,
    ],
    [
        'code' => 'wall_rough',
        'destroys' => 'Sawing into it ends what the skin round it can tell: look at that first, and take a picture.',
        'known_by' => ['look:smooth_wall', 'look:rough_wall'],
        'question' => 'Is the wall of the hole rough and crystalline?',
        'how' => 'Saw into it and look with a lens: tiny fir trees mean shrinkage.',
        'asked_with' => ['blowhole', 'gas_porosity', 'pinholes', 'sprue_bubble', 'internal_shrinkage', 'sink', 'micro_shrinkage',
            'centreline_shrinkage'],
        'leak' => 0.04,
    ],
    [
        'code' => 'wall_dark', 'known_by' => ['look:oxidised_wall'],
        'question' => 'Is the wall of the hole dark or coloured?', 'how' => 'Compare with a fresh saw cut.',
        'asked_with' => ['blowhole', 'gas_porosity', 'trapped_air', 'sprue_bubble'], 'leak' => 0.05,
    ],
    [
        'code' => 'holes_throughout', 'effort' => 'saw',
        'destroys' => 'Sawing ends what skin, gates and riser can tell: look at those first, and take a picture.',
        'known_by' => ['seen:sound_sawn', 'place:everywhere'],
        'question' => 'Are fine round holes spread through the middle of a sawn piece?',
        'how' => 'Saw a scrap piece across, file it flat and look.',
        'asked_with' => ['gas_porosity', 'pinholes', 'micro_shrinkage', 'blowhole'], 'leak' => 0.03,
    ],
    [
        'code' => 'sand_in_hole', 'effort' => 'feel',
        'destroys' => 'Blasting or brushing takes the grains out: look before you clean.',
        'known_by' => ['look:sand_lined'],
        'question' => 'Are there sand grains in the hole?', 'how' => 'Pick at it with a needle.',
        'asked_with' => ['blowhole', 'sand_inclusion', 'drop_lump', 'crush_lump', 'rough_skin'], 'leak' => 0.04,
    ],
    [
        'code' => 'riser_flat_top', 'known_by' => ['seen:riser_flat', 'seen:riser_sank', 'field:feeding.riser=none'],
        'question' => 'Is the top of the riser or sprue flat, not sunk in?',
        'how' => 'Look at what you cut off.',
        'asked_with' => ['sink', 'internal_shrinkage', 'centreline_shrinkage', 'micro_shrinkage', 'hot_tear'], 'leak' => 0.10,
    ],
    [
        'code' => 'hole_at_gate_root', 'effort' => 'saw',
        'destroys' => 'A gate that is cut no longer shows where the metal stopped: note that first.',
        'known_by' => ['place:near_gate'],
        'question' => 'Does the hole sit at the root of a gate?',
        'how' => 'Cut the gate off flush and look into the cut.',
        'asked_with' => ['sink', 'internal_shrinkage', 'blowhole', 'hot_tear'], 'leak' => 0.04,
    ],
    [
        'code' => 'edges_rounded', 'effort' => 'feel', 'known_by' => ['look:rounded_edges', 'look:sharp_edges'],
        'question' => 'Are the edges of the empty place round and smooth, with good skin?',
        'how' => 'Run a finger along them.', 'asked_with' => ['misrun', 'missing_detail', 'cold_shut', 'frozen_gate'], 'leak' => 0.06,
    ],
    [
        'code' => 'gap_at_high_point', 'known_by' => ['place:high_point', 'seen:metal_at_vents'],
        'question' => 'Did the empty place lie at a high point without a vent?',
        'how' => 'Hold the part as it lay in the mould.', 'asked_with' => ['misrun', 'missing_detail', 'trapped_air', 'blowhole'],
        'leak' => 0.05,
    ],
    [
        'code' => 'level_cut', 'effort' => 'weigh', 'question' => 'Is the missing part cut off level?',
        'how' => 'Lay a straight edge on it as it lay in the mould.', 'asked_with' => ['misrun', 'poured_short', 'run_out'],
        'leak' => 0.02,
    ],
    [
        'code' => 'probe_reads_high', 'effort' => 'wait',
        'known_by' => ['field:melt.temperature_by=colour', 'field:melt.temperature_by=minutes',
            'field:melt.temperature_by=stick', 'field:melt.temperature_by=setpoint'],
        'question' => 'Does the probe read high?',
        'how' => 'Try it in boiling water and in metal that is just freezing.',
        'asked_with' => ['misrun', 'cold_shut', 'missing_detail', 'frozen_gate', 'foam_fold'], 'leak' => 0.05,
    ],
    [
        'code' => 'palm_damp', 'effort' => 'feel', 'known_by' => ['field:sand.condition', 'field:sand.moisture'],
        'question' => 'Does a fistful of the same sand leave your palm damp?',
        'how' => 'Squeeze, open the hand, look at the palm.',
        'asked_with' => ['blowhole', 'gas_porosity', 'pinholes', 'rough_skin', 'scab', 'misrun'], 'leak' => 0.05,
        'processes' => ['green_sand'],
    ],
    [
        'code' => 'lump_crumbles', 'effort' => 'feel', 'known_by' => ['field:sand.condition'],
        'question' => 'Does a squeezed lump of the sand fall apart?',
        'how' => 'Squeeze a fistful and break it in two.',
        'asked_with' => ['drop_lump', 'sand_inclusion', 'erosion', 'edge_tearout', 'rough_skin', 'crush_lump'], 'leak' => 0.06,
        'processes' => ['green_sand', 'oil_sand'],
    ],
    [
        'code' => 'sand_soft', 'effort' => 'feel', 'known_by' => ['field:sand.ramming'],
        'question' => 'Does a nail slide into the mould sand beside the fault?',
        'how' => 'Try the other half, or remember the last mould.',
        'asked_with' => ['swell', 'rough_skin', 'penetration', 'run_out', 'erosion', 'wrong_size'], 'leak' => 0.05,
        'processes' => MouldProcess::which(static fn (MouldProcess $process): bool => $process->rammed),
    ],
    [
        'code' => 'core_damp', 'effort' => 'break', 'known_by' => ['field:core.state=none'],
        'needs' => ['field:core.state', 'field:core.volume', 'field:core.vented', 'field:core.held', 'place:around_core'],
        'question' => 'Is the middle of the core soft, damp or smelling of binder?',
        'how' => 'Break a piece of the core.', 'asked_with' => ['blowhole', 'gas_porosity', 'misrun', 'sprue_bubble', 'core_shift'],
        'leak' => 0.03, 'processes' => MouldProcess::ofSand(),
    ],
    [
        'code' => 'vent_blocked', 'effort' => 'feel', 'known_by' => ['seen:metal_at_vents', 'field:venting.vents=0'],
        'question' => 'Is a vent blocked, or did one not reach?', 'how' => 'Run a wire through each.',
        'asked_with' => ['misrun', 'trapped_air', 'blowhole', 'missing_detail'], 'leak' => 0.06,
    ],
    [
        'code' => 'streaks_from_gate', 'question' => 'Do roughness or streaks fan out from a gate?',
        'how' => 'Look at the face opposite each gate.',
        'asked_with' => ['erosion', 'sand_inclusion', 'rough_skin', 'oxide_film', 'dross_inclusion', 'scab'], 'leak' => 0.04,
    ],
    [
        'code' => 'films_in_break', 'effort' => 'break', 'question' => 'Does a broken gate show dark skins?',
        'how' => 'Break a gate, do not saw it, and look with a lens.',
        'asked_with' => ['oxide_film', 'dross_inclusion', 'wrinkled_skin', 'brittle_break', 'gas_porosity', 'cold_shut'],
        'leak' => 0.06,
    ],
    [
        'code' => 'dirt_on_top_face', 'question' => 'Does the dirt sit on upper faces only?',
        'how' => 'Hold the part as it lay in the mould.', 'asked_with' => ['dross_inclusion', 'sand_inclusion', 'oxide_film'],
        'leak' => 0.10,
    ],
    [
        'code' => 'chunk_missing', 'known_by' => ['seen:draw_broke'],
        'question' => 'Is a chunk missing from the edge of the mould or sprue?',
        'how' => 'Look at the sand halves, or at a lump elsewhere on the casting.',
        'asked_with' => ['sand_inclusion', 'drop_lump', 'crush_lump', 'edge_tearout'], 'leak' => 0.04,
    ],
    [
        'code' => 'step_even', 'effort' => 'feel', 'question' => 'Is the step along the parting the same way all round?',
        'how' => 'Feel along both long sides.', 'asked_with' => ['shift', 'flash', 'crush_lump'], 'leak' => 0.05,
    ],
    [
        'code' => 'flash_all_round',
        'destroys' => 'Grinding takes the flash away: look before you grind.',
        'question' => 'Is there flash nearly all round the parting?', 'how' => 'Look before you grind.',
        'asked_with' => ['flash', 'run_out', 'poured_short', 'run_out_bead', 'swell'], 'leak' => 0.05,
    ],
    [
        'code' => 'halves_offset', 'question' => 'Do sprue and runner meet only in part?',
        'how' => 'Look at the gating where the halves met.', 'asked_with' => ['misrun', 'frozen_gate', 'cold_shut', 'poured_short'],
        'leak' => 0.03,
    ],
    [
        'code' => 'coating_broken',
        'destroys' => 'Blasting takes the coat away: keep the flakes.',
        'question' => 'Are there bare patches, cracks or bubbles in the coating shell?',
        'how' => 'Look at the flakes that came off the casting.',
        'asked_with' => ['metal_beads', 'rough_skin', 'penetration', 'foam_fold', 'run_out_bead', 'collapsed_mould'], 'leak' => 0.05,
        'processes' => ['lost_foam'],
    ],
    [
        'code' => 'soot_in_seam', 'effort' => 'feel',
        'destroys' => 'Cleaning takes the soot away: look before you clean.',
        'question' => 'Is there black soot in the seams?', 'how' => 'Scrape one with a needle.',
        'asked_with' => ['foam_fold', 'misrun', 'cold_shut', 'wrinkled_skin'], 'leak' => 0.05, 'processes' => ['lost_foam'],
    ],
    [
        'code' => 'burr_under_overhang', 'question' => 'Are burrs or lumps under overhangs or inside hollows?',
        'how' => 'Turn the part over.', 'asked_with' => ['run_out_bead', 'swell', 'collapsed_mould', 'penetration', 'rough_skin'],
        'leak' => 0.03, 'processes' => ['lost_foam'],
    ],
    [
        'code' => 'investment_grey', 'effort' => 'break',
        'destroys' => 'Washing off takes the investment away: keep a thick piece.',
        'question' => 'Is the broken investment grey or black inside?',
        'how' => 'Break a thick piece: bone white is burnt out.',
        'asked_with' => ['gas_porosity', 'blowhole', 'misrun', 'pinholes', 'missing_detail'], 'leak' => 0.04,
        'processes' => ['plaster'],
    ],
    [
        'code' => 'level_seam', 'question' => 'Is there a level line in the investment where a second mix went on?',
        'how' => 'Look at the outside of the mould.', 'asked_with' => ['crack_lines', 'run_out', 'collapsed_mould', 'run_out_bead'],
        'leak' => 0.02, 'processes' => ['plaster'],
    ],
    [
        'code' => 'mould_wall_cold', 'effort' => 'remember', 'known_by' => ['field:mould.temperature'],
        'question' => 'Could you rest a bare hand on the mould just before pouring?',
        'how' => 'Remember, and measure it next time.', 'asked_with' => ['misrun', 'missing_detail', 'cold_shut', 'wrinkled_skin'],
        'leak' => 0.10, 'processes' => MouldProcess::which(static fn (MouldProcess $process): bool => !$process->breathes),
    ],
    [
        'code' => 'two_colours', 'effort' => 'break',
        'question' => 'Does a fresh break show two colours?', 'how' => 'Break a gate and look in daylight.',
        'asked_with' => ['segregation', 'wrong_composition', 'hard_spot', 'brittle_break'], 'leak' => 0.03,
    ],
    [
        'code' => 'gate_snaps', 'effort' => 'break', 'question' => 'Does a gate snap with hardly any bend?',
        'how' => 'Clamp it and lean on it with a long spanner.',
        'asked_with' => ['brittle_break', 'wrong_composition', 'hard_spot', 'cold_crack', 'hot_tear'], 'leak' => 0.06,
    ],
    [
        'code' => 'weighs_less', 'effort' => 'weigh', 'known_by' => ['seen:short_of_metal'],
        'question' => 'Do casting and gating together weigh less than the plan asked for?',
        'how' => 'Put everything on the scale.', 'asked_with' => ['poured_short', 'misrun', 'run_out', 'frozen_gate'], 'leak' => 0.04,
    ],
    [
        'code' => 'mould_sweats', 'effort' => 'feel', 'known_by' => ['seen:damp_spots', 'field:sand.warm'],
        'question' => 'Did the sand feel warm, or pattern and mould look wet where they met?',
        'how' => 'Feel the heap before the next mould.',
        'asked_with' => ['open_pits', 'blowhole', 'pinholes', 'sand_inclusion', 'drop_lump', 'rough_skin', 'edge_tearout'],
        'leak' => 0.04, 'processes' => ['green_sand'],
    ],
    [
        'code' => 'corner_sharp', 'effort' => 'feel', 'known_by' => ['field:pattern.fillets'],
        'question' => 'Does the crack begin in a sharp inside corner?',
        'how' => 'Follow it with a needle to where it starts.', 'asked_with' => ['hot_tear', 'cold_crack', 'soaked_corner'],
        'leak' => 0.10,
    ],
    [
        'code' => 'line_on_flat', 'question' => 'Does the line or crust run over a wide flat face?',
        'how' => 'Look at the cope side against the light.', 'asked_with' => ['vein', 'scab', 'rough_skin'], 'leak' => 0.05,
        'processes' => ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand', 'printed_sand'],
    ],
    [
        'code' => 'pot_damp_line', 'known_by' => ['seen:pot_leaked'], 'question' => 'Does the empty crucible show a line or ring dull?',
        'how' => 'Look and tap when it is cold: a whole one rings.', 'asked_with' => ['poured_short', 'misrun', 'hard_spot'],
        'leak' => 0.03,
    ],
    [
        'code' => 'metal_beside_cup', 'known_by' => ['seen:overflowed', 'seen:kept_full'],
        'question' => 'Does frozen metal lie beside the cup?', 'how' => 'Look at the top of the mould.',
        'asked_with' => ['cold_shut', 'foam_fold', 'misrun', 'poured_short', 'dross_inclusion', 'oxide_film', 'sprue_bubble'],
        'leak' => 0.06,
    ],
    [
        'code' => 'bulge_low', 'effort' => 'weigh', 'question' => 'Is it thickest low down, where the metal stood deepest?',
        'how' => 'Measure the wall high and low.', 'asked_with' => ['swell', 'wrong_size', 'distorted_pattern'], 'leak' => 0.04,
    ],
    [
        'code' => 'shell_weeps', 'effort' => 'wait',
        'destroys' => 'A wet shell must be dried right through before metal comes near it.',
        'known_by' => ['seen:shell_repaired', 'seen:mould_cracked'],
        'question' => 'Does a sister shell, or what is left of this one, let coloured water through?',
        'how' => 'Pour it in cold and look outside. Then dry it again.',
        'asked_with' => ['crack_lines', 'run_out', 'run_out_bead', 'flash', 'poured_short'], 'leak' => 0.04,
        'processes' => ['ceramic_shell'],
    ],
    [
        'code' => 'needles_in_break', 'effort' => 'break', 'question' => 'Do bright needles or plates shine in a fresh break?',
        'how' => 'Break a gate and turn it in the light.', 'asked_with' => ['brittle_break', 'hard_spot', 'wrong_composition'],
        'leak' => 0.04,
    ],
    [
        'code' => 'sand_heaved', 'effort' => 'remember', 'known_by' => ['seen:cope_rose'],
        'question' => 'Did the sand stand higher after the pour?',
        'how' => 'Remember, and lay a board on it next time.',
        'asked_with' => ['swell', 'collapsed_mould', 'run_out_bead', 'run_out', 'wrong_size'], 'leak' => 0.03,
        'processes' => ['lost_foam'],
    ],
];
