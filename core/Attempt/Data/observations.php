<?php

declare(strict_types=1);

// What can be noticed during the pour; each is evidence through rows of evidence.php [common practice].
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
];
