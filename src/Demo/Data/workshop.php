<?php

declare(strict_types=1);

// What the made-up restorer owns.
return [
    'furnaces' => [
        ['name' => 'Pot furnace', 'source' => 'electric', 'power' => '2.2 kW'],
        ['name' => 'Yard burner', 'source' => 'propane', 'power' => '18 kW'],
    ],
    'crucibles' => [
        ['name' => 'Small', 'volume' => '250 mL', 'mass' => '0.7 kg'],
        ['name' => 'Middle', 'volume' => '600 mL', 'mass' => '1.3 kg'],
        ['name' => 'Large', 'volume' => '1.6 L', 'mass' => '2.9 kg'],
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
    'stock' => [
        [
            'name' => 'Broken wheels',
            'mass' => '3.0 kg',
            'price' => '2.20',
            'loss' => '5 %',
            'composition' => ['Si' => '7 %', 'Mg' => '0.35 %', 'Fe' => '0.15 %', 'Cu' => '0.02 %'],
        ],
        [
            'name' => 'Old pistons',
            'mass' => '2.0 kg',
            'price' => '1.40',
            'loss' => '6 %',
            'composition' => ['Si' => '12 %', 'Mg' => '1 %', 'Fe' => '0.5 %', 'Cu' => '1.1 %'],
        ],
        [
            'name' => 'Window extrusion',
            'mass' => '4.0 kg',
            'price' => '1.10',
            'loss' => '8 %',
            'composition' => ['Si' => '0.45 %', 'Mg' => '0.5 %', 'Fe' => '0.25 %', 'Cu' => '0.05 %'],
        ],
        [
            'name' => 'Ingot, 12 silicon',
            'mass' => '3.0 kg',
            'price' => '3.60',
            'loss' => '2 %',
            'composition' => ['Si' => '12 %', 'Mg' => '0.05 %', 'Fe' => '0.4 %', 'Cu' => '0.05 %'],
        ],
    ],
    'tariffs' => ['electric' => '0.34', 'propane' => '2.60'],
    'safe_lift' => '15 kg',
    'currency' => 'EUR',
    'school' => 'unpressurised',
];
