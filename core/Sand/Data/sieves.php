<?php

declare(strict_types=1);

// Test sieves: number of the series, opening in mm (ASTM E11), and the multiplier of what stays on it. Source: AFS Mold & Core Test
// Handbook, grain fineness number; recalled from memory, checked against the worked example of the same book as quoted in textbooks.
return [
    ['mesh' => '6', 'opening' => 3.35, 'multiplier' => 3],
    ['mesh' => '12', 'opening' => 1.70, 'multiplier' => 5],
    ['mesh' => '20', 'opening' => 0.850, 'multiplier' => 10],
    ['mesh' => '30', 'opening' => 0.600, 'multiplier' => 20],
    ['mesh' => '40', 'opening' => 0.425, 'multiplier' => 30],
    ['mesh' => '50', 'opening' => 0.300, 'multiplier' => 40],
    ['mesh' => '70', 'opening' => 0.212, 'multiplier' => 50],
    ['mesh' => '100', 'opening' => 0.150, 'multiplier' => 70],
    ['mesh' => '140', 'opening' => 0.106, 'multiplier' => 100],
    ['mesh' => '200', 'opening' => 0.075, 'multiplier' => 140],
    ['mesh' => '270', 'opening' => 0.053, 'multiplier' => 200],
    ['mesh' => 'pan', 'opening' => 0.0, 'multiplier' => 300],
];
