<?php

declare(strict_types=1);

// Writes the codes of the tables as types, for PHP and for the web client, and the small tables that screens are made from:
// php tools/codes.php

use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Charge\EnergySource;
use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Geometry\Sits;
use MoltenNotes\Core\Geometry\Starters;
use MoltenNotes\Core\Plan\Steps;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Sand\Sieve;
use MoltenNotes\Core\Working\Figures;
use MoltenNotes\Core\Workshop\Column;
use MoltenNotes\Core\Workshop\MovementKind;
use MoltenNotes\Core\Workshop\ThingKind;

require_once dirname(__DIR__).'/vendor/autoload.php';

/** @return array<string, string> path below the root → what belongs there */
function generated(): array
{
    $codes = static fn (array $table): array => array_map(strval(...), array_keys($table));
    $types = [
        'FieldKey' => $codes(Fields::all()),
        'FigureCode' => $codes(Figures::all()),
        'DefectCode' => $codes(Vocabulary::standard()->defects),
    ];
    $ts = "// Made by tools/codes.php from the tables of the core; do not edit.\n";
    $php = "# Made by tools/codes.php from the tables of the core; do not edit.\nparameters:\n    typeAliases:\n";
    foreach ($types as $type => $known) {
        $name = strtoupper((string) preg_replace('/(?<!^)[A-Z]/', '_$0', $type)).'S';
        $lines = implode('', array_map(static fn (string $code): string => "  '{$code}',\n", $known));
        $ts .= "\nexport const {$name} = [\n{$lines}] as const;\n";
        $ts .= "export type {$type} = (typeof {$name})[number];\n";
        $php .= "        {$type}: \"".implode('|', array_map(static fn (string $code): string => "'{$code}'", $known))."\"\n";
    }

    $plain = \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES;
    $json = static fn (mixed $value): string => json_encode($value, $plain);
    $steps = implode('', array_map(static fn (array $step): string => "  {$json($step)},\n", Steps::all()));
    $ts .= "\n/** The steps of a plan, and the fields each asks for. */\nexport const PLAN_STEPS = [\n{$steps}] as const;\n";
    $ts .= "\n/** Where the volume comes from when it is not described in sections: way → fields. */\n";
    $ts .= "export const VOLUME_WAYS: Record<string, readonly FieldKey[]> = {$json(Steps::volumeWays())};\n";
    $ts .= "\n/** The bodies a casting is described with, and the measurements of each. */\nexport const SHAPES = {\n";
    foreach (Shape::cases() as $shape) {
        $row = ['label' => $shape->words(), 'measures' => $shape->measurements(), 'onTop' => $shape->sitsOnTop()];
        $ts .= "  {$shape->value}: {$json($row)},\n";
    }
    $ts .= "} as const;\n\n/** Where a section stands on the one it joins. */\nexport const SITS = {\n";
    foreach (Sits::cases() as $way) {
        $ts .= "  {$way->value}: {$json($way->words())},\n";
    }
    $ts .= "} as const;\n\n/** Castings that are laid from a few measurements: what each asks for, with an example in mm. */\n";
    $ts .= "export const STARTERS = {\n";
    foreach (Starters::all() as $starter => $row) {
        $ts .= "  {$starter}: {$json($row)},\n";
    }
    $ts .= "} as const;\n\n/** What energy is paid by. */\nexport const TARIFFS = [\n";
    foreach (EnergySource::all() as $source) {
        if ($source->paidAs === $source->code) {
            $ts .= "  {$json(['source' => $source->code, 'label' => "{$source->bought}, a {$source->fuelUnit}"])},\n";
        }
    }
    $ts .= "] as const;\n";

    $column = static fn (Column $column): array => [
        'key' => $column->key,
        'label' => $column->label,
        'type' => $column->type,
        'choices' => $column->choices,
        'example' => $column->example,
    ];
    $ts .= "\nexport interface Column {\n  key: string;\n  label: string;\n  type: string;\n";
    $ts .= "  choices: string | null;\n  example: string;\n}\n";
    $ts .= "\n/** The things that stand in a workshop, and what is kept of each besides its name. */\nexport const THINGS = [\n";
    foreach (ThingKind::all() as $kind) {
        $row = ['kind' => $kind->kind, 'title' => $kind->title, 'why' => $kind->why, 'add' => $kind->add];
        $ts .= "  {$json($row + ['columns' => array_values(array_map($column, $kind->columns))])},\n";
    }
    $ts .= "] as const;\n\n/** What happens to them and is kept as an entry of its own. */\n";
    $ts .= "export const MOVEMENTS: Record<string, readonly Column[]> = {\n";
    foreach (MovementKind::all() as $kind) {
        $ts .= "  {$kind->kind}: {$json(array_values(array_map($column, $kind->columns)))},\n";
    }
    $ts .= "};\n\n/** Test sieves, coarse first: number and opening in mm. */\nexport const SIEVES = [\n";
    foreach (Sieve::all() as $sieve) {
        $ts .= "  {$json(['mesh' => $sieve->mesh, 'opening' => $sieve->openingMm])},\n";
    }
    $ts .= "] as const;\n\n/** What a unit of length or of volume comes to in metres or cubic metres; for drawings to scale. */\n";
    $ts .= "export const SIZES: Record<string, number> = {\n";
    foreach ([Dimension::Length, Dimension::Volume] as $dimension) {
        foreach (UnitTable::of($dimension) as $unit) {
            $ts .= "  {$unit->code}: {$json($unit->toSi(1.0))},\n";
        }
    }
    $ts .= "};\n";

    return ['web/src/shared/api/codes.gen.ts' => $ts, 'phpstan.types.neon' => $php];
}

if ('codes.php' === basename((string) ($_SERVER['SCRIPT_FILENAME'] ?? ''))) {
    foreach (generated() as $path => $content) {
        file_put_contents(dirname(__DIR__)."/{$path}", $content);
    }
}
