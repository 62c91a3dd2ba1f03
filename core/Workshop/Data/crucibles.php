<?php

declare(strict_types=1);

// How long crucibles last in a yard, by what they are made of: heats, [the first that fail, most have failed]. Common practice, rough: how
// they are warmed and what they are fluxed with decides. fire: how it is fired before its first metal; '' where it is not. eaten: families
// of metals that eat it.
return [
    [
        'code' => 'clay_graphite', 'heats' => [30, 80],
        'fire' => 'Empty, slowly: an hour to 200 °C, then to red within another, hold it half an hour, let it cool in the furnace.',
        'eaten' => [],
    ],
    [
        'code' => 'carbide', 'heats' => [60, 150],
        'fire' => 'Empty, fast through 400 to 700 °C, to 950 °C, hold it, let it cool in the furnace: its glaze must melt before it burns.',
        'eaten' => [],
    ],
    [
        'code' => 'ceramic', 'heats' => [5, 25],
        'fire' => 'Empty, slowly to red, and cool it as slowly; line it with borax for silver.',
        'eaten' => [],
    ],
    ['code' => 'iron', 'heats' => [15, 60], 'fire' => '', 'eaten' => ['aluminium', 'zinc', 'copper', 'iron']],
    [
        'code' => 'coated_iron', 'heats' => [20, 80], 'fire' => 'Warm it to 150 °C and coat it; dry it before metal.',
        'eaten' => ['copper', 'iron'],
    ],
];
