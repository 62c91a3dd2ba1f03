<?php

declare(strict_types=1);

use MoltenNotes\Core\Process\MouldProcess;

// What may have gone wrong. prior: how often it is at work in a hobby pour where it is possible at all, before anything is known;
// the founders' estimates [common practice], moved by each caster's own confirmed causes.
// processes / families: where it is possible ('*' everywhere).
$sand = MouldProcess::ofSand();
$rammed = MouldProcess::which(static fn (MouldProcess $process): bool => $process->rammed);
$closed = MouldProcess::which(static fn (MouldProcess $process): bool => !$process->breathes);

return [
    [
        'code' => 'metal_cold', 'label' => 'Metal too cold', 'prior' => 0.12,
        'words' => 'It reached the mould with too little superheat to fill the thin parts.',
    ],
    [
        'code' => 'metal_hot', 'label' => 'Metal too hot', 'prior' => 0.06,
        'words' => 'More superheat than the part needed: gas, shrinkage, coarse skin, burnt-on sand.',
    ],
    ['code' => 'long_carry', 'label' => 'Long carry', 'prior' => 0.05, 'words' => 'Heat was lost between furnace and mould.'],
    ['code' => 'slow_pour', 'label' => 'Poured too slowly', 'prior' => 0.07, 'words' => 'The stream could not keep ahead of freezing.'],
    [
        'code' => 'interrupted_pour', 'label' => 'Interrupted pour', 'prior' => 0.03,
        'words' => 'The stream stopped; the front froze before more came.',
    ],
    [
        'code' => 'short_of_metal', 'label' => 'Too little metal', 'prior' => 0.04,
        'words' => 'The crucible was empty before the mould was full.',
    ],
    [
        'code' => 'turbulent_pour', 'label' => 'Turbulent pour', 'prior' => 0.07,
        'words' => 'Splashing folded skins and air into the metal.',
    ],
    ['code' => 'dirty_melt', 'label' => 'Dirty melt', 'prior' => 0.07, 'words' => 'Dross or slag went in with the metal.'],
    [
        'code' => 'hydrogen', 'label' => 'Hydrogen in the melt', 'prior' => 0.08, 'families' => ['aluminium', 'copper'],
        'words' => 'Picked up from damp, long holding or overheating; comes out as holes on freezing.',
    ],
    [
        'code' => 'oxygen', 'label' => 'Oxygen in the melt', 'prior' => 0.08, 'families' => ['copper', 'silver'],
        'words' => 'Taken up without a cover; comes out on freezing.',
    ],
    [
        'code' => 'wet_charge', 'label' => 'Damp or dirty charge or tool', 'prior' => 0.04,
        'words' => 'Water, oil or paint went into the melt.',
    ],
    [
        'code' => 'wrong_alloy', 'label' => 'Unsuitable or unknown alloy', 'prior' => 0.06,
        'words' => 'The metal does not pour, feed or bend as the part needs.',
    ],
    ['code' => 'unmixed_melt', 'label' => 'Unmixed melt', 'prior' => 0.02, 'words' => 'Two metals were not stirred into one.'],
    [
        'code' => 'melt_layers', 'label' => 'Metals parted by weight', 'prior' => 0.01,
        'words' => 'A light and a heavy metal met and lay in layers.',
    ],
    [
        'code' => 'sand_wet', 'label' => 'Sand too wet', 'prior' => 0.10, 'processes' => ['green_sand', 'oil_sand'],
        'words' => 'More water than the sand can breathe out as steam; oil-bonded sand bears none.',
    ],
    [
        'code' => 'sand_dry', 'label' => 'Sand too dry or weak', 'prior' => 0.08, 'processes' => ['green_sand', 'oil_sand'],
        'words' => 'Grains let go under the stream or when the pattern is drawn.',
    ],
    [
        'code' => 'sand_coarse', 'label' => 'Sand too coarse', 'prior' => 0.06, 'processes' => $sand,
        'words' => 'The face shows the grain, and metal creeps in between.',
    ],
    [
        'code' => 'over_rammed', 'label' => 'Rammed too hard', 'prior' => 0.04, 'processes' => $rammed,
        'words' => 'Gas cannot leave through the sand.',
    ],
    [
        'code' => 'soft_ramming', 'label' => 'Soft or uneven ramming', 'prior' => 0.07, 'processes' => $rammed,
        'words' => 'The wall gave way, or metal went between the grains.',
    ],
    [
        'code' => 'weak_wall', 'label' => 'Weak spot near wall or top', 'prior' => 0.03, 'processes' => $sand,
        'words' => 'Too little sand between the metal and the outside.',
    ],
    [
        'code' => 'oil_excess', 'label' => 'Too much oil or burnt fines', 'prior' => 0.08, 'processes' => ['oil_sand'],
        'words' => 'Oil and dead fines make smoke, gas and a stained skin.',
    ],
    [
        'code' => 'binder_uncured', 'label' => 'Binder not cured', 'prior' => 0.08,
        'processes' => ['silicate_sand', 'resin_sand', 'printed_sand'],
        'words' => 'Binder that has not hardened or dried turns to gas.',
    ],
    [
        'code' => 'core_wet', 'label' => 'Core wet or uncured', 'prior' => 0.04, 'processes' => $sand,
        'words' => 'A damp core boils the metal around it.',
    ],
    [
        'code' => 'core_gas', 'label' => 'Core gas without a way out', 'prior' => 0.03, 'processes' => $sand,
        'words' => 'The binder’s gas had to leave through the metal.',
    ],
    [
        'code' => 'core_loose', 'label' => 'Core not held', 'prior' => 0.03, 'processes' => $sand,
        'words' => 'Metal is heavier than sand: the core floated or leaned.',
    ],
    [
        'code' => 'wash_wet', 'label' => 'Mould wash damp', 'prior' => 0.03, 'processes' => [...$sand, 'metal_mould'],
        'words' => 'The wash was not dried or burnt off.',
    ],
    [
        'code' => 'coating_wet', 'label' => 'Coating not dry', 'prior' => 0.10, 'processes' => ['lost_foam', 'ceramic_shell'],
        'words' => 'Water in the coating boils as the foam burns away.',
    ],
    [
        'code' => 'coating_faulty', 'label' => 'Coating bubbles, gaps or thickness', 'prior' => 0.10, 'processes' => ['lost_foam'],
        'words' => 'Bare spots let metal into the sand; a thick coat holds the gas in.',
    ],
    [
        'code' => 'foam_gas', 'label' => 'Foam gas and residue', 'prior' => 0.10, 'processes' => ['lost_foam'],
        'words' => 'The foam could not leave as fast as the metal came.',
    ],
    [
        'code' => 'sand_not_vibrated', 'label' => 'Sand not settled around the part', 'prior' => 0.08, 'processes' => ['lost_foam'],
        'words' => 'Hollows in the dry sand were not filled.',
    ],
    [
        'code' => 'cup_ran_dry', 'label' => 'Cup ran dry', 'prior' => 0.06, 'processes' => ['lost_foam'],
        'words' => 'Without metal above it the sand falls into the space the foam left.',
    ],
    [
        'code' => 'mould_bumped', 'label' => 'Mould or cup disturbed', 'prior' => 0.03,
        'words' => 'A knock while it was soft, dry or filling.',
    ],
    [
        'code' => 'vents_missing', 'label' => 'Air had no way out', 'prior' => 0.09,
        'words' => 'A high point or dead end without a vent or riser.',
    ],
    [
        'code' => 'long_path', 'label' => 'Too long a way for the metal', 'prior' => 0.08,
        'words' => 'One gate had to feed a long thin run.',
    ],
    [
        'code' => 'gate_small', 'label' => 'Gate or sprue too small', 'prior' => 0.06,
        'words' => 'Metal came too slowly, or the gate froze.',
    ],
    [
        'code' => 'sprue_sucks_air', 'label' => 'Sprue draws in air', 'prior' => 0.05,
        'words' => 'A straight or half-full sprue drags air down with the metal.',
    ],
    [
        'code' => 'choke_wrong', 'label' => 'Gating does not line up', 'prior' => 0.04, 'processes' => $rammed,
        'words' => 'Sprue, runner or gate met only in part.',
    ],
    ['code' => 'gate_fast', 'label' => 'Gate too fast', 'prior' => 0.06, 'words' => 'A jet that cuts sand and folds skins.'],
    [
        'code' => 'loose_sand', 'label' => 'Loose grains left in the mould', 'prior' => 0.07,
        'processes' => [...$sand, 'lost_foam', 'plaster', 'ceramic_shell'],
        'words' => 'Sand or crumbs were not blown out, or fell in at closing.',
    ],
    [
        'code' => 'pattern_draw', 'label' => 'Mould hurt when the pattern was drawn', 'prior' => 0.06, 'processes' => $rammed,
        'words' => 'Too little draft, or a rough draw, broke an edge.',
    ],
    [
        'code' => 'flask_misaligned', 'label' => 'Flask not aligned', 'prior' => 0.04, 'processes' => $rammed,
        'words' => 'Cope and drag were not over each other.',
    ],
    [
        'code' => 'cope_lifted', 'label' => 'Cope lifted', 'prior' => 0.04, 'processes' => $rammed,
        'words' => 'The metal floated the cope.',
    ],
    [
        'code' => 'no_feeder', 'label' => 'Feeder missing or too small', 'prior' => 0.09,
        'words' => 'Nothing liquid was left to fill the shrinkage of the heavy part.',
    ],
    [
        'code' => 'feeder_freezes_first', 'label' => 'Feeder or gate froze first', 'prior' => 0.06,
        'words' => 'There was a feeder, but its way was shut too soon.',
    ],
    [
        'code' => 'hot_spot', 'label' => 'Hot spot cut off from feeding', 'prior' => 0.07,
        'words' => 'A heavy junction behind thinner walls.',
    ],
    [
        'code' => 'gate_hot_spot', 'label' => 'Gate heats a heavy place', 'prior' => 0.04,
        'words' => 'All metal ran through one place and left it hottest.',
    ],
    [
        'code' => 'mould_cold', 'label' => 'Mould too cold', 'prior' => 0.10, 'processes' => $closed,
        'words' => 'The mould took the heat before the metal was there.',
    ],
    [
        'code' => 'mould_hot', 'label' => 'Mould too hot or tired', 'prior' => 0.05,
        'processes' => ['silicone', 'metal_mould', 'plaster', 'ceramic_shell'],
        'words' => 'The mould let go, tore, fumed into the metal or kept it liquid too long.',
    ],
    [
        'code' => 'damp_die', 'label' => 'Damp or sweating metal mould', 'prior' => 0.07, 'processes' => ['metal_mould'],
        'words' => 'Water on a cold mould turns to steam under the metal and throws it.',
    ],
    [
        'code' => 'halves_gape', 'label' => 'Joint of the mould gapes', 'prior' => 0.05,
        'processes' => [...$rammed, 'silicone', 'metal_mould'],
        'words' => 'The halves do not meet: not held together, a flask that rocks, or grit between them.',
    ],
    [
        'code' => 'ladle_cold', 'label' => 'Cold ladle or tool', 'prior' => 0.03,
        'words' => 'What the metal was carried in took its heat before the mould did.',
    ],
    [
        'code' => 'white_iron', 'label' => 'Iron frozen white', 'prior' => 0.06, 'families' => ['iron'],
        'words' => 'Too little carbon and silicon for so thin a wall: carbide instead of graphite, hard and brittle.',
    ],
    [
        'code' => 'tramp_aluminium', 'label' => 'Aluminium in a copper alloy', 'prior' => 0.04, 'families' => ['copper'],
        'words' => 'A trace of it makes skins that no skimming takes away, and castings that weep.',
    ],
    [
        'code' => 'burnout_hot', 'label' => 'Plaster overheated', 'prior' => 0.03, 'processes' => ['plaster'],
        'words' => 'Gypsum breaks down with heat and carbon, and gives off sulphur gas.',
    ],
    ['code' => 'opened_early', 'label' => 'Opened too early', 'prior' => 0.04, 'words' => 'Moved or bared while still weak and hot.'],
    [
        'code' => 'uneven_cooling', 'label' => 'Quenched or cooled unevenly', 'prior' => 0.03,
        'words' => 'One side shrank before the other, or the mould held it.',
    ],
    [
        'code' => 'investment_bubbles', 'label' => 'Air bubbles in the investment', 'prior' => 0.12, 'processes' => ['plaster'],
        'words' => 'Bubbles clung to the pattern and filled with metal.',
    ],
    [
        'code' => 'investment_weak', 'label' => 'Weak or cracked investment', 'prior' => 0.08, 'processes' => ['plaster'],
        'words' => 'Two mixes, green, jarred or dried too fast.',
    ],
    [
        'code' => 'burnout_short', 'label' => 'Burnout not complete', 'prior' => 0.10, 'processes' => ['plaster'],
        'words' => 'Water or carbon was left in the mould.',
    ],
    [
        'code' => 'shell_cracked', 'label' => 'Shell cracked', 'prior' => 0.08, 'processes' => ['ceramic_shell'],
        'words' => 'Too few coats, a fast dewax or a knock.',
    ],
    [
        'code' => 'pattern_error', 'label' => 'Pattern surface or size', 'prior' => 0.06,
        'words' => 'The mould copied what was there, or the contraction was wrong.',
    ],
    [
        'code' => 'rough_shakeout', 'label' => 'Rough handling at shakeout', 'prior' => 0.02,
        'words' => 'Bent or broken while hot, or on the way out.',
    ],
    [
        'code' => 'sand_hot', 'label' => 'Sand still warm', 'prior' => 0.03, 'processes' => ['green_sand'],
        'words' => 'Warm sand sweats on what is cold and dries out at its edges.',
    ],
    [
        'code' => 'sharp_corner', 'label' => 'Sharp inside corner', 'prior' => 0.06,
        'words' => 'Without a fillet the corner is the last to freeze and the first to be pulled.',
    ],
    [
        'code' => 'sand_expansion', 'label' => 'Sand grew in the heat', 'prior' => 0.04, 'processes' => $sand,
        'words' => 'Quartz grows as it is heated; what has no room cracks or buckles.',
    ],
    [
        'code' => 'crucible_cracked', 'label' => 'Crucible lost metal', 'prior' => 0.01,
        'words' => 'It cracked or leaked; what was poured was not what was melted.',
    ],
    [
        'code' => 'cup_missed', 'label' => 'Cup too small, or not seen', 'prior' => 0.04,
        'words' => 'Metal went beside the cup, or the stream broke while it was searched for.',
    ],
    [
        'code' => 'mould_unbacked', 'label' => 'Mould without rigid backing', 'prior' => 0.06,
        'processes' => ['silicone', 'plaster', 'ceramic_shell'], 'words' => 'It bulged under the head of metal.',
    ],
    [
        'code' => 'dewax_slow', 'label' => 'Shell split by its wax', 'prior' => 0.06, 'processes' => ['ceramic_shell'],
        'words' => 'Wax warmed slowly swells before it can run out.',
    ],
    [
        'code' => 'tin_in_silver', 'label' => 'Lead or tin in the silver', 'prior' => 0.04, 'families' => ['silver'],
        'words' => 'Solder in the charge lies between the grains and lets go hot.',
    ],
    [
        'code' => 'iron_pickup', 'label' => 'Iron picked up from pot or tools', 'prior' => 0.03, 'families' => ['aluminium'],
        'words' => 'Aluminium dissolves bare iron; it comes back as brittle needles.',
    ],
    [
        'code' => 'loose_piece', 'label' => 'Loose piece out of place', 'prior' => 0.02, 'processes' => $rammed,
        'words' => 'It was not pressed home, or moved while the sand was rammed.',
    ],
    [
        'code' => 'foam_cover_thin', 'label' => 'Too little sand over the foam', 'prior' => 0.05, 'processes' => ['lost_foam'],
        'words' => 'The metal lifts what lies over it.',
    ],
];
