<?php

declare(strict_types=1);

// What the made-up restorer pays, and what was read and noted: casting → number of the pour → values.
return [
    'settings' => ['tax' => '20 %', 'monthly' => '6'],
    'melts' => [
        'Bow fairlead' => [
            1 => ['melt.meter_before' => '4102.6 kWh', 'melt.meter_after' => '4105.2 kWh'],
            2 => ['melt.meter_before' => '4131.0 kWh', 'melt.meter_after' => '4133.4 kWh'],
            3 => ['melt.meter_before' => '4160.3 kWh', 'melt.meter_after' => '4163.0 kWh'],
        ],
        'Boom crutch' => [
            1 => ['melt.energy_source' => 'propane', 'melt.fuel_before' => '14.8 kg', 'melt.fuel_after' => '12.7 kg'],
            4 => ['melt.energy_source' => 'propane', 'melt.fuel_before' => '12.6 kg', 'melt.fuel_after' => '10.4 kg'],
        ],
    ],
    'hands' => [
        'Bow fairlead' => [1 => '4.5 h', 2 => '3 h', 3 => '3.5 h'],
        'Boom crutch' => [1 => '5 h', 3 => '4 h'],
    ],
];
