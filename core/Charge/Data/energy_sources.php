<?php

declare(strict_types=1);

// What heats a furnace. efficiency: how much of the energy drawn reaches the metal, [least, most]; small masses are at the low end; common
// practice. paid_as: the source whose tariff it is paid by; bought: as the bill says it. fuel_mj: what a unit of fuel holds, MJ: lower
// heating value, published fuel tables, recalled from memory.
return [
    [
        'code' => 'electric', 'label' => 'Electric resistance',
        'efficiency' => [0.25, 0.45], 'paid_as' => 'electric', 'bought' => 'Electricity',
        'fuel_mj' => 3.6, 'fuel_unit' => 'kWh',
    ],
    [
        'code' => 'induction', 'label' => 'Induction',
        'efficiency' => [0.50, 0.70], 'paid_as' => 'electric', 'bought' => 'Electricity',
        'fuel_mj' => 3.6, 'fuel_unit' => 'kWh',
    ],
    [
        'code' => 'propane', 'label' => 'Propane',
        'efficiency' => [0.05, 0.15], 'paid_as' => 'propane', 'bought' => 'Propane',
        'fuel_mj' => 46.4, 'fuel_unit' => 'kg',
    ],
    [
        'code' => 'butane', 'label' => 'Butane',
        'efficiency' => [0.05, 0.15], 'paid_as' => 'butane', 'bought' => 'Butane',
        'fuel_mj' => 45.7, 'fuel_unit' => 'kg',
    ],
    [
        'code' => 'natural_gas', 'label' => 'Natural gas',
        'efficiency' => [0.05, 0.15], 'paid_as' => 'natural_gas', 'bought' => 'Natural gas',
        'fuel_mj' => 36.0, 'fuel_unit' => 'm³',
    ],
    [
        'code' => 'charcoal', 'label' => 'Charcoal',
        'efficiency' => [0.03, 0.08], 'paid_as' => 'charcoal', 'bought' => 'Charcoal',
        'fuel_mj' => 29.0, 'fuel_unit' => 'kg',
    ],
    [
        'code' => 'microwave', 'label' => 'Microwave',
        'efficiency' => [0.10, 0.20], 'paid_as' => 'electric', 'bought' => 'Electricity',
        'fuel_mj' => 3.6, 'fuel_unit' => 'kWh',
    ],
];
