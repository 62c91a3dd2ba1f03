<?php

declare(strict_types=1);

use MoltenNotes\Core\Process\MouldProcess;

// Every value of an attempt that has a name: the plan, the heat and the pour. A change sheet edits these; the diagnosis reads them.
// keeper: attempt (each attempt its own) or heat (shared by every mould filled from one melt).
// kind: choice (of a list in choices.php), quantity (unit = what bounds are written in), count, flag, text, sections.
// possible: outside is refused [derived from physics or from what the word means]. likely: outside is questioned [common practice].
// first: asked first in the log; the rest of its stage waits behind "more".
// A '*' in processes means all; otherwise the field is only asked where it means something.
$foam = ['lost_foam'];
$plaster = ['plaster'];
$sand = MouldProcess::ofSand();
$rammed = MouldProcess::which(static fn (MouldProcess $process): bool => $process->rammed);
$onePiece = MouldProcess::which(static fn (MouldProcess $process): bool => $process->onePiece);
$halves = MouldProcess::which(static fn (MouldProcess $process): bool => !$process->onePiece);
$closed = MouldProcess::which(static fn (MouldProcess $process): bool => !$process->breathes);

return [
    [
        'key' => 'pattern.kind', 'stage' => 'pattern', 'label' => 'Pattern', 'kind' => 'choice', 'choices' => 'pattern_kind',
        'hint' => 'What was moulded.',
    ],
    [
        'key' => 'pattern.draft', 'stage' => 'pattern', 'label' => 'Draft', 'kind' => 'choice', 'choices' => 'draft',
        'processes' => $sand, 'hint' => 'How easily it leaves the sand.',
    ],
    [
        'key' => 'pattern.surface', 'stage' => 'pattern', 'label' => 'Pattern surface', 'kind' => 'choice', 'choices' => 'surface',
        'hint' => 'The casting copies it.',
    ],
    [
        'key' => 'pattern.fillets', 'stage' => 'pattern', 'label' => 'Inside corners', 'kind' => 'choice', 'choices' => 'fillets',
        'hint' => 'Where two walls meet.',
    ],
    [
        'key' => 'casting.sections', 'stage' => 'pattern', 'label' => 'Sections', 'kind' => 'sections',
        'hint' => 'The casting as a handful of simple bodies, measured cold.',
    ],
    [
        'key' => 'casting.count', 'stage' => 'pattern', 'label' => 'Castings in the mould', 'kind' => 'count', 'possible' => [1, 500],
        'likely' => [1, 24],
    ],
    ['key' => 'pattern.volume_by', 'stage' => 'pattern', 'label' => 'Volume known by', 'kind' => 'choice', 'choices' => 'volume_by'],
    [
        'key' => 'pattern.volume', 'stage' => 'pattern', 'label' => 'Volume of the pattern', 'kind' => 'quantity', 'unit' => 'mL',
        'possible' => [0.01, 1000000], 'likely' => [1, 10000], 'hint' => 'Water pushed out, or read from a mesh.',
    ],
    ['key' => 'pattern.mesh_of', 'stage' => 'pattern', 'label' => 'The mesh is of', 'kind' => 'choice', 'choices' => 'mesh_of'],
    [
        'key' => 'pattern.held', 'stage' => 'pattern', 'label' => 'Rod or hand under water', 'kind' => 'quantity', 'unit' => 'mL',
        'possible' => [0, 100000], 'likely' => [0, 500], 'hint' => 'What held the pattern down pushed water out as well.',
    ],
    [
        'key' => 'pattern.area', 'stage' => 'pattern', 'label' => 'Surface of the pattern', 'kind' => 'quantity', 'unit' => 'cm2',
        'possible' => [0.01, 1000000], 'likely' => [1, 50000], 'hint' => 'Read from a mesh.',
    ],
    [
        'key' => 'pattern.mass', 'stage' => 'pattern', 'label' => 'Mass of the pattern', 'kind' => 'quantity', 'unit' => 'g',
        'possible' => [0.01, 1000000], 'likely' => [1, 20000],
    ],
    [
        'key' => 'pattern.material', 'stage' => 'pattern', 'label' => 'Pattern material', 'kind' => 'choice',
        'choices' => 'pattern_material', 'hint' => 'Gives a density where you have none.',
    ],
    [
        'key' => 'pattern.density', 'stage' => 'pattern', 'label' => 'Density of the pattern', 'kind' => 'quantity', 'unit' => 'kg/m3',
        'possible' => [5, 20000], 'likely' => [15, 9000],
    ],
    [
        'key' => 'casting.mass', 'stage' => 'pattern', 'label' => 'Known mass of the casting', 'kind' => 'quantity', 'unit' => 'kg',
        'possible' => [0.0001, 5000], 'likely' => [0.005, 30], 'hint' => 'Of an earlier one, cut off and weighed.',
    ],
    ['key' => 'pattern.allowance', 'stage' => 'pattern', 'label' => 'Pattern made larger for contraction', 'kind' => 'flag'],
    [
        'key' => 'pattern.contraction_2', 'stage' => 'pattern', 'label' => 'Contraction of a second step', 'kind' => 'quantity',
        'unit' => 'percent', 'possible' => [0, 10], 'likely' => [0, 4], 'hint' => 'Wax, silicone or print shrink too.',
    ],
    [
        'key' => 'pattern.contraction_3', 'stage' => 'pattern', 'label' => 'Contraction of a third step', 'kind' => 'quantity',
        'unit' => 'percent', 'possible' => [0, 10], 'likely' => [0, 4],
    ],
    [
        'key' => 'casting.length', 'stage' => 'pattern', 'label' => 'Length of casting', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0.5, 5000], 'likely' => [10, 1200], 'hint' => 'Longest side as it lies in the mould.',
    ],
    [
        'key' => 'casting.height', 'stage' => 'pattern', 'label' => 'Height of casting', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0.5, 3000], 'likely' => [3, 500], 'hint' => 'From its lowest to its highest point in the mould.',
    ],
    [
        'key' => 'casting.wall', 'first' => true, 'stage' => 'pattern', 'label' => 'Thinnest wall', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0.1, 500], 'likely' => [1, 60], 'hint' => 'Decides how hot the metal must be.',
    ],
    [
        'key' => 'casting.heaviest', 'stage' => 'pattern', 'label' => 'Heaviest section', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0.1, 1000], 'likely' => [2, 150], 'hint' => 'Last to freeze: it wants feeding.',
    ],
    [
        'key' => 'casting.run', 'first' => true,
        'stage' => 'pattern', 'label' => 'Longest run from a gate', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0, 5000], 'likely' => [5, 800], 'hint' => 'How far metal must travel through the thin parts.',
    ],
    [
        'key' => 'casting.high_points', 'stage' => 'pattern', 'label' => 'High points', 'kind' => 'count', 'possible' => [0, 100],
        'likely' => [0, 12], 'hint' => 'Places where air can be caught, in pouring position.',
    ],
    [
        'key' => 'casting.above', 'stage' => 'pattern', 'label' => 'Height above the gates', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0, 3000], 'likely' => [0, 500], 'hint' => 'How far the casting rises above where metal enters.',
    ],
    ['key' => 'mould.process', 'first' => true, 'stage' => 'mould', 'label' => 'Mould process', 'kind' => 'choice', 'choices' => 'process'],
    [
        'key' => 'sand.condition', 'first' => true,
        'stage' => 'mould', 'label' => 'Squeeze test', 'kind' => 'choice', 'choices' => 'sand_condition',
        'processes' => ['green_sand', 'oil_sand'], 'hint' => 'A fistful, squeezed and broken.',
    ],
    [
        'key' => 'sand.kind', 'stage' => 'mould', 'label' => 'Kind of sand', 'kind' => 'choice', 'choices' => 'sand_kind',
        'processes' => ['green_sand'], 'hint' => 'Natural sand wants more water and more clay than sand with bentonite.',
    ],
    [
        'key' => 'sand.moisture', 'stage' => 'mould', 'label' => 'Moisture', 'kind' => 'quantity', 'unit' => 'percent',
        'possible' => [0, 25], 'likely' => [1.5, 9], 'processes' => ['green_sand'], 'hint' => 'Share of the moist sand’s mass.',
    ],
    [
        'key' => 'sand.clay', 'stage' => 'mould', 'label' => 'Clay', 'kind' => 'quantity', 'unit' => 'percent', 'possible' => [0, 50],
        'likely' => [4, 16], 'processes' => ['green_sand'], 'hint' => 'Share of the sand’s mass.',
    ],
    [
        'key' => 'sand.binder', 'stage' => 'mould', 'label' => 'Binder', 'kind' => 'quantity', 'unit' => 'percent',
        'possible' => [0, 30], 'likely' => [0.5, 10], 'processes' => ['oil_sand', 'silicate_sand', 'resin_sand', 'printed_sand'],
        'hint' => 'Oil, silicate or resin as share of sand mass.',
    ],
    [
        'key' => 'sand.binder_kind', 'stage' => 'mould', 'label' => 'Kind of binder', 'kind' => 'choice', 'choices' => 'binder_kind',
        'processes' => $sand, 'hint' => 'Of the mould, or of its core.',
    ],
    [
        'key' => 'sand.fineness', 'stage' => 'mould', 'label' => 'Grain fineness number', 'kind' => 'count', 'possible' => [1, 400],
        'likely' => [30, 250], 'processes' => $sand, 'hint' => 'Higher is finer.',
    ],
    [
        'key' => 'sand.reused', 'stage' => 'mould', 'label' => 'Times reused', 'kind' => 'count', 'possible' => [0, 10000],
        'likely' => [0, 200], 'processes' => ['green_sand', 'oil_sand'], 'hint' => 'Since the last re-mill or recharge.',
    ],
    [
        'key' => 'sand.facing', 'stage' => 'mould', 'label' => 'Sieved facing', 'kind' => 'flag', 'processes' => $sand,
        'hint' => 'Fine sand sieved over the pattern first.',
    ],
    [
        'key' => 'sand.warm', 'stage' => 'mould', 'label' => 'Sand still warm from the pour before', 'kind' => 'flag',
        'processes' => ['green_sand'], 'hint' => 'Warm sand sweats on a cold pattern and dries at its edges.',
    ],
    [
        'key' => 'sand.ramming', 'stage' => 'mould', 'label' => 'Ramming', 'kind' => 'choice', 'choices' => 'ramming',
        'processes' => $sand,
    ],
    [
        'key' => 'mould.dry_time', 'first' => true, 'stage' => 'mould', 'label' => 'Drying or curing', 'kind' => 'quantity', 'unit' => 'h',
        'possible' => [0, 8760], 'likely' => [0, 400], 'processes' => ['silicate_sand', 'resin_sand', 'printed_sand', 'ceramic_shell'],
        'hint' => 'Between making and pouring.',
    ],
    [
        'key' => 'mould.coating', 'stage' => 'mould', 'label' => 'Mould wash', 'kind' => 'choice', 'choices' => 'wash',
        'processes' => [...$sand, 'metal_mould'],
        'hint' => 'Painted on the mould face.',
    ],
    [
        'key' => 'mould.coating_kind', 'stage' => 'mould', 'label' => 'Kind of coating', 'kind' => 'choice', 'choices' => 'wash_kind',
        'processes' => [...$sand, 'metal_mould', 'lost_foam'],
    ],
    [
        'key' => 'mould.cure', 'stage' => 'mould', 'label' => 'Cured by', 'kind' => 'choice', 'choices' => 'cure',
        'processes' => ['silicate_sand', 'resin_sand', 'printed_sand', 'oil_sand'],
    ],
    ['key' => 'mould.blown_out', 'stage' => 'mould', 'label' => 'Loose sand blown out', 'kind' => 'flag', 'processes' => $sand],
    [
        'key' => 'mould.pins_checked', 'stage' => 'mould', 'label' => 'Flask pins checked', 'kind' => 'flag',
        'processes' => $rammed,
    ],
    [
        'key' => 'mould.cope_weight', 'stage' => 'mould', 'label' => 'Weight on the cope', 'kind' => 'quantity', 'unit' => 'kg',
        'possible' => [0, 2000], 'likely' => [0, 150], 'processes' => $sand,
        'hint' => 'Besides the cope itself.',
    ],
    [
        'key' => 'mould.clamps', 'stage' => 'mould', 'label' => 'Clamps or screws on the flask', 'kind' => 'count',
        'possible' => [0, 100], 'likely' => [0, 12], 'processes' => $sand, 'hint' => 'They pull cope and drag together.',
    ],
    [
        'key' => 'mould.held_shut', 'stage' => 'mould', 'label' => 'Halves held by', 'kind' => 'choice', 'choices' => 'held_shut',
        'processes' => ['silicone', 'metal_mould'],
    ],
    [
        'key' => 'mould.backing', 'stage' => 'mould', 'label' => 'Rigid backing', 'kind' => 'choice', 'choices' => 'backing',
        'processes' => ['silicone', 'plaster', 'ceramic_shell'], 'hint' => 'What keeps it from bulging.',
    ],
    [
        'key' => 'flask.bars', 'stage' => 'mould', 'label' => 'Bars in the cope', 'kind' => 'flag', 'processes' => $rammed,
        'hint' => 'They carry a wide body of sand.',
    ],
    [
        'key' => 'flask.bedded', 'stage' => 'mould', 'label' => 'Bedded on level sand', 'kind' => 'flag', 'processes' => $sand,
        'hint' => 'A flask that rocks opens its joint.',
    ],
    [
        'key' => 'mould.cope_mass', 'stage' => 'mould', 'label' => 'Cope itself weighs', 'kind' => 'quantity', 'unit' => 'kg',
        'possible' => [0, 2000], 'likely' => [0.5, 150], 'processes' => $sand,
    ],
    [
        'key' => 'flask.length', 'stage' => 'mould', 'label' => 'Flask length inside', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [20, 5000], 'likely' => [80, 1000],
    ],
    [
        'key' => 'flask.width', 'stage' => 'mould', 'label' => 'Flask width inside', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [20, 5000], 'likely' => [80, 1000],
    ],
    [
        'key' => 'flask.cope', 'stage' => 'mould', 'label' => 'Cope depth', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [5, 2000], 'likely' => [30, 300], 'processes' => $halves,
    ],
    [
        'key' => 'flask.drag', 'stage' => 'mould', 'label' => 'Drag depth', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [5, 2000], 'likely' => [30, 300], 'processes' => $halves,
    ],
    [
        'key' => 'flask.depth', 'stage' => 'mould', 'label' => 'Box or flask, depth inside', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [5, 4000], 'likely' => [40, 600], 'processes' => $onePiece,
    ],
    [
        'key' => 'sand.permeability', 'stage' => 'mould', 'label' => 'Permeability number', 'kind' => 'count', 'possible' => [1, 2000],
        'likely' => [10, 400], 'processes' => $sand,
    ],
    [
        'key' => 'mould.temperature', 'first' => true,
        'stage' => 'mould', 'label' => 'Mould temperature', 'kind' => 'quantity', 'unit' => 'degC',
        'possible' => [-40, 1300], 'likely' => [5, 1000], 'processes' => $closed,
        'hint' => 'When the metal went in.',
    ],
    [
        'key' => 'core.volume', 'stage' => 'mould', 'label' => 'Core, volume in the metal', 'kind' => 'quantity', 'unit' => 'mL',
        'possible' => [0.01, 500000], 'likely' => [1, 20000], 'processes' => $sand,
        'hint' => 'Metal lifts it; prints or chaplets must hold it.',
    ],
    ['key' => 'core.state', 'stage' => 'mould', 'label' => 'Core', 'kind' => 'choice', 'choices' => 'core_state', 'processes' => $sand],
    [
        'key' => 'core.vented', 'stage' => 'mould', 'label' => 'Core vented to outside', 'kind' => 'flag', 'processes' => $sand,
        'hint' => 'A way for its gas through the print.',
    ],
    ['key' => 'core.held', 'stage' => 'mould', 'label' => 'Core held by prints or chaplets', 'kind' => 'flag', 'processes' => $sand],
    [
        'key' => 'foam.density', 'stage' => 'mould', 'label' => 'Foam density', 'kind' => 'quantity', 'unit' => 'kg/m3',
        'possible' => [1, 300], 'likely' => [10, 60], 'processes' => $foam, 'hint' => 'Lighter foam makes less gas.',
    ],
    [
        'key' => 'foam.coats', 'stage' => 'mould', 'label' => 'Coats on the foam', 'kind' => 'count', 'possible' => [0, 20],
        'likely' => [1, 5], 'processes' => $foam,
    ],
    [
        'key' => 'foam.dry_time', 'first' => true, 'stage' => 'mould', 'label' => 'Coating dried', 'kind' => 'quantity', 'unit' => 'h',
        'possible' => [0, 8760], 'likely' => [2, 400], 'processes' => $foam, 'hint' => 'Longer in cold or damp weather.',
    ],
    ['key' => 'foam.brushed', 'stage' => 'mould', 'label' => 'Bubbles brushed out', 'kind' => 'flag', 'processes' => $foam],
    [
        'key' => 'foam.vibration', 'first' => true,
        'stage' => 'mould', 'label' => 'Sand vibrated in', 'kind' => 'choice', 'choices' => 'vibration',
        'processes' => $foam, 'hint' => 'To the very top and under overhangs.',
    ],
    [
        'key' => 'foam.cover', 'stage' => 'mould', 'label' => 'Sand over the foam', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0, 2000], 'likely' => [40, 400], 'processes' => $foam, 'hint' => 'Over its highest place.',
    ],
    [
        'key' => 'foam.cup_height', 'stage' => 'mould', 'label' => 'Cup above the sand', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0, 1000], 'likely' => [20, 300], 'processes' => $foam, 'hint' => 'Height of metal kept over the foam.',
    ],
    [
        'key' => 'plaster.ratio', 'stage' => 'mould', 'label' => 'Water to powder', 'kind' => 'quantity', 'unit' => 'percent',
        'possible' => [5, 300], 'likely' => [30, 110], 'processes' => $plaster, 'hint' => 'Water as share of powder mass.',
    ],
    [
        'key' => 'plaster.kind', 'stage' => 'mould', 'label' => 'Investment', 'kind' => 'choice', 'choices' => 'investment_kind',
        'processes' => $plaster,
    ],
    [
        'key' => 'plaster.vacuum', 'first' => true,
        'stage' => 'mould', 'label' => 'Investment vacuumed', 'kind' => 'flag', 'processes' => $plaster,
        'hint' => 'Or vibrated until no bubbles rise.',
    ],
    [
        'key' => 'plaster.one_mix', 'stage' => 'mould', 'label' => 'One continuous mix', 'kind' => 'flag', 'processes' => $plaster,
        'hint' => 'Never topped up after it began to set.',
    ],
    [
        'key' => 'plaster.dry_time', 'stage' => 'mould', 'label' => 'Dried before burnout', 'kind' => 'quantity', 'unit' => 'h',
        'possible' => [0, 8760], 'likely' => [2, 400], 'processes' => $plaster,
    ],
    [
        'key' => 'plaster.burnout_time', 'first' => true, 'stage' => 'mould', 'label' => 'Burnout', 'kind' => 'quantity', 'unit' => 'h',
        'possible' => [0, 200], 'likely' => [2, 24], 'processes' => $plaster, 'hint' => 'From lighting to pouring.',
    ],
    [
        'key' => 'plaster.burnout_peak', 'stage' => 'mould', 'label' => 'Burnout peak', 'kind' => 'quantity', 'unit' => 'degC',
        'possible' => [20, 1300], 'likely' => [350, 780], 'processes' => $plaster,
    ],
    [
        'key' => 'shell.wall', 'stage' => 'mould', 'label' => 'Shell is thick', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0.5, 60], 'likely' => [3, 20], 'processes' => ['ceramic_shell'], 'hint' => 'Slurry and stucco together.',
    ],
    [
        'key' => 'shell.dewaxed', 'stage' => 'mould', 'label' => 'Wax melted out', 'kind' => 'choice', 'choices' => 'dewaxed',
        'processes' => ['ceramic_shell'],
    ],
    [
        'key' => 'shell.backing', 'stage' => 'mould', 'label' => 'Shell stands', 'kind' => 'choice', 'choices' => 'shell_backing',
        'processes' => ['ceramic_shell'],
    ],
    [
        'key' => 'silicone.cure_time', 'stage' => 'mould', 'label' => 'Silicone cured', 'kind' => 'quantity', 'unit' => 'h',
        'possible' => [0, 8760], 'likely' => [4, 200], 'processes' => ['silicone'],
    ],
    [
        'key' => 'silicone.talc', 'first' => true,
        'stage' => 'mould', 'label' => 'Talc dusted', 'kind' => 'flag', 'processes' => ['silicone'],
        'hint' => 'Lets air creep out along the face.',
    ],
    [
        'key' => 'gating.fill', 'first' => true, 'stage' => 'gating', 'label' => 'Kind of fill', 'kind' => 'choice', 'choices' => 'fill',
        'hint' => 'Where metal enters the casting.',
    ],
    [
        'key' => 'gating.sprue', 'first' => true,
        'stage' => 'gating', 'label' => 'Sprue bore at the base', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [1, 300], 'likely' => [6, 60],
    ],
    [
        'key' => 'gating.sprue_height', 'stage' => 'gating', 'label' => 'Head of metal', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0, 3000], 'likely' => [30, 500], 'hint' => 'From the gate up to the metal in cup or basin.',
    ],
    ['key' => 'gating.sprue_shape', 'stage' => 'gating', 'label' => 'Sprue shape', 'kind' => 'choice', 'choices' => 'sprue_shape'],
    ['key' => 'gating.basin', 'stage' => 'gating', 'label' => 'Basin or cup', 'kind' => 'choice', 'choices' => 'basin'],
    ['key' => 'gating.school', 'stage' => 'gating', 'label' => 'School of gating', 'kind' => 'choice', 'choices' => 'school'],
    [
        'key' => 'gating.fill_time', 'stage' => 'gating', 'label' => 'Pour time aimed at', 'kind' => 'quantity', 'unit' => 's',
        'possible' => [0.2, 1800], 'likely' => [1, 60], 'hint' => 'Left blank it is worked out.',
    ],
    [
        'key' => 'gating.sprue_top', 'stage' => 'gating', 'label' => 'Sprue bore at the top', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [1, 300], 'likely' => [6, 80],
    ],
    [
        'key' => 'gating.basin_depth', 'stage' => 'gating', 'label' => 'Metal over the sprue', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0, 500], 'likely' => [15, 120], 'hint' => 'Depth in the basin or cup.',
    ],
    ['key' => 'gating.well', 'stage' => 'gating', 'label' => 'Foot of the sprue', 'kind' => 'choice', 'choices' => 'well'],
    [
        'key' => 'gating.runner_width', 'stage' => 'gating', 'label' => 'Runner width', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [1, 500], 'likely' => [5, 100],
    ],
    [
        'key' => 'gating.runner_height', 'stage' => 'gating', 'label' => 'Runner height', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [1, 500], 'likely' => [4, 80],
    ],
    [
        'key' => 'gating.runner_length', 'stage' => 'gating', 'label' => 'Runner length', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [1, 5000], 'likely' => [15, 800],
    ],
    [
        'key' => 'gating.overrun', 'stage' => 'gating', 'label' => 'Runner beyond the last gate', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0, 1000], 'likely' => [0, 120], 'hint' => 'Catches the first, dirty metal.',
    ],
    [
        'key' => 'gating.gate_length', 'stage' => 'gating', 'label' => 'Gate length', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0.5, 500], 'likely' => [3, 60],
    ],
    [
        'key' => 'gating.gates', 'first' => true,
        'stage' => 'gating', 'label' => 'Number of gates', 'kind' => 'count', 'possible' => [0, 100],
        'likely' => [1, 12], 'hint' => 'Into each casting.',
    ],
    [
        'key' => 'gating.gate_width', 'stage' => 'gating', 'label' => 'Gate width', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0.5, 1000], 'likely' => [4, 120],
    ],
    [
        'key' => 'gating.gate_thickness', 'stage' => 'gating', 'label' => 'Gate thickness', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0.2, 300], 'likely' => [1.5, 30],
    ],
    ['key' => 'gating.filter', 'stage' => 'gating', 'label' => 'Filter or screen', 'kind' => 'flag'],
    [
        'key' => 'gating.joined', 'stage' => 'gating', 'label' => 'Sprue meets runner across the halves', 'kind' => 'flag',
        'processes' => $sand, 'hint' => 'Checked before closing.',
    ],
    [
        'key' => 'feeding.riser', 'first' => true, 'stage' => 'feeding', 'label' => 'Riser', 'kind' => 'choice', 'choices' => 'riser',
        'hint' => 'What feeds the heaviest section.',
    ],
    [
        'key' => 'feeding.riser_stands', 'stage' => 'feeding', 'label' => 'Riser stands', 'kind' => 'choice', 'choices' => 'riser_stands',
    ],
    [
        'key' => 'feeding.riser_diameter', 'stage' => 'feeding', 'label' => 'Riser diameter', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [1, 500], 'likely' => [8, 150],
    ],
    [
        'key' => 'feeding.riser_height', 'stage' => 'feeding', 'label' => 'Riser height', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [1, 1000], 'likely' => [10, 300],
    ],
    [
        'key' => 'feeding.neck', 'stage' => 'feeding', 'label' => 'Riser neck', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [1, 400], 'likely' => [4, 100], 'hint' => 'Narrowest place between riser and casting.',
    ],
    ['key' => 'feeding.insulated', 'stage' => 'feeding', 'label' => 'Riser insulated or covered', 'kind' => 'flag'],
    ['key' => 'feeding.at_heaviest', 'stage' => 'feeding', 'label' => 'Riser stands on the heaviest section', 'kind' => 'flag'],
    [
        'key' => 'feeding.chill', 'stage' => 'feeding', 'label' => 'Chill on the heavy part', 'kind' => 'flag', 'processes' => $sand,
        'hint' => 'Dry and warm.',
    ],
    [
        'key' => 'feeding.chill_area', 'stage' => 'feeding', 'label' => 'Face on the chill', 'kind' => 'quantity', 'unit' => 'cm2',
        'possible' => [0.01, 100000], 'likely' => [0.5, 500], 'processes' => $sand,
        'hint' => 'Left blank: the underside of what it lies under.',
    ],
    [
        'key' => 'venting.vents', 'first' => true, 'stage' => 'venting', 'label' => 'Vents', 'kind' => 'count', 'possible' => [0, 500],
        'likely' => [0, 60], 'hint' => 'In the whole mould.',
    ],
    [
        'key' => 'venting.diameter', 'stage' => 'venting', 'label' => 'Vent diameter', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0.3, 100], 'likely' => [1, 12],
    ],
    [
        'key' => 'venting.high_points', 'first' => true, 'stage' => 'venting', 'label' => 'High points with a way out', 'kind' => 'choice',
        'choices' => 'vented', 'hint' => 'A vent or an open riser on each.',
    ],
    [
        'key' => 'metal.alloy', 'first' => true, 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Metal', 'kind' => 'choice',
        'choices' => 'alloy',
    ],
    [
        'key' => 'metal.source', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Charge', 'kind' => 'choice',
        'choices' => 'charge_source', 'hint' => 'What went into the crucible.',
    ],
    [
        'key' => 'metal.source_2', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Second part of the charge', 'kind' => 'choice',
        'choices' => 'charge_source',
    ],
    [
        'key' => 'metal.share_2', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Share of the second part', 'kind' => 'quantity',
        'unit' => 'percent', 'possible' => [0, 100], 'likely' => [1, 99], 'hint' => 'Of the mass of the charge. Blank counts as half.',
    ],
    [
        'key' => 'metal.source_3', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Third part of the charge', 'kind' => 'choice',
        'choices' => 'charge_source',
    ],
    [
        'key' => 'metal.share_3', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Share of the third part', 'kind' => 'quantity',
        'unit' => 'percent', 'possible' => [0, 100], 'likely' => [1, 99],
    ],
    [
        'key' => 'metal.charge', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Charge mass', 'kind' => 'quantity', 'unit' => 'kg',
        'possible' => [0.001, 5000], 'likely' => [0.05, 40],
    ],
    [
        'key' => 'metal.loss', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Melt loss', 'kind' => 'quantity',
        'unit' => 'percent', 'possible' => [0, 90], 'likely' => [0.5, 50], 'hint' => 'Left blank it follows the kind of charge.',
    ],
    [
        'key' => 'metal.reserve', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Reserve', 'kind' => 'quantity',
        'unit' => 'percent', 'possible' => [0, 300], 'likely' => [5, 40],
    ],
    [
        'key' => 'metal.remainder', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Poured back into ingots', 'kind' => 'quantity',
        'unit' => 'kg', 'possible' => [0, 2000], 'likely' => [0, 60], 'hint' => 'What was left in the pot.',
    ],
    [
        'key' => 'crucible.volume', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Crucible holds to the brim',
        'kind' => 'quantity', 'unit' => 'mL', 'possible' => [1, 500000], 'likely' => [20, 30000],
    ],
    [
        'key' => 'crucible.mass', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Empty crucible with tongs', 'kind' => 'quantity',
        'unit' => 'kg', 'possible' => [0.01, 500], 'likely' => [0.2, 40],
    ],
    [
        'key' => 'crucible.kind', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Crucible of', 'kind' => 'choice',
        'choices' => 'crucible_kind',
    ],
    [
        'key' => 'crucible.name', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Crucible', 'kind' => 'text',
        'hint' => 'As named in your workshop: furnaces learn with each crucible.',
    ],
    [
        'key' => 'melt.furnace', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Furnace', 'kind' => 'text',
        'hint' => 'As named in your workshop.',
    ],
    [
        'key' => 'melt.energy_source', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Heated by', 'kind' => 'choice',
        'choices' => 'energy_source',
    ],
    [
        'key' => 'melt.power', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Furnace power', 'kind' => 'quantity', 'unit' => 'kW',
        'possible' => [0.05, 2000], 'likely' => [0.5, 120],
    ],
    [
        'key' => 'melt.efficiency', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Share of the energy that reaches the metal',
        'kind' => 'quantity', 'unit' => 'percent', 'possible' => [0.1, 95], 'likely' => [1, 75],
        'hint' => 'Left blank: your own heats, else the usual for the kind of furnace.',
    ],
    [
        'key' => 'melt.energy', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Energy drawn', 'kind' => 'quantity',
        'unit' => 'kWh', 'possible' => [0.001, 100000], 'likely' => [0.05, 300], 'hint' => 'From the meter or the bottle.',
    ],
    [
        'key' => 'melt.meter_before', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Meter before lighting', 'kind' => 'quantity',
        'unit' => 'kWh', 'possible' => [0, 10000000], 'hint' => 'As it stands there; with the one after, what the melt drew.',
    ],
    [
        'key' => 'melt.meter_after', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Meter after the melt', 'kind' => 'quantity',
        'unit' => 'kWh', 'possible' => [0, 10000000],
    ],
    [
        'key' => 'melt.fuel_before', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Bottle or fuel, weighed before',
        'kind' => 'quantity', 'unit' => 'kg', 'possible' => [0, 5000], 'likely' => [0.2, 120], 'hint' => 'The bottle with what is in it.',
    ],
    [
        'key' => 'melt.fuel_after', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Bottle or fuel, weighed after',
        'kind' => 'quantity', 'unit' => 'kg', 'possible' => [0, 5000], 'likely' => [0, 120],
    ],
    [
        'key' => 'melt.charge_dry', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Charge and tools dried and warmed',
        'kind' => 'flag',
    ],
    [
        'key' => 'melt.time', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Melting took', 'kind' => 'quantity',
        'unit' => 'min', 'possible' => [0, 2880], 'likely' => [2, 240], 'hint' => 'From lighting to the last piece liquid.',
    ],
    [
        'key' => 'melt.hold', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Held liquid before the pour', 'kind' => 'quantity',
        'unit' => 'min', 'possible' => [0, 2880], 'likely' => [0, 90],
    ],
    [
        'key' => 'melt.peak', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Hottest the melt got', 'kind' => 'quantity',
        'unit' => 'degC', 'possible' => [150, 2000], 'likely' => [200, 1700],
    ],
    [
        'key' => 'melt.arrest_upper', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'A cooled cup began to freeze at',
        'kind' => 'quantity', 'unit' => 'degC', 'possible' => [100, 1700], 'likely' => [180, 1600],
        'hint' => 'Where a sample first stood still as it cooled: it tells which metal it is.',
    ],
    [
        'key' => 'melt.arrest_lower', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'And stood still again at',
        'kind' => 'quantity', 'unit' => 'degC', 'possible' => [100, 1700], 'likely' => [180, 1600],
    ],
    ['key' => 'melt.degassed', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Degassed', 'kind' => 'flag'],
    [
        'key' => 'melt.cover', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Cover or deoxidiser', 'kind' => 'flag',
        'hint' => 'Charcoal, flux cover, phosphor copper.',
    ],
    [
        'key' => 'melt.flux', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Flux', 'kind' => 'choice', 'choices' => 'flux',
    ],
    ['key' => 'melt.stirred', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Stirred', 'kind' => 'flag'],
    ['key' => 'melt.skimmed', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Skimmed just before', 'kind' => 'flag'],
    [
        'key' => 'melt.temperature_by', 'keeper' => 'heat', 'stage' => 'melt', 'label' => 'Temperature told by', 'kind' => 'choice',
        'choices' => 'temperature_by',
    ],
    [
        'key' => 'pour.temperature', 'first' => true,
        'stage' => 'pour', 'label' => 'Pour temperature', 'kind' => 'quantity', 'unit' => 'degC',
        'possible' => [150, 2000], 'likely' => [200, 1700], 'hint' => 'In the crucible, as the pour began.',
    ],
    [
        'key' => 'pour.carry_time', 'stage' => 'pour', 'label' => 'Furnace to mould', 'kind' => 'quantity', 'unit' => 's',
        'possible' => [0, 3600], 'likely' => [3, 180],
    ],
    [
        'key' => 'pour.time', 'stage' => 'pour', 'label' => 'Pour took', 'kind' => 'quantity', 'unit' => 's',
        'possible' => [0.1, 1800], 'likely' => [1, 60], 'hint' => 'From first metal to full.',
    ],
    [
        'key' => 'pour.people', 'stage' => 'pour', 'label' => 'People at the pour', 'kind' => 'count', 'possible' => [1, 30],
        'likely' => [1, 6], 'hint' => 'Who held what goes into the note.',
    ],
    ['key' => 'pour.weather', 'stage' => 'pour', 'label' => 'Weather', 'kind' => 'choice', 'choices' => 'weather'],
    [
        'key' => 'pour.ambient', 'stage' => 'pour', 'label' => 'Air temperature', 'kind' => 'quantity', 'unit' => 'degC',
        'possible' => [-60, 60], 'likely' => [-15, 40],
    ],
    [
        'key' => 'cooling.open_after', 'stage' => 'cooling', 'label' => 'Opened after', 'kind' => 'quantity', 'unit' => 'min',
        'possible' => [0, 100000], 'likely' => [3, 1440],
    ],
    [
        'key' => 'mould.energy', 'stage' => 'cooling', 'label' => 'Drawn by oven or kiln for this mould', 'kind' => 'quantity',
        'unit' => 'kWh', 'possible' => [0, 100000], 'likely' => [0.05, 120], 'hint' => 'Baking, drying, burnout; not the melt.',
    ],
    [
        'key' => 'work.hands', 'stage' => 'cooling', 'label' => 'Hands on, all in all', 'kind' => 'quantity', 'unit' => 'h',
        'possible' => [0, 2000], 'likely' => [0.2, 60], 'hint' => 'From pattern to fettled casting.',
    ],
    [
        'key' => 'finish.look', 'stage' => 'cooling', 'label' => 'How it is to look', 'kind' => 'choice', 'choices' => 'finish_look',
        'hint' => 'The route of finishing goes by it.',
    ],
    ['key' => 'finish.treatment', 'stage' => 'cooling', 'label' => 'Heat treatment', 'kind' => 'choice', 'choices' => 'treatment'],
    [
        'key' => 'finish.machined', 'stage' => 'cooling', 'label' => 'Faces to be machined', 'kind' => 'quantity', 'unit' => 'cm2',
        'possible' => [0, 100000], 'likely' => [0.5, 2000], 'hint' => 'All together.',
    ],
    [
        'key' => 'finish.allowance', 'stage' => 'cooling', 'label' => 'Left on for machining', 'kind' => 'quantity', 'unit' => 'mm',
        'possible' => [0, 50], 'likely' => [0.3, 6],
    ],
    ['key' => 'finish.fit', 'stage' => 'cooling', 'label' => 'What is fitted', 'kind' => 'choice', 'choices' => 'finish_fit'],
    ['key' => 'cooling.quenched', 'stage' => 'cooling', 'label' => 'Quenched', 'kind' => 'flag'],
    [
        'key' => 'gating.found', 'stage' => 'cooling', 'label' => 'Gating when opened', 'kind' => 'choice', 'choices' => 'gating_found',
        'hint' => 'What stands in sprue, runner and gates.',
    ],
    [
        'key' => 'gating.stopped', 'stage' => 'cooling', 'label' => 'Metal stopped', 'kind' => 'choice', 'choices' => 'stopped_at',
        'hint' => 'How far the front came.',
    ],
];
