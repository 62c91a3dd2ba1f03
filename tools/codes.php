<?php

declare(strict_types=1);

// Writes the codes of the tables as types, for PHP and for the web client: php tools/codes.php

use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Working\Figures;

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

    return ['web/src/shared/api/codes.gen.ts' => $ts, 'phpstan.types.neon' => $php];
}

if ('codes.php' === basename((string) ($_SERVER['SCRIPT_FILENAME'] ?? ''))) {
    foreach (generated() as $path => $content) {
        file_put_contents(dirname(__DIR__)."/{$path}", $content);
    }
}
