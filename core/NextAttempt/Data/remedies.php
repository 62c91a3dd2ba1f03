<?php

declare(strict_types=1);

// What can be changed against each cause. Common practice; the share of the cause that is left (left) is the founders' estimate and is used
// only where the evidence rules cannot weigh the changed value themselves.
// how: set (to this choice, flag or count), quantity (to this value and unit), or the name of a rule in RemedyRule that computes the
// amount.
// field null: a habit, written on the sheet as it stands.
// processes: where it can be done; everywhere when not told.
$closed = ['silicone', 'metal_mould'];
// Where a sprue, a basin and gates are cut or built, and not part of a small mould.
$cut = ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand', 'printed_sand', 'lost_foam', 'ceramic_shell'];

return [
    [
        'code' => 'hotter', 'cause' => 'metal_cold', 'label' => 'Pour hotter', 'effort' => 1, 'field' => 'pour.temperature',
        'how' => 'needed_temperature', 'argument' => 10, 'left' => 0.25, 'cost' => 'Hotter metal takes up more gas and shrinks more.',
    ],
    [
        'code' => 'probe', 'cause' => 'metal_cold', 'label' => 'Measure with a probe', 'effort' => 2, 'field' => 'melt.temperature_by',
        'how' => 'set', 'argument' => 'probe', 'left' => 0.7,
    ],
    [
        'code' => 'cooler', 'cause' => 'metal_hot', 'label' => 'Pour cooler', 'effort' => 1, 'field' => 'pour.temperature',
        'how' => 'needed_temperature', 'argument' => 0, 'left' => 0.25, 'cost' => 'Watch the thin parts.',
    ],
    [
        'code' => 'stand_nearer', 'cause' => 'long_carry', 'label' => 'Set the mould nearer the furnace', 'effort' => 1,
        'field' => 'pour.carry_time', 'how' => 'quantity', 'argument' => [10, 's'], 'left' => 0.3,
    ],
    [
        'code' => 'pour_faster', 'cause' => 'slow_pour', 'label' => 'Pour at once and keep the cup full', 'effort' => 1,
        'field' => 'pour.time', 'how' => 'scale', 'argument' => 0.5, 'left' => 0.35, 'cost' => 'Do not splash.',
    ],
    [
        'code' => 'rehearse', 'cause' => 'interrupted_pour', 'label' => 'Rehearse the lift and clear the way', 'effort' => 1,
        'how' => 'habit', 'left' => 0.3,
    ],
    [
        'code' => 'charge_more', 'cause' => 'short_of_metal', 'label' => 'Melt more', 'effort' => 1, 'field' => 'metal.charge',
        'how' => 'scale', 'argument' => 1.25, 'left' => 0.1, 'cost' => 'Check that the crucible holds it.',
    ],
    [
        'code' => 'basin', 'processes' => $cut, 'cause' => 'turbulent_pour', 'label' => 'Pour into an offset basin', 'effort' => 1,
        'field' => 'gating.basin', 'how' => 'set', 'argument' => 'basin', 'left' => 0.5,
    ],
    [
        'code' => 'fill_from_below', 'processes' => $cut, 'cause' => 'turbulent_pour', 'label' => 'Let it fill from below', 'effort' => 2,
        'field' => 'gating.fill', 'how' => 'set', 'argument' => 'bottom', 'left' => 0.5,
        'cost' => 'The top is then the coldest metal.',
    ],
    [
        'code' => 'skim', 'cause' => 'dirty_melt', 'label' => 'Skim just before the pour', 'effort' => 1, 'field' => 'melt.skimmed',
        'how' => 'set', 'argument' => true, 'left' => 0.4,
    ],
    [
        'code' => 'filter', 'processes' => $cut, 'cause' => 'dirty_melt', 'label' => 'Set a filter', 'effort' => 2,
        'field' => 'gating.filter',
        'how' => 'set', 'argument' => true, 'left' => 0.4, 'cost' => 'A filter slows the metal: warm it.',
    ],
    [
        'code' => 'degas', 'cause' => 'hydrogen', 'label' => 'Degas, then let it stand', 'effort' => 2, 'field' => 'melt.degassed',
        'how' => 'set', 'argument' => true, 'left' => 0.3,
    ],
    [
        'code' => 'short_hold', 'cause' => 'hydrogen', 'label' => 'Pour as soon as it is ready', 'effort' => 1, 'field' => 'melt.hold',
        'how' => 'quantity', 'argument' => [5, 'min'], 'left' => 0.4,
    ],
    [
        'code' => 'cover', 'cause' => 'oxygen', 'label' => 'Keep a cover on, add deoxidiser', 'effort' => 1, 'field' => 'melt.cover',
        'how' => 'set', 'argument' => true, 'left' => 0.3,
    ],
    [
        'code' => 'dry_charge', 'cause' => 'wet_charge', 'label' => 'Dry and warm charge and tools', 'effort' => 1,
        'field' => 'melt.charge_dry', 'how' => 'set', 'argument' => true, 'left' => 0.15,
    ],
    [
        'code' => 'cast_scrap', 'cause' => 'wrong_alloy', 'label' => 'Melt cast scrap or known ingot', 'effort' => 2,
        'field' => 'metal.source', 'how' => 'set', 'argument' => 'castings', 'left' => 0.25,
    ],
    [
        'code' => 'stir', 'cause' => 'unmixed_melt', 'label' => 'Stir before skimming', 'effort' => 1, 'field' => 'melt.stirred',
        'how' => 'set', 'argument' => true, 'left' => 0.3, 'cost' => 'Stir calmly, or gas is stirred in.',
    ],
    [
        'code' => 'one_metal', 'cause' => 'melt_layers', 'label' => 'Melt one metal, stirred, in one crucible', 'effort' => 2,
        'field' => 'melt.stirred', 'how' => 'set', 'argument' => true, 'left' => 0.2,
    ],
    [
        'code' => 'dry_sand', 'cause' => 'sand_wet', 'label' => 'Use drier sand', 'effort' => 1, 'field' => 'sand.moisture',
        'how' => 'quantity', 'argument' => [3.5, 'percent'], 'left' => 0.15,
    ],
    [
        'code' => 'dry_squeeze', 'cause' => 'sand_wet', 'label' => 'Temper until it breaks clean', 'effort' => 1,
        'field' => 'sand.condition', 'how' => 'set', 'argument' => 'good', 'left' => 0.15,
    ],
    [
        'code' => 'more_vents_wet', 'cause' => 'sand_wet', 'label' => 'Prick more vents', 'effort' => 1, 'field' => 'venting.vents',
        'how' => 'more', 'argument' => 4, 'left' => 0.6,
    ],
    [
        'code' => 'temper', 'cause' => 'sand_dry', 'label' => 'Add water and temper overnight', 'effort' => 1,
        'field' => 'sand.condition', 'how' => 'set', 'argument' => 'good', 'left' => 0.15,
    ],
    [
        'code' => 'more_clay', 'cause' => 'sand_dry', 'label' => 'Add clay', 'effort' => 2, 'field' => 'sand.clay',
        'how' => 'quantity', 'argument' => [9, 'percent'], 'left' => 0.4,
    ],
    [
        'code' => 'finer_sand', 'cause' => 'sand_coarse', 'label' => 'Sieve a fine facing over the pattern', 'effort' => 1,
        'field' => 'sand.facing', 'how' => 'set', 'argument' => true, 'left' => 0.4, 'cost' => 'Fine sand breathes less.',
    ],
    [
        'code' => 'ram_less', 'cause' => 'over_rammed', 'label' => 'Ram evenly, not harder', 'effort' => 1, 'field' => 'sand.ramming',
        'how' => 'set', 'argument' => 'even', 'left' => 0.2,
    ],
    [
        'code' => 'ram_even', 'cause' => 'soft_ramming', 'label' => 'Ram evenly into corners and along walls', 'effort' => 1,
        'field' => 'sand.ramming', 'how' => 'set', 'argument' => 'even', 'left' => 0.2,
    ],
    [
        'code' => 'more_sand', 'cause' => 'weak_wall', 'label' => 'Leave more sand to the wall and over the top', 'effort' => 2,
        'how' => 'habit', 'left' => 0.2,
    ],
    [
        'code' => 'less_oil', 'cause' => 'oil_excess', 'label' => 'Less oil', 'effort' => 1, 'field' => 'sand.binder',
        'how' => 'quantity', 'argument' => [4, 'percent'], 'left' => 0.3,
    ],
    [
        'code' => 'recharge', 'cause' => 'oil_excess', 'label' => 'Re-mill and bring in new sand', 'effort' => 2,
        'field' => 'sand.reused', 'how' => 'set', 'argument' => 0, 'left' => 0.35,
    ],
    [
        'code' => 'cure_longer', 'cause' => 'binder_uncured', 'label' => 'Cure or dry longer', 'effort' => 1,
        'field' => 'mould.dry_time', 'how' => 'quantity', 'argument' => [48, 'h'], 'left' => 0.25,
    ],
    [
        'code' => 'bake_core', 'cause' => 'core_wet', 'label' => 'Cure and dry the core', 'effort' => 1, 'field' => 'core.state',
        'how' => 'set', 'argument' => 'dry', 'left' => 0.1,
    ],
    [
        'code' => 'vent_core', 'cause' => 'core_gas', 'label' => 'Vent the core through its print', 'effort' => 2,
        'field' => 'core.vented', 'how' => 'set', 'argument' => true, 'left' => 0.2,
    ],
    [
        'code' => 'hold_core', 'cause' => 'core_loose', 'label' => 'Larger prints or chaplets', 'effort' => 2, 'field' => 'core.held',
        'how' => 'set', 'argument' => true, 'left' => 0.2,
    ],
    [
        'code' => 'dry_wash', 'cause' => 'wash_wet', 'label' => 'Dry or burn off the wash', 'effort' => 1, 'field' => 'mould.coating',
        'how' => 'set', 'argument' => 'dry', 'left' => 0.1,
    ],
    [
        'code' => 'dry_coating', 'cause' => 'coating_wet', 'label' => 'Dry the coating longer', 'effort' => 1,
        'field' => 'foam.dry_time', 'how' => 'quantity', 'argument' => [48, 'h'], 'left' => 0.25,
    ],
    [
        'code' => 'dry_shell', 'cause' => 'coating_wet', 'label' => 'Dry the shell longer between coats', 'effort' => 1,
        'field' => 'mould.dry_time', 'how' => 'quantity', 'argument' => [120, 'h'], 'left' => 0.3,
    ],
    [
        'code' => 'brush_coating', 'cause' => 'coating_faulty', 'label' => 'Thin the coat and brush the bubbles out', 'effort' => 1,
        'field' => 'foam.brushed', 'how' => 'set', 'argument' => true, 'left' => 0.3,
    ],
    [
        'code' => 'light_foam', 'cause' => 'foam_gas', 'label' => 'Use lighter foam', 'effort' => 2, 'field' => 'foam.density',
        'how' => 'quantity', 'argument' => [18, 'kg/m3'], 'left' => 0.4,
    ],
    [
        'code' => 'hotter_foam', 'cause' => 'foam_gas', 'label' => 'Pour hotter', 'effort' => 1, 'field' => 'pour.temperature',
        'how' => 'needed_temperature', 'argument' => 20, 'left' => 0.5, 'cost' => 'Hotter metal takes up more gas.',
    ],
    [
        'code' => 'vibrate', 'cause' => 'sand_not_vibrated', 'label' => 'Vibrate while filling, to the very top', 'effort' => 1,
        'field' => 'foam.vibration', 'how' => 'set', 'argument' => 'all_round', 'left' => 0.15,
    ],
    [
        'code' => 'keep_full', 'cause' => 'cup_ran_dry', 'label' => 'A taller cup, kept full', 'effort' => 1,
        'field' => 'foam.cup_height', 'how' => 'quantity', 'argument' => [120, 'mm'], 'left' => 0.25,
    ],
    [
        'code' => 'clear_way', 'cause' => 'mould_bumped', 'label' => 'Weigh the cup down and keep the way clear', 'effort' => 1,
        'how' => 'habit', 'left' => 0.2,
    ],
    [
        'code' => 'vent_high', 'cause' => 'vents_missing', 'label' => 'A vent or riser at every high point', 'effort' => 1,
        'field' => 'venting.high_points', 'how' => 'set', 'argument' => 'all', 'left' => 0.1,
    ],
    [
        'code' => 'more_vents', 'cause' => 'vents_missing', 'label' => 'Prick more vents', 'effort' => 1, 'field' => 'venting.vents',
        'how' => 'vent_each_high_point', 'argument' => 2, 'left' => 0.4,
    ],
    [
        'code' => 'talc', 'cause' => 'vents_missing', 'label' => 'Dust with talc', 'effort' => 1, 'field' => 'silicone.talc',
        'how' => 'set', 'argument' => true, 'left' => 0.5,
    ],
    [
        'code' => 'second_gate', 'cause' => 'long_path', 'label' => 'Add a gate', 'effort' => 2, 'field' => 'gating.gates',
        'how' => 'more', 'argument' => 1, 'left' => 0.3, 'cost' => 'Where the streams meet, put a vent.',
    ],
    [
        'code' => 'thicker_gate', 'cause' => 'gate_small', 'label' => 'Open the gate', 'effort' => 2,
        'field' => 'gating.gate_thickness', 'how' => 'scale', 'argument' => 1.5, 'left' => 0.35,
        'cost' => 'A thick gate leaves more to cut and may draw.',
    ],
    [
        'code' => 'wider_sprue', 'cause' => 'gate_small', 'label' => 'Use a wider sprue', 'effort' => 2, 'field' => 'gating.sprue',
        'how' => 'scale', 'argument' => 1.3, 'left' => 0.5, 'cost' => 'More metal to melt.',
    ],
    [
        'code' => 'taper', 'cause' => 'sprue_sucks_air', 'label' => 'Cut a tapered sprue', 'effort' => 2,
        'field' => 'gating.sprue_shape', 'how' => 'set', 'argument' => 'tapered', 'left' => 0.25,
    ],
    [
        'code' => 'check_joint', 'cause' => 'choke_wrong', 'label' => 'Check that sprue and runner meet', 'effort' => 1,
        'field' => 'gating.joined', 'how' => 'set', 'argument' => true, 'left' => 0.15,
    ],
    [
        'code' => 'wider_gate', 'cause' => 'gate_fast', 'label' => 'Widen the gates', 'effort' => 2, 'field' => 'gating.gate_width',
        'how' => 'gate_width_for_speed', 'argument' => 0.9, 'left' => 0.3, 'cost' => 'More to cut off.',
    ],
    [
        'code' => 'blow_out', 'cause' => 'loose_sand', 'label' => 'Blow the mould out before closing', 'effort' => 1,
        'field' => 'mould.blown_out', 'how' => 'set', 'argument' => true, 'left' => 0.25,
    ],
    [
        'code' => 'more_draft', 'cause' => 'pattern_draw', 'label' => 'Give the pattern draft', 'effort' => 3,
        'field' => 'pattern.draft', 'how' => 'set', 'argument' => 'good', 'left' => 0.2,
    ],
    [
        'code' => 'check_pins', 'cause' => 'flask_misaligned', 'label' => 'Check the flask pins', 'effort' => 1,
        'field' => 'mould.pins_checked', 'how' => 'set', 'argument' => true, 'left' => 0.15,
    ],
    [
        'code' => 'weigh_cope', 'cause' => 'cope_lifted', 'label' => 'More weight on the cope', 'effort' => 1,
        'field' => 'mould.cope_weight', 'how' => 'cope_weights', 'left' => 0.15,
    ],
    [
        'code' => 'add_riser', 'cause' => 'no_feeder', 'label' => 'Set an open riser on the heaviest part', 'effort' => 2,
        'field' => 'feeding.riser', 'how' => 'set', 'argument' => 'open', 'left' => 0.25, 'cost' => 'More metal to melt.',
    ],
    [
        'code' => 'bigger_riser', 'cause' => 'no_feeder', 'label' => 'A bigger riser', 'effort' => 2,
        'field' => 'feeding.riser_diameter', 'how' => 'riser_for_heaviest', 'argument' => 2.4, 'left' => 0.35,
        'cost' => 'More metal to melt.',
    ],
    [
        'code' => 'hot_riser', 'cause' => 'feeder_freezes_first', 'label' => 'A bigger riser with a short neck, covered',
        'effort' => 2, 'field' => 'feeding.riser_diameter', 'how' => 'riser_for_heaviest', 'argument' => 2.6, 'left' => 0.35,
        'cost' => 'More metal to melt.',
    ],
    [
        'code' => 'riser_there', 'cause' => 'hot_spot', 'label' => 'Set the riser on the heaviest part', 'effort' => 2,
        'field' => 'feeding.at_heaviest', 'how' => 'set', 'argument' => true, 'left' => 0.25,
    ],
    [
        'code' => 'chill', 'cause' => 'hot_spot', 'label' => 'Lay a dry, warm chill against it', 'effort' => 2,
        'field' => 'feeding.chill', 'how' => 'set', 'argument' => true, 'left' => 0.4, 'cost' => 'A damp chill blows.',
    ],
    [
        'code' => 'spread_gates', 'cause' => 'gate_hot_spot', 'label' => 'Spread the flow over another gate', 'effort' => 2,
        'field' => 'gating.gates', 'how' => 'more', 'argument' => 1, 'left' => 0.4,
    ],
    [
        'code' => 'warm_mould', 'cause' => 'mould_cold', 'label' => 'Warm the mould', 'effort' => 1, 'field' => 'mould.temperature',
        'how' => 'mould_warm', 'left' => 0.3,
    ],
    [
        'code' => 'rest_mould', 'cause' => 'mould_hot', 'label' => 'Let the mould rest between pours', 'effort' => 1,
        'field' => 'mould.temperature', 'how' => 'mould_rest', 'left' => 0.4,
    ],
    [
        'code' => 'wait', 'cause' => 'opened_early', 'label' => 'Leave it in the mould longer', 'effort' => 1,
        'field' => 'cooling.open_after', 'how' => 'scale', 'argument' => 3, 'left' => 0.3,
    ],
    [
        'code' => 'air_cool', 'cause' => 'uneven_cooling', 'label' => 'Let it cool in still air', 'effort' => 1,
        'field' => 'cooling.quenched', 'how' => 'set', 'argument' => false, 'left' => 0.3,
    ],
    [
        'code' => 'vacuum', 'cause' => 'investment_bubbles', 'label' => 'Vacuum the mix, before and after', 'effort' => 2,
        'field' => 'plaster.vacuum', 'how' => 'set', 'argument' => true, 'left' => 0.2,
    ],
    [
        'code' => 'one_mix', 'cause' => 'investment_weak', 'label' => 'Mix enough at once', 'effort' => 1,
        'field' => 'plaster.one_mix', 'how' => 'set', 'argument' => true, 'left' => 0.2,
    ],
    [
        'code' => 'longer_burnout', 'cause' => 'burnout_short', 'label' => 'Burn out longer', 'effort' => 1,
        'field' => 'plaster.burnout_time', 'how' => 'quantity', 'argument' => [10, 'h'], 'left' => 0.3,
    ],
    [
        'code' => 'hotter_burnout', 'cause' => 'burnout_short', 'label' => 'Burn out hotter', 'effort' => 1,
        'field' => 'plaster.burnout_peak', 'how' => 'quantity', 'argument' => [700, 'degC'], 'left' => 0.35,
    ],
    [
        'code' => 'more_coats', 'cause' => 'shell_cracked', 'label' => 'More coats and a fast, hot dewax', 'effort' => 2,
        'how' => 'habit', 'left' => 0.35,
    ],
    [
        'code' => 'finish_pattern', 'cause' => 'pattern_error', 'label' => 'Fill, sand and seal the pattern', 'effort' => 2,
        'field' => 'pattern.surface', 'how' => 'set', 'argument' => 'fine', 'left' => 0.2,
    ],
    [
        'code' => 'gentle', 'cause' => 'rough_shakeout', 'label' => 'Let it cool, then take it out by hand', 'effort' => 1,
        'field' => 'cooling.open_after', 'how' => 'scale', 'argument' => 2, 'left' => 0.3,
    ],
    [
        'code' => 'dry_die', 'cause' => 'damp_die', 'label' => 'Warm the mould through, well above boiling water', 'effort' => 1,
        'field' => 'mould.temperature', 'how' => 'quantity', 'argument' => [160, 'degC'], 'left' => 0.15,
        'cost' => 'Stand clear at the first pour.',
    ],
    [
        'code' => 'hold_halves', 'processes' => $closed, 'cause' => 'halves_gape', 'label' => 'Boards on both sides, clamped evenly',
        'effort' => 1,
        'how' => 'habit', 'left' => 0.2, 'cost' => 'Rubber squeezed hard bulges into the cavity.',
    ],
    [
        'code' => 'heat_ladle', 'cause' => 'ladle_cold', 'label' => 'Heat ladle and tools until they glow, or pour from the crucible',
        'effort' => 1, 'how' => 'habit', 'left' => 0.2,
    ],
    [
        'code' => 'give_back_silicon', 'cause' => 'white_iron', 'label' => 'Give back carbon and silicon: ferrosilicon into the ladle',
        'effort' => 2, 'how' => 'habit', 'left' => 0.3, 'cost' => 'Break a thin test bar first and look at its colour.',
    ],
    [
        'code' => 'sort_scrap', 'cause' => 'tramp_aluminium', 'label' => 'Sort the scrap, and keep this metal out of the next charge',
        'effort' => 2, 'how' => 'habit', 'left' => 0.2,
    ],
    [
        'code' => 'cooler_burnout', 'cause' => 'burnout_hot', 'label' => 'Stop the burnout below where gypsum breaks down', 'effort' => 1,
        'field' => 'plaster.burnout_peak', 'how' => 'quantity', 'argument' => [720, 'degC'], 'left' => 0.2,
    ],
    [
        'code' => 'cool_sand', 'cause' => 'sand_hot', 'label' => 'Let the sand cool, or take other sand', 'effort' => 2,
        'field' => 'sand.warm', 'how' => 'set', 'argument' => false, 'left' => 0.2,
    ],
    [
        'code' => 'fillets', 'cause' => 'sharp_corner', 'label' => 'Round the inside corners of the pattern', 'effort' => 2,
        'field' => 'pattern.fillets', 'how' => 'set', 'argument' => 'round', 'left' => 0.15,
        'cost' => 'No rounder than the thinner wall: a large fillet is a thick place itself.',
    ],
    [
        'code' => 'room_to_grow', 'cause' => 'sand_expansion', 'label' => 'Ram evenly, not hard, and mix in something that burns away',
        'effort' => 2, 'field' => 'sand.ramming', 'how' => 'set', 'argument' => 'even', 'left' => 0.5,
    ],
    [
        'code' => 'new_pot', 'cause' => 'crucible_cracked', 'label' => 'Retire this crucible; tap and look before every heat',
        'effort' => 1, 'how' => 'habit', 'left' => 0.1,
    ],
    [
        'code' => 'larger_cup', 'processes' => $cut, 'cause' => 'cup_missed',
        'label' => 'A cup as wide as a hand, and somebody who sees it',
        'effort' => 1,
        'field' => 'gating.basin', 'how' => 'set', 'argument' => 'basin', 'left' => 0.35,
    ],
    [
        'code' => 'back_mould', 'cause' => 'mould_unbacked', 'label' => 'Back the mould all over', 'effort' => 2,
        'field' => 'mould.backing', 'how' => 'set', 'argument' => 'full', 'left' => 0.2,
    ],
    [
        'code' => 'flash_dewax', 'cause' => 'dewax_slow', 'label' => 'Put the shell into a hot furnace at once', 'effort' => 2,
        'field' => 'shell.dewaxed', 'how' => 'set', 'argument' => 'flash', 'left' => 0.2,
        'cost' => 'Burning wax: outdoors, face and hands covered, nothing that burns near.',
    ],
    [
        'code' => 'clean_silver', 'cause' => 'tin_in_silver', 'label' => 'Leave out everything that was soldered', 'effort' => 1,
        'field' => 'metal.source', 'how' => 'set', 'argument' => 'ingot', 'left' => 0.1,
    ],
    [
        'code' => 'coat_pot', 'cause' => 'iron_pickup', 'label' => 'Melt in a crucible that gives no iron', 'effort' => 2,
        'field' => 'crucible.kind', 'how' => 'set', 'argument' => 'clay_graphite', 'left' => 0.2,
        'cost' => 'A new crucible wants its first firing.',
    ],
    [
        'code' => 'press_home', 'cause' => 'loose_piece', 'label' => 'Pin the loose piece until the sand holds it', 'effort' => 1,
        'how' => 'habit', 'left' => 0.2,
    ],
    [
        'code' => 'more_cover', 'cause' => 'foam_cover_thin', 'label' => 'More sand over the foam', 'effort' => 1, 'field' => 'foam.cover',
        'how' => 'quantity', 'argument' => [120, 'mm'], 'left' => 0.2, 'cost' => 'The cup must stand higher.',
    ],
    [
        'code' => 'bed_flask', 'cause' => 'halves_gape', 'label' => 'Bed the flask and clean the joint', 'effort' => 1,
        'field' => 'flask.bedded', 'how' => 'set', 'argument' => true, 'left' => 0.4,
    ],
    [
        'code' => 'pour_close', 'cause' => 'turbulent_pour', 'label' => 'Pour close, along the wall of the sprue, without a break',
        'effort' => 1, 'how' => 'habit', 'left' => 0.6,
    ],
    [
        'code' => 'watch_cup', 'cause' => 'cup_missed', 'label' => 'One pours, one watches the cup; stand out of the smoke', 'effort' => 1,
        'how' => 'habit', 'left' => 0.5,
    ],
];
