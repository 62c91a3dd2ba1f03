<?php

declare(strict_types=1);

// What can be noticed during the pour; each is evidence through rows of evidence.php [common practice].
return [
    // code | label | when
    ['sluggish', 'Metal ran thick or sluggish', 'pour'],
    ['skull', 'A skin of metal froze in the crucible', 'pour'],
    ['slow', 'Poured slowly, thin stream', 'pour'],
    ['interrupted', 'Stopped and started again', 'pour'],
    ['ran_dry', 'Cup or basin ran dry', 'pour'],
    ['kept_full', 'Cup kept full throughout', 'pour'],
    ['splash', 'Splashed or poured from high', 'pour'],
    ['short_of_metal', 'Ran short of metal', 'pour'],
    ['long_carry', 'Held up on the way to the mould', 'pour'],
    ['bubbling', 'Bubbled or kicked back', 'pour'],
    ['steam', 'Steam or hiss from the mould', 'pour'],
    ['heavy_smoke', 'Heavy smoke', 'pour'],
    ['vent_flame', 'Flames at the vents', 'pour'],
    ['metal_at_vents', 'Metal showed at riser or vents', 'pour'],
    ['no_metal_at_vents', 'No metal showed at riser or vents', 'pour'],
    ['leak', 'Metal leaked at the parting', 'pour'],
    ['cope_rose', 'The cope lifted', 'pour'],
    ['bumped', 'Flask or cup was bumped', 'pour'],
    ['sand_fell', 'Sand fell into sprue or mould', 'pour'],
    ['draw_broke', 'An edge broke when the pattern was drawn', 'mould'],
    ['thick_dross', 'Dross kept forming', 'melt'],
    ['spitting', 'Charge spat or popped', 'melt'],
    ['white_smoke', 'White zinc smoke', 'melt'],
    ['overheated', 'Left on too long, well overheated', 'melt'],
    ['furnace_trouble', 'Burner or furnace trouble', 'melt'],
    ['riser_sank', 'Riser or sprue sank in while cooling', 'cooling'],
    ['riser_flat', 'Riser or sprue stayed flat', 'cooling'],
];
