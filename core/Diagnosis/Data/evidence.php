<?php

declare(strict_types=1);

use MoltenNotes\Core\Process\MouldProcess;

// What the record itself says about each cause. Numbers: a curve of [value, likelihood ratio], straight in the logarithm of the ratio
// between
// the points and level beyond them. Words: a ratio per choice. Above 1 raises the cause, below 1 lowers it; a blank says nothing.
// processes, families: the only ones for which a row is so. Sand that is cured, moulds that are warmed and sprues of trinkets differ too
// much for one curve.
// source: where a band comes from; common practice where not told.
// {value} and {need} are filled in the caster's units. Bands are common practice (docs/handbook); ratios are the founders' estimates,
// kept between 1/12 and 12 so that no single note decides alone.
$allButFoam = MouldProcess::which(static fn (MouldProcess $process): bool => 'lost_foam' !== $process->code);

return [
    [
        'cause' => 'metal_cold', 'fact' => 'temperature_margin',
        'source' => 'derived: the plan’s needed temperature; its band is common practice',
        'unit' => 'ddegC', 'processes' => $allButFoam,
        'ratios' => [[-60, 9], [-25, 4.5], [-5, 1.4], [15, 0.5], [60, 0.12]],
        'raised' => 'Poured at {pour}; this part in this mould asks for about {need}.',
        'lowered' => 'Poured at {pour}, above the {need} this part asks for.',
    ],
    [
        'cause' => 'metal_cold', 'fact' => 'fill_ratio',
        'source' => 'derived: fluid life after Flemings; 1.5 fills comfortably is common practice',
        'unit' => 'ratio', 'processes' => $allButFoam,
        'ratios' => [[0.4, 10], [0.8, 5], [1.1, 1.6], [1.6, 0.45], [3, 0.12]],
        'raised' => 'The metal runs {value} times as far as {where} asks; 1.5 fills comfortably.',
        'lowered' => 'The metal runs {value} times as far as {where} asks.',
    ],
    [
        // The pace of a foam front is known to a factor of two only: what falls short of it by less says little.
        'cause' => 'metal_cold', 'fact' => 'temperature_margin',
        'source' => 'derived: the plan’s needed temperature; its band is common practice',
        'unit' => 'ddegC', 'processes' => ['lost_foam'],
        'ratios' => [[-160, 7], [-90, 3.5], [-40, 1.3], [20, 0.5], [80, 0.15]],
        'raised' => 'Poured at {pour}; this part on foam asks for about {need}.',
        'lowered' => 'Poured at {pour}, above the {need} this part on foam asks for.',
    ],
    [
        'cause' => 'metal_cold', 'fact' => 'fill_ratio',
        'source' => 'derived: fluid life after Flemings; 1.5 fills comfortably is common practice',
        'unit' => 'ratio', 'processes' => ['lost_foam'],
        'ratios' => [[0.15, 6], [0.35, 2.5], [0.7, 1.2], [1.2, 0.6], [2.5, 0.2]],
        'raised' => 'The metal drives the foam out {value} times as far as {where} asks.',
        'lowered' => 'The metal drives the foam out {value} times as far as {where} asks.',
    ],
    [
        'cause' => 'metal_cold', 'fact' => 'superheat',
        'source' => 'derived: from the liquidus of the alloy; its band is common practice',
        'unit' => 'ddegC', 'ratios' => [[0, 12], [20, 5], [60, 1.3], [120, 0.4]],
        'raised' => 'Only {value} above the liquidus.', 'lowered' => '{value} above the liquidus.',
    ],
    [
        'cause' => 'metal_cold', 'fact' => 'observed.sluggish', 'unit' => 'seen', 'ratios' => ['yes' => 4.0],
        'raised' => 'The metal ran thick.',
    ],
    [
        'cause' => 'metal_cold', 'fact' => 'observed.skull', 'unit' => 'seen', 'ratios' => ['yes' => 6.0],
        'raised' => 'A skin froze in the crucible.',
    ],
    [
        'cause' => 'metal_cold', 'fact' => 'melt.temperature_by', 'unit' => 'choice',
        'ratios' => ['colour' => 1.6, 'stick' => 1.5, 'setpoint' => 1.5, 'minutes' => 1.4, 'probe' => 0.9],
        'raised' => 'The temperature was judged by {value}, not measured.', 'lowered' => 'The temperature was measured.',
    ],
    [
        'cause' => 'metal_hot', 'fact' => 'temperature_margin',
        'source' => 'derived: the plan’s needed temperature; its band is common practice',
        'unit' => 'ddegC',
        'ratios' => [[-20, 0.15], [10, 0.6], [40, 1.8], [90, 6]], 'raised' => 'Poured at {pour}; {need} would have done.',
        'lowered' => 'Poured at {pour}, no hotter than the {need} this part asks for.',
    ],
    [
        'cause' => 'metal_hot', 'fact' => 'peak_over', 'unit' => 'ddegC', 'ratios' => [[-40, 0.5], [0, 1], [40, 3], [120, 7]],
        'raised' => 'The melt had been {value} above the hottest advised pour.',
        'lowered' => 'The melt was never hotter than advised.',
    ],
    [
        'cause' => 'metal_hot', 'fact' => 'observed.overheated', 'unit' => 'seen', 'ratios' => ['yes' => 5.0],
        'raised' => 'The melt was left on too long.',
    ],
    [
        'cause' => 'long_carry', 'fact' => 'pour.carry_time', 'unit' => 's', 'ratios' => [[5, 0.3], [20, 0.8], [45, 2.5], [90, 6]],
        'raised' => '{value} from furnace to mould.', 'lowered' => 'Only {value} from furnace to mould.',
    ],
    [
        'cause' => 'long_carry', 'fact' => 'observed.long_carry', 'unit' => 'seen', 'ratios' => ['yes' => 6.0],
        'raised' => 'You were held up on the way.',
    ],
    [
        'cause' => 'slow_pour', 'fact' => 'observed.slow', 'unit' => 'seen', 'ratios' => ['yes' => 8.0],
        'raised' => 'You noted a thin, slow stream.',
    ],
    [
        'cause' => 'slow_pour', 'fact' => 'observed.kept_full', 'unit' => 'seen', 'ratios' => ['yes' => 0.3],
        'lowered' => 'The cup was kept full.',
    ],
    [
        'cause' => 'slow_pour', 'fact' => 'pour.time', 'unit' => 's', 'ratios' => [[3, 0.4], [10, 0.9], [20, 2], [45, 4]],
        'raised' => 'The pour took {value}.', 'lowered' => 'The pour took only {value}.',
    ],
    [
        'cause' => 'interrupted_pour', 'fact' => 'observed.interrupted', 'unit' => 'seen', 'ratios' => ['yes' => 12.0],
        'raised' => 'The pour stopped and started again.',
    ],
    [
        'cause' => 'interrupted_pour', 'fact' => 'observed.kept_full', 'unit' => 'seen', 'ratios' => ['yes' => 0.2],
        'lowered' => 'The cup was kept full throughout.',
    ],
    [
        'cause' => 'short_of_metal', 'fact' => 'observed.short_of_metal', 'unit' => 'seen', 'ratios' => ['yes' => 12.0],
        'raised' => 'The metal ran short.',
    ],
    [
        'cause' => 'short_of_metal', 'fact' => 'observed.metal_at_vents', 'unit' => 'seen', 'ratios' => ['yes' => 0.15],
        'lowered' => 'Metal showed at riser or vents.',
    ],
    [
        'cause' => 'turbulent_pour', 'fact' => 'observed.splash', 'unit' => 'seen', 'ratios' => ['yes' => 8.0],
        'raised' => 'It splashed, or was poured from high.',
    ],
    [
        'cause' => 'turbulent_pour', 'fact' => 'gating.basin', 'unit' => 'choice',
        'ratios' => ['none' => 2.2, 'cup' => 1.2, 'basin' => 0.5], 'raised' => 'Poured into: {value}.',
        'lowered' => 'A basin calms the stream.',
    ],
    [
        'cause' => 'turbulent_pour', 'fact' => 'gating.fill', 'unit' => 'choice',
        'ratios' => ['top' => 1.8, 'bottom' => 0.7, 'step' => 0.9], 'raised' => 'Filled {value}: the metal falls inside the cavity.',
        'lowered' => 'Filled {value}: the metal rises.',
    ],
    [
        'cause' => 'dirty_melt', 'fact' => 'melt.skimmed', 'unit' => 'flag', 'ratios' => ['no' => 5.0, 'yes' => 0.4],
        'raised' => 'Not skimmed before the pour.', 'lowered' => 'Skimmed just before the pour.',
    ],
    [
        'cause' => 'dirty_melt', 'fact' => 'observed.thick_dross', 'unit' => 'seen', 'ratios' => ['yes' => 3.0],
        'raised' => 'Dross kept forming.',
    ],
    [
        'cause' => 'dirty_melt', 'fact' => 'metal.source', 'unit' => 'choice',
        'ratios' => ['cans' => 4.0, 'sheet' => 2.5, 'mixed' => 1.8, 'unknown' => 1.5, 'ingot' => 0.5, 'castings' => 0.8, 'returns' => 1.1],
        'raised' => 'Charged with: {value}.', 'lowered' => 'Charged with: {value}.',
    ],
    [
        'cause' => 'dirty_melt', 'fact' => 'gating.filter', 'unit' => 'flag', 'ratios' => ['yes' => 0.4],
        'lowered' => 'A filter stood in the way of dirt.',
    ],
    [
        'cause' => 'hydrogen', 'fact' => 'melt.hold', 'unit' => 'min', 'ratios' => [[3, 0.5], [10, 0.9], [25, 2.2], [60, 5]],
        'raised' => 'Held liquid for {value}.', 'lowered' => 'Held liquid for only {value}.',
    ],
    [
        'cause' => 'hydrogen', 'fact' => 'melt.degassed', 'unit' => 'flag', 'ratios' => ['yes' => 0.3, 'no' => 1.6],
        'raised' => 'Not degassed.', 'lowered' => 'Degassed.',
    ],
    [
        'cause' => 'hydrogen', 'fact' => 'pour.weather', 'unit' => 'choice', 'ratios' => ['rain' => 2.2, 'humid' => 1.8, 'dry' => 0.8],
        'raised' => 'Weather: {value}.', 'lowered' => 'Weather: {value}.',
    ],
    [
        'cause' => 'hydrogen', 'fact' => 'peak_over', 'unit' => 'ddegC', 'ratios' => [[-40, 0.6], [0, 1], [40, 2.5], [120, 5]],
        'raised' => 'Hot metal takes up more gas: {value} above the hottest advised pour.',
        'lowered' => 'The melt was never hotter than advised.',
    ],
    [
        'cause' => 'hydrogen', 'fact' => 'observed.overheated', 'unit' => 'seen', 'ratios' => ['yes' => 3.0],
        'raised' => 'The melt was left on too long.',
    ],
    [
        'cause' => 'hydrogen', 'fact' => 'metal.source', 'unit' => 'choice',
        'ratios' => ['extrusion' => 1.4, 'sheet' => 1.8, 'cans' => 2.2, 'ingot' => 0.7], 'raised' => 'Charged with: {value}.',
        'lowered' => 'Charged with: {value}.',
    ],
    [
        'cause' => 'oxygen', 'fact' => 'melt.cover', 'unit' => 'flag', 'ratios' => ['no' => 4.0, 'yes' => 0.3],
        'raised' => 'No cover or deoxidiser.', 'lowered' => 'A cover or deoxidiser was used.',
    ],
    [
        'cause' => 'oxygen', 'fact' => 'melt.hold', 'unit' => 'min', 'families' => ['copper'],
        'ratios' => [[3, 0.6], [10, 1], [25, 2], [60, 4]],
        'raised' => 'Held liquid for {value}.', 'lowered' => 'Held liquid for only {value}.',
    ],
    [
        // Silver drinks oxygen from the moment it is liquid.
        'cause' => 'oxygen', 'fact' => 'melt.hold', 'unit' => 'min', 'families' => ['silver'], 'ratios' => [[2, 0.7], [6, 1.6], [15, 4]],
        'raised' => 'Held liquid for {value}.', 'lowered' => 'Held liquid for only {value}.',
    ],
    [
        'cause' => 'wet_charge', 'fact' => 'melt.charge_dry', 'unit' => 'flag', 'ratios' => ['no' => 6.0, 'yes' => 0.25],
        'raised' => 'Charge and tools were not dried and warmed.', 'lowered' => 'Charge and tools were dried and warmed.',
    ],
    [
        'cause' => 'wet_charge', 'fact' => 'observed.spitting', 'unit' => 'seen', 'ratios' => ['yes' => 5.0],
        'raised' => 'The charge spat.',
    ],
    [
        'cause' => 'wrong_alloy', 'fact' => 'metal.source', 'unit' => 'choice',
        'ratios' => ['unknown' => 4.0, 'cans' => 4.0, 'sheet' => 3.0, 'extrusion' => 2.5, 'mixed' => 2.0, 'castings' => 0.5,
            'ingot' => 0.2, 'returns' => 0.8],
        'raised' => 'Charged with: {value}.', 'lowered' => 'Charged with: {value}.',
    ],
    [
        'cause' => 'wrong_alloy', 'fact' => 'scrap_check', 'unit' => 'choice',
        'source' => 'derived: arrests of the table of alloys; how far it decides is the founders’ estimate',
        'ratios' => ['another' => 9.0, 'as_written' => 0.3],
        'raised' => 'A cooled cup began to freeze at {value}: {need}',
        'lowered' => 'A cooled cup began to freeze at {value}, as it should.',
    ],
    [
        'cause' => 'wrong_alloy', 'fact' => 'observed.white_smoke', 'unit' => 'seen', 'ratios' => ['yes' => 1.5],
        'raised' => 'Zinc boiled off and changed the metal.',
    ],
    [
        'cause' => 'unmixed_melt', 'fact' => 'melt.stirred', 'unit' => 'flag', 'ratios' => ['no' => 4.0, 'yes' => 0.3],
        'raised' => 'Not stirred.', 'lowered' => 'Stirred.',
    ],
    [
        'cause' => 'unmixed_melt', 'fact' => 'metal.source', 'unit' => 'choice', 'ratios' => ['mixed' => 2.0, 'ingot' => 0.4],
        'raised' => 'Charged with: {value}.', 'lowered' => 'Charged with: {value}.',
    ],
    [
        'cause' => 'melt_layers', 'fact' => 'melt.stirred', 'unit' => 'flag', 'ratios' => ['no' => 3.0, 'yes' => 0.4],
        'raised' => 'Not stirred.', 'lowered' => 'Stirred.',
    ],
    [
        'cause' => 'sand_wet', 'fact' => 'sand.condition', 'unit' => 'choice',
        'ratios' => ['wet' => 8.0, 'good' => 0.35, 'dry' => 0.1], 'raised' => 'Squeeze test: {value}.',
        'lowered' => 'Squeeze test: {value}.',
    ],
    [
        'cause' => 'sand_wet', 'fact' => 'sand.moisture', 'unit' => 'percent',
        'ratios' => [[2.5, 0.12], [3.5, 0.4], [4.5, 1], [5.5, 4], [7, 9]], 'raised' => 'Moisture {value}; {usual} is usual.',
        'lowered' => 'Moisture {value}, within the usual {usual}.',
    ],
    [
        'cause' => 'sand_wet', 'fact' => 'steam',
        'source' => 'derived: steam pressure against the metal’s own',
        'unit' => 'ratio', 'ratios' => [[0.4, 0.5], [0.8, 1], [1.2, 2.5], [2, 5]],
        'raised' => 'Steam would press {value} times as hard as the metal.',
        'lowered' => 'Steam would press only {value} times as hard as the metal.',
    ],
    [
        'cause' => 'sand_wet', 'fact' => 'observed.steam', 'unit' => 'seen', 'ratios' => ['yes' => 4.0],
        'raised' => 'Steam or hiss from the mould.',
    ],
    [
        'cause' => 'sand_wet', 'fact' => 'observed.bubbling', 'unit' => 'seen', 'ratios' => ['yes' => 2.5],
        'raised' => 'The metal bubbled or kicked back.',
    ],
    [
        'cause' => 'sand_dry', 'fact' => 'sand.condition', 'unit' => 'choice',
        'ratios' => ['dry' => 8.0, 'good' => 0.35, 'wet' => 0.1], 'raised' => 'Squeeze test: {value}.',
        'lowered' => 'Squeeze test: {value}.',
    ],
    [
        'cause' => 'sand_dry', 'fact' => 'sand.moisture', 'unit' => 'percent',
        'ratios' => [[1, 9], [2, 4], [2.8, 1], [3.5, 0.4], [5, 0.12]], 'raised' => 'Moisture {value}; {usual} is usual.',
        'lowered' => 'Moisture {value}, enough to bind.',
    ],
    [
        'cause' => 'sand_dry', 'fact' => 'sand.clay', 'unit' => 'percent', 'ratios' => [[3, 5], [6, 1.2], [9, 0.6]],
        'raised' => 'Clay {value}; {usual} is usual.', 'lowered' => 'Clay {value}, within the usual {usual}.',
    ],
    ['cause' => 'sand_dry', 'fact' => 'observed.sand_fell', 'unit' => 'seen', 'ratios' => ['yes' => 3.0], 'raised' => 'Sand fell in.'],
    [
        'cause' => 'sand_dry', 'fact' => 'observed.draw_broke', 'unit' => 'seen', 'ratios' => ['yes' => 2.5],
        'raised' => 'An edge broke at the draw.',
    ],
    [
        'cause' => 'sand_coarse', 'fact' => 'sand.fineness', 'unit' => 'number',
        'ratios' => [[40, 6], [70, 2], [100, 0.7], [140, 0.25]], 'raised' => 'Grain fineness {value} is coarse.',
        'lowered' => 'Grain fineness {value} is fine enough.',
    ],
    [
        'cause' => 'sand_coarse', 'fact' => 'sand.facing', 'unit' => 'flag', 'ratios' => ['no' => 1.8, 'yes' => 0.5],
        'raised' => 'No sieved facing.', 'lowered' => 'Sieved facing on the pattern.',
    ],
    [
        'cause' => 'over_rammed', 'fact' => 'sand.ramming', 'unit' => 'choice',
        'ratios' => ['hard' => 7.0, 'even' => 0.5, 'soft_spots' => 0.3], 'raised' => 'Ramming: {value}.',
        'lowered' => 'Ramming: {value}.',
    ],
    [
        'cause' => 'over_rammed', 'fact' => 'observed.bubbling', 'unit' => 'seen', 'ratios' => ['yes' => 1.8],
        'raised' => 'The metal bubbled or kicked back.',
    ],
    [
        'cause' => 'soft_ramming', 'fact' => 'sand.ramming', 'unit' => 'choice',
        'ratios' => ['soft_spots' => 8.0, 'even' => 0.3, 'hard' => 0.1], 'raised' => 'Ramming: {value}.',
        'lowered' => 'Ramming: {value}.',
    ],
    ['cause' => 'weak_wall', 'fact' => 'observed.leak', 'unit' => 'seen', 'ratios' => ['yes' => 2.5], 'raised' => 'Metal leaked.'],
    [
        'cause' => 'weak_wall', 'fact' => 'sand.ramming', 'unit' => 'choice', 'ratios' => ['soft_spots' => 2.0, 'even' => 0.7],
        'raised' => 'Ramming: {value}.', 'lowered' => 'Ramming: {value}.',
    ],
    [
        'cause' => 'oil_excess', 'fact' => 'sand.binder', 'unit' => 'percent', 'ratios' => [[2, 0.4], [4, 1], [6, 3], [9, 7]],
        'raised' => 'Oil {value}; much of it turns to gas.', 'lowered' => 'Oil {value}, no more than usual.',
    ],
    [
        'cause' => 'oil_excess', 'fact' => 'sand.reused', 'unit' => 'number', 'ratios' => [[2, 0.5], [10, 1.3], [25, 3], [60, 5]],
        'raised' => 'Reused {value} times: burnt fines.', 'lowered' => 'Reused only {value} times.',
    ],
    [
        'cause' => 'oil_excess', 'fact' => 'observed.heavy_smoke', 'unit' => 'seen', 'ratios' => ['yes' => 4.0],
        'raised' => 'Heavy smoke.',
    ],
    [
        'cause' => 'oil_excess', 'fact' => 'sand.condition', 'unit' => 'choice',
        'ratios' => ['wet' => 4.0, 'good' => 0.5, 'dry' => 0.4], 'raised' => 'Squeeze test: {value}.',
        'lowered' => 'Squeeze test: {value}.',
    ],
    [
        // Gassed or baked it is hard in minutes; left to the air it dries in days, the middle last.
        'cause' => 'binder_uncured', 'fact' => 'mould.dry_time', 'unit' => 'h', 'processes' => ['silicate_sand'],
        'ratios' => [[0.2, 5], [2, 2], [12, 0.7], [48, 0.3]], 'raised' => 'Hardened for {value}.', 'lowered' => 'Hardened for {value}.',
    ],
    [
        // Stripped within the hour, poured after one to twenty-four.
        'cause' => 'binder_uncured', 'fact' => 'mould.dry_time', 'unit' => 'h', 'processes' => ['resin_sand'],
        'ratios' => [[0.5, 6], [2, 2], [8, 0.7], [24, 0.3]], 'raised' => 'Cured for {value}.', 'lowered' => 'Cured for {value}.',
    ],
    [
        'cause' => 'binder_uncured', 'fact' => 'mould.dry_time', 'unit' => 'h', 'processes' => ['printed_sand'],
        'ratios' => [[2, 4], [12, 1.2], [48, 0.4]], 'raised' => 'Cured for {value}.', 'lowered' => 'Cured for {value}.',
    ],
    [
        'cause' => 'binder_uncured', 'fact' => 'sand.binder', 'unit' => 'percent', 'ratios' => [[2, 0.5], [5, 1], [8, 3]],
        'raised' => 'Binder {value}: much to dry and much gas.', 'lowered' => 'Binder {value}, no more than usual.',
    ],
    [
        'cause' => 'binder_uncured', 'fact' => 'observed.steam', 'unit' => 'seen', 'ratios' => ['yes' => 3.0],
        'raised' => 'Steam or hiss from the mould.',
    ],
    [
        'cause' => 'core_wet', 'fact' => 'core.state', 'unit' => 'choice',
        'ratios' => ['doubtful' => 9.0, 'dry' => 0.35, 'none' => 0.084], 'raised' => 'Core: {value}.', 'lowered' => 'Core: {value}.',
    ],
    [
        'cause' => 'core_wet', 'fact' => 'observed.bubbling', 'unit' => 'seen', 'ratios' => ['yes' => 3.0],
        'raised' => 'The metal bubbled or kicked back.',
    ],
    [
        'cause' => 'core_gas', 'fact' => 'core.vented', 'unit' => 'flag', 'ratios' => ['no' => 6.0, 'yes' => 0.25],
        'raised' => 'The core had no vent to the outside.', 'lowered' => 'The core was vented to the outside.',
    ],
    [
        'cause' => 'core_gas', 'fact' => 'core.state', 'unit' => 'choice', 'ratios' => ['none' => 0.084, 'doubtful' => 1.5],
        'raised' => 'Core: {value}.', 'lowered' => 'Core: {value}.',
    ],
    [
        'cause' => 'core_gas', 'fact' => 'observed.bubbling', 'unit' => 'seen', 'ratios' => ['yes' => 2.5],
        'raised' => 'The metal bubbled or kicked back.',
    ],
    [
        'cause' => 'core_loose', 'fact' => 'core.held', 'unit' => 'flag', 'ratios' => ['no' => 7.0, 'yes' => 0.25],
        'raised' => 'The core was not held.', 'lowered' => 'The core was held.',
    ],
    ['cause' => 'core_loose', 'fact' => 'core.state', 'unit' => 'choice', 'ratios' => ['none' => 0.084], 'lowered' => 'Core: {value}.'],
    [
        'cause' => 'wash_wet', 'fact' => 'mould.coating', 'unit' => 'choice',
        'ratios' => ['damp' => 10.0, 'dry' => 0.4, 'none' => 0.084], 'raised' => 'Mould wash: {value}.',
        'lowered' => 'Mould wash: {value}.',
    ],
    [
        'cause' => 'coating_wet', 'fact' => 'foam.dry_time', 'unit' => 'h',
        'ratios' => [[4, 8], [12, 4], [24, 1.4], [36, 0.6], [60, 0.25]], 'raised' => 'The coating dried {value}; 24 to 96 h is usual.',
        'lowered' => 'The coating dried {value}.',
    ],
    [
        'cause' => 'coating_wet', 'fact' => 'pour.weather', 'unit' => 'choice',
        'ratios' => ['rain' => 1.6, 'humid' => 1.5, 'dry' => 0.9], 'raised' => 'Weather: {value}.', 'lowered' => 'Weather: {value}.',
    ],
    [
        'cause' => 'coating_wet', 'fact' => 'observed.bubbling', 'unit' => 'seen', 'ratios' => ['yes' => 3.0],
        'raised' => 'The metal bubbled or kicked back.',
    ],
    [
        'cause' => 'coating_wet', 'fact' => 'observed.steam', 'unit' => 'seen', 'ratios' => ['yes' => 3.0],
        'raised' => 'Steam from the flask.',
    ],
    [
        'cause' => 'coating_wet', 'fact' => 'mould.dry_time', 'unit' => 'h', 'processes' => ['ceramic_shell'],
        'ratios' => [[12, 5], [48, 1.5], [120, 0.5]],
        'raised' => 'The shell dried {value}.', 'lowered' => 'The shell dried {value}.',
    ],
    [
        'cause' => 'coating_faulty', 'fact' => 'foam.brushed', 'unit' => 'flag', 'ratios' => ['no' => 5.0, 'yes' => 0.4],
        'raised' => 'Bubbles were not brushed out.', 'lowered' => 'Bubbles were brushed out.',
    ],
    [
        'cause' => 'coating_faulty', 'fact' => 'foam.coats', 'unit' => 'number', 'ratios' => [[1, 2.5], [2, 0.8], [3, 0.7], [5, 2]],
        'raised' => 'Coats: {value}.', 'lowered' => 'Coats: {value}.',
    ],
    [
        'cause' => 'foam_gas', 'fact' => 'foam.density', 'unit' => 'kg/m3', 'ratios' => [[16, 0.5], [22, 0.9], [30, 2.5], [40, 5]],
        'raised' => 'Foam of {value} makes much gas.', 'lowered' => 'Light foam of {value}.',
    ],
    [
        'cause' => 'foam_gas', 'fact' => 'foam.coats', 'unit' => 'number', 'ratios' => [[1, 0.6], [2, 1], [4, 3]],
        'raised' => 'Coats: {value}; the gas must pass them.', 'lowered' => 'Coats: {value}.',
    ],
    [
        'cause' => 'foam_gas', 'fact' => 'foam_margin',
        'source' => 'derived: the plan’s needed temperature on this foam; its band is common practice',
        'unit' => 'ddegC',
        'ratios' => [[-60, 5], [-25, 2.5], [0, 1], [60, 0.5]],
        'raised' => 'Poured at {pour}; hot metal clears foam, about {need} here.',
        'lowered' => 'Poured at {pour}, hot enough to clear foam.',
    ],
    ['cause' => 'foam_gas', 'fact' => 'observed.heavy_smoke', 'unit' => 'seen', 'ratios' => ['yes' => 1.4], 'raised' => 'Heavy smoke.'],
    [
        'cause' => 'sand_not_vibrated', 'fact' => 'foam.vibration', 'unit' => 'choice',
        'ratios' => ['none' => 9.0, 'partly' => 4.0, 'all_round' => 0.25], 'raised' => 'Sand vibrated in: {value}.',
        'lowered' => 'Sand vibrated in: {value}.',
    ],
    [
        'cause' => 'cup_ran_dry', 'fact' => 'observed.ran_dry', 'unit' => 'seen', 'ratios' => ['yes' => 11.0],
        'raised' => 'The cup ran dry.',
    ],
    [
        'cause' => 'cup_ran_dry', 'fact' => 'observed.kept_full', 'unit' => 'seen', 'ratios' => ['yes' => 0.1],
        'lowered' => 'The cup was kept full.',
    ],
    [
        'cause' => 'cup_ran_dry', 'fact' => 'foam.cup_height', 'unit' => 'mm', 'ratios' => [[20, 3], [60, 1.2], [120, 0.5]],
        'raised' => 'The cup stood only {value} above the sand.', 'lowered' => 'The cup stood {value} above the sand.',
    ],
    [
        'cause' => 'mould_bumped', 'fact' => 'observed.bumped', 'unit' => 'seen', 'ratios' => ['yes' => 12.0],
        'raised' => 'Flask or cup was bumped.',
    ],
    [
        'cause' => 'mould_bumped', 'fact' => 'observed.sand_fell', 'unit' => 'seen', 'ratios' => ['yes' => 3.0],
        'raised' => 'Sand fell in.',
    ],
    [
        'cause' => 'vents_missing', 'fact' => 'venting.high_points', 'unit' => 'choice',
        'ratios' => ['none' => 6.0, 'some' => 3.0, 'all' => 0.15], 'raised' => 'High points with a way out: {value}.',
        'lowered' => 'High points with a way out: {value}.',
    ],
    [
        'cause' => 'vents_missing', 'fact' => 'vent_share',
        'source' => 'derived: vents against the choke of the plan',
        'unit' => 'ratio',
        'ratios' => [[0.05, 6], [0.2, 2.5], [0.6, 0.8], [1.2, 0.4]], 'raised' => 'All vents together are {value} of the choke.',
        'lowered' => 'All vents together are {value} of the choke.',
    ],
    [
        'cause' => 'vents_missing', 'fact' => 'venting.vents', 'unit' => 'number', 'ratios' => [[0, 3], [1, 1.4], [3, 0.7], [6, 0.5]],
        'raised' => 'Vents: {value}.', 'lowered' => 'Vents: {value}.',
    ],
    [
        'cause' => 'vents_missing', 'fact' => 'observed.no_metal_at_vents', 'unit' => 'seen', 'ratios' => ['yes' => 2.0],
        'raised' => 'No metal showed at riser or vents.',
    ],
    [
        'cause' => 'vents_missing', 'fact' => 'observed.metal_at_vents', 'unit' => 'seen', 'ratios' => ['yes' => 0.4],
        'lowered' => 'Metal showed at riser or vents.',
    ],
    [
        'cause' => 'vents_missing', 'fact' => 'silicone.talc', 'unit' => 'flag', 'ratios' => ['no' => 1.8, 'yes' => 0.7],
        'raised' => 'No talc: air cannot creep out along the face.', 'lowered' => 'Talc lets air creep out.',
    ],
    [
        'cause' => 'long_path', 'fact' => 'fill_ratio',
        'source' => 'derived: fluid life after Flemings; 1.5 fills comfortably is common practice',
        'unit' => 'ratio', 'ratios' => [[0.4, 5], [0.8, 3], [1.2, 1.2], [2, 0.4]],
        'raised' => 'The metal runs {value} times as far as {where} asks.',
        'lowered' => 'The metal runs {value} times as far as {where} asks.',
    ],
    [
        'cause' => 'long_path', 'fact' => 'run_to_wall', 'unit' => 'ratio', 'ratios' => [[10, 0.2], [25, 0.6], [40, 2], [70, 6]],
        'raised' => 'The metal had to run {value} wall thicknesses for each gate.',
        'lowered' => 'A run of only {value} wall thicknesses.',
    ],
    [
        'cause' => 'gate_small', 'fact' => 'gate_to_wall', 'unit' => 'ratio', 'ratios' => [[0.25, 4], [0.5, 1.2], [1, 0.5]],
        'raised' => 'The gate is {value} times the thinnest wall.', 'lowered' => 'The gate is {value} times the thinnest wall.',
    ],
    [
        'cause' => 'gate_small', 'fact' => 'gating.sprue', 'unit' => 'mm', 'ratios' => [[6, 5], [10, 1.8], [14, 0.8], [22, 0.4]],
        'processes' => ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand', 'printed_sand', 'lost_foam'],
        'raised' => 'A sprue of {value} is hard to keep full by hand.', 'lowered' => 'A sprue of {value}.',
    ],
    [
        // Trinkets in rubber, plaster and shells are poured through a finger's breadth and less.
        'cause' => 'gate_small', 'fact' => 'gating.sprue', 'unit' => 'mm', 'ratios' => [[2, 5], [4, 1.5], [6, 0.8], [10, 0.5]],
        'processes' => ['silicone', 'plaster', 'ceramic_shell', 'metal_mould'],
        'raised' => 'A sprue of {value} is hard to keep full by hand.', 'lowered' => 'A sprue of {value}.',
    ],
    [
        'cause' => 'sprue_sucks_air', 'fact' => 'gating.sprue_shape', 'unit' => 'choice',
        'ratios' => ['straight' => 2.8, 'tapered' => 0.4], 'raised' => 'Sprue: {value}.', 'lowered' => 'Sprue: {value}.',
    ],
    [
        'cause' => 'sprue_sucks_air', 'fact' => 'observed.kept_full', 'unit' => 'seen', 'ratios' => ['yes' => 0.5],
        'lowered' => 'The cup was kept full.',
    ],
    [
        'cause' => 'sprue_sucks_air', 'fact' => 'gating.basin', 'unit' => 'choice', 'ratios' => ['none' => 1.8, 'basin' => 0.6],
        'raised' => 'Poured into: {value}.', 'lowered' => 'A basin keeps the sprue full.',
    ],
    [
        'cause' => 'choke_wrong', 'fact' => 'gating.joined', 'unit' => 'flag', 'ratios' => ['no' => 4.0, 'yes' => 0.2],
        'raised' => 'Nobody checked that sprue and runner meet.', 'lowered' => 'Sprue and runner were checked to meet.',
    ],
    [
        'cause' => 'gate_fast', 'fact' => 'gate_speed_share',
        'source' => 'recalled from memory: critical gate velocity, J. Campbell; the speed is derived',
        'unit' => 'ratio',
        'ratios' => [[0.5, 0.2], [0.9, 0.7], [1.3, 2], [2.5, 6]],
        'raised' => 'The gate runs at {value} times the limit of this metal.',
        'lowered' => 'The gate runs at {value} times the limit of this metal.',
    ],
    [
        'cause' => 'loose_sand', 'fact' => 'mould.blown_out', 'unit' => 'flag', 'ratios' => ['no' => 6.0, 'yes' => 0.3],
        'raised' => 'Loose sand was not blown out.', 'lowered' => 'Loose sand was blown out.',
    ],
    [
        'cause' => 'loose_sand', 'fact' => 'observed.sand_fell', 'unit' => 'seen', 'ratios' => ['yes' => 6.0],
        'raised' => 'Sand fell in.',
    ],
    [
        'cause' => 'pattern_draw', 'fact' => 'pattern.draft', 'unit' => 'choice',
        'ratios' => ['none' => 7.0, 'little' => 2.5, 'good' => 0.3], 'raised' => 'Draft: {value}.', 'lowered' => 'Draft: {value}.',
    ],
    [
        'cause' => 'pattern_draw', 'fact' => 'observed.draw_broke', 'unit' => 'seen', 'ratios' => ['yes' => 10.0],
        'raised' => 'An edge broke when the pattern was drawn.',
    ],
    [
        'cause' => 'flask_misaligned', 'fact' => 'mould.pins_checked', 'unit' => 'flag', 'ratios' => ['no' => 4.0, 'yes' => 0.2],
        'raised' => 'Flask pins were not checked.', 'lowered' => 'Flask pins were checked.',
    ],
    [
        'cause' => 'cope_lifted', 'fact' => 'cope_share',
        'source' => 'derived: lift by hydrostatics',
        'unit' => 'ratio', 'ratios' => [[0.4, 7], [0.7, 3], [1, 0.5], [1.5, 0.2]],
        'raised' => 'Cope and weights are {value} of what the lift asks for.',
        'lowered' => 'Cope and weights are {value} times what the lift asks for.',
    ],
    [
        'cause' => 'cope_lifted', 'fact' => 'mould.cope_weight', 'unit' => 'kg', 'ratios' => [[0, 3], [5, 1.2], [15, 0.4], [30, 0.2]],
        'raised' => 'Only {value} on the cope.', 'lowered' => '{value} on the cope.',
    ],
    [
        'cause' => 'cope_lifted', 'fact' => 'mould.clamps', 'unit' => 'number', 'ratios' => [[0, 1.2], [1, 1], [2, 0.3], [4, 0.15]],
        'raised' => 'No clamps on the flask.', 'lowered' => '{value} clamps held the flask.',
    ],
    [
        'cause' => 'cope_lifted', 'fact' => 'observed.cope_rose', 'unit' => 'seen', 'ratios' => ['yes' => 12.0],
        'raised' => 'The cope lifted.',
    ],
    [
        'cause' => 'cope_lifted', 'fact' => 'observed.leak', 'unit' => 'seen', 'ratios' => ['yes' => 4.0],
        'raised' => 'Metal leaked at the parting.',
    ],
    [
        'cause' => 'no_feeder', 'fact' => 'feeding.riser', 'unit' => 'choice',
        'ratios' => ['none' => 5.0, 'open' => 0.4, 'blind' => 0.5, 'sprue' => 0.9], 'raised' => 'Feeding: {value}.',
        'lowered' => 'Feeding: {value}.',
    ],
    [
        'cause' => 'no_feeder', 'fact' => 'hot_spots',
        'source' => 'derived: largest balls and necks of the plan’s solid',
        'unit' => 'number', 'ratios' => [[0, 0.25], [1, 1.5], [3, 2.5]],
        'raised' => '{where}', 'lowered' => 'No section of it asks for a feeder.',
    ],
    [
        'cause' => 'no_feeder', 'fact' => 'feeder_ratio',
        'source' => 'recalled from memory: modulus rule, R. Wlodawer',
        'unit' => 'ratio', 'ratios' => [[0.5, 6], [0.85, 2.5], [1, 0.9], [1.3, 0.3]],
        'raised' => 'The feeder has {value} of the modulus that {where} asks for.',
        'lowered' => 'The feeder has {value} times the modulus that {where} asks for.',
    ],
    [
        'cause' => 'no_feeder', 'fact' => 'riser_to_heaviest', 'unit' => 'ratio',
        'ratios' => [[0.8, 7], [1.5, 2.5], [2.2, 0.7], [3.5, 0.25]], 'raised' => 'The riser is {value} times the heaviest section.',
        'lowered' => 'The riser is {value} times the heaviest section.',
    ],
    [
        'cause' => 'no_feeder', 'fact' => 'heaviest_to_wall', 'unit' => 'ratio', 'ratios' => [[1, 0.3], [2, 1], [4, 2.5]],
        'raised' => 'The heaviest section is {value} times the thinnest.', 'lowered' => 'Even walls ask for little feeding.',
    ],
    [
        'cause' => 'no_feeder', 'fact' => 'feeding.chill', 'unit' => 'flag', 'ratios' => ['yes' => 0.5],
        'lowered' => 'A chill helps the heavy part.',
    ],
    [
        'cause' => 'no_feeder', 'fact' => 'observed.riser_sank', 'unit' => 'seen', 'ratios' => ['yes' => 0.4],
        'lowered' => 'The riser sank: it gave metal.',
    ],
    [
        'cause' => 'feeder_freezes_first', 'fact' => 'feeding.riser', 'unit' => 'choice',
        'ratios' => ['none' => 0.084, 'open' => 1.2, 'blind' => 1.4, 'sprue' => 1.8], 'raised' => 'Feeding: {value}.',
        'lowered' => 'Feeding: {value}.',
    ],
    [
        'cause' => 'feeder_freezes_first', 'fact' => 'observed.riser_flat', 'unit' => 'seen', 'ratios' => ['yes' => 6.0],
        'raised' => 'The riser stayed flat.',
    ],
    [
        'cause' => 'feeder_freezes_first', 'fact' => 'observed.riser_sank', 'unit' => 'seen', 'ratios' => ['yes' => 0.2],
        'lowered' => 'The riser sank: it gave metal.',
    ],
    [
        'cause' => 'feeder_freezes_first', 'fact' => 'feeder_ratio',
        'source' => 'recalled from memory: modulus rule, R. Wlodawer',
        'unit' => 'ratio',
        'ratios' => [[0.5, 4], [0.85, 2.5], [1.1, 0.7], [1.5, 0.3]],
        'raised' => 'The feeder has {value} of the modulus that {where} asks for: it freezes first.',
        'lowered' => 'The feeder has {value} times the modulus that {where} asks for.',
    ],
    [
        'cause' => 'feeder_freezes_first', 'fact' => 'riser_to_heaviest', 'unit' => 'ratio',
        'ratios' => [[0.8, 4], [1.5, 2], [2.2, 0.8], [3.5, 0.4]], 'raised' => 'The riser is {value} times the heaviest section.',
        'lowered' => 'The riser is {value} times the heaviest section.',
    ],
    [
        'cause' => 'hot_spot', 'fact' => 'hot_spots',
        'source' => 'derived: largest balls and necks of the plan’s solid',
        'unit' => 'number', 'ratios' => [[0, 0.35], [1, 4], [3, 6]],
        'raised' => '{where}', 'lowered' => 'Every section has something to feed it.',
    ],
    [
        'cause' => 'hot_spot', 'fact' => 'feeding.at_heaviest', 'unit' => 'flag', 'ratios' => ['no' => 4.0, 'yes' => 0.25],
        'raised' => 'The riser does not stand on the heaviest section.', 'lowered' => 'The riser stands on the heaviest section.',
    ],
    [
        'cause' => 'hot_spot', 'fact' => 'heaviest_to_wall', 'unit' => 'ratio', 'ratios' => [[1, 0.2], [2, 0.9], [4, 3.5]],
        'raised' => 'The heaviest section is {value} times the thinnest.', 'lowered' => 'Even walls leave no hot spot.',
    ],
    [
        'cause' => 'hot_spot', 'fact' => 'feeding.chill', 'unit' => 'flag', 'ratios' => ['yes' => 0.4],
        'lowered' => 'A chill draws the heat.',
    ],
    [
        'cause' => 'gate_hot_spot', 'fact' => 'gating.gates', 'unit' => 'number', 'ratios' => [[1, 1.5], [2, 0.8], [4, 0.5]],
        'raised' => 'All metal came through {value} gate.', 'lowered' => 'The metal came through {value} gates.',
    ],
    [
        'cause' => 'mould_cold', 'fact' => 'mould.temperature', 'unit' => 'degC', 'processes' => ['silicone'],
        'ratios' => [[10, 5], [40, 2], [80, 0.7], [120, 0.35]],
        'raised' => 'The mould was at {value}.', 'lowered' => 'The mould was at {value}.',
    ],
    [
        'cause' => 'mould_cold', 'fact' => 'mould.temperature', 'unit' => 'degC', 'processes' => ['metal_mould'],
        'ratios' => [[20, 7], [80, 3], [130, 1], [200, 0.4]],
        'raised' => 'The mould was at {value}.', 'lowered' => 'The mould was at {value}.',
    ],
    [
        'cause' => 'mould_cold', 'fact' => 'mould.temperature', 'unit' => 'degC', 'processes' => ['plaster'],
        'ratios' => [[30, 8], [120, 3.5], [250, 1.2], [450, 0.4]],
        'raised' => 'The mould was at {value}.', 'lowered' => 'The mould was at {value}.',
    ],
    [
        'cause' => 'mould_cold', 'fact' => 'mould.temperature', 'unit' => 'degC', 'processes' => ['ceramic_shell'],
        'ratios' => [[30, 7], [200, 3], [450, 1], [700, 0.4]],
        'raised' => 'The mould was at {value}.', 'lowered' => 'The mould was at {value}.',
    ],
    [
        'cause' => 'mould_hot', 'fact' => 'mould.temperature', 'unit' => 'degC', 'processes' => ['silicone'],
        'ratios' => [[60, 0.4], [150, 0.9], [200, 2.5], [240, 5]],
        'raised' => 'The mould was at {value}.', 'lowered' => 'The mould was at only {value}.',
    ],
    [
        'cause' => 'mould_hot', 'fact' => 'mould.temperature', 'unit' => 'degC', 'processes' => ['metal_mould'],
        'ratios' => [[150, 0.5], [280, 1], [380, 3.5], [480, 6]],
        'raised' => 'The mould was at {value}.', 'lowered' => 'The mould was at only {value}.',
    ],
    [
        'cause' => 'mould_hot', 'fact' => 'mould.temperature', 'unit' => 'degC', 'processes' => ['plaster'],
        'ratios' => [[300, 0.4], [560, 0.9], [700, 2.5], [760, 6]],
        'raised' => 'The mould was at {value}.', 'lowered' => 'The mould was at only {value}.',
    ],
    [
        'cause' => 'mould_hot', 'fact' => 'mould.temperature', 'unit' => 'degC', 'processes' => ['ceramic_shell'],
        'ratios' => [[500, 0.4], [850, 1], [1000, 3]],
        'raised' => 'The mould was at {value}.', 'lowered' => 'The mould was at only {value}.',
    ],
    [
        'cause' => 'opened_early', 'fact' => 'cooling.open_after', 'unit' => 'min',
        'ratios' => [[5, 6], [15, 2], [30, 0.8], [90, 0.25]], 'raised' => 'Opened after {value}.',
        'lowered' => 'Opened after {value}.',
    ],
    [
        // Liquid inside below one; from a few times that on it is stiff as well.
        'cause' => 'opened_early', 'fact' => 'open_share',
        'source' => 'derived: the plan’s cooling',
        'unit' => 'ratio', 'ratios' => [[0.6, 8], [1, 4], [2, 1.2], [6, 0.3]],
        'raised' => 'Opened after {value} of the time that its heaviest part needs to be solid.',
        'lowered' => 'Opened after {value} of the time that its heaviest part needs to be solid.',
    ],
    [
        'cause' => 'uneven_cooling', 'fact' => 'cooling.quenched', 'unit' => 'flag', 'ratios' => ['yes' => 7.0, 'no' => 0.5],
        'raised' => 'Quenched.', 'lowered' => 'Not quenched.',
    ],
    [
        'cause' => 'investment_bubbles', 'fact' => 'plaster.vacuum', 'unit' => 'flag', 'ratios' => ['no' => 5.0, 'yes' => 0.2],
        'raised' => 'The investment was not vacuumed.', 'lowered' => 'The investment was vacuumed.',
    ],
    [
        'cause' => 'investment_weak', 'fact' => 'plaster.one_mix', 'unit' => 'flag', 'ratios' => ['no' => 8.0, 'yes' => 0.3],
        'raised' => 'The mould was topped up with a second mix.', 'lowered' => 'One continuous mix.',
    ],
    [
        'cause' => 'investment_weak', 'fact' => 'plaster.dry_time', 'unit' => 'h', 'ratios' => [[2, 3], [8, 1.2], [24, 0.6]],
        'raised' => 'Dried only {value} before burnout.', 'lowered' => 'Dried {value} before burnout.',
    ],
    [
        'cause' => 'investment_weak', 'fact' => 'plaster.ratio', 'unit' => 'percent', 'ratios' => [[38, 0.5], [70, 1], [100, 3]],
        'raised' => '{value} water makes it weak.', 'lowered' => '{value} water.',
    ],
    [
        'cause' => 'investment_weak', 'fact' => 'observed.bumped', 'unit' => 'seen', 'ratios' => ['yes' => 3.0],
        'raised' => 'The mould was knocked.',
    ],
    [
        'cause' => 'burnout_short', 'fact' => 'plaster.burnout_time', 'unit' => 'h', 'ratios' => [[3, 6], [6, 2], [9, 0.7], [14, 0.3]],
        'raised' => 'Burnt out for {value}; 6 to 12 h is usual.', 'lowered' => 'Burnt out for {value}.',
    ],
    [
        'cause' => 'burnout_short', 'fact' => 'plaster.burnout_peak', 'unit' => 'degC',
        'ratios' => [[400, 6], [550, 2], [680, 0.7], [740, 0.35]], 'raised' => 'The burnout reached only {value}.',
        'lowered' => 'The burnout reached {value}.',
    ],
    [
        'cause' => 'burnout_short', 'fact' => 'observed.bubbling', 'unit' => 'seen', 'ratios' => ['yes' => 3.0],
        'raised' => 'The metal bubbled or kicked back.',
    ],
    ['cause' => 'shell_cracked', 'fact' => 'observed.leak', 'unit' => 'seen', 'ratios' => ['yes' => 5.0], 'raised' => 'Metal leaked.'],
    [
        'cause' => 'shell_cracked', 'fact' => 'observed.bumped', 'unit' => 'seen', 'ratios' => ['yes' => 2.5],
        'raised' => 'The mould was knocked.',
    ],
    [
        'cause' => 'pattern_error', 'fact' => 'pattern.surface', 'unit' => 'choice',
        'ratios' => ['rough' => 5.0, 'fair' => 1.2, 'fine' => 0.4], 'raised' => 'Pattern surface: {value}.',
        'lowered' => 'Pattern surface: {value}.',
    ],
    [
        'cause' => 'rough_shakeout', 'fact' => 'cooling.open_after', 'unit' => 'min', 'ratios' => [[5, 2], [30, 0.8], [90, 0.5]],
        'raised' => 'Opened after {value}, while hot.', 'lowered' => 'Opened after {value}.',
    ],
    [
        'cause' => 'rough_shakeout', 'fact' => 'open_share',
        'source' => 'derived: the plan’s cooling',
        'unit' => 'ratio', 'ratios' => [[1, 2], [4, 0.9], [15, 0.5]],
        'raised' => 'Opened after {value} of the time that it needs to be solid, while hot.',
        'lowered' => 'Opened after {value} of the time that it needs to be solid.',
    ],
    [
        'cause' => 'damp_die', 'fact' => 'mould.temperature', 'unit' => 'degC', 'ratios' => [[20, 5], [80, 2], [120, 0.9], [160, 0.35]],
        'raised' => 'A mould at {value} may be damp.', 'lowered' => 'At {value} a mould is dry.',
    ],
    [
        'cause' => 'damp_die', 'fact' => 'observed.bubbling', 'unit' => 'seen', 'ratios' => ['yes' => 3.5],
        'raised' => 'The metal bubbled or kicked back.',
    ],
    [
        'cause' => 'damp_die', 'fact' => 'observed.steam', 'unit' => 'seen', 'ratios' => ['yes' => 4.0],
        'raised' => 'Steam or hiss from the mould.',
    ],
    [
        'cause' => 'halves_gape', 'fact' => 'observed.leak', 'unit' => 'seen', 'ratios' => ['yes' => 4.0],
        'raised' => 'Metal leaked at the parting.',
    ],
    [
        'cause' => 'ladle_cold', 'fact' => 'observed.skull', 'unit' => 'seen', 'ratios' => ['yes' => 6.0],
        'raised' => 'A skin of metal froze in what it was carried in.',
    ],
    [
        'cause' => 'white_iron', 'fact' => 'metal.source', 'unit' => 'choice',
        'ratios' => ['returns' => 2.0, 'mixed' => 1.8, 'unknown' => 1.8, 'castings' => 1.2, 'ingot' => 0.4],
        'raised' => 'Charged with: {value}; each melting costs carbon and silicon.', 'lowered' => 'Charged with: {value}.',
    ],
    [
        'cause' => 'white_iron', 'fact' => 'casting.wall', 'unit' => 'mm', 'ratios' => [[3, 4], [6, 1.6], [12, 0.5], [25, 0.25]],
        'raised' => 'A wall of {value} chills easily.', 'lowered' => 'A wall of {value} freezes slowly enough for graphite.',
    ],
    [
        'cause' => 'tramp_aluminium', 'fact' => 'metal.source', 'unit' => 'choice',
        'ratios' => ['mixed' => 3.0, 'unknown' => 2.5, 'castings' => 1.2, 'returns' => 0.9, 'ingot' => 0.2],
        'raised' => 'Charged with: {value}.', 'lowered' => 'Charged with: {value}.',
    ],
    [
        'cause' => 'tramp_aluminium', 'fact' => 'observed.thick_dross', 'unit' => 'seen', 'ratios' => ['yes' => 2.5],
        'raised' => 'Dross kept forming.',
    ],
    [
        'cause' => 'burnout_hot', 'fact' => 'plaster.burnout_peak', 'unit' => 'degC',
        'ratios' => [[700, 0.25], [740, 0.8], [770, 3], [820, 8]], 'raised' => 'The burnout reached {value}.',
        'lowered' => 'The burnout reached only {value}.',
    ],
    // What the other pieces of a pour say: they share the metal, and each has its own mould.
    [
        'cause' => 'hydrogen', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 0.25],
        'lowered' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'hydrogen', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 2.5],
        'raised' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'oxygen', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 0.25],
        'lowered' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'oxygen', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 2.5],
        'raised' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'wet_charge', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 0.3],
        'lowered' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'wet_charge', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 2.5],
        'raised' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'wrong_alloy', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 0.3],
        'lowered' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'wrong_alloy', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 2.0],
        'raised' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'dirty_melt', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 0.5],
        'lowered' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'dirty_melt', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 1.8],
        'raised' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'metal_cold', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 0.5],
        'lowered' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'metal_cold', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 2.0],
        'raised' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'metal_hot', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 0.5],
        'lowered' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'metal_hot', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 2.0],
        'raised' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'pattern_error', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 0.7],
        'lowered' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'pattern_error', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 2.0],
        'raised' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'mould_bumped', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 1.4],
        'raised' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'mould_bumped', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 0.3],
        'lowered' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'loose_sand', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 1.3],
        'raised' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'loose_sand', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 0.5],
        'lowered' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'weak_wall', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 1.4],
        'raised' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'weak_wall', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 0.3],
        'lowered' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'soft_ramming', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 1.3],
        'raised' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'soft_ramming', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 0.7],
        'lowered' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'vents_missing', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 1.2],
        'raised' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'vents_missing', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 1.2],
        'raised' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'interrupted_pour', 'fact' => 'observed.siblings_sound', 'unit' => 'seen', 'ratios' => ['yes' => 1.3],
        'raised' => 'Other pieces of the same pour are sound.',
    ],
    [
        'cause' => 'interrupted_pour', 'fact' => 'observed.siblings_alike', 'unit' => 'seen', 'ratios' => ['yes' => 0.5],
        'lowered' => 'Every piece of the pour has it.',
    ],
    [
        'cause' => 'sand_hot', 'fact' => 'sand.warm', 'unit' => 'choice',
        'ratios' => ['yes' => 8.0, 'no' => 0.2],
        'raised' => 'The sand was still warm.',
        'lowered' => 'The sand had cooled.',
    ],
    [
        'cause' => 'sand_hot', 'fact' => 'observed.damp_spots', 'unit' => 'seen',
        'ratios' => ['yes' => 3.0],
        'raised' => 'Dew stood on the mould.',
    ],
    [
        'cause' => 'sand_wet', 'fact' => 'observed.damp_spots', 'unit' => 'seen',
        'ratios' => ['yes' => 3.0],
        'raised' => 'The mould was damp in places.',
    ],
    [
        'cause' => 'binder_uncured', 'fact' => 'observed.damp_spots', 'unit' => 'seen',
        'ratios' => ['yes' => 2.5],
        'raised' => 'The mould was damp in places.',
    ],
    [
        'cause' => 'coating_wet', 'fact' => 'observed.damp_spots', 'unit' => 'seen',
        'ratios' => ['yes' => 4.0],
        'raised' => 'The coat was damp in places.',
    ],
    [
        'cause' => 'wash_wet', 'fact' => 'observed.damp_spots', 'unit' => 'seen',
        'ratios' => ['yes' => 3.0],
        'raised' => 'The mould was damp in places.',
    ],
    [
        'cause' => 'damp_die', 'fact' => 'observed.damp_spots', 'unit' => 'seen',
        'ratios' => ['yes' => 7.0],
        'raised' => 'Dew stood on the die.',
    ],
    [
        'cause' => 'burnout_short', 'fact' => 'observed.damp_spots', 'unit' => 'seen',
        'ratios' => ['yes' => 2.0],
        'raised' => 'The mould was damp in places.',
    ],
    [
        'cause' => 'sand_wet', 'fact' => 'pour.weather', 'unit' => 'choice', 'processes' => ['oil_sand'],
        'ratios' => ['rain' => 2.0, 'humid' => 1.3, 'dry' => 0.8],
        'raised' => 'The weather was {value}: oil-bonded sand takes up water.',
        'lowered' => 'The weather was dry.',
    ],
    [
        'cause' => 'sharp_corner', 'fact' => 'pattern.fillets', 'unit' => 'choice',
        'ratios' => ['none' => 4.0, 'some' => 2.0, 'round' => 0.1],
        'raised' => 'Inside corners: {value}.',
        'lowered' => 'Inside corners are rounded.',
    ],
    [
        'cause' => 'hot_spot', 'fact' => 'pattern.fillets', 'unit' => 'choice',
        'ratios' => ['round' => 1.15, 'none' => 0.95],
        'raised' => 'Fillets make a junction thicker.',
        'lowered' => 'Without fillets the junction is no thicker than its walls.',
    ],
    [
        'cause' => 'sand_expansion', 'fact' => 'sand.ramming', 'unit' => 'choice',
        'ratios' => ['hard' => 2.2, 'soft_spots' => 0.7, 'even' => 0.9],
        'raised' => 'Rammed very hard: no room to grow.',
        'lowered' => 'Not rammed hard: the grains have room.',
    ],
    [
        'cause' => 'sand_expansion', 'fact' => 'observed.slow', 'unit' => 'seen',
        'ratios' => ['yes' => 1.8],
        'raised' => 'Slowly filled: the cope was heated long before it was covered.',
    ],
    [
        'cause' => 'sand_expansion', 'fact' => 'superheat',
        'source' => 'derived: from the liquidus of the alloy; its band is common practice',
        'unit' => 'ddegC',
        'ratios' => [[40, 0.7], [150, 1.1], [300, 1.6]],
        'raised' => '{value} above the liquidus heats the face far.',
        'lowered' => 'Only {value} above the liquidus.',
    ],
    [
        'cause' => 'sand_expansion', 'fact' => 'sand.reused', 'unit' => 'count',
        'ratios' => [[0, 1.4], [5, 1.0], [40, 0.6]],
        'raised' => 'New sand grows most.',
        'lowered' => 'Sand used {value} times has grown already.',
    ],
    [
        'cause' => 'crucible_cracked', 'fact' => 'observed.pot_leaked', 'unit' => 'seen',
        'ratios' => ['yes' => 12.0],
        'raised' => 'The crucible leaked.',
    ],
    [
        'cause' => 'crucible_cracked', 'fact' => 'observed.metal_at_vents', 'unit' => 'seen',
        'ratios' => ['yes' => 0.3],
        'lowered' => 'Metal showed at the vents: there was enough.',
    ],
    [
        'cause' => 'cup_missed', 'fact' => 'observed.cup_hidden', 'unit' => 'seen',
        'ratios' => ['yes' => 6.0],
        'raised' => 'Smoke or flames hid the cup.',
    ],
    [
        'cause' => 'cup_missed', 'fact' => 'observed.overflowed', 'unit' => 'seen',
        'ratios' => ['yes' => 5.0],
        'raised' => 'Metal went over or beside the cup.',
    ],
    [
        'cause' => 'cup_missed', 'fact' => 'observed.kept_full', 'unit' => 'seen',
        'ratios' => ['yes' => 0.12],
        'lowered' => 'The cup was kept full.',
    ],
    [
        'cause' => 'cup_missed', 'fact' => 'gating.basin', 'unit' => 'choice',
        'ratios' => ['none' => 2.5, 'cup' => 1.1, 'basin' => 0.5],
        'raised' => 'Poured into: {value}.',
        'lowered' => 'An offset basin is easily hit.',
    ],
    [
        'cause' => 'cup_missed', 'fact' => 'pour.people', 'unit' => 'count',
        'ratios' => [[1, 1.3], [2, 0.9], [3, 0.8]],
        'raised' => 'One alone at the pour.',
        'lowered' => '{value} at the pour.',
    ],
    [
        'cause' => 'mould_unbacked', 'fact' => 'mould.backing', 'unit' => 'choice',
        'ratios' => ['none' => 4.0, 'partly' => 2.0, 'full' => 0.1],
        'raised' => 'Rigid backing: {value}.',
        'lowered' => 'The mould was backed all over.',
    ],
    [
        'cause' => 'mould_unbacked', 'fact' => 'shell.wall', 'unit' => 'mm',
        'ratios' => [[3, 3], [6, 1], [10, 0.4]],
        'raised' => 'A shell of {value} gives way.',
        'lowered' => 'A shell of {value} is stiff.',
    ],
    [
        'cause' => 'dewax_slow', 'fact' => 'shell.dewaxed', 'unit' => 'choice',
        'ratios' => ['slow' => 5.0, 'flash' => 0.2, 'steam' => 0.15],
        'raised' => 'The wax was warmed slowly.',
        'lowered' => 'The wax at the wall ran first.',
    ],
    [
        'cause' => 'dewax_slow', 'fact' => 'observed.mould_cracked', 'unit' => 'seen',
        'ratios' => ['yes' => 3.0],
        'raised' => 'A crack was seen before the pour.',
    ],
    [
        'cause' => 'shell_cracked', 'fact' => 'observed.mould_cracked', 'unit' => 'seen',
        'ratios' => ['yes' => 3.0],
        'raised' => 'A crack was seen before the pour.',
    ],
    [
        'cause' => 'shell_cracked', 'fact' => 'observed.shell_repaired', 'unit' => 'seen',
        'ratios' => ['yes' => 2.5],
        'raised' => 'The shell was patched.',
    ],
    [
        'cause' => 'dewax_slow', 'fact' => 'observed.shell_repaired', 'unit' => 'seen',
        'ratios' => ['yes' => 2.5],
        'raised' => 'The shell was patched.',
    ],
    [
        'cause' => 'tin_in_silver', 'fact' => 'metal.source', 'unit' => 'choice',
        'ratios' => ['mixed' => 3.0, 'castings' => 2.0, 'returns' => 1.6, 'unknown' => 2.0, 'ingot' => 0.15],
        'raised' => 'The charge was {value}: old solder may be in it.',
        'lowered' => 'Known ingot holds no solder.',
    ],
    [
        'cause' => 'iron_pickup', 'fact' => 'crucible.kind', 'unit' => 'choice',
        'ratios' => ['iron' => 6.0, 'coated_iron' => 1.5, 'clay_graphite' => 0.25, 'carbide' => 0.25, 'ceramic' => 0.25],
        'raised' => 'Melted in {value}.',
        'lowered' => 'A crucible of {value} gives no iron.',
    ],
    [
        'cause' => 'iron_pickup', 'fact' => 'melt.hold', 'unit' => 'min',
        'ratios' => [[0, 0.6], [20, 1], [60, 2], [240, 4]],
        'raised' => '{value} liquid in the pot.',
        'lowered' => 'Only {value} liquid.',
    ],
    [
        'cause' => 'iron_pickup', 'fact' => 'metal.source', 'unit' => 'choice',
        'ratios' => ['mixed' => 2.0, 'castings' => 1.5, 'unknown' => 1.6, 'returns' => 1.4, 'ingot' => 0.6],
        'raised' => 'The charge was {value}.',
        'lowered' => 'Known ingot holds little iron.',
    ],
    [
        'cause' => 'foam_cover_thin', 'fact' => 'foam.cover', 'unit' => 'mm',
        'ratios' => [[15, 6], [40, 2.5], [80, 0.8], [150, 0.25]],
        'raised' => 'Only {value} of sand over the foam.',
        'lowered' => '{value} of sand over the foam.',
    ],
    [
        'cause' => 'foam_cover_thin', 'fact' => 'observed.cope_rose', 'unit' => 'seen',
        'ratios' => ['yes' => 7.0],
        'raised' => 'The sand lifted.',
    ],
    [
        'cause' => 'foam_cover_thin', 'fact' => 'observed.ran_out_late', 'unit' => 'seen',
        'ratios' => ['yes' => 1.5],
        'raised' => 'Metal came out after the pour.',
    ],
    [
        'cause' => 'halves_gape', 'fact' => 'flask.bedded', 'unit' => 'choice',
        'ratios' => ['yes' => 0.5, 'no' => 4.0],
        'raised' => 'The flask was not bedded: it rocks, and the joint opens.',
        'lowered' => 'The flask lay on level sand.',
    ],
    [
        'cause' => 'halves_gape', 'fact' => 'mould.held_shut', 'unit' => 'choice',
        'ratios' => ['hand' => 3.0, 'bands' => 1.3, 'clamps' => 0.25],
        'raised' => 'The halves were held by {value}.',
        'lowered' => 'The halves were clamped.',
    ],
    [
        'cause' => 'weak_wall', 'fact' => 'flask.bedded', 'unit' => 'choice',
        'ratios' => ['yes' => 0.8, 'no' => 2.0],
        'raised' => 'The bottom had no bed.',
        'lowered' => 'The flask lay on level sand.',
    ],
    [
        'cause' => 'sand_dry', 'fact' => 'flask.bars', 'unit' => 'choice',
        'ratios' => ['yes' => 0.7, 'no' => 1.15],
        'raised' => 'No bars carried the sand of the cope.',
        'lowered' => 'Bars carried the sand of the cope.',
    ],
    [
        'cause' => 'soft_ramming', 'fact' => 'flask.bars', 'unit' => 'choice',
        'ratios' => ['yes' => 0.8, 'no' => 1.15],
        'raised' => 'No bars held the sand of the cope.',
        'lowered' => 'Bars held the sand of the cope.',
    ],
    [
        'cause' => 'weak_wall', 'fact' => 'observed.mould_cracked', 'unit' => 'seen',
        'ratios' => ['yes' => 3.0],
        'raised' => 'The mould was cracked before the pour.',
    ],
    [
        'cause' => 'investment_weak', 'fact' => 'observed.mould_cracked', 'unit' => 'seen',
        'ratios' => ['yes' => 3.0],
        'raised' => 'The mould was cracked before the pour.',
    ],
    [
        'cause' => 'investment_weak', 'fact' => 'observed.block_cracked', 'unit' => 'seen',
        'ratios' => ['yes' => 6.0],
        'raised' => 'The block had cracked.',
    ],
    [
        'cause' => 'mould_unbacked', 'fact' => 'observed.block_cracked', 'unit' => 'seen',
        'ratios' => ['yes' => 2.0],
        'raised' => 'The block had cracked.',
    ],
    [
        'cause' => 'halves_gape', 'fact' => 'observed.mould_cracked', 'unit' => 'seen',
        'ratios' => ['yes' => 1.6],
        'raised' => 'The mould was torn.',
    ],
    [
        'cause' => 'mould_bumped', 'fact' => 'observed.mould_cracked', 'unit' => 'seen',
        'ratios' => ['yes' => 2.0],
        'raised' => 'The mould was hurt before the pour.',
    ],
    [
        'cause' => 'core_loose', 'fact' => 'observed.core_broken', 'unit' => 'seen',
        'ratios' => ['yes' => 3.0],
        'raised' => 'The core was broken or glued.',
    ],
    [
        'cause' => 'core_gas', 'fact' => 'observed.core_broken', 'unit' => 'seen',
        'ratios' => ['yes' => 2.0],
        'raised' => 'Glue gives gas.',
    ],
    [
        'cause' => 'dirty_melt', 'fact' => 'observed.dross_at_lip', 'unit' => 'seen',
        'ratios' => ['yes' => 5.0],
        'raised' => 'Dross went over the lip.',
    ],
    [
        'cause' => 'dirty_melt', 'fact' => 'observed.charge_dirt', 'unit' => 'seen',
        'ratios' => ['yes' => 2.5],
        'raised' => 'The charge was not clean.',
    ],
    [
        'cause' => 'hydrogen', 'fact' => 'observed.charge_dirt', 'unit' => 'seen',
        'ratios' => ['yes' => 1.8],
        'raised' => 'Paint and oil give hydrogen.',
    ],
    [
        'cause' => 'wet_charge', 'fact' => 'observed.charge_dirt', 'unit' => 'seen',
        'ratios' => ['yes' => 1.6],
        'raised' => 'What was not cleaned was hardly dried.',
    ],
    [
        'cause' => 'metal_cold', 'fact' => 'observed.dull_colour', 'unit' => 'seen',
        'ratios' => ['yes' => 3.0],
        'raised' => 'The metal looked dull.',
    ],
    [
        'cause' => 'long_carry', 'fact' => 'observed.dull_colour', 'unit' => 'seen',
        'ratios' => ['yes' => 1.6],
        'raised' => 'The metal looked dull as it ran.',
    ],
    [
        'cause' => 'ladle_cold', 'fact' => 'observed.dull_colour', 'unit' => 'seen',
        'ratios' => ['yes' => 1.6],
        'raised' => 'The metal looked dull as it ran.',
    ],
    [
        'cause' => 'metal_hot', 'fact' => 'observed.dull_colour', 'unit' => 'seen',
        'ratios' => ['yes' => 0.3],
        'lowered' => 'The metal looked dull as it ran.',
    ],
    [
        'cause' => 'unmixed_melt', 'fact' => 'observed.pot_remainder', 'unit' => 'seen',
        'ratios' => ['yes' => 4.0],
        'raised' => 'Something stayed solid in the pot.',
    ],
    [
        'cause' => 'metal_cold', 'fact' => 'observed.pot_remainder', 'unit' => 'seen',
        'ratios' => ['yes' => 2.5],
        'raised' => 'Something stayed solid in the pot: the rest was hardly hotter.',
    ],
    [
        'cause' => 'wrong_alloy', 'fact' => 'observed.pot_remainder', 'unit' => 'seen',
        'ratios' => ['yes' => 1.8],
        'raised' => 'Something that did not melt is another metal.',
    ],
    [
        'cause' => 'sand_wet', 'fact' => 'observed.late_burst', 'unit' => 'seen',
        'ratios' => ['yes' => 1.8],
        'raised' => 'It burst after the pour: water was there.',
    ],
    [
        'cause' => 'core_wet', 'fact' => 'observed.late_burst', 'unit' => 'seen',
        'ratios' => ['yes' => 2.0],
        'raised' => 'It burst after the pour.',
    ],
    [
        'cause' => 'damp_die', 'fact' => 'observed.late_burst', 'unit' => 'seen',
        'ratios' => ['yes' => 2.0],
        'raised' => 'It burst after the pour.',
    ],
    [
        'cause' => 'burnout_short', 'fact' => 'observed.late_burst', 'unit' => 'seen',
        'ratios' => ['yes' => 1.8],
        'raised' => 'It burst after the pour.',
    ],
    [
        'cause' => 'oil_excess', 'fact' => 'observed.sand_fire', 'unit' => 'seen',
        'ratios' => ['yes' => 2.5],
        'raised' => 'The sand went on burning.',
    ],
    [
        'cause' => 'foam_gas', 'fact' => 'observed.sand_fire', 'unit' => 'seen',
        'ratios' => ['yes' => 1.5],
        'raised' => 'The foam went on burning.',
    ],
    [
        'cause' => 'core_gas', 'fact' => 'observed.sand_fire', 'unit' => 'seen',
        'ratios' => ['yes' => 1.2],
        'raised' => 'Binder went on burning.',
    ],
    [
        'cause' => 'opened_early', 'fact' => 'observed.ran_out_late', 'unit' => 'seen',
        'ratios' => ['yes' => 4.0],
        'raised' => 'Liquid metal ran out.',
    ],
    [
        'cause' => 'weak_wall', 'fact' => 'observed.ran_out_late', 'unit' => 'seen',
        'ratios' => ['yes' => 2.5],
        'raised' => 'Metal ran out after the pour.',
    ],
    [
        'cause' => 'halves_gape', 'fact' => 'observed.ran_out_late', 'unit' => 'seen',
        'ratios' => ['yes' => 1.8],
        'raised' => 'Metal ran out after the pour.',
    ],
    [
        'cause' => 'uneven_cooling', 'fact' => 'observed.bowed_cooling', 'unit' => 'seen',
        'ratios' => ['yes' => 3.0],
        'raised' => 'It bowed as it cooled.',
    ],
    [
        'cause' => 'opened_early', 'fact' => 'observed.bowed_cooling', 'unit' => 'seen',
        'ratios' => ['yes' => 1.5],
        'raised' => 'It bowed as it cooled.',
    ],
    [
        'cause' => 'wash_wet', 'fact' => 'mould.coating_kind', 'unit' => 'choice',
        'ratios' => ['water' => 1.7, 'filler' => 2.0, 'alcohol' => 0.5, 'dry' => 0.1],
        'raised' => 'The coat was {value}.',
        'lowered' => 'The coat was {value}.',
    ],
    [
        'cause' => 'coating_wet', 'fact' => 'mould.coating_kind', 'unit' => 'choice', 'processes' => ['lost_foam'],
        'ratios' => ['filler' => 1.7, 'water' => 1.2, 'alcohol' => 0.4, 'dry' => 0.2],
        'raised' => 'The coat was {value}.',
        'lowered' => 'The coat was {value}.',
    ],
    [
        'cause' => 'binder_uncured', 'fact' => 'mould.cure', 'unit' => 'choice',
        'ratios' => ['gassed' => 1.3, 'air' => 1.5, 'catalyst' => 0.9, 'oven' => 0.3, 'microwave' => 0.35],
        'raised' => 'Cured by: {value}.',
        'lowered' => 'Cured by: {value}.',
    ],
    [
        'cause' => 'investment_weak', 'fact' => 'plaster.kind', 'unit' => 'choice',
        'ratios' => ['plaster_sand' => 1.8, 'investment' => 0.8, 'phosphate' => 0.7],
        'raised' => 'The mould was {value}.',
        'lowered' => 'The mould was {value}.',
    ],
    [
        'cause' => 'burnout_hot', 'fact' => 'plaster.kind', 'unit' => 'choice',
        'ratios' => ['phosphate' => 0.15, 'plaster_sand' => 1.3],
        'raised' => 'Own plaster bears less heat.',
        'lowered' => 'A phosphate binder bears the heat.',
    ],
    [
        'cause' => 'dirty_melt', 'fact' => 'melt.flux', 'unit' => 'choice',
        'ratios' => ['drossing' => 0.5, 'cover' => 0.8, 'none' => 1.2],
        'raised' => 'No flux was used.',
        'lowered' => 'Flux: {value}.',
    ],
    [
        'cause' => 'hydrogen', 'fact' => 'melt.flux', 'unit' => 'choice',
        'ratios' => ['tablet' => 0.45, 'none' => 1.1],
        'raised' => 'No flux was used.',
        'lowered' => 'A tablet bubbled the gas out.',
    ],
    [
        'cause' => 'hydrogen', 'fact' => 'melt.time', 'unit' => 'min', 'families' => ['aluminium'],
        'ratios' => [[5, 0.8], [40, 1], [120, 1.8]],
        'raised' => '{value} of melting in the flame.',
        'lowered' => 'Melted within {value}.',
    ],
    [
        'cause' => 'oxygen', 'fact' => 'melt.time', 'unit' => 'min',
        'ratios' => [[5, 0.8], [40, 1], [120, 1.6]],
        'raised' => '{value} of melting in the air.',
        'lowered' => 'Melted within {value}.',
    ],
    [
        'cause' => 'gate_small', 'fact' => 'gating.stopped', 'unit' => 'choice',
        'ratios' => ['gate' => 5.0, 'casting' => 0.5, 'sprue' => 0.4, 'runner' => 0.6],
        'raised' => 'The metal stopped at the gate.',
        'lowered' => 'The metal stopped: {value}.',
    ],
    [
        'cause' => 'choke_wrong', 'fact' => 'gating.stopped', 'unit' => 'choice',
        'ratios' => ['runner' => 3.0, 'sprue' => 2.0, 'gate' => 0.8, 'casting' => 0.4],
        'raised' => 'The metal stopped: {value}.',
        'lowered' => 'The metal stopped: {value}.',
    ],
    [
        'cause' => 'metal_cold', 'fact' => 'gating.stopped', 'unit' => 'choice',
        'ratios' => ['sprue' => 2.5, 'runner' => 2.0, 'gate' => 1.2, 'casting' => 1.0],
        'raised' => 'The metal stopped as early as that: {value}.',
    ],
    [
        'cause' => 'long_path', 'fact' => 'gating.stopped', 'unit' => 'choice',
        'ratios' => ['sprue' => 0.3, 'runner' => 0.4, 'gate' => 0.4, 'casting' => 1.3],
        'raised' => 'The metal came as far as the casting.',
        'lowered' => 'The metal never came to the long way.',
    ],
    [
        'cause' => 'vents_missing', 'fact' => 'gating.stopped', 'unit' => 'choice',
        'ratios' => ['sprue' => 0.4, 'runner' => 0.5, 'gate' => 0.8, 'casting' => 1.2],
        'raised' => 'Something held it off in the casting.',
        'lowered' => 'Air in the casting does not stop it there.',
    ],
    [
        'cause' => 'weak_wall', 'fact' => 'gating.found', 'unit' => 'choice',
        'ratios' => ['empty' => 6.0, 'half' => 1.3, 'full' => 0.4],
        'raised' => 'Metal came and left: the gating was {value}.',
        'lowered' => 'The gating stood full.',
    ],
    [
        'cause' => 'halves_gape', 'fact' => 'gating.found', 'unit' => 'choice',
        'ratios' => ['empty' => 3.0, 'full' => 0.7],
        'raised' => 'Metal came and left.',
        'lowered' => 'The gating stood full.',
    ],
    [
        'cause' => 'cope_lifted', 'fact' => 'gating.found', 'unit' => 'choice',
        'ratios' => ['empty' => 2.5, 'full' => 0.8],
        'raised' => 'Metal came and left.',
        'lowered' => 'The gating stood full.',
    ],
    [
        'cause' => 'shell_cracked', 'fact' => 'gating.found', 'unit' => 'choice',
        'ratios' => ['empty' => 5.0, 'full' => 0.5],
        'raised' => 'Metal came and left.',
        'lowered' => 'The gating stood full.',
    ],
    [
        'cause' => 'dewax_slow', 'fact' => 'gating.found', 'unit' => 'choice',
        'ratios' => ['empty' => 5.0, 'full' => 0.5],
        'raised' => 'Metal came and left.',
        'lowered' => 'The gating stood full.',
    ],
    [
        'cause' => 'investment_weak', 'fact' => 'gating.found', 'unit' => 'choice',
        'ratios' => ['empty' => 4.0, 'full' => 0.6],
        'raised' => 'Metal came and left.',
        'lowered' => 'The gating stood full.',
    ],
    [
        'cause' => 'short_of_metal', 'fact' => 'gating.found', 'unit' => 'choice',
        'ratios' => ['full' => 0.2, 'half' => 2.0, 'empty' => 0.8],
        'raised' => 'The sprue was not full.',
        'lowered' => 'The sprue stood full: there was metal.',
    ],
    [
        'cause' => 'crucible_cracked', 'fact' => 'gating.found', 'unit' => 'choice',
        'ratios' => ['full' => 0.2, 'half' => 2.0],
        'raised' => 'The sprue was not full.',
        'lowered' => 'The sprue stood full: there was metal.',
    ],
    [
        'cause' => 'metal_cold', 'fact' => 'gating.found', 'unit' => 'choice',
        'ratios' => ['full' => 1.2, 'empty' => 0.3],
        'raised' => 'The gating stood full and the casting did not fill.',
        'lowered' => 'Metal that left was not too cold.',
    ],
    [
        'cause' => 'cup_ran_dry', 'fact' => 'gating.found', 'unit' => 'choice',
        'ratios' => ['half' => 2.0, 'empty' => 1.5, 'full' => 0.5],
        'raised' => 'The sprue was not full.',
        'lowered' => 'The sprue stood full.',
    ],
    [
        // One melt may fill several moulds: much of it says little, little of it much.
        'cause' => 'short_of_metal', 'fact' => 'charge_share',
        'source' => 'derived: the plan’s charge',
        'unit' => 'ratio',
        'ratios' => [[0.7, 10], [0.9, 4], [1, 1.2], [1.15, 0.6], [1.5, 0.45]],
        'raised' => 'The charge was {value} times what this mould asks for with its reserve.',
        'lowered' => 'The charge was {value} times what this mould asks for.',
    ],
    [
        // Silicate that is left to the air dries as slowly as the air is damp.
        'cause' => 'binder_uncured', 'fact' => 'pour.weather', 'unit' => 'choice', 'processes' => ['silicate_sand'],
        'ratios' => ['rain' => 1.6, 'humid' => 1.3, 'dry' => 0.8],
        'raised' => 'The weather was {value}: silicate dries slowly in damp air, and takes water up again.',
        'lowered' => 'The air was dry.',
    ],
    [
        'cause' => 'core_gas', 'fact' => 'sand.binder_kind', 'unit' => 'choice',
        'ratios' => ['urethane' => 1.6, 'oil' => 1.4, 'phenolic' => 1.1, 'furan' => 1.0, 'silicate' => 0.6],
        'raised' => 'The binder was {value}, which gives much gas.', 'lowered' => 'Silicate gives little gas once it is dry.',
    ],
    [
        // Rubber that is not cured sweats and gives gas against hot metal; makers ask for a day, and for heat after it.
        'cause' => 'vents_missing', 'fact' => 'silicone.cure_time', 'unit' => 'h', 'processes' => ['silicone'],
        'ratios' => [[4, 1.8], [24, 1.1], [72, 0.85]], 'raised' => 'The rubber had {value} to cure: it gives gas, which wants a way out.',
        'lowered' => 'The rubber had {value} to cure.',
    ],
];
