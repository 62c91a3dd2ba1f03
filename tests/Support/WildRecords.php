<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Support;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Geometry\Sits;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Field;
use MoltenNotes\Core\Record\FieldKind;
use MoltenNotes\Core\Record\Fields;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Attempt documents that nobody would write and the reader takes all the same: limits, zeros, and values thrown together by chance. */
final class WildRecords
{
    private readonly Randomizer $chance;

    public function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /**
     * Records that say enough for every stage, one for each way to know the volume.
     *
     * @return array<string, array<string, mixed>> name → planned values
     */
    public static function bases(): array
    {
        $common = array_diff_key(Plans::values(), ['casting.sections' => 0]) + [
            'casting.wall' => '4 mm',
            'casting.run' => '120 mm',
            'casting.length' => '120 mm',
            'casting.height' => '30 mm',
            'casting.heaviest' => '25 mm',
        ];

        return [
            'sections' => Plans::values() + [
                'feeding.riser_diameter' => '30 mm',
                'sand.moisture' => '4 %',
                'core.volume' => '20 mL',
                'mould.cope_weight' => '4 kg',
            ],
            'dunked' => $common + ['pattern.volume' => '150 mL'],
            'mesh' => $common + ['pattern.volume' => '150 mL', 'pattern.volume_by' => 'mesh'],
            'weighed' => $common + ['pattern.mass' => '90 g', 'pattern.material' => 'pine'],
            'earlier' => $common + ['casting.mass' => '0.4 kg'],
            'foam' => ['mould.process' => 'lost_foam'] + $common + ['pattern.volume' => '150 mL', 'foam.density' => '20 kg/m3'],
            'shell' => ['mould.process' => 'ceramic_shell', 'metal.alloy' => 'tin_bronze', 'pour.temperature' => '1100 C'] +
                $common + ['pattern.volume' => '150 mL', 'mould.temperature' => '600 C'],
        ];
    }

    /**
     * Every base with one numeric field at each of its ends.
     *
     * @return iterable<string, array<string, mixed>> name → planned values
     */
    public static function singles(): iterable
    {
        foreach (self::bases() as $base => $values) {
            foreach (self::numeric() as $field) {
                foreach (self::ends($field) as $end => $value) {
                    yield "{$base}: {$field->key} at its {$end}" => [$field->key => $value] + $values;
                }
            }
        }
    }

    /**
     * All pairs of numeric fields of one stage, each at each of its ends.
     *
     * @return iterable<string, array<string, mixed>>
     */
    public static function pairs(string $stage, string $base): iterable
    {
        $fields = array_values(array_filter(self::numeric(), static fn (Field $field): bool => $field->stage === $stage));
        foreach ($fields as $i => $one) {
            foreach (array_slice($fields, $i + 1) as $other) {
                foreach (self::ends($one) as $endOne => $valueOne) {
                    foreach (self::ends($other) as $endOther => $valueOther) {
                        yield "{$base}: {$one->key} {$endOne}, {$other->key} {$endOther}" => [
                            $one->key => $valueOne,
                            $other->key => $valueOther,
                        ] + self::bases()[$base];
                    }
                }
            }
        }
    }

    /** @return list<string> */
    public static function stages(): array
    {
        return array_values(array_unique(array_map(static fn (Field $field): string => $field->stage, self::numeric())));
    }

    /** @return array<string, mixed> a whole attempt document but for its head */
    public function document(): array
    {
        $planned = [];
        foreach (Fields::all() as $field) {
            if ($this->chance->getInt(0, 2) > 0) {
                continue;
            }
            $planned[$field->key] = $this->valueOf($field);
        }
        $planned =
            [
                'mould.process' => $this->oneOf(array_keys(Choices::list('process'))),
                'metal.alloy' => $this->oneOf(array_keys(AlloyTable::all())),
            ] + $planned;
        if ($this->chance->getInt(0, 1) > 0) {
            $planned['casting.sections'] = $this->sections();
        }

        return [
            'planned' => array_filter($planned, static fn (mixed $value): bool => null !== $value),
            'observations' => $this->some(array_keys(Vocabulary::standard()->observations), 3),
            'findings' => array_map(
                static fn (string $kind): array => ['kind' => $kind],
                $this->some(array_keys(Vocabulary::standard()->defects), 4),
            ),
            'verdict' => $this->oneOf(['good', 'usable', 'scrap']),
        ];
    }

    /** @return list<array<string, mixed>> */
    public function sections(): array
    {
        $sections = [];
        $bodies = array_filter(Shape::cases(), static fn (Shape $shape): bool => Shape::Mesh !== $shape);
        // Now and then a mesh, which stands alone; its body is never at hand here.
        $isMesh = 0 === $this->chance->getInt(0, 11);
        // Names that read as numbers are names.
        $name = $this->oneOf(['s', '', '-']);
        foreach ($isMesh ? [0] : range(0, $this->chance->getInt(0, 6)) as $index) {
            $shape = $isMesh ? Shape::Mesh : $bodies[$this->chance->getInt(0, count($bodies) - 1)];
            $section = [
                'id' => $name.($index + 1),
                'shape' => $shape->value,
                'count' => $isMesh ? 1 : $this->oneOf([1, 1, 2, 500]),
                'gates' => $this->oneOf([0, 0, 1, 3]),
                'riser' => $this->oneOf([true, false]),
                'vent' => $this->oneOf([true, false]),
                'chill' => $this->oneOf([true, false]),
                'upright' => $this->oneOf([true, false]),
            ];
            if ($index > 0) {
                $section += ['joins' => $name.$this->chance->getInt(1, $index), 'sits' => $this->oneOf(Sits::codes())];
            }
            $sections[] = $section + $this->measurements($shape);
        }

        return $sections;
    }

    /** @return array<string, mixed> */
    private function measurements(Shape $shape): array
    {
        if (in_array($shape, [Shape::Free, Shape::Mesh], true)) {
            $sides = array_fill_keys(Shape::Mesh === $shape ? ['length', 'width', 'height', 'thickness'] : [], null);
            // A body of this volume and twice the skin of its sphere.
            $volume = $this->size(0.001, 1e6);
            $area = min(1e6, 2 * (36 * \M_PI * $volume ** 2) ** (1 / 3));

            return ['volume' => ['value' => $volume, 'unit' => 'mL'], 'area' => ['value' => $area, 'unit' => 'cm2']]
                + array_map(fn (): array => ['value' => $this->size(0.1, 1000), 'unit' => 'mm'], $sides);
        }
        $sizes = [];
        foreach ($shape->measurements() as $name) {
            $sizes[$name] = [
                'value' => $this->size(0.1, in_array($name, ['thickness', 'thin_end', 'wall'], true) ? 1000 : 5000),
                'unit' => 'mm',
            ];
        }
        if (Shape::Pierced === $shape) {
            // Narrower than either side, or the reader refuses it.
            $sizes['length']['value'] = max(0.2, $sizes['length']['value']);
            $sizes['width']['value'] = max(0.2, $sizes['width']['value']);
            $most = 0.95 * min($sizes['length']['value'], $sizes['width']['value']);
            $sizes['hole']['value'] = max(0.1, min($sizes['hole']['value'], $most));
        }
        $inner = ['tube' => 'wall', 'ring' => 'width'][$shape->value] ?? null;
        if (null !== $inner) {
            // Half the outside diameter at most, or the reader refuses it.
            $sizes[$inner]['value'] = min($sizes[$inner]['value'], $sizes['diameter']['value'] / 2);
            $sizes['diameter']['value'] = max($sizes['diameter']['value'], 0.2);
            $sizes[$inner]['value'] = max(0.1, $sizes[$inner]['value']);
        }

        return $sizes;
    }

    /** Even over the powers of ten, now and then an end. */
    private function size(float $least, float $most): float
    {
        return match ($this->chance->getInt(0, 7)) {
            0 => $least,
            1 => $most,
            default => exp($this->between(log($least), log($most))),
        };
    }

    private function between(float $least, float $most): float
    {
        return $least + (($most - $least) * $this->chance->getInt(0, 1_000_000)) / 1_000_000;
    }

    private function valueOf(Field $field): mixed
    {
        return match ($field->kind) {
            FieldKind::Choice => $this->oneOf(array_keys(Choices::list($field->choices ?? ''))),
            FieldKind::Flag => $this->oneOf([true, false]),
            FieldKind::Text => 'words',
            FieldKind::Sections => null,
            FieldKind::Count => $this->chance->getInt((int) ($field->possible[0] ?? 0), (int) ($field->possible[1] ?? 9)),
            FieldKind::Quantity => $this->quantity($field),
        };
    }

    /** @return array{value: float, unit: string, upper?: float} */
    private function quantity(Field $field): array
    {
        [$least, $most] = $this->chance->getInt(0, 1) > 0 && null !== $field->likely ? $field->likely : $field->possible ?? [0.0, 1.0];
        $value = match ($this->chance->getInt(0, 4)) {
            0 => $least,
            1 => $most,
            default => $this->between($least, $most),
        };
        $upper = 0 === $this->chance->getInt(0, 4) ? ['upper' => $this->between($value, max($value, $most))] : [];

        return ['value' => $value, 'unit' => $field->unit->code ?? 'ratio'] + $upper;
    }

    /**
     * @template T
     *
     * @param array<T> $things
     *
     * @return T
     */
    private function oneOf(array $things): mixed
    {
        return array_values($things)[$this->chance->getInt(0, count($things) - 1)];
    }

    /**
     * @param list<string> $things
     *
     * @return list<string>
     */
    private function some(array $things, int $most): array
    {
        return array_slice($this->chance->shuffleArray($things), 0, $this->chance->getInt(0, $most));
    }

    /** @return list<Field> */
    private static function numeric(): array
    {
        return array_values(
            array_filter(
                Fields::all(),
                static fn (Field $field): bool => in_array($field->kind, [FieldKind::Quantity, FieldKind::Count], true),
            ),
        );
    }

    /** @return array<string, mixed> low and high end, and zero where it lies between */
    private static function ends(Field $field): array
    {
        [$low, $high] = $field->possible ?? [0.0, 1.0];
        $ends = ['low' => $low, 'high' => $high] + ($low < 0 && $high > 0 ? ['zero' => 0.0] : []);

        return array_map(
            static fn (float $end): mixed => FieldKind::Count === $field->kind
                ? (int) $end
                : ['value' => $end, 'unit' => $field->unit->code ?? 'ratio'],
            $ends,
        );
    }
}
