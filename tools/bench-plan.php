<?php

declare(strict_types=1);

// The measurements of the planning subjects; part of tools/bench.php core.

use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Charge\Mix;
use MoltenNotes\Core\Charge\Stock;
use MoltenNotes\Core\Geometry\Grid;
use MoltenNotes\Core\Geometry\MeshCut;
use MoltenNotes\Core\Geometry\MeshSolid;
use MoltenNotes\Core\Geometry\StlMesh;
use MoltenNotes\Core\Geometry\TurnedMesh;
use MoltenNotes\Core\Geometry\WayUp;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Record\SectionsReader;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Tests\Support\Meshes;

// Measured without the development packages, as it is served; this one helper is theirs.
require_once dirname(__DIR__).'/tests/Support/Meshes.php';

$elements = ['Si', 'Mg', 'Fe', 'Cu', 'Zn', 'Mn', 'Ni', 'Ti'];
$shelf = [];
for ($i = 0; $i < 12; ++$i) {
    $shelf[] = new Stock(
        "stock {$i}",
        array_combine($elements, array_map(static fn (int $e): float => (($i * 7 + $e * 13) % 17) / 200, array_keys($elements))),
        0.02 + $i / 200,
        1 + (($i * 5) % 7),
        0,
        2,
    );
}
measure(
    'charge mix, 12 stocks × 8 elements',
    40,
    static fn (): mixed => Mix::cheapest(5.0, array_fill_keys($elements, [0.02, 0.055]), $shelf),
    'median under 20 ms',
);

$file = tempnam(sys_get_temp_dir(), 'mesh').'.stl';
file_put_contents($file, Meshes::binary(Meshes::torus(40, 12, 708)));
$pieces = static function () use ($file): iterable {
    $stream = fopen($file, 'r');
    while (false !== $stream && !feof($stream)) {
        yield (string) fread($stream, 1 << 19);
    }
};
gc_collect_cycles();
memory_reset_peak_usage();
$before = memory_get_usage();
$start = hrtime(true);
$mesh = StlMesh::read($pieces(), UnitTable::get('mm'));
$ours = (hrtime(true) - $start) / 1e9;
$memory = (memory_get_peak_usage() - $before) / 1048576;
$start = hrtime(true);
exec('admesh '.escapeshellarg($file).' 2>&1', $out, $code);
$theirs = (hrtime(true) - $start) / 1e9;
$start = hrtime(true);
$cut = MeshCut::of($pieces(), UnitTable::get('mm'), $mesh, Grid::MOST);
$cutting = (hrtime(true) - $start) / 1e9;
unlink($file);
report(
    'mesh of '.number_format($mesh->triangles).' triangles, binary STL',
    sprintf('%.2f s, memory %.1f MB; admesh %.2f s, ratio %.1f', $ours, $memory, $theirs, $ours / $theirs),
    'within 2 × admesh, 128 MB',
);
if (null !== $cut) {
    $start = hrtime(true);
    $turned = TurnedMesh::of($cut);
    $turning = (hrtime(true) - $start) / 1e9;
    report(
        'the same cut into '.number_format(array_product($cut->body->count)).' cells, then laid on six sides',
        sprintf('%.2f s, then %.2f s; the best %s', $cutting, $turning, $turned->ways[0]->up->value),
        'in the background, under 10 s',
    );
    $mm = static fn (float $metres): string => 1000 * $metres.' mm';
    $box = $turned->ways[0]->box;
    $section = SectionsReader::read([[
        'id' => 'torus', 'shape' => 'mesh', 'mesh' => 'torus', 'length' => $mm($box[0]), 'width' => $mm($box[1]), 'height' => $mm($box[2]),
        'thickness' => $mm($turned->thinnest), 'volume' => $mesh->volume->in('mL').' mL', 'area' => $mesh->area->in('cm2').' cm2',
        'gates' => 1,
    ]], '', new ValueReader(UnitPreferences::metric()))?->mesh();
    $cells = $cut->body->laid(WayUp::AsDrawn);
    unset($turned, $cut);
    if (null !== $section) {
        MeshSolid::read($section, $cells);
        gc_collect_cycles();
        memory_reset_peak_usage();
        $start = hrtime(true);
        $solid = MeshSolid::read($section, $cells);
        report(
            'the body of '.number_format(count($cells->part)).' cells with all its fields',
            sprintf('%.2f s, peak of everything %.0f MB', (hrtime(true) - $start) / 1e9, memory_get_peak_usage() / 1048576),
            'under 1.5 s and 128 MB',
        );
        unset($solid, $cells);
    }
}

$sections = [['id' => 's0', 'shape' => 'plate', 'length' => '120 mm', 'width' => '60 mm', 'thickness' => '8 mm', 'gates' => 1]];
foreach (['boss', 'ring', 'bar', 'tube', 'wedge', 'cylinder', 'plate', 'sphere', 'boss', 'bar', 'ring'] as $i => $shape) {
    $sections[] = [
        'id' => 's'.($i + 1),
        'shape' => $shape,
        'joins' => 's'.max(0, $i - 2),
        'length' => '60 mm',
        'width' => '9 mm',
        'thickness' => '4 mm',
        'thin_end' => '3 mm',
        'diameter' => '40 mm',
        'height' => '18 mm',
        'wall' => '4 mm',
    ];
}
$planned = [
    'mould.process' => 'green_sand',
    'metal.alloy' => 'al_si7mg',
    'casting.sections' => $sections,
    'gating.sprue_height' => '110 mm',
    'gating.basin' => 'cup',
    'sand.moisture' => '3.2-3.8 %',
    'pour.temperature' => '730-745 C',
    'pour.carry_time' => '15 s',
    'feeding.riser' => 'open',
    'feeding.riser_diameter' => '40 mm',
    'melt.energy_source' => 'electric',
    'crucible.volume' => '1 L',
];
$record = AttemptDocument::read(
    [
        'format' => 'molten-notes/attempt',
        'version' => 1,
        'planned' => $planned,
    ],
    [],
)['record'];
$format = new QuantityFormatter(UnitPreferences::metric());
measure(
    'whole plan of a casting of 12 sections',
    40,
    static fn (): mixed => PlanCasting::of(Basis::of($record, $format)),
    'median under 20 ms, its body being read',
);
$count = 0;
measure(
    'the same with another measurement each time',
    20,
    static function () use ($format, $planned, &$count): mixed {
        $sections = $planned['casting.sections'];
        $sections[0]['length'] = (120 + 0.5 * ++$count).' mm';
        $document = ['format' => 'molten-notes/attempt', 'version' => 1, 'planned' => ['casting.sections' => $sections] + $planned];
        $record = AttemptDocument::read($document, [])['record'];

        return PlanCasting::of(Basis::of($record, $format));
    },
    'median under 250 ms',
);
