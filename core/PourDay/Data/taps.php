<?php

declare(strict_types=1);

use MoltenNotes\Core\Process\MouldProcess;

// What is tapped on the day, with the second it was tapped. phase: where its button stands. seen: what it notices in the record.
// sets: what it says of a field. takes: what is typed with it. processes: where it can happen; everywhere when not told [common practice].
$sand = MouldProcess::ofSand();
$halves = MouldProcess::which(static fn (MouldProcess $process): bool => !$process->onePiece);

return [
    ['code' => 'lit', 'phase' => 'melt', 'label' => 'Lit'],
    ['code' => 'first_metal', 'phase' => 'melt', 'label' => 'First metal runs'],
    ['code' => 'all_liquid', 'phase' => 'melt', 'label' => 'All liquid'],
    ['code' => 'fluxed', 'phase' => 'melt', 'label' => 'Fluxed'],
    ['code' => 'degassed', 'phase' => 'melt', 'label' => 'Degassed', 'sets' => ['melt.degassed' => true]],
    ['code' => 'stirred', 'phase' => 'melt', 'label' => 'Stirred', 'sets' => ['melt.stirred' => true]],
    ['code' => 'skimmed', 'phase' => 'melt', 'label' => 'Skimmed', 'sets' => ['melt.skimmed' => true]],
    ['code' => 'temperature', 'phase' => 'melt', 'label' => 'Temperature', 'takes' => 'pour.temperature'],
    ['code' => 'spat', 'phase' => 'melt', 'label' => 'Charge spat', 'seen' => 'spitting'],
    ['code' => 'white_smoke', 'phase' => 'melt', 'label' => 'White smoke', 'seen' => 'white_smoke'],
    ['code' => 'out', 'phase' => 'carry', 'label' => 'Out of the furnace'],
    ['code' => 'held_up', 'phase' => 'carry', 'label' => 'Held up', 'seen' => 'long_carry'],
    ['code' => 'skull', 'phase' => 'carry', 'label' => 'A skin froze', 'seen' => 'skull'],
    ['code' => 'pour', 'phase' => 'pour', 'label' => 'Pour starts'],
    ['code' => 'at_riser', 'phase' => 'pour', 'label' => 'Metal in riser or vent', 'seen' => 'metal_at_vents'],
    ['code' => 'full', 'phase' => 'pour', 'label' => 'Full'],
    ['code' => 'ran_short', 'phase' => 'pour', 'label' => 'Ran short', 'seen' => 'short_of_metal'],
    ['code' => 'stopped', 'phase' => 'pour', 'label' => 'Stopped and went on', 'seen' => 'interrupted'],
    ['code' => 'ran_dry', 'phase' => 'pour', 'label' => 'Cup ran dry', 'seen' => 'ran_dry'],
    ['code' => 'bubbled', 'phase' => 'pour', 'label' => 'Bubbled or kicked', 'seen' => 'bubbling'],
    ['code' => 'steam', 'phase' => 'pour', 'label' => 'Steam', 'seen' => 'steam'],
    ['code' => 'flames', 'phase' => 'pour', 'label' => 'Flames at the vents', 'seen' => 'vent_flame'],
    ['code' => 'smoke_hid', 'phase' => 'pour', 'label' => 'Smoke hid the cup', 'seen' => 'cup_hidden'],
    ['code' => 'spilt', 'phase' => 'pour', 'label' => 'Spilt', 'seen' => 'overflowed'],
    ['code' => 'bumped', 'phase' => 'pour', 'label' => 'Bumped', 'seen' => 'bumped'],
    ['code' => 'run_out', 'phase' => 'pour', 'label' => 'Run-out', 'seen' => 'leak'],
    [
        'code' => 'cope_rose', 'phase' => 'pour', 'label' => 'Cope or sand rose', 'seen' => 'cope_rose',
        'processes' => [...$sand, 'lost_foam'],
    ],
    ['code' => 'topped_up', 'phase' => 'cooling', 'label' => 'Topped up'],
    ['code' => 'tilted', 'phase' => 'cooling', 'label' => 'Tilted', 'processes' => $halves],
    ['code' => 'riser_sank', 'phase' => 'cooling', 'label' => 'Riser sank', 'seen' => 'riser_sank'],
    ['code' => 'riser_flat', 'phase' => 'cooling', 'label' => 'Riser stayed flat', 'seen' => 'riser_flat'],
    ['code' => 'burst', 'phase' => 'cooling', 'label' => 'Burst or spat late', 'seen' => 'late_burst'],
    ['code' => 'burns_on', 'phase' => 'cooling', 'label' => 'Burns on', 'seen' => 'sand_fire'],
    ['code' => 'opened', 'phase' => 'cooling', 'label' => 'Opened'],
    ['code' => 'word', 'phase' => 'any', 'label' => 'A word', 'takes' => 'word'],
];
