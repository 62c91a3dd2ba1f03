<?php

declare(strict_types=1);

use MoltenNotes\Core\Process\MouldProcess;

// Usual cautions of the trade, shown where the danger is met [common practice]. Local rules and licensed practice come first;
// nothing here says that anything is without danger.
return [
    [
        'code' => 'wet_green_sand', 'fact' => 'mould.process', 'choices' => MouldProcess::withHazard('wet_green_sand'),
        'text' => 'Wet sand, a wet core or a damp tool under hot metal becomes a steam explosion. Dry and warm what touches the melt.',
    ],
    [
        'code' => 'oil_flare', 'fact' => 'mould.process', 'choices' => MouldProcess::withHazard('oil_flare'),
        'text' => 'Hot oil-bonded sand flares when air reaches it at opening. Open outdoors, extinguisher at hand, sleeves down.',
    ],
    [
        'code' => 'silicate_co2', 'fact' => 'mould.process', 'choices' => MouldProcess::withHazard('silicate_co2'),
        'text' => 'CO₂ pushes the air out of a closed room. Gas the mould outdoors or with the doors open.',
    ],
    [
        'code' => 'resin_fumes', 'fact' => 'mould.process', 'choices' => MouldProcess::withHazard('resin_fumes'),
        'text' => 'Binder fumes and silica dust: work in moving air and wear the respirator the maker names.',
    ],
    [
        'code' => 'foam_fumes', 'fact' => 'mould.process', 'choices' => MouldProcess::withHazard('foam_fumes'),
        'text' => 'Burning foam gives styrene and soot. Pour outdoors, upwind, with a respirator, and keep others away.',
    ],
    [
        'code' => 'plaster_burst', 'fact' => 'mould.process', 'choices' => MouldProcess::withHazard('plaster_burst'),
        'text' => 'A plaster mould that is not bone dry can burst with liquid metal in it. Wax burns: watch the burnout.',
    ],
    [
        'code' => 'shell_hot', 'fact' => 'mould.process', 'choices' => MouldProcess::withHazard('shell_hot'),
        'text' => 'A fired shell is as hot as the metal. Two people, clear path, sand bed under it.',
    ],
    [
        'code' => 'silicone_limit', 'fact' => 'mould.process', 'choices' => MouldProcess::withHazard('silicone_limit'),
        'text' => 'Silicone past its limit gives off fumes. Stay below the maker’s figure and pour in moving air.',
    ],
    [
        'code' => 'metal_mould_damp', 'fact' => 'mould.process', 'choices' => MouldProcess::withHazard('metal_mould_damp'),
        'text' => 'A cold or damp metal mould spits. Warm it through before the first metal.',
    ],
    [
        'code' => 'zinc_fume', 'fact' => 'alloy_attribute', 'choices' => ['fume_zinc'],
        'text' => 'Zinc fume causes metal fever: move the air, stand upwind, do not overheat.',
    ],
    [
        'code' => 'lead_fume', 'fact' => 'alloy_attribute', 'choices' => ['fume_lead'],
        'text' => 'Lead harms through breath and hands: full precautions, never for food or toys, and follow local rules.',
    ],
    [
        'code' => 'water_metal', 'fact' => 'alloy_attribute', 'choices' => ['dross_former'],
        'text' => 'Never put water on burning metal. Dry sand or a class D extinguisher within reach.',
    ],
    [
        'code' => 'rain', 'fact' => 'pour.weather', 'choices' => ['rain'],
        'text' => 'No pour in rain: one drop under the metal is enough.',
    ],
    [
        'code' => 'cans_paint', 'fact' => 'metal.source', 'choices' => ['cans', 'sheet', 'mixed', 'unknown'],
        'text' => 'Sealed, painted, oily or wet scrap can burst or fume. Sort, open, clean and dry it; keep magnesium and galvanised '
            .'steel out.',
    ],
];
