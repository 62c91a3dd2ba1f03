<?php

declare(strict_types=1);

// The families of metals: what is alike in all alloys of a family. Taken 2026-11 by the founders.
// tension_n_m: surface tension at the melting point, N/m; viscosity_pa_s: of the liquid a little above its melting point, Pa·s. T. Iida,
// R. I. L. Guthrie, The Physical Properties of Liquid Metals, recalled from memory.
// bath_emissivity: of the bath in the pot, 0…1: a clean bath of light metal, zinc or lead shines and radiates little (oxidised zinc and
// lead up to 0.4), the hotter metals are dull. Recalled from memory, rough.
// heats_sand: how hot it makes the sand it lies in, which chooses the column of the mould's conductivity: warm, hot or white. Derived from
// the pouring temperatures.
// sand_around: how much more sand it wants between itself and the open than the light metals do. Common practice.
// pour_rule: whose rule for the time of a pour holds: light, copper or iron (core/Gating/PourTime).
// ratios: areas sprue base : runner : gates by school of gating; the rest as every family. P. N. Rao, Manufacturing Technology, table of
// gating ratios, recalled from memory; the naturally pressurised 1 : 1 : 1 J. Campbell, recalled from memory.
// stiff_below_c: a flat part taken out below this no longer warps, °C; bears_water: whether it is ever quenched from the mould. Common
// practice, rough; recalled from memory.
// common: its share of hobby pours, for where the metal is not told; the founders' estimate, rough.
// melt_loss: what a charge loses to dross, slag and fume, as a share of its mass, by kind of charge ('*' any other): [least, most]. Common
// practice.
$ratios = ['unpressurised' => [1.0, 2.0, 2.0], 'pressurised' => [2.0, 1.5, 1.0], 'natural' => [1.0, 1.0, 1.0]];
$light = ['heats_sand' => 'warm', 'sand_around' => 1.0, 'pour_rule' => 'light', 'ratios' => $ratios, 'melt_loss' => ['*' => [0.01, 0.03]]];

return [
    [
        'code' => 'aluminium', 'label' => 'Aluminium', 'common' => 0.6,
        'stiff_below_c' => 250.0, 'bears_water' => true, 'tension_n_m' => 0.914, 'viscosity_pa_s' => 1.2e-3,
        'bath_emissivity' => 0.2,
        'ratios' => ['unpressurised' => [1.0, 3.0, 3.0]] + $ratios,
        'melt_loss' => [
            'ingot' => [0.01, 0.03], 'castings' => [0.03, 0.06], 'returns' => [0.03, 0.06], 'mixed' => [0.05, 0.08],
            'extrusion' => [0.05, 0.10], 'sheet' => [0.10, 0.20], 'cans' => [0.25, 0.50], 'unknown' => [0.03, 0.10],
            '*' => [0.01, 0.03],
        ],
    ] + $light,
    [
        'code' => 'zinc', 'label' => 'Zinc', 'common' => 0.06,
        'stiff_below_c' => 150.0, 'bears_water' => true, 'tension_n_m' => 0.78, 'viscosity_pa_s' => 3.0e-3,
        'bath_emissivity' => 0.25,
        'melt_loss' => ['*' => [0.01, 0.02]],
    ] + $light,
    [
        'code' => 'tin', 'label' => 'Tin and pewter', 'common' => 0.06,
        'stiff_below_c' => 100.0, 'bears_water' => true, 'tension_n_m' => 0.54, 'viscosity_pa_s' => 1.7e-3,
        'bath_emissivity' => 0.2,
    ] + $light,
    [
        'code' => 'lead', 'label' => 'Lead', 'common' => 0.01,
        'stiff_below_c' => 120.0, 'bears_water' => true, 'tension_n_m' => 0.47, 'viscosity_pa_s' => 2.5e-3,
        'bath_emissivity' => 0.3,
    ] + $light,
    [
        'code' => 'silver', 'label' => 'Silver', 'common' => 0.03,
        'stiff_below_c' => 350.0, 'bears_water' => true, 'tension_n_m' => 0.9, 'viscosity_pa_s' => 3.7e-3,
        'bath_emissivity' => 0.2,
        'heats_sand' => 'hot', 'sand_around' => 1.4,
    ] + $light,
    [
        'code' => 'copper', 'label' => 'Copper, brass, bronze', 'common' => 0.17,
        'stiff_below_c' => 350.0, 'bears_water' => false, 'tension_n_m' => 1.29, 'viscosity_pa_s' => 3.7e-3,
        'bath_emissivity' => 0.7,
        'heats_sand' => 'hot', 'sand_around' => 1.4, 'pour_rule' => 'copper',
        'ratios' => ['unpressurised' => [1.0, 1.0, 3.0], 'pressurised' => [1.6, 1.3, 1.0]] + $ratios,
        'melt_loss' => ['*' => [0.01, 0.05]],
    ] + $light,
    [
        'code' => 'iron', 'label' => 'Iron and steel', 'common' => 0.07,
        'stiff_below_c' => 450.0, 'bears_water' => false, 'tension_n_m' => 1.87, 'viscosity_pa_s' => 5.5e-3,
        'bath_emissivity' => 0.7,
        'heats_sand' => 'white', 'sand_around' => 1.4, 'pour_rule' => 'iron',
        'ratios' => ['pressurised' => [4.0, 3.0, 1.0]] + $ratios,
        'melt_loss' => ['*' => [0.02, 0.05]],
    ] + $light,
];
