<?php

declare(strict_types=1);

use MoltenNotes\Core\Process\MouldProcess;

// Holds before lighting and before pouring: what must be so, and why. The usual ones of the trade; local rules and licensed practice come
// first, and nothing here says that anything is without danger [common practice].
// when: lighting or pouring. processes, attributes (of the alloy): where it applies; everywhere when not told. with: only where this field
// is told, or told so with =.
$sand = MouldProcess::ofSand();
$closed = MouldProcess::which(static fn (MouldProcess $process): bool => !$process->breathes);

return [
    [
        'code' => 'dressed', 'when' => 'lighting',
        'text' => 'Face shield, leather, natural fibres, boots', 'why' => 'Metal finds every gap.',
    ],
    [
        'code' => 'dry_ground', 'when' => 'lighting',
        'text' => 'Dry sand under the pour, no bare concrete', 'why' => 'Concrete holds water and bursts.',
    ],
    [
        'code' => 'path', 'when' => 'lighting',
        'text' => 'Path clear, nobody in it', 'why' => 'Nothing is put right with a full pot.',
    ],
    [
        'code' => 'extinguisher', 'when' => 'lighting',
        'text' => 'Dry sand or class D at hand, no water', 'why' => 'Water on metal explodes.',
    ],
    [
        'code' => 'crucible', 'when' => 'lighting',
        'text' => 'Crucible rings whole, tongs fit', 'why' => 'A cracked pot lets go when it is lifted.',
    ],
    [
        'code' => 'charge_dry', 'when' => 'lighting',
        'text' => 'Charge and tools dry and warm', 'why' => 'One drop under the metal is enough.',
    ],
    [
        'code' => 'no_bad_scrap', 'when' => 'lighting',
        'text' => 'No sealed, painted or galvanised scrap, no magnesium', 'why' => 'It bursts, burns or poisons.',
    ],
    [
        'code' => 'air', 'when' => 'lighting',
        'text' => 'Air moves; nobody downwind', 'why' => 'Burners make carbon monoxide, metals fume.',
    ],
    [
        'code' => 'not_alone', 'when' => 'lighting',
        'text' => 'Somebody stays with the furnace', 'why' => 'It is never left alone.',
    ],
    [
        'code' => 'no_rain', 'when' => 'lighting',
        'text' => 'No rain, none to come', 'why' => 'No pour in rain.',
    ],
    [
        'code' => 'lead', 'when' => 'lighting', 'attributes' => ['fume_lead'],
        'text' => 'Full precautions for lead', 'why' => 'Never for food or toys.',
    ],
    [
        'code' => 'zinc', 'when' => 'lighting', 'attributes' => ['fume_zinc'],
        'text' => 'Respirator, upwind', 'why' => 'Zinc fume causes metal fever.',
    ],
    [
        'code' => 'coat_dry', 'when' => 'pouring', 'processes' => ['lost_foam', 'ceramic_shell'],
        'text' => 'Coat dry to constant mass', 'why' => 'A damp coat throws metal back.',
    ],
    [
        'code' => 'wash_dry', 'when' => 'pouring', 'processes' => [...$sand, 'metal_mould'], 'with' => 'mould.coating',
        'text' => 'Wash dry, smells of nothing', 'why' => 'What is damp blows.',
    ],
    [
        'code' => 'core_cured', 'when' => 'pouring', 'processes' => $sand, 'with' => 'core.volume',
        'text' => 'Core cured, dry, vented', 'why' => 'A wet core blows into the metal.',
    ],
    [
        'code' => 'binder_cured', 'when' => 'pouring', 'processes' => ['silicate_sand', 'resin_sand', 'printed_sand'],
        'text' => 'Mould hard right through', 'why' => 'Binder that is not cured is gas.',
    ],
    [
        'code' => 'burnt_out', 'when' => 'pouring', 'processes' => ['plaster'],
        'text' => 'Burnt out white, flask hot', 'why' => 'Water left in plaster bursts it.',
    ],
    [
        'code' => 'mould_warm', 'when' => 'pouring', 'processes' => ['metal_mould', 'ceramic_shell'],
        'text' => 'Mould hot, no dew', 'why' => 'A damp mould spits.',
    ],
    [
        'code' => 'vents_open', 'when' => 'pouring',
        'text' => 'Vents open', 'why' => 'Gas takes another way: yours.',
    ],
    [
        'code' => 'sprue_clear', 'when' => 'pouring', 'processes' => [...$sand, 'lost_foam'],
        'text' => 'Sprue clear of sand, cup covered till now', 'why' => 'What lies in it is in the casting.',
    ],
    [
        'code' => 'held_down', 'when' => 'pouring', 'processes' => $sand,
        'text' => 'Weights or clamps on', 'why' => 'The metal lifts the cope.',
    ],
    [
        'code' => 'sand_weight', 'when' => 'pouring', 'processes' => ['lost_foam'],
        'text' => 'Plate and weight on the sand', 'why' => 'The metal lifts what lies over it.',
    ],
    [
        'code' => 'shut', 'when' => 'pouring', 'processes' => ['silicone', 'metal_mould'],
        'text' => 'Halves clamped, boards on', 'why' => 'A joint that gapes lets metal out.',
    ],
    [
        'code' => 'respirator_foam', 'when' => 'pouring', 'processes' => ['lost_foam'],
        'text' => 'Respirator on, upwind', 'why' => 'Burning foam gives styrene.',
    ],
    [
        'code' => 'ingot_mould', 'when' => 'pouring',
        'text' => 'Ingot mould warm and dry beside it', 'why' => 'The rest has to go somewhere.',
    ],
];
