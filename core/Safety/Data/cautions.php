<?php

declare(strict_types=1);

// Usual cautions of the trade, shown where the danger is met [common practice]. Local rules and licensed practice come first;
// nothing here says that anything is without danger.
return [
    // code | fact | choices | caution
    ['wet_green_sand', 'mould.process', ['green_sand'], 'Wet sand, a wet core or a damp tool under hot metal becomes a steam explosion. Dry and warm what touches the melt.'],
    ['oil_flare', 'mould.process', ['oil_sand'], 'Hot oil-bonded sand flares when air reaches it at opening. Open outdoors, extinguisher at hand, sleeves down.'],
    ['silicate_co2', 'mould.process', ['silicate_sand'], 'CO₂ pushes the air out of a closed room. Gas the mould outdoors or with the doors open.'],
    ['resin_fumes', 'mould.process', ['resin_sand', 'printed_sand'], 'Binder fumes and silica dust: work in moving air and wear the respirator the maker names.'],
    ['foam_fumes', 'mould.process', ['lost_foam'], 'Burning foam gives styrene and soot. Pour outdoors, upwind, with a respirator, and keep others away.'],
    ['plaster_burst', 'mould.process', ['plaster'], 'A plaster mould that is not bone dry can burst with liquid metal in it. Wax burns: watch the burnout.'],
    ['shell_hot', 'mould.process', ['ceramic_shell'], 'A fired shell is as hot as the metal. Two people, clear path, sand bed under it.'],
    ['silicone_limit', 'mould.process', ['silicone'], 'Silicone past its limit gives off fumes. Stay below the maker’s figure and pour in moving air.'],
    ['metal_mould_damp', 'mould.process', ['metal_mould'], 'A cold or damp metal mould spits. Warm it through before the first metal.'],
    ['zinc_fume', 'alloy_attribute', ['fume_zinc'], 'Zinc fume causes metal fever: move the air, stand upwind, do not overheat.'],
    ['lead_fume', 'alloy_attribute', ['fume_lead'], 'Lead harms through breath and hands: full precautions, never for food or toys, and follow local rules.'],
    ['water_metal', 'alloy_attribute', ['dross_former'], 'Never put water on burning metal. Dry sand or a class D extinguisher within reach.'],
    ['rain', 'pour.weather', ['rain'], 'No pour in rain: one drop under the metal is enough.'],
    ['cans_paint', 'metal.source', ['cans', 'sheet', 'mixed', 'unknown'], 'Sealed, painted, oily or wet scrap can burst or fume. Sort, open, clean and dry it; keep magnesium and galvanised steel out.'],
];
