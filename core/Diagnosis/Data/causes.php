<?php

declare(strict_types=1);

// What may have gone wrong. prior: how often it is at work in a hobby pour where it is possible at all, before anything is known;
// the founders' estimates [common practice], moved by each caster's own confirmed causes.
// processes / families: where it is possible ('*' everywhere).
$sand = ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand', 'printed_sand'];
$rammed = ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand'];
$closed = ['plaster', 'silicone', 'metal_mould', 'ceramic_shell'];

return [
    // code | label | prior | processes | families | what it means
    ['metal_cold', 'Metal too cold', 0.12, '*', '*', 'It reached the mould with too little superheat to fill the thin parts.'],
    ['metal_hot', 'Metal too hot', 0.06, '*', '*', 'More superheat than the part needed: gas, shrinkage, coarse skin, burnt-on sand.'],
    ['long_carry', 'Long carry', 0.05, '*', '*', 'Heat was lost between furnace and mould.'],
    ['slow_pour', 'Poured too slowly', 0.07, '*', '*', 'The stream could not keep ahead of freezing.'],
    ['interrupted_pour', 'Interrupted pour', 0.03, '*', '*', 'The stream stopped; the front froze before more came.'],
    ['short_of_metal', 'Too little metal', 0.04, '*', '*', 'The crucible was empty before the mould was full.'],
    ['turbulent_pour', 'Turbulent pour', 0.07, '*', '*', 'Splashing folded skins and air into the metal.'],
    ['dirty_melt', 'Dirty melt', 0.07, '*', '*', 'Dross or slag went in with the metal.'],
    ['hydrogen', 'Hydrogen in the melt', 0.08, '*', ['aluminium', 'copper'], 'Picked up from damp, long holding or overheating; comes out as holes on freezing.'],
    ['oxygen', 'Oxygen in the melt', 0.08, '*', ['copper', 'silver'], 'Taken up without a cover; comes out on freezing.'],
    ['wet_charge', 'Damp or dirty charge or tool', 0.04, '*', '*', 'Water, oil or paint went into the melt.'],
    ['wrong_alloy', 'Unsuitable or unknown alloy', 0.06, '*', '*', 'The metal does not pour, feed or bend as the part needs.'],
    ['unmixed_melt', 'Unmixed melt', 0.02, '*', '*', 'Two metals were not stirred into one.'],
    ['melt_layers', 'Metals parted by weight', 0.01, '*', '*', 'A light and a heavy metal met and lay in layers.'],
    ['sand_wet', 'Sand too wet', 0.10, ['green_sand'], '*', 'More water than the sand can breathe out as steam.'],
    ['sand_dry', 'Sand too dry or weak', 0.08, ['green_sand', 'oil_sand'], '*', 'Grains let go under the stream or when the pattern is drawn.'],
    ['sand_coarse', 'Sand too coarse', 0.06, $sand, '*', 'The face shows the grain, and metal creeps in between.'],
    ['over_rammed', 'Rammed too hard', 0.04, $rammed, '*', 'Gas cannot leave through the sand.'],
    ['soft_ramming', 'Soft or uneven ramming', 0.07, $rammed, '*', 'The wall gave way, or metal went between the grains.'],
    ['weak_wall', 'Weak spot near wall or top', 0.03, $sand, '*', 'Too little sand between the metal and the outside.'],
    ['oil_excess', 'Too much oil or burnt fines', 0.08, ['oil_sand'], '*', 'Oil and dead fines make smoke, gas and a stained skin.'],
    ['binder_uncured', 'Binder not cured', 0.08, ['silicate_sand', 'resin_sand', 'printed_sand'], '*', 'Binder that has not hardened or dried turns to gas.'],
    ['core_wet', 'Core wet or uncured', 0.04, $sand, '*', 'A damp core boils the metal around it.'],
    ['core_gas', 'Core gas without a way out', 0.03, $sand, '*', 'The binder’s gas had to leave through the metal.'],
    ['core_loose', 'Core not held', 0.03, $sand, '*', 'Metal is heavier than sand: the core floated or leaned.'],
    ['wash_wet', 'Mould wash damp', 0.03, [...$sand, 'metal_mould'], '*', 'The wash was not dried or burnt off.'],
    ['coating_wet', 'Coating not dry', 0.10, ['lost_foam', 'ceramic_shell'], '*', 'Water in the coating boils as the foam burns away.'],
    ['coating_faulty', 'Coating bubbles, gaps or thickness', 0.10, ['lost_foam'], '*', 'Bare spots let metal into the sand; a thick coat holds the gas in.'],
    ['foam_gas', 'Foam gas and residue', 0.10, ['lost_foam'], '*', 'The foam could not leave as fast as the metal came.'],
    ['sand_not_vibrated', 'Sand not settled around the part', 0.08, ['lost_foam'], '*', 'Hollows in the dry sand were not filled.'],
    ['cup_ran_dry', 'Cup ran dry', 0.06, ['lost_foam'], '*', 'Without metal above it the sand falls into the space the foam left.'],
    ['mould_bumped', 'Mould or cup disturbed', 0.03, '*', '*', 'A knock while it was soft, dry or filling.'],
    ['vents_missing', 'Air had no way out', 0.09, '*', '*', 'A high point or dead end without a vent or riser.'],
    ['long_path', 'Too long a way for the metal', 0.08, '*', '*', 'One gate had to feed a long thin run.'],
    ['gate_small', 'Gate or sprue too small', 0.06, '*', '*', 'Metal came too slowly, or the gate froze.'],
    ['sprue_sucks_air', 'Sprue draws in air', 0.05, '*', '*', 'A straight or half-full sprue drags air down with the metal.'],
    ['choke_wrong', 'Gating does not line up', 0.04, $rammed, '*', 'Sprue, runner or gate met only in part.'],
    ['gate_fast', 'Gate too fast', 0.06, '*', '*', 'A jet that cuts sand and folds skins.'],
    ['loose_sand', 'Loose sand left in the mould', 0.07, [...$sand, 'lost_foam'], '*', 'Grains were not blown out, or fell in at closing.'],
    ['pattern_draw', 'Mould hurt when the pattern was drawn', 0.06, $rammed, '*', 'Too little draft, or a rough draw, broke an edge.'],
    ['flask_misaligned', 'Flask not aligned', 0.04, $rammed, '*', 'Cope and drag were not over each other.'],
    ['cope_lifted', 'Cope lifted', 0.04, $rammed, '*', 'The metal floated the cope.'],
    ['no_feeder', 'Feeder missing or too small', 0.09, '*', '*', 'Nothing liquid was left to fill the shrinkage of the heavy part.'],
    ['feeder_freezes_first', 'Feeder or gate froze first', 0.06, '*', '*', 'There was a feeder, but its way was shut too soon.'],
    ['hot_spot', 'Hot spot cut off from feeding', 0.07, '*', '*', 'A heavy junction behind thinner walls.'],
    ['gate_hot_spot', 'Gate heats a heavy place', 0.04, '*', '*', 'All metal ran through one place and left it hottest.'],
    ['mould_cold', 'Mould too cold', 0.10, $closed, '*', 'The mould took the heat before the metal was there.'],
    ['mould_hot', 'Mould too hot or tired', 0.05, ['silicone', 'metal_mould', 'plaster'], '*', 'The mould let go, tore or fumed into the metal.'],
    ['opened_early', 'Opened too early', 0.04, '*', '*', 'Moved or bared while still weak and hot.'],
    ['uneven_cooling', 'Quenched or cooled unevenly', 0.03, '*', '*', 'One side shrank before the other, or the mould held it.'],
    ['investment_bubbles', 'Air bubbles in the investment', 0.12, ['plaster'], '*', 'Bubbles clung to the pattern and filled with metal.'],
    ['investment_weak', 'Weak or cracked investment', 0.08, ['plaster'], '*', 'Two mixes, green, jarred or dried too fast.'],
    ['burnout_short', 'Burnout not complete', 0.10, ['plaster'], '*', 'Water or carbon was left in the mould.'],
    ['shell_cracked', 'Shell cracked', 0.08, ['ceramic_shell'], '*', 'Too few coats, a fast dewax or a knock.'],
    ['pattern_error', 'Pattern surface or size', 0.06, '*', '*', 'The mould copied what was there, or the contraction was wrong.'],
    ['rough_shakeout', 'Rough handling at shakeout', 0.02, '*', '*', 'Bent or broken while hot, or on the way out.'],
];
