<?php

declare(strict_types=1);

// Heat taken by moulds. k W/mK, ρ kg/m³, c J/kgK: M. C. Flemings, Solidification Processing, and foundry handbooks, recalled from memory
// (sand k by metal: hotter metal, hotter sand). h W/m²K at the face: common practice for a start, calibrated by a caster's own outcomes;
// the ceramic shell's h is our estimate between sand and plaster [derived]. h_low, h_high: the spread of such figures.
return [
    // process | k for aluminium, zinc, tin, lead | k for copper alloys, silver | k for iron | ρ | c | h | h_low | h_high
    ['green_sand', 0.65, 0.75, 0.9, 1550.0, 1130.0, 600.0, 450.0, 800.0],
    ['oil_sand', 0.65, 0.75, 0.9, 1550.0, 1130.0, 600.0, 450.0, 800.0],
    ['silicate_sand', 0.65, 0.75, 0.9, 1550.0, 1130.0, 600.0, 450.0, 800.0],
    ['resin_sand', 0.65, 0.75, 0.9, 1550.0, 1130.0, 600.0, 450.0, 800.0],
    ['printed_sand', 0.65, 0.75, 0.9, 1550.0, 1130.0, 600.0, 450.0, 800.0],
    ['lost_foam', 0.5, 0.5, 0.5, 1550.0, 1130.0, 500.0, 375.0, 650.0],
    ['plaster', 0.35, 0.35, 0.35, 1100.0, 900.0, 300.0, 220.0, 400.0],
    ['ceramic_shell', 1.0, 1.0, 1.0, 1800.0, 1000.0, 450.0, 300.0, 650.0],
    ['silicone', 0.25, 0.25, 0.25, 1250.0, 1300.0, 400.0, 300.0, 550.0],
    ['metal_mould', 45.0, 45.0, 45.0, 7200.0, 500.0, 2000.0, 1500.0, 3000.0],
];
