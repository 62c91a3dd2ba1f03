<?php

declare(strict_types=1);

// The words a caster picks from. code => label, or code => [label, hint]. Common practice throughout.
return [
    'process' => [
        'green_sand' => ['Green sand', 'Sand, clay and water'],
        'oil_sand' => ['Oil-bonded sand', 'No water; smokes'],
        'silicate_sand' => ['Silicate sand', 'Hardened by CO₂ or heat'],
        'resin_sand' => ['Resin sand', 'No-bake'],
        'printed_sand' => ['Printed sand', 'Printed mould or core'],
        'lost_foam' => ['Lost foam', 'Coated foam in dry sand'],
        'plaster' => ['Plaster investment', 'Lost wax or print'],
        'ceramic_shell' => ['Ceramic shell', 'Dipped and stuccoed'],
        'silicone' => ['Silicone rubber', 'Tin and pewter'],
        'metal_mould' => ['Metal mould', 'Ingot or gravity die'],
    ],
    'pattern_kind' => ['original' => 'The original part', 'wood' => 'Wood', 'print' => '3D print', 'foam' => 'Foam', 'wax' => 'Wax', 'clay' => 'Clay', 'metal' => 'Metal'],
    'draft' => ['good' => 'Good draft', 'little' => 'Little', 'none' => 'None or undercut'],
    'surface' => ['fine' => 'Sealed and sanded', 'fair' => 'Fair', 'rough' => 'Raw, layer lines'],
    'sand_condition' => ['dry' => ['Crumbles', 'The lump falls apart'], 'good' => ['Breaks clean', 'Holds the fingers, snaps sharp'], 'wet' => ['Sticky', 'Leaves the palm damp']],
    'ramming' => ['even' => 'Even', 'soft_spots' => 'Soft in places', 'hard' => 'Very hard'],
    'wash' => ['none' => 'None', 'dry' => 'Dried or flamed', 'damp' => 'Still damp'],
    'core_state' => ['none' => 'No core', 'dry' => 'Cured and dry', 'doubtful' => 'Not sure it was dry'],
    'vibration' => ['all_round' => 'All round, to the top', 'partly' => 'Partly', 'none' => 'Not at all'],
    'fill' => ['bottom' => ['From below', 'Calm'], 'parting' => ['At the parting', 'Half and half'], 'top' => ['From above', 'Hot metal on top'], 'step' => ['In steps', 'Gates at several heights']],
    'sprue_shape' => ['tapered' => 'Tapered', 'straight' => 'Straight'],
    'basin' => ['basin' => 'Offset basin', 'cup' => 'Cup or funnel', 'none' => 'Straight into the sprue'],
    'riser' => ['none' => 'No riser', 'open' => 'Open riser', 'blind' => 'Blind riser', 'sprue' => 'Sprue feeds'],
    'volume_by' => ['sections' => 'Sections', 'dunk' => 'Dunked in water', 'weight' => 'Weighed', 'mass' => 'Mass of an earlier casting', 'mesh' => 'Mesh file'],
    'pattern_material' => ['pine' => 'Pine', 'basswood' => 'Basswood', 'pla' => 'PLA, solid', 'wax' => 'Wax', 'xps' => 'Extruded foam', 'eps' => 'Bead foam', 'clay' => 'Clay'],
    'school' => ['unpressurised' => ['Unpressurised', 'Wide gates, calm'], 'pressurised' => ['Pressurised', 'Gates are the choke'], 'natural' => ['Naturally pressurised', 'Every channel just full, with a filter']],
    'well' => ['well' => ['Well', 'A pool under the sprue'], 'radius' => ['Radius', 'Swept into the runner'], 'none' => 'Square'],
    'energy_source' => ['electric' => 'Electric resistance', 'induction' => 'Induction', 'propane' => 'Propane', 'butane' => 'Butane', 'natural_gas' => 'Natural gas', 'charcoal' => 'Charcoal', 'microwave' => 'Microwave'],
    'vented' => ['all' => 'All', 'some' => 'Some', 'none' => 'None'],
    'charge_source' => [
        'ingot' => 'Known ingot', 'castings' => 'Cast scrap', 'returns' => 'Own gates and failed castings', 'mixed' => 'Mixed scrap',
        'extrusion' => 'Extrusion', 'sheet' => 'Sheet', 'cans' => 'Cans', 'unknown' => 'Do not know',
    ],
    'temperature_by' => ['probe' => 'Probe', 'minutes' => 'Minutes after melting', 'colour' => 'Colour or stick'],
    'weather' => ['dry' => 'Dry', 'humid' => 'Humid', 'rain' => 'Rain'],
    'purpose' => ['works' => 'Must work', 'shows' => 'Its face shows', 'seals' => 'Must seal', 'machined' => 'Is machined'],
    'verdict' => ['good' => 'Good', 'usable' => 'Usable', 'scrap' => 'Scrap'],
    'shown_at' => ['opening' => 'As opened', 'gate_cut' => 'At the gate cut', 'cleaning' => 'After cleaning', 'machining' => 'At machining'],
    'severity' => ['trace' => ['Trace', 'You have to look for it'], 'minor' => ['Minor', 'Seen, still good for its use'], 'spoils' => ['Spoils it', 'Not good for its use']],
    'place' => [
        'cope_face' => 'Cope face', 'drag_face' => 'Drag face', 'near_gate' => 'Near a gate', 'far_from_gate' => 'Far from the gate',
        'last_to_fill' => 'Last to fill', 'high_point' => 'At a high point', 'thick_junction' => 'Thick junction', 'thin_section' => 'Thin section',
        'around_core' => 'Around a core', 'parting_line' => 'Parting line', 'sprue_or_riser' => 'In sprue or riser', 'everywhere' => 'Everywhere',
    ],
    'look' => [
        'smooth_wall' => 'Smooth, shiny wall', 'oxidised_wall' => 'Dark, oxidised wall', 'rough_wall' => 'Rough, crystalline wall', 'sand_lined' => 'Lined with sand',
        'single' => 'One', 'few' => 'A few', 'many' => 'Many', 'fine' => 'Fine', 'large' => 'Large', 'rounded_edges' => 'Rounded edges', 'sharp_edges' => 'Sharp edges',
    ],
    'answer' => ['yes' => 'Yes', 'no' => 'No', 'unclear' => 'Cannot tell'],
];
