<?php

declare(strict_types=1);

// Mixes of the trade. Parts are by mass. by: what is reckoned from: volume (a space to be filled) or area (a face to be coated, of a wet
// thickness in mm a coat). bulk: kg/m³ of the mix as it lies rammed, where it is grains; else its volume is that of its parts.
// parts, in the order of mixing: name => [parts, density kg/m³, what is done with it]. reserve: on top, share.
// works, sets, ready: minutes at 20 °C until it must be in place, until it holds its shape, until it goes on to the next step; null where
// that is no matter of time. tenfold: how much faster all of it is 10 K warmer; of: what has to be at that temperature. one: a second batch
// on the first is a weak joint. mixes: minutes that a batch takes to mix. keeps: days that it, or its powder once opened, keeps.
// All common practice, rough: makers' sheets come first; what a caster found for his own goes into a recipe of his own.
return [
    [
        'code' => 'investment', 'label' => 'Casting investment', 'serves' => ['plaster'], 'by' => 'volume', 'bulk' => null,
        'thickness' => null,
        'parts' => [
            'Water' => [40, 1000, 'First, clean and weighed, not measured by the cup.'],
            'Investment powder' => [100, 2600, 'Sifted into the water, never the other way round; wet through, then stirred.'],
        ],
        'reserve' => 0.12, 'works' => 8, 'sets' => 15, 'ready' => 120, 'tenfold' => 1.6, 'of' => 'water', 'one' => true, 'mixes' => 3,
        'keeps' => 180,
        'cautions' => [
            'One batch for the whole mould: never top up one that has begun to set. The joint between two mixes bursts.',
            'Dust of silica: a respirator while the powder is handled.',
        ],
    ],
    [
        'code' => 'pottery_plaster', 'label' => 'Pottery plaster', 'serves' => ['plaster'], 'by' => 'volume', 'bulk' => null,
        'thickness' => null,
        'parts' => [
            'Water' => [70, 1000, 'First.'],
            'Plaster' => [100, 2300, 'Sifted in until it stands as an island, left to soak two minutes, then stirred.'],
        ],
        'reserve' => 0.12, 'works' => 6, 'sets' => 20, 'ready' => 60, 'tenfold' => 1.5, 'of' => 'water', 'one' => true, 'mixes' => 3,
        'keeps' => 120,
        'cautions' => ['One batch: what is poured on set plaster does not hold to it.'],
    ],
    [
        'code' => 'silicone_tin', 'label' => 'Silicone rubber, tin-cured', 'serves' => ['silicone'], 'by' => 'volume', 'bulk' => null,
        'thickness' => null,
        'parts' => [
            'Base' => [100, 1260, 'Into a bucket of four times its size.'],
            'Catalyst' => [3, 980, 'Weighed on a scale that shows a tenth of a gram; too much makes it brittle.'],
        ],
        'reserve' => 0.12, 'works' => 40, 'sets' => 480, 'ready' => 1440, 'tenfold' => 2.0, 'of' => 'air', 'one' => false, 'mixes' => 4,
        'keeps' => 365,
        'cautions' => ['Scrape the walls of the bucket while mixing: what is not mixed never cures.'],
    ],
    [
        'code' => 'silicone_platinum', 'label' => 'Silicone rubber, platinum-cured', 'serves' => ['silicone'], 'by' => 'volume',
        'bulk' => null, 'thickness' => null,
        'parts' => [
            'Part A' => [100, 1130, 'First.'],
            'Part B' => [100, 1130, 'As much by mass, mixed until no streak is left.'],
        ],
        'reserve' => 0.12, 'works' => 25, 'sets' => 240, 'ready' => 360, 'tenfold' => 2.2, 'of' => 'air', 'one' => false, 'mixes' => 4,
        'keeps' => 365,
        'cautions' => ['Sulphur clay, latex gloves and tin-cured rubber keep it from curing: try it on a corner of the pattern.'],
    ],
    [
        'code' => 'silicate_sand', 'label' => 'Silicate sand', 'serves' => ['silicate_sand'], 'by' => 'volume', 'bulk' => 1600.0,
        'thickness' => null,
        'parts' => [
            'Sand, dry' => [100, 2650, 'Dry and cool.'],
            'Sodium silicate' => [5, 1450, 'In a thin stream while it turns, until no grain is dry.'],
        ],
        'reserve' => 0.10, 'works' => 60, 'sets' => null, 'ready' => null, 'tenfold' => 1.5, 'of' => 'air', 'one' => false, 'mixes' => 5,
        'keeps' => 365,
        'cautions' => ['Covered with a damp cloth it keeps; in the open its skin hardens. CO₂ fills a closed room from the floor up.'],
    ],
    [
        'code' => 'resin_sand', 'label' => 'Resin sand, no-bake', 'serves' => ['resin_sand'], 'by' => 'volume', 'bulk' => 1600.0,
        'thickness' => null,
        'parts' => [
            'Sand, dry' => [100, 2650, 'Dry; its own temperature sets the pace.'],
            'Catalyst' => [0.36, 1200, 'Into the sand first, a minute.'],
            'Resin' => [1.2, 1200, 'Then the resin, a minute and no longer.'],
        ],
        'reserve' => 0.10, 'works' => 8, 'sets' => 25, 'ready' => 240, 'tenfold' => 2.0, 'of' => 'sand', 'one' => true, 'mixes' => 3,
        'keeps' => 180,
        'cautions' => [
            'A second batch rammed on one that has begun to set does not hold to it.',
            'Never resin and catalyst together alone: they may boil. Fumes: outdoors, gloves.',
        ],
    ],
    [
        'code' => 'green_sand', 'label' => 'Green sand, fresh', 'serves' => ['green_sand'], 'by' => 'volume', 'bulk' => 1600.0,
        'thickness' => null,
        'parts' => [
            'Sand, dry' => [100, 2650, 'Spread out.'],
            'Bentonite' => [8.7, 2600, 'Sieved over it and turned in dry; as bought, with its water.'],
            'Water' => [3.2, 1000, 'In a fine spray, two thirds first; covered overnight, then the rest as the squeeze asks for.'],
        ],
        'reserve' => 0.15, 'works' => null, 'sets' => null, 'ready' => 720, 'tenfold' => 1.0, 'of' => 'air', 'one' => false, 'mixes' => 15,
        'keeps' => null,
        'cautions' => ['Dust of silica and clay: a respirator until it is damp.'],
    ],
    [
        'code' => 'facing', 'label' => 'Green sand for facing', 'serves' => ['green_sand'], 'by' => 'area', 'bulk' => 1450.0,
        'thickness' => 20.0,
        'parts' => [
            'Fine sand, dry' => [100, 2650, 'Sieved.'],
            'Bentonite' => [10.9, 2600, 'Turned in dry; as bought, with its water.'],
            'Water' => [3.6, 1000, 'In a fine spray; covered overnight.'],
        ],
        'reserve' => 0.15, 'works' => null, 'sets' => null, 'ready' => 720, 'tenfold' => 1.0, 'of' => 'air', 'one' => false, 'mixes' => 15,
        'keeps' => null,
        'cautions' => ['Dust of silica and clay: a respirator until it is damp.'],
    ],
    [
        'code' => 'oil_sand', 'label' => 'Oil-bonded sand, fresh', 'serves' => ['oil_sand'], 'by' => 'volume', 'bulk' => 1550.0,
        'thickness' => null,
        'parts' => [
            'Fine sand, bone dry' => [100, 2650, 'Warm and dry.'],
            'Clay made for oil' => [5, 1700, 'Turned in dry.'],
            'Oil' => [2, 870, 'In three goes, milled or trodden in between them.'],
            'Catalyst' => [0.1, 800, 'Last; often an alcohol: outdoors, away from any flame.'],
        ],
        'reserve' => 0.15, 'works' => null, 'sets' => null, 'ready' => null, 'tenfold' => 1.0, 'of' => 'air', 'one' => false, 'mixes' => 20,
        'keeps' => null, 'cautions' => ['No water near it: one wet pattern spoils a heap.'],
    ],
    [
        'code' => 'core_oil', 'label' => 'Core sand, baked oil', 'serves' => ['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand'],
        'by' => 'volume', 'bulk' => 1550.0, 'thickness' => null,
        'parts' => [
            'Sand, dry' => [100, 2650, 'Round grains, free of clay.'],
            'Linseed oil' => [1.8, 930, 'Mixed in well.'],
            'Water' => [1.0, 1000, 'So that it holds while it is green.'],
        ],
        'reserve' => 0.15, 'works' => 240, 'sets' => null, 'ready' => 90, 'tenfold' => 1.0, 'of' => 'oven', 'one' => false, 'mixes' => 5,
        'keeps' => 1,
        'cautions' => ['Baked at {200 degC} to {230 degC} until brown right through: an hour for each 25 mm. Oven fumes: outdoors.'],
    ],
    [
        'code' => 'foam_coat', 'label' => 'Coat for foam, thinned filler', 'serves' => ['lost_foam'], 'by' => 'area', 'bulk' => null,
        'thickness' => 0.7,
        'parts' => [
            'Gypsum filler, ready-mixed' => [100, 1650, 'Stirred smooth.'],
            'Water' => [25, 1000, 'Until it runs off a brush and covers in one stroke.'],
        ],
        'reserve' => 0.25, 'works' => 120, 'sets' => null, 'ready' => 1440, 'tenfold' => 1.5, 'of' => 'air', 'one' => false, 'mixes' => 3,
        'keeps' => 7,
        'cautions' => ['Brush out every bubble. It is dry when it loses no more weight, not when a clock says so: a damp coat blows.'],
    ],
    [
        'code' => 'wash_water', 'label' => 'Refractory wash in water',
        'serves' => ['green_sand', 'silicate_sand', 'resin_sand', 'printed_sand', 'lost_foam', 'metal_mould'],
        'by' => 'area', 'bulk' => null, 'thickness' => 0.25,
        'parts' => [
            'Zircon or graphite powder' => [100, 3600, 'Sieved.'],
            'Water, with its binder' => [55, 1000, 'Stirred in until it is as thick as cream.'],
        ],
        'reserve' => 0.25, 'works' => null, 'sets' => null, 'ready' => 60, 'tenfold' => 1.5, 'of' => 'air', 'one' => false, 'mixes' => 5,
        'keeps' => 30, 'cautions' => ['Flamed or baked dry: a damp wash makes steam under the metal.'],
    ],
    [
        'code' => 'slurry', 'label' => 'Slurry for ceramic shell', 'serves' => ['ceramic_shell'], 'by' => 'area', 'bulk' => null,
        'thickness' => 0.5,
        'parts' => [
            'Colloidal silica' => [100, 1200, 'First.'],
            'Fused silica flour' => [160, 2200, 'Added slowly over an hour, stirred a day before use.'],
        ],
        'reserve' => 0.5, 'works' => null, 'sets' => null, 'ready' => 300, 'tenfold' => 1.5, 'of' => 'air', 'one' => false, 'mixes' => 60,
        'keeps' => 60,
        'cautions' => ['Dry between coats: a coat that is cold to the cheek is still wet. Dust of silica: a respirator.'],
    ],
    [
        'code' => 'stucco', 'label' => 'Stucco for ceramic shell', 'serves' => ['ceramic_shell'], 'by' => 'area', 'bulk' => 1300.0,
        'thickness' => 0.8,
        'parts' => ['Fused silica grains' => [100, 2200, 'Rained on the wet slurry; fine for two coats, coarse after that.']],
        'reserve' => 0.5, 'works' => null, 'sets' => null, 'ready' => null, 'tenfold' => 1.0, 'of' => 'air', 'one' => false, 'mixes' => 0,
        'keeps' => null, 'cautions' => ['Dust of silica: a respirator.'],
    ],
    [
        'code' => 'parting', 'label' => 'Parting powder', 'serves' => ['green_sand', 'oil_sand', 'silicone'], 'by' => 'area',
        'bulk' => 700.0, 'thickness' => 0.02,
        'parts' => [
            'Calcium carbonate' => [50, 2700, 'Dry.'],
            'Talc' => [50, 2700, 'Free of asbestos; shaken in a bag of cloth.'],
        ],
        'reserve' => 0.5, 'works' => null, 'sets' => null, 'ready' => null, 'tenfold' => 1.0, 'of' => 'air', 'one' => false, 'mixes' => 2,
        'keeps' => null, 'cautions' => ['Blow off what does not cling.'],
    ],
];
