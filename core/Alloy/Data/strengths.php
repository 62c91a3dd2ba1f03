<?php

declare(strict_types=1);

// Tensile strength of castings as cast in sand, MPa [least, most] of sound metal. Recalled from memory: ASM Metals Handbook vols. 2 and 15;
// bell metal, pewter and the unknown ones are common practice. Good for telling ways apart, not for working out what a part bears.
return [
    ['alloy' => 'al99', 'mpa' => [60, 90]],
    ['alloy' => 'al_mn_sheet', 'mpa' => [80, 120]],
    ['alloy' => 'al_si7mg', 'mpa' => [140, 180]],
    ['alloy' => 'al_si6cu4', 'mpa' => [160, 190]],
    ['alloy' => 'al_si9cu3', 'mpa' => [150, 190]],
    ['alloy' => 'al_si12', 'mpa' => [140, 170]],
    ['alloy' => 'al_mg7', 'mpa' => [150, 210]],
    ['alloy' => 'al_mgsi_wrought', 'mpa' => [110, 150]],
    ['alloy' => 'zn_al4', 'mpa' => [170, 230]],
    ['alloy' => 'za_8', 'mpa' => [240, 280]],
    ['alloy' => 'za_12', 'mpa' => [275, 320]],
    ['alloy' => 'za_27', 'mpa' => [400, 440]],
    ['alloy' => 'copper', 'mpa' => [150, 180]],
    ['alloy' => 'red_brass', 'mpa' => [220, 260]],
    ['alloy' => 'yellow_brass', 'mpa' => [300, 380]],
    ['alloy' => 'silicon_bronze', 'mpa' => [330, 400]],
    ['alloy' => 'tin_bronze', 'mpa' => [250, 310]],
    ['alloy' => 'bell_metal', 'mpa' => [200, 250]],
    ['alloy' => 'al_bronze', 'mpa' => [480, 600]],
    ['alloy' => 'silver_999', 'mpa' => [110, 140]],
    ['alloy' => 'silver_925', 'mpa' => [200, 240]],
    ['alloy' => 'tin', 'mpa' => [12, 18]],
    ['alloy' => 'pewter_sb7cu2', 'mpa' => [50, 60]],
    ['alloy' => 'pewter_low_cu', 'mpa' => [40, 55]],
    ['alloy' => 'lead', 'mpa' => [11, 14]],
    ['alloy' => 'grey_iron', 'mpa' => [150, 250]],
    ['alloy' => 'ductile_iron', 'mpa' => [400, 500]],
    ['alloy' => 'white_iron_cr', 'mpa' => [350, 600]],
    ['alloy' => 'carbon_steel', 'mpa' => [400, 500]],
    ['alloy' => 'aluminium_unknown', 'mpa' => [80, 180]],
    ['alloy' => 'brass_unknown', 'mpa' => [220, 350]],
    ['alloy' => 'pewter_unknown', 'mpa' => [30, 60]],
    ['alloy' => 'iron_unknown', 'mpa' => [120, 250]],
];
