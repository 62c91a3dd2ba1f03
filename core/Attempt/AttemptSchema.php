<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Attempt;

use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Geometry\Sits;
use MoltenNotes\Core\Geometry\WayUp;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Unit;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Field;
use MoltenNotes\Core\Record\FieldKind;
use MoltenNotes\Core\Record\Fields;

/** The JSON Schema (draft 2020-12) of the attempt document, made from the same tables that read it. */
final class AttemptSchema
{
    /**
     * @param list<string> $causes codes a history may name
     *
     * @return array<string, mixed>
     */
    public static function make(array $causes): array
    {
        $vocabulary = Vocabulary::standard();
        $codes = static fn (array $list): array => ['enum' => array_map(strval(...), array_keys($list))];
        $choice = static fn (string $name): array => $codes(Choices::list($name));
        $answers = [
            'type' => 'object',
            'additionalProperties' => false,
            'properties' => array_map(static fn (): array => $choice('answer'), $vocabulary->checks),
        ];

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Attempt document of Molten Notes, version '.AttemptDocument::VERSION,
            'description' => 'One attempt at a casting: what was planned, what was made, its heat, what was noticed and found. Made by '
                .'tools/schemas.php; do not edit.',
            'type' => 'object',
            'required' => ['format', 'version'],
            'additionalProperties' => false,
            'properties' => [
                'format' => ['const' => AttemptDocument::FORMAT],
                'version' => ['const' => AttemptDocument::VERSION],
                'casting' => ['type' => 'object', 'properties' => ['name' => ['type' => 'string'], 'purpose' => $choice('purpose')]],
                'attempt' => [
                    'type' => 'object',
                    'properties' => [
                        'number' => ['type' => 'integer', 'minimum' => 1],
                        'poured_on' => ['type' => 'string', 'format' => 'date'],
                        'note' => ['type' => 'string'],
                    ],
                ],
                'planned' => ['$ref' => '#/$defs/values'],
                'made' => ['$ref' => '#/$defs/values'],
                'heat' => ['$ref' => '#/$defs/values'],
                'observations' => ['type' => 'array', 'items' => $codes($vocabulary->observations)],
                'findings' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/finding']],
                'answers' => $answers,
                'history' => [
                    'type' => 'object',
                    'description' => 'What the same caster confirmed in other attempts.',
                    'properties' => [
                        'attempts' => ['type' => 'integer', 'minimum' => 0],
                        'confirmed' => [
                            'type' => 'object',
                            'propertyNames' => ['enum' => $causes],
                            'additionalProperties' => ['type' => 'integer', 'minimum' => 0],
                        ],
                    ],
                ],
                'verdict' => $choice('verdict'),
                'experience' => [
                    'type' => 'object',
                    'description' => 'What other pours of the same caster have taught; the outcome of this one is no part of it.',
                    'additionalProperties' => false,
                    'properties' => [
                        'process' => $choice('process'),
                        'pours' => [
                            'type' => 'array',
                            'items' => [
                                'type' => 'object',
                                'required' => ['ratio', 'filled'],
                                'properties' => [
                                    'ratio' => ['type' => 'number', 'exclusiveMinimum' => 0],
                                    'filled' => ['type' => 'boolean'],
                                ],
                            ],
                        ],
                        'efficiencies' => [
                            'type' => 'array',
                            'items' => ['type' => 'number', 'exclusiveMinimum' => 0, 'exclusiveMaximum' => 1],
                            'description' => 'Shares of heats whose furnace is not told; heats hold more.',
                        ],
                        'heats' => [
                            'type' => 'array',
                            'items' => [
                                'type' => 'object',
                                'additionalProperties' => false,
                                'properties' => [
                                    'furnace' => ['type' => 'string'],
                                    'crucible' => ['type' => 'string'],
                                    'efficiency' => ['type' => 'number', 'exclusiveMinimum' => 0, 'exclusiveMaximum' => 1],
                                    'pace' => ['type' => 'number', 'exclusiveMinimum' => 0, 'description' => 'Watts into the metal.'],
                                    'source' => ['type' => 'string', 'description' => 'What heated it.'],
                                ],
                            ],
                        ],
                    ],
                ],
                'beside' => [
                    'type' => 'object',
                    'description' => 'Another attempt at the same thing that this one is compared with.',
                    'additionalProperties' => false,
                    'properties' => [
                        'number' => ['type' => 'integer', 'minimum' => 1],
                        'planned' => ['$ref' => '#/$defs/values'],
                        'made' => ['$ref' => '#/$defs/values'],
                        'heat' => ['$ref' => '#/$defs/values'],
                        'observations' => ['type' => 'array', 'items' => $codes($vocabulary->observations)],
                        'findings' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/finding']],
                        'verdict' => $choice('verdict'),
                    ],
                ],
                'same_heat' => [
                    'type' => 'array',
                    'description' => 'Of each other judged mould that was filled from the same melt, the kinds of defects found.',
                    'items' => ['type' => 'array', 'items' => $codes($vocabulary->defects)],
                ],
                'sand' => [
                    'description' => 'What the heap that the mould was made of was like that day.',
                    '$ref' => '#/$defs/values',
                ],
                'workshop' => [
                    'type' => 'object',
                    'description' => 'What the caster owns: furnaces, crucibles, flasks, cutters, stock, tariffs, safe_lift, currency, '
                        .'school. See docs/formats.',
                ],
            ],
            '$defs' => [
                'values' => [
                    'type' => 'object',
                    'additionalProperties' => false,
                    'properties' => array_map(self::field(...), Fields::all()),
                ],
                'finding' => [
                    'type' => 'object',
                    'required' => ['kind'],
                    'properties' => [
                        'kind' => $codes($vocabulary->defects),
                        'places' => ['type' => 'array', 'items' => $choice('place')],
                        'looks' => ['type' => 'array', 'items' => $choice('look')],
                        'shown_at' => $choice('shown_at'),
                        'severity' => $choice('severity'),
                        'note' => ['type' => 'string'],
                        'section' => [
                            'type' => 'string',
                            'pattern' => '^[\\w-]{1,40}$',
                            'description' => 'Id of a section of the casting.',
                        ],
                        'pieces' => [
                            'type' => 'array',
                            'items' => ['type' => 'integer', 'minimum' => 1],
                            'description' => 'Which castings of the pour have it, numbered from 1.',
                        ],
                        'number' => ['type' => 'integer', 'minimum' => 1, 'description' => 'Of the gate or vent, counted from the sprue.'],
                    ],
                ],
                'section' => self::section(),
            ] + self::quantities(),
        ];
    }

    /** @return array<string, mixed> */
    private static function field(Field $field): array
    {
        $kind = match ($field->kind) {
            FieldKind::Quantity => ['$ref' => '#/$defs/'.($field->dimension()->value ?? '')],
            FieldKind::Choice => ['enum' => array_map(strval(...), array_keys(Choices::list($field->choices ?? '')))],
            FieldKind::Count => ['type' => 'integer', 'minimum' => $field->possible[0] ?? 0],
            FieldKind::Flag => ['type' => 'boolean'],
            FieldKind::Text => ['type' => 'string'],
            FieldKind::Sections => ['type' => 'array', 'items' => ['$ref' => '#/$defs/section']],
        };

        return $kind + ['title' => $field->label] + ('' === $field->hint ? [] : ['description' => $field->hint]);
    }

    /** @return array<string, mixed> */
    private static function section(): array
    {
        $length = ['$ref' => '#/$defs/length'];

        return [
            'type' => 'object',
            'required' => ['shape'],
            'description' => 'One part of the casting, measured cold. The first is the root; every other joins one of the rest.',
            'properties' => [
                'shape' => ['enum' => array_map(static fn (Shape $shape): string => $shape->value, Shape::cases())],
                'mesh' => ['type' => 'string', 'description' => 'The kept mesh that is the whole casting, in its own notebook.'],
                'up' => ['enum' => array_map(static fn (WayUp $way): string => $way->value, WayUp::cases())],
                'parting' => $length + ['description' => 'Height of the parting over the lowest point of a mesh.'],
                'id' => ['type' => 'string', 'pattern' => '^[\\w-]{1,40}$'],
                'label' => ['type' => 'string', 'maxLength' => 60],
                'joins' => ['type' => 'string'],
                'sits' => ['enum' => Sits::codes()],
                'count' => ['type' => 'integer', 'minimum' => 1],
                'gates' => ['type' => 'integer', 'minimum' => 0, 'description' => 'Gates that enter the casting here.'],
                'upright' => ['type' => 'boolean'],
                'riser' => ['type' => 'boolean'],
                'vent' => ['type' => 'boolean'],
                'chill' => ['type' => 'boolean'],
                'length' => $length,
                'width' => $length,
                'thickness' => $length,
                'thin_end' => $length,
                'hole' => $length,
                'diameter' => $length,
                'wall' => $length,
                'height' => $length,
                'volume' => ['$ref' => '#/$defs/volume'],
                'area' => ['$ref' => '#/$defs/area'],
                'run' => $length + ['description' => 'Way the metal goes through it, where the shape does not tell.'],
                'offset' => $length + ['description' => 'How far out of the middle it stands, or along the face it joins.'],
                'turn' => ['$ref' => '#/$defs/angle'],
                'foot' => $length + ['description' => 'Height of its lowest point above the lowest of the casting.'],
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> dimension → schema */
    private static function quantities(): array
    {
        $schemas = [];
        foreach (Dimension::cases() as $dimension) {
            $schemas[$dimension->value] = [
                'anyOf' => [
                    ['type' => 'string', 'description' => 'As a caster types it: 705 C, 4 lb 2 oz, 1 3/4 in, 700-720 C.'],
                    [
                        'type' => 'object',
                        'required' => ['value', 'unit'],
                        'additionalProperties' => false,
                        'properties' => [
                            'value' => ['type' => 'number'],
                            'upper' => ['type' => 'number', 'description' => 'Upper end, where a range is meant.'],
                            'unit' => ['enum' => array_map(static fn (Unit $unit): string => $unit->code, UnitTable::of($dimension))],
                        ],
                    ],
                ],
            ];
        }

        return $schemas;
    }
}
