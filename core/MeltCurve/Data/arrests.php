<?php

declare(strict_types=1);

// Where a cooling curve of each alloy stands still. Taken 2026-11 by the founders. Recalled from memory (ASM Metals Handbook vol. 15; phase
// diagrams of the binary systems) unless a row says otherwise.
// upper_c: where freezing begins, °C: the table's liquidus. lower_c: the lower place where the curve stands still, °C, which is the
// eutectic (or peritectic) that is seen, and not the table's solidus; null where freezing ends without one.
// lower_share: how much of the heat of freezing comes out there, 0…1. within_k: how far heats of one grade lie apart, K, one standard
// deviation.
return [
    ['code' => 'al99', 'upper_c' => 660.0, 'within_k' => 0.7],
    ['code' => 'al_mn_sheet', 'upper_c' => 654.0, 'within_k' => 2.0],
    ['code' => 'al_mgsi_wrought', 'upper_c' => 652.0, 'within_k' => 2.0],
    [
        'code' => 'al_si7mg', 'upper_c' => 615.0, 'lower_c' => 574.0, 'lower_share' => 0.5, 'within_k' => 2.0,
        'source' => 'the Al-Si eutectic, three degrees lower with magnesium',
    ],
    [
        'code' => 'al_si6cu4', 'upper_c' => 605.0, 'lower_c' => 560.0, 'lower_share' => 0.4, 'within_k' => 2.5,
        'source' => 'the Al-Si eutectic, lowered by copper; copper phases freeze below it, faintly',
    ],
    [
        'code' => 'al_si9cu3', 'upper_c' => 595.0, 'lower_c' => 565.0, 'lower_share' => 0.65, 'within_k' => 2.5,
        'source' => 'the Al-Si eutectic, lowered by copper',
    ],
    ['code' => 'al_si12', 'upper_c' => 578.0, 'lower_c' => 574.0, 'lower_share' => 0.9, 'within_k' => 2.0],
    ['code' => 'al_mg7', 'upper_c' => 630.0, 'lower_c' => 450.0, 'lower_share' => 0.06, 'within_k' => 2.5],
    ['code' => 'zn_al4', 'upper_c' => 387.0, 'lower_c' => 381.0, 'lower_share' => 0.75, 'within_k' => 1.0],
    ['code' => 'za_8', 'upper_c' => 404.0, 'lower_c' => 378.0, 'lower_share' => 0.6, 'within_k' => 1.5],
    ['code' => 'za_12', 'upper_c' => 432.0, 'lower_c' => 378.0, 'lower_share' => 0.45, 'within_k' => 2.0],
    ['code' => 'za_27', 'upper_c' => 484.0, 'lower_c' => 376.0, 'lower_share' => 0.12, 'within_k' => 2.5],
    ['code' => 'copper', 'upper_c' => 1083.0, 'within_k' => 1.5],
    ['code' => 'red_brass', 'upper_c' => 1010.0, 'within_k' => 4.0],
    ['code' => 'yellow_brass', 'upper_c' => 903.0, 'within_k' => 3.0],
    ['code' => 'silicon_bronze', 'upper_c' => 970.0, 'within_k' => 4.0],
    [
        'code' => 'tin_bronze', 'upper_c' => 1000.0, 'lower_c' => 798.0, 'lower_share' => 0.1, 'within_k' => 4.0,
        'source' => 'the peritectic of copper and tin',
    ],
    [
        'code' => 'bell_metal', 'upper_c' => 890.0, 'lower_c' => 798.0, 'lower_share' => 0.45, 'within_k' => 4.0,
        'source' => 'the peritectic of copper and tin',
    ],
    ['code' => 'al_bronze', 'upper_c' => 1043.0, 'lower_c' => 1036.0, 'lower_share' => 0.6, 'within_k' => 2.5],
    ['code' => 'silver_999', 'upper_c' => 962.0, 'within_k' => 0.7],
    [
        'code' => 'silver_925', 'upper_c' => 895.0, 'lower_c' => 779.0, 'lower_share' => 0.12, 'within_k' => 1.5,
        'source' => 'the eutectic of silver and copper',
    ],
    ['code' => 'tin', 'upper_c' => 232.0, 'within_k' => 0.4],
    ['code' => 'pewter_sb7cu2', 'upper_c' => 295.0, 'lower_c' => 241.0, 'lower_share' => 0.7, 'within_k' => 2.5],
    ['code' => 'pewter_low_cu', 'upper_c' => 244.0, 'within_k' => 1.0],
    ['code' => 'lead', 'upper_c' => 327.5, 'within_k' => 0.4],
    [
        'code' => 'grey_iron', 'upper_c' => 1190.0, 'lower_c' => 1145.0, 'lower_share' => 0.75, 'within_k' => 6.0,
        'source' => 'the eutectic of iron and graphite',
    ],
    [
        'code' => 'ductile_iron', 'upper_c' => 1160.0, 'lower_c' => 1142.0, 'lower_share' => 0.85, 'within_k' => 6.0,
        'source' => 'the eutectic of iron and graphite',
    ],
    ['code' => 'white_iron_cr', 'upper_c' => 1330.0, 'lower_c' => 1250.0, 'lower_share' => 0.5, 'within_k' => 8.0],
    ['code' => 'carbon_steel', 'upper_c' => 1515.0, 'within_k' => 8.0],
];
