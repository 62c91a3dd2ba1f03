<?php

declare(strict_types=1);

// Densities of pattern materials, kg/m³. Common practice. Printed parts are hollow: their mass says nothing unless they are solid.
return [
    // material | low | high
    ['pine', 450.0, 550.0],
    ['basswood', 380.0, 420.0],
    ['pla', 1220.0, 1260.0],
    ['wax', 910.0, 950.0],
    ['xps', 28.0, 35.0],
    ['eps', 16.0, 25.0],
    ['clay', 1600.0, 1800.0],
];
