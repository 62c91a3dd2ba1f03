<?php

declare(strict_types=1);

// Where the volume comes from when it is not described in sections [common practice]: the way, as in the choices of pattern.volume_by, and
// the fields it asks for.
return [
    ['way' => 'dunk', 'asks' => ['pattern.volume', 'pattern.held', 'pattern.allowance']],
    ['way' => 'weight', 'asks' => ['pattern.mass', 'pattern.material', 'pattern.density', 'pattern.allowance']],
    ['way' => 'mass', 'asks' => ['casting.mass']],
    ['way' => 'mesh', 'asks' => ['pattern.volume', 'pattern.mesh_of', 'pattern.allowance']],
];
