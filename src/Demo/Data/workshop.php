<?php

declare(strict_types=1);

// What the made-up restorer owns.
return [
    'furnaces' => [
        ['name' => 'Pot furnace', 'source' => 'electric', 'power' => '2.2 kW'],
        ['name' => 'Yard burner', 'source' => 'propane', 'power' => '18 kW'],
    ],
    'crucibles' => [
        ['name' => 'Small', 'volume' => '250 mL', 'mass' => '0.7 kg', 'kind' => 'clay_graphite', 'cost' => '18'],
        [
            'name' => 'Middle', 'volume' => '600 mL', 'mass' => '1.3 kg', 'kind' => 'clay_graphite', 'family' => 'aluminium', 'heats' => 9,
            'cost' => '26',
        ],
        [
            'name' => 'Bronze pot', 'volume' => '600 mL', 'mass' => '1.4 kg', 'kind' => 'carbide', 'family' => 'copper', 'heats' => 2,
            'cost' => '48',
        ],
        ['name' => 'Ladle', 'volume' => '120 mL', 'mass' => '0.5 kg', 'kind' => 'iron', 'family' => 'tin'],
        ['name' => 'Large', 'volume' => '1.6 L', 'mass' => '2.9 kg', 'kind' => 'carbide'],
    ],
    'flasks' => [
        ['name' => 'Snap flask', 'length' => '240 mm', 'width' => '180 mm', 'cope' => '90 mm', 'drag' => '70 mm'],
        ['name' => 'Ash flask', 'length' => '300 mm', 'width' => '220 mm', 'cope' => '100 mm', 'drag' => '80 mm'],
        ['name' => 'Long flask', 'length' => '460 mm', 'width' => '240 mm', 'cope' => '120 mm', 'drag' => '100 mm'],
    ],
    'cutters' => [
        ['name' => 'Thin tube', 'kind' => 'tube', 'size' => '12 mm'],
        ['name' => 'Copper tube', 'kind' => 'tube', 'size' => '5/8 in'],
        ['name' => 'Wide tube', 'kind' => 'tube', 'size' => '22 mm'],
        ['name' => 'Runner bar', 'kind' => 'bar', 'size' => '10 mm'],
    ],
    'tariffs' => ['electric' => '0.34', 'propane' => '2.60'],
    'safe_lift' => '15 kg',
    'currency' => 'EUR',
    'school' => 'unpressurised',
];
