<?php

declare(strict_types=1);

// A cheap pour before the dear one: what tells a suspect with little metal, and what it must have in common with the part, or it tells
// nothing [common practice].
// body: strip (as thin as the wall, as long as the run), block (as thick as the heaviest place), cup (a thumb of metal), tile (a flat
// face).
// causes: what it tells of. {wall}, {run}, {heaviest}, {mass} are filled from the plan.
return [
    [
        'code' => 'strip', 'body' => 'strip', 'label' => 'A strip as thin as the part',
        'causes' => ['metal_cold', 'long_carry', 'slow_pour', 'long_path', 'gate_small', 'mould_cold', 'ladle_cold', 'foam_gas',
            'metal_hot'],
        'words' => 'Cast a flat strip {wall} thick and {run} long, gated at one end{mass}. It fills to its end or shows how far the metal '
            .'comes.',
        'common' => ['the same mould material, as warm and as moist', 'the same metal, as hot and carried as long',
            'the same head of metal'],
    ],
    [
        'code' => 'block', 'body' => 'block', 'label' => 'The heavy place alone',
        'causes' => ['no_feeder', 'feeder_freezes_first', 'hot_spot', 'gate_hot_spot'],
        'words' => 'Cast a block {heaviest} each way with its riser as it is planned{mass}, and saw it through. What it shows the part '
            .'will show.',
        'common' => ['the same metal, as hot', 'the same mould material', 'riser and neck in the same proportion to the block'],
    ],
    [
        'code' => 'cup', 'body' => 'cup', 'label' => 'A thumb of the melt',
        'causes' => ['hydrogen', 'oxygen', 'wet_charge'],
        'words' => 'Let a thumb of metal{mass} freeze still in a dry, warm cup, just before the pour. A top that sinks is clean; one that '
            .'domes or spits holds gas. Saw it.',
        'common' => ['the same melt, at the moment of the pour', 'a cup that is dry and warm right through'],
    ],
    [
        'code' => 'tile', 'body' => 'tile', 'label' => 'A tile beside it',
        'causes' => ['sand_wet', 'sand_hot', 'binder_uncured', 'wash_wet', 'coating_wet', 'burnout_short', 'damp_die', 'over_rammed',
            'oil_excess', 'sand_coarse', 'sand_expansion', 'soft_ramming', 'investment_bubbles', 'coating_faulty'],
        'words' => 'Mould a flat tile as thick as the part, {heaviest}, from the same batch{mass}, and pour it first. Its face is what '
            .'this mould does to this metal.',
        'common' => ['the same batch, as dry, rammed and coated the same', 'as thick as the part, or it freezes before it is gassed',
            'the same metal, as hot'],
    ],
    [
        'code' => 'core_alone', 'body' => 'tile', 'label' => 'The core in a small mould',
        'causes' => ['core_wet', 'core_gas'],
        'words' => 'Pour a collar {wall} thick round a core of the same batch{mass}, vented as in the part. Bubbles tell.',
        'common' => ['a core of the same batch, baked with it', 'the same way out for its gas', 'metal as thick as in the part'],
    ],
    [
        'code' => 'gate_break', 'body' => 'strip', 'label' => 'Break a gate',
        'causes' => ['turbulent_pour', 'gate_fast', 'sprue_sucks_air', 'dirty_melt', 'cup_missed', 'tramp_aluminium'],
        'words' => 'Pour the gating alone with a strip {wall} thick at its end{mass}; break it and look for skins.',
        'common' => ['the same cup, sprue, runner and gates', 'the same hand and the same height of pour',
            'the same metal, skimmed the same'],
    ],
    [
        'code' => 'bend', 'body' => 'strip', 'label' => 'Bend a bar of it',
        'causes' => ['wrong_alloy', 'iron_pickup', 'tin_in_silver', 'white_iron', 'unmixed_melt', 'melt_layers'],
        'words' => 'Cast a bar {wall} thick from the same melt{mass}; clamp it and bend it, file it, break it.',
        'common' => ['the same melt, stirred', 'as thick as the thinnest place: thin freezes white and hard'],
    ],
];
