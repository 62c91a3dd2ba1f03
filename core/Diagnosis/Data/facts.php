<?php

declare(strict_types=1);

// Facts that the diagnosis computes from a record, besides the record's own values [derived: FactSheet computes them].
// basis: the measurement a fact rests on. Of several likelihood ratios for one cause that rest on the same basis only the strongest counts.
return [
    // code => [label, unit, basis]
    'temperature_margin' => ['Pour temperature against what the part asks for', 'ddegC', 'pour.temperature'],
    'superheat' => ['Superheat', 'ddegC', 'pour.temperature'],
    'peak_over' => ['Hottest the melt got, above the hottest advised pour', 'ddegC', 'melt.peak'],
    'run_to_wall' => ['Longest run in wall thicknesses, for each gate', 'ratio', 'casting.run'],
    'gate_speed_share' => ['Gate speed against the limit of the metal', 'ratio', 'gating.gate_speed'],
    'gate_to_wall' => ['Gate thickness against the thinnest wall', 'ratio', 'gating.gate_thickness'],
    'riser_to_heaviest' => ['Riser diameter against the heaviest section', 'ratio', 'feeding.riser'],
    'heaviest_to_wall' => ['Heaviest section against the thinnest wall', 'ratio', 'casting.heaviest'],
    'fill_ratio' => ['Fill ratio of the section that fills worst', 'ratio', 'pour.temperature'],
    'feeder_ratio' => ['Feeder against the section it feeds', 'ratio', 'feeding.riser'],
    'hot_spots' => ['Sections cut off from feeding', 'count', 'feeding.hot_spots'],
    'vent_share' => ['Vents against the choke, where the mould does not breathe', 'ratio', 'venting'],
    'steam' => ['Steam against the metal’s own pressure', 'ratio', 'sand.moisture'],
    'cope_share' => ['Held down against what the lift asks for', 'ratio', 'mould.cope_weight'],
    'sand.condition' => ['Squeeze test', 'choice', 'sand.moisture'],
    'sand.moisture' => ['Moisture', 'percent', 'sand.moisture'],
    'venting.vents' => ['Vents', 'count', 'venting'],
    'venting.high_points' => ['High points with a way out', 'choice', 'venting'],
    'feeding.riser' => ['Riser', 'choice', 'feeding.riser'],
];
