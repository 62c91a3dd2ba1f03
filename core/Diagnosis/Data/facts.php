<?php

declare(strict_types=1);

// Facts that the diagnosis computes from a record, besides the record's own values [derived: FactSheet computes them].
// basis: the measurement a fact rests on. Of several likelihood ratios for one cause that rest on the same basis only the strongest counts.
return [
    [
        'code' => 'temperature_margin', 'label' => 'Pour temperature against what the part asks for', 'unit' => 'ddegC',
        'basis' => 'pour.temperature',
    ],
    ['code' => 'scrap_check', 'label' => 'Where a cup of it stood still', 'unit' => 'choice', 'basis' => 'melt.arrest_upper'],
    ['code' => 'superheat', 'label' => 'Superheat', 'unit' => 'ddegC', 'basis' => 'pour.temperature'],
    ['code' => 'peak_over', 'label' => 'Hottest the melt got, above the hottest advised pour', 'unit' => 'ddegC', 'basis' => 'melt.peak'],
    ['code' => 'run_to_wall', 'label' => 'Longest run in wall thicknesses, for each gate', 'unit' => 'ratio', 'basis' => 'casting.run'],
    [
        'code' => 'gate_speed_share', 'label' => 'Gate speed against the limit of the metal', 'unit' => 'ratio',
        'basis' => 'gating.gate_speed',
    ],
    [
        'code' => 'gate_to_wall', 'label' => 'Gate thickness against the thinnest wall', 'unit' => 'ratio',
        'basis' => 'gating.gate_thickness',
    ],
    [
        'code' => 'riser_to_heaviest', 'label' => 'Riser diameter against the heaviest section', 'unit' => 'ratio',
        'basis' => 'feeding.riser',
    ],
    [
        'code' => 'heaviest_to_wall', 'label' => 'Heaviest section against the thinnest wall', 'unit' => 'ratio',
        'basis' => 'casting.heaviest',
    ],
    ['code' => 'fill_ratio', 'label' => 'Fill ratio of the section that fills worst', 'unit' => 'ratio', 'basis' => 'pour.temperature'],
    ['code' => 'feeder_ratio', 'label' => 'Feeder against the section it feeds', 'unit' => 'ratio', 'basis' => 'feeding.riser'],
    ['code' => 'hot_spots', 'label' => 'Sections cut off from feeding', 'unit' => 'count', 'basis' => 'feeding.hot_spots'],
    [
        'code' => 'vent_share', 'label' => 'Vents against the choke, where the mould does not breathe', 'unit' => 'ratio',
        'basis' => 'venting',
    ],
    ['code' => 'steam', 'label' => 'Steam against the metal’s own pressure', 'unit' => 'ratio', 'basis' => 'sand.moisture'],
    ['code' => 'cope_share', 'label' => 'Held down against what the lift asks for', 'unit' => 'ratio', 'basis' => 'mould.cope_weight'],
    ['code' => 'sand.condition', 'label' => 'Squeeze test', 'unit' => 'choice', 'basis' => 'sand.moisture'],
    ['code' => 'sand.moisture', 'label' => 'Moisture', 'unit' => 'percent', 'basis' => 'sand.moisture'],
    ['code' => 'venting.vents', 'label' => 'Vents', 'unit' => 'count', 'basis' => 'venting'],
    ['code' => 'venting.high_points', 'label' => 'High points with a way out', 'unit' => 'choice', 'basis' => 'venting'],
    ['code' => 'feeding.riser', 'label' => 'Riser', 'unit' => 'choice', 'basis' => 'feeding.riser'],
    [
        'code' => 'open_share', 'label' => 'Opened against what it needs to be solid', 'unit' => 'ratio', 'basis' => 'cooling.open_after',
    ],
    ['code' => 'charge_share', 'label' => 'Charge against what this mould asks for', 'unit' => 'ratio', 'basis' => 'metal.charge'],
    [
        'code' => 'foam_margin', 'label' => 'Pour temperature against what this foam and coat ask for', 'unit' => 'ddegC',
        'basis' => 'pour.temperature',
    ],
];
