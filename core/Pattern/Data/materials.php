<?php

declare(strict_types=1);

// Densities of pattern materials, [least, most] in kg/m³. Common practice. Printed parts are hollow: their mass says nothing unless they
// are solid.
return [
    ['material' => 'pine', 'kg_m3' => [450.0, 550.0]],
    ['material' => 'basswood', 'kg_m3' => [380.0, 420.0]],
    ['material' => 'pla', 'kg_m3' => [1220.0, 1260.0]],
    ['material' => 'wax', 'kg_m3' => [910.0, 950.0]],
    ['material' => 'xps', 'kg_m3' => [28.0, 35.0]],
    ['material' => 'eps', 'kg_m3' => [16.0, 25.0]],
    ['material' => 'clay', 'kg_m3' => [1600.0, 1800.0]],
];
