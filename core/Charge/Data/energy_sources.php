<?php

declare(strict_types=1);

// How much of the energy drawn reaches the metal (common practice; small masses are at the low end) and what a kilogram or cubic metre of
// fuel holds (lower heating value, published fuel tables, recalled from memory).
return [
    // source | efficiency low | efficiency high | MJ per unit of fuel | unit of fuel
    ['electric', 0.25, 0.45, 3.6, 'kWh'],
    ['induction', 0.50, 0.70, 3.6, 'kWh'],
    ['microwave', 0.10, 0.20, 3.6, 'kWh'],
    ['propane', 0.05, 0.15, 46.4, 'kg'],
    ['butane', 0.05, 0.15, 45.7, 'kg'],
    ['natural_gas', 0.05, 0.15, 36.0, 'm³'],
    ['charcoal', 0.03, 0.08, 29.0, 'kg'],
];
