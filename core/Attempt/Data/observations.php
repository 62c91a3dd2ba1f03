<?php

declare(strict_types=1);

// What can be noticed during the pour, and what was looked at afterwards and found sound; evidence through rows of evidence.php, or through
// the defects that would have been seen there: sound names those [common practice].
return [
    ['code' => 'sluggish', 'label' => 'Metal ran thick or sluggish', 'when' => 'pour'],
    ['code' => 'skull', 'label' => 'A skin of metal froze in the crucible', 'when' => 'pour'],
    ['code' => 'slow', 'label' => 'Poured slowly, thin stream', 'when' => 'pour'],
    ['code' => 'interrupted', 'label' => 'Stopped and started again', 'when' => 'pour'],
    ['code' => 'ran_dry', 'label' => 'Cup or basin ran dry', 'when' => 'pour'],
    ['code' => 'kept_full', 'label' => 'Cup kept full throughout', 'when' => 'pour'],
    ['code' => 'splash', 'label' => 'Splashed or poured from high', 'when' => 'pour'],
    ['code' => 'short_of_metal', 'label' => 'Ran short of metal', 'when' => 'pour'],
    ['code' => 'long_carry', 'label' => 'Held up on the way to the mould', 'when' => 'pour'],
    ['code' => 'bubbling', 'label' => 'Bubbled or kicked back', 'when' => 'pour'],
    ['code' => 'steam', 'label' => 'Steam or hiss from the mould', 'when' => 'pour'],
    ['code' => 'heavy_smoke', 'label' => 'Heavy smoke', 'when' => 'pour'],
    ['code' => 'vent_flame', 'label' => 'Flames at the vents', 'when' => 'pour'],
    ['code' => 'metal_at_vents', 'label' => 'Metal showed at riser or vents', 'when' => 'pour'],
    ['code' => 'no_metal_at_vents', 'label' => 'No metal showed at riser or vents', 'when' => 'pour'],
    ['code' => 'leak', 'label' => 'Metal leaked at the parting', 'when' => 'pour'],
    ['code' => 'cope_rose', 'label' => 'The cope lifted', 'when' => 'pour'],
    ['code' => 'bumped', 'label' => 'Flask or cup was bumped', 'when' => 'pour'],
    ['code' => 'sand_fell', 'label' => 'Sand fell into sprue or mould', 'when' => 'pour'],
    ['code' => 'draw_broke', 'label' => 'An edge broke when the pattern was drawn', 'when' => 'mould'],
    ['code' => 'thick_dross', 'label' => 'Dross kept forming', 'when' => 'melt'],
    ['code' => 'spitting', 'label' => 'Charge spat or popped', 'when' => 'melt'],
    ['code' => 'white_smoke', 'label' => 'White zinc smoke', 'when' => 'melt'],
    ['code' => 'overheated', 'label' => 'Left on too long, well overheated', 'when' => 'melt'],
    ['code' => 'furnace_trouble', 'label' => 'Burner or furnace trouble', 'when' => 'melt'],
    ['code' => 'riser_sank', 'label' => 'Riser or sprue sank in while cooling', 'when' => 'cooling'],
    ['code' => 'riser_flat', 'label' => 'Riser or sprue stayed flat', 'when' => 'cooling'],
    [
        'code' => 'sound_skin', 'label' => 'The rest of the skin is sound', 'when' => 'inspection',
        'sound' => ['blowhole', 'pinholes', 'sink', 'hot_tear', 'cold_crack', 'cold_shut', 'foam_fold', 'rough_skin', 'penetration', 'scab',
            'erosion', 'wrinkled_skin', 'foamy_skin', 'crack_lines', 'misrun', 'trapped_air', 'sand_inclusion', 'dross_inclusion',
            'metal_beads', 'drop_lump', 'crush_lump', 'vein'],
    ],
    [
        'code' => 'sound_sawn', 'label' => 'Sawn or machined: no holes inside', 'when' => 'inspection',
        'sound' => ['gas_porosity', 'pinholes', 'blowhole', 'internal_shrinkage', 'centreline_shrinkage', 'micro_shrinkage'],
    ],
    [
        'code' => 'sound_detail', 'label' => 'Letters and edges are sharp', 'when' => 'inspection',
        'sound' => ['missing_detail', 'edge_tearout', 'misrun'],
    ],
    [
        'code' => 'sound_parting', 'label' => 'No fin and no step at the parting', 'when' => 'inspection',
        'sound' => ['flash', 'shift', 'run_out', 'run_out_bead'],
    ],
    [
        'code' => 'sound_shape', 'label' => 'Straight and true to size', 'when' => 'inspection',
        'sound' => ['warp', 'wrong_size', 'core_shift', 'distorted_pattern', 'swell'],
    ],
    ['code' => 'siblings_sound', 'label' => 'Other pieces of the same pour are sound', 'when' => 'inspection'],
    ['code' => 'siblings_alike', 'label' => 'Every piece of the pour has it', 'when' => 'inspection'],
];
