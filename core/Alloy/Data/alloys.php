<?php

declare(strict_types=1);

// Alloys of the hobby foundry. Taken 2026-11 by the founders.
// Source of each value unless the marks column says otherwise: ASM Metals Handbook vols 2 and 15, recalled from memory;
// freezing class and pour range in sand (heavy to thin sections): common practice.
// The lint test demands: liquidus not below solidus, liquid lighter than solid, pour range above liquidus,
// and density_liquid = density_solid × (1 − contraction)³ × (1 − shrinkage) within 3.5 % [derived].
return [
    'source' => 'ASM Metals Handbook vols 2 and 15',
    'mark' => 'recalled',
    'columns' => ['code', 'name', 'family', 'liquidus_c', 'solidus_c', 'density_solid_kg_m3', 'density_liquid_kg_m3', 'latent_kj_kg',
        'heat_solid_j_kgk', 'heat_liquid_j_kgk', 'shrinkage_percent', 'contraction_percent', 'pour_heavy_c', 'pour_thin_c',
        'freezing', 'attributes', 'marks', 'note'],
    'rows' => [
        ['al99', 'Aluminium 99.7', 'aluminium', 660.0, 660.0, 2700.0, 2380.0, 397.0, 1030.0, 1080.0, 6.6, 1.6, 700.0, 780.0, 'short', ['dross_former', 'absorbs_hydrogen'], [], ''],
        ['al_mn_sheet', 'Al-Mn sheet (cans, flashing)', 'aluminium', 654.0, 629.0, 2720.0, 2400.0, 395.0, 1000.0, 1080.0, 6.5, 1.6, 710.0, 790.0, 'intermediate', ['dross_former', 'absorbs_hydrogen', 'hot_tear_prone'], [], 'Mostly dross when melted from cans.'],
        ['al_si7mg', 'Al-Si7Mg (wheels, castings)', 'aluminium', 615.0, 555.0, 2680.0, 2400.0, 389.0, 963.0, 1080.0, 5.5, 1.3, 680.0, 760.0, 'intermediate', ['dross_former', 'absorbs_hydrogen'], ['latent_kj_kg' => ['practice', 'printed alike for all Al-Si alloys; calorimetry gives up to 500 for Si12']], ''],
        ['al_si6cu4', 'Al-Si6Cu4 (cylinder heads)', 'aluminium', 605.0, 516.0, 2790.0, 2480.0, 389.0, 963.0, 1080.0, 5.5, 1.3, 680.0, 760.0, 'long', ['dross_former', 'absorbs_hydrogen', 'hot_tear_prone'], ['latent_kj_kg' => ['practice', 'printed alike for all Al-Si alloys; calorimetry gives up to 500 for Si12']], ''],
        ['al_si9cu3', 'Al-Si9Cu3(Fe) (die-cast housings)', 'aluminium', 595.0, 538.0, 2760.0, 2450.0, 389.0, 963.0, 1080.0, 5.0, 1.2, 660.0, 740.0, 'intermediate', ['dross_former', 'absorbs_hydrogen'], ['latent_kj_kg' => ['practice', 'printed alike for all Al-Si alloys; calorimetry gives up to 500 for Si12']], ''],
        ['al_si12', 'Al-Si12', 'aluminium', 582.0, 574.0, 2660.0, 2400.0, 389.0, 963.0, 1080.0, 3.8, 1.1, 650.0, 740.0, 'short', ['dross_former', 'absorbs_hydrogen'], ['latent_kj_kg' => ['practice', 'printed alike for all Al-Si alloys; calorimetry gives up to 500 for Si12']], ''],
        ['al_mg7', 'Al-Mg7', 'aluminium', 630.0, 550.0, 2620.0, 2330.0, 389.0, 960.0, 1080.0, 6.0, 1.3, 690.0, 780.0, 'long', ['dross_former', 'absorbs_hydrogen', 'hot_tear_prone'], ['latent_kj_kg' => ['practice', 'printed alike for all Al-Si alloys; calorimetry gives up to 500 for Si12']], ''],
        ['al_mgsi_wrought', 'Al-Mg-Si wrought (extrusion)', 'aluminium', 652.0, 595.0, 2700.0, 2400.0, 397.0, 1000.0, 1080.0, 6.5, 1.6, 710.0, 790.0, 'long', ['dross_former', 'absorbs_hydrogen', 'hot_tear_prone'], [], ''],
        ['zn_al4', 'Zn-Al4', 'zinc', 387.0, 381.0, 6600.0, 6150.0, 110.0, 420.0, 500.0, 4.5, 1.2, 420.0, 470.0, 'short', ['fume_zinc'], [], ''],
        ['za_8', 'ZA-8', 'zinc', 404.0, 375.0, 6300.0, 5850.0, 112.0, 435.0, 510.0, 4.5, 1.0, 440.0, 510.0, 'intermediate', ['fume_zinc'], [], ''],
        ['za_12', 'ZA-12', 'zinc', 432.0, 377.0, 6030.0, 5650.0, 118.0, 450.0, 520.0, 4.5, 1.3, 480.0, 560.0, 'long', ['fume_zinc'], [], ''],
        ['za_27', 'ZA-27', 'zinc', 484.0, 375.0, 5000.0, 4700.0, 126.0, 525.0, 560.0, 5.0, 1.3, 530.0, 600.0, 'long', ['fume_zinc', 'dross_former'], [], ''],
        ['copper', 'Copper', 'copper', 1083.0, 1083.0, 8940.0, 8000.0, 205.0, 430.0, 495.0, 4.9, 1.9, 1150.0, 1250.0, 'short', ['absorbs_hydrogen', 'absorbs_oxygen'], [], ''],
        ['red_brass', 'Red brass 85-5-5-5', 'copper', 1010.0, 855.0, 8830.0, 7900.0, 190.0, 400.0, 480.0, 4.5, 1.5, 1070.0, 1230.0, 'long', ['absorbs_hydrogen', 'fume_zinc', 'fume_lead'], [], ''],
        ['yellow_brass', 'Yellow brass 60/40', 'copper', 905.0, 900.0, 8400.0, 7700.0, 165.0, 400.0, 490.0, 4.5, 1.6, 980.0, 1100.0, 'short', ['absorbs_hydrogen', 'fume_zinc'], [], 'Flares from about {1060 degC}: zinc boils off.'],
        ['silicon_bronze', 'Silicon bronze', 'copper', 970.0, 860.0, 8360.0, 7600.0, 205.0, 400.0, 480.0, 4.5, 1.6, 1040.0, 1180.0, 'long', ['absorbs_hydrogen'], [], ''],
        ['tin_bronze', 'Tin bronze 90/10', 'copper', 1000.0, 830.0, 8780.0, 7900.0, 190.0, 390.0, 480.0, 4.5, 1.5, 1050.0, 1200.0, 'long', ['absorbs_hydrogen'], [], ''],
        ['bell_metal', 'Bell metal 80/20', 'copper', 890.0, 800.0, 8640.0, 7800.0, 185.0, 380.0, 480.0, 4.5, 1.4, 1000.0, 1120.0, 'long', ['absorbs_hydrogen', 'brittle'], [], ''],
        ['al_bronze', 'Aluminium bronze 90/10', 'copper', 1045.0, 1030.0, 7600.0, 6900.0, 230.0, 420.0, 520.0, 4.0, 2.0, 1120.0, 1230.0, 'short', ['absorbs_hydrogen', 'dross_former'], [], ''],
        ['silver_999', 'Silver 999', 'silver', 962.0, 962.0, 10490.0, 9320.0, 105.0, 250.0, 285.0, 5.0, 1.9, 1000.0, 1080.0, 'short', ['absorbs_oxygen'], [], ''],
        ['silver_925', 'Silver 925', 'silver', 895.0, 802.0, 10360.0, 9300.0, 110.0, 260.0, 300.0, 5.0, 1.8, 960.0, 1050.0, 'intermediate', ['absorbs_oxygen'], [], 'A little eutectic liquid stays to {779 degC}.'],
        ['tin', 'Tin', 'tin', 232.0, 232.0, 7290.0, 6980.0, 60.0, 240.0, 250.0, 2.8, 0.6, 270.0, 320.0, 'short', [], [], ''],
        ['pewter_sb7cu2', 'Pewter Sn-Sb7-Cu2', 'tin', 295.0, 244.0, 7280.0, 6950.0, 60.0, 240.0, 250.0, 2.5, 0.6, 300.0, 340.0, 'intermediate', [], [], ''],
        ['pewter_low_cu', 'Pewter Sn-Sb7.5-Cu0.3', 'tin', 246.0, 241.0, 7280.0, 6950.0, 60.0, 240.0, 250.0, 2.5, 0.6, 265.0, 290.0, 'short', [], [], ''],
        ['lead', 'Lead', 'lead', 327.0, 327.0, 11340.0, 10660.0, 23.0, 134.0, 148.0, 3.5, 0.9, 350.0, 400.0, 'short', ['fume_lead'], [], 'Never for food or toys.'],
        ['grey_iron', 'Grey iron, CE about 4', 'iron', 1190.0, 1145.0, 7150.0, 6900.0, 240.0, 650.0, 840.0, 0.75, 1.0, 1300.0, 1430.0, 'intermediate', ['graphite_expands'], ['shrinkage_percent' => ['practice', 'middle of the range; graphite expansion']], 'Graphite expansion feeds part of the shrinkage: 0 to 1.5 %.'],
        ['ductile_iron', 'Ductile iron', 'iron', 1170.0, 1140.0, 7100.0, 6850.0, 240.0, 650.0, 840.0, 1.0, 0.8, 1330.0, 1430.0, 'intermediate', ['graphite_expands'], ['shrinkage_percent' => ['practice', 'middle of the range; graphite expansion']], 'Graphite expansion feeds part of the shrinkage: 0 to 2 %.'],
        ['white_iron_cr', 'High-chromium white iron', 'iron', 1330.0, 1250.0, 7650.0, 7000.0, 260.0, 600.0, 800.0, 4.5, 1.9, 1400.0, 1480.0, 'intermediate', ['brittle'], [], ''],
        ['carbon_steel', 'Carbon steel', 'iron', 1515.0, 1470.0, 7850.0, 7000.0, 270.0, 690.0, 800.0, 3.0, 2.0, 1570.0, 1620.0, 'short', ['beyond_most_workshops'], [], 'Beyond the furnaces and linings of most hobby workshops.'],
    ],
];
