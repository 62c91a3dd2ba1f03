<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

use MoltenNotes\Core\Geometry\MeshRef;
use MoltenNotes\Core\Geometry\Section;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Geometry\Sits;
use MoltenNotes\Core\Geometry\WayUp;
use MoltenNotes\Core\Quantity\Measurement;

/** Reads the sections of a casting from untrusted input; blanks are allowed while somebody is still typing. */
final class SectionsReader
{
    /** More sections than this are a drawing, not a plan. */
    public const MOST = 60;
    /** Measurement → unit of its bounds, impossible outside, questioned outside [common practice for hobby castings]. */
    private const BOUNDS = [
        'length' => ['mm', 0.1, 5000, 1, 1200],
        'width' => ['mm', 0.1, 5000, 1, 800],
        'thickness' => ['mm', 0.1, 1000, 0.8, 150],
        'thin_end' => ['mm', 0.1, 1000, 0.8, 100],
        'hole' => ['mm', 0.1, 5000, 1, 600],
        'diameter' => ['mm', 0.1, 5000, 2, 800],
        'wall' => ['mm', 0.1, 1000, 0.8, 60],
        'height' => ['mm', 0.1, 5000, 1, 600],
        'volume' => ['mL', 0.001, 1e6, 0.05, 20000],
        'area' => ['cm2', 0.001, 1e6, 0.1, 50000],
        'run' => ['mm', 0, 5000, 1, 1500],
        'foot' => ['mm', 0, 3000, 0, 800],
        'offset' => ['mm', 0, 3000, 0, 800],
        'turn' => ['deg', 0, 360, 0, 360],
        'parting' => ['mm', 0, 5000, 0, 600],
    ];
    private const WORDS = ['shape', 'label', 'id', 'joins', 'sits', 'count', 'upright', 'gates', 'riser', 'vent', 'chill', 'mesh', 'up'];

    /** Null when blank or refused; every fault is told to the reader with its pointer. */
    public static function read(mixed $raw, string $pointer, ValueReader $reader): ?Sections
    {
        if (!is_array($raw) || !array_is_list($raw)) {
            $reader->refuse($pointer, 'record.not_a_list', 'Sections are a list.');

            return null;
        }
        if (count($raw) > self::MOST) {
            $reader->refuse(
                $pointer,
                'pattern.too_many_sections',
                'At most '.self::MOST.' sections; put alike ones together with a count.',
            );

            return null;
        }
        $sections = [];
        foreach ($raw as $index => $row) {
            $section = self::section($row, "{$pointer}/{$index}", $index, $reader);
            if (null !== $section) {
                $sections[] = $section;
            }
        }
        self::refuseTangles($sections, $pointer, $reader);

        return [] === $sections ? null : Sections::of($sections);
    }

    private static function section(mixed $row, string $pointer, int $index, ValueReader $reader): ?Section
    {
        if (!is_array($row)) {
            $reader->refuse($pointer, 'record.not_an_object', 'A section is an object with its shape.');

            return null;
        }
        $reader->refuseUnknown(
            $row,
            [...self::WORDS, ...array_keys(self::BOUNDS)],
            $pointer,
            'pattern.unknown_measurement',
            'This is not part of a section.',
        );
        $shape = is_string($row['shape'] ?? null) ? Shape::tryFrom($row['shape']) : null;
        if (null === $shape) {
            $reader->refuse(
                $pointer.'/shape',
                'pattern.unknown_shape',
                'The shape is one of '.implode(', ', array_map(static fn (Shape $known): string => $known->value, Shape::cases())).'.',
            );

            return null;
        }
        $measurements = self::withoutHollow($shape, self::measurements($row, $pointer, $reader), $pointer, $reader);
        $label = trim($reader->text($row['label'] ?? null, $pointer.'/label') ?? '');
        $usual = $shape->sitsOnTop() ? Sits::Top : Sits::End;
        $given = $row['sits'] ?? $usual->value;
        $sits = is_string($given) ? Sits::tryFrom($given) : null;
        if (null === $sits) {
            $reader->refuse(
                $pointer.'/sits',
                'record.unknown_choice',
                'It sits '.implode(', ', array_map(static fn (Sits $way): string => $way->words(), Sits::cases())).' what it joins.',
            );
        }

        return new Section(
            self::name($row['id'] ?? null, "{$pointer}/id", $reader) ?? 's'.($index + 1),
            '' === $label ? $shape->words().' '.($index + 1) : mb_substr($label, 0, 60),
            $shape,
            $measurements,
            self::name($row['joins'] ?? null, "{$pointer}/joins", $reader),
            $sits ?? $usual,
            self::count($row['count'] ?? 1, 1, $pointer.'/count', $reader),
            $reader->mark($row['upright'] ?? null, $pointer.'/upright'),
            self::count($row['gates'] ?? 0, 0, $pointer.'/gates', $reader),
            $reader->mark($row['riser'] ?? null, $pointer.'/riser'),
            $reader->mark($row['vent'] ?? null, $pointer.'/vent'),
            $reader->mark($row['chill'] ?? null, $pointer.'/chill'),
            Shape::Mesh === $shape ? self::mesh($row, $pointer, $reader) : null,
        );
    }

    /** @param array<mixed> $row */
    private static function mesh(array $row, string $pointer, ValueReader $reader): ?MeshRef
    {
        $id = self::name($row['mesh'] ?? null, "{$pointer}/mesh", $reader);
        $given = $row['up'] ?? WayUp::AsDrawn->value;
        $up = is_string($given) ? WayUp::tryFrom($given) : null;
        if (null === $up) {
            $reader->refuse(
                "{$pointer}/up",
                'record.unknown_choice',
                'It lies '.implode(', ', array_map(static fn (WayUp $way): string => lcfirst($way->words()), WayUp::cases())).'.',
            );
        }

        return null === $id ? null : new MeshRef($id, $up ?? WayUp::AsDrawn);
    }

    /** The id of a section; null where it is blank or was refused. */
    private static function name(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        if (null === $raw || '' === $raw) {
            return null;
        }
        if (is_string($raw) && 1 === preg_match('/^[A-Za-z0-9_-]{1,40}$/', $raw)) {
            // PHP turns a key that reads as a whole number into one, and then it is no name any more.
            return 1 === preg_match('/^(0|-?[1-9]\d*)$/', $raw) ? "s{$raw}" : $raw;
        }
        $reader->refuse($pointer, 'pattern.id', 'The id of a section is a text of letters, figures, - and _, at most 40.');

        return null;
    }

    /**
     * @param array<mixed> $row
     *
     * @return array<string, Measurement>
     */
    private static function measurements(array $row, string $pointer, ValueReader $reader): array
    {
        $measurements = [];
        foreach (self::BOUNDS as $name => [$unit, $least, $most, $low, $high]) {
            $value = $reader->measured($name, $unit, [$least, $most], [$low, $high], $row[$name] ?? null, "{$pointer}/{$name}");
            if (null !== $value) {
                $measurements[$name] = $value;
            }
        }

        return $measurements;
    }

    /**
     * A body that cannot be is refused, and what makes it so is left out: nothing is computed from it while somebody is still typing.
     *
     * @param array<string, Measurement> $measurements
     *
     * @return array<string, Measurement>
     */
    private static function withoutHollow(Shape $shape, array $measurements, string $pointer, ValueReader $reader): array
    {
        $inner = ['tube' => 'wall', 'ring' => 'width'][$shape->value] ?? null;
        if (
            null !== $inner
            && isset($measurements['diameter'], $measurements[$inner])
            && 2 * $measurements[$inner]->si() > $measurements['diameter']->si() * (1 + 1e-9)
        ) {
            $reader->refuse("{$pointer}/{$inner}", 'pattern.no_bore', 'Twice this is more than the outside diameter.');
            unset($measurements[$inner]);
        }
        $sides = Shape::Pierced === $shape ? array_intersect_key($measurements, ['length' => true, 'width' => true]) : [];
        foreach ($sides as $side => $measurement) {
            if (isset($measurements['hole']) && $measurements['hole']->si() >= $measurement->si() * (1 - 1e-9)) {
                $reader->refuse("{$pointer}/hole", 'pattern.no_wall', "A hole as wide as the block’s {$side} leaves no wall beside it.");
                unset($measurements['hole']);
            }
        }
        if (in_array($shape, [Shape::Free, Shape::Mesh], true) && isset($measurements['volume'], $measurements['area'])) {
            // No body has less skin than the sphere of its volume.
            $least = (36 * \M_PI * $measurements['volume']->si() ** 2) ** (1 / 3);
            if ($measurements['area']->si() < $least * (1 - 1e-6)) {
                $reader->refuse("{$pointer}/area", 'pattern.area_too_small', 'No body of this volume has so little surface.');
                unset($measurements['area']);
            }
        }

        return $measurements;
    }

    private static function count(mixed $raw, int $least, string $pointer, ValueReader $reader): int
    {
        if (is_int($raw) && $raw >= $least && $raw <= 500) {
            return $raw;
        }
        $reader->refuse($pointer, 'record.not_a_count', "This must be a whole number, {$least} or more.");

        return $least;
    }

    /** @param list<Section> $sections */
    private static function refuseTangles(array $sections, string $pointer, ValueReader $reader): void
    {
        $ids = array_map(static fn (Section $section): string => $section->id, $sections);
        foreach ($sections as $index => $section) {
            if (Shape::Mesh === $section->shape && 1 !== $section->count) {
                $reader->refuse(
                    "{$pointer}/{$index}/count",
                    'pattern.mesh_alone',
                    'A mesh is one casting: several of it are told as castings in the mould.',
                );
            }
            if (Shape::Mesh === $section->shape && count($sections) > 1) {
                $reader->refuse("{$pointer}/{$index}/shape", 'pattern.mesh_alone', 'A mesh is the whole casting: it has no other section.');
            }
            if (array_search($section->id, $ids, true) !== $index) {
                $reader->refuse("{$pointer}/{$index}/id", 'pattern.twice', 'Two sections have this id.');
            } elseif (null !== $section->joins && !in_array($section->joins, $ids, true)) {
                $reader->refuse("{$pointer}/{$index}/joins", 'pattern.joins_nothing', 'It joins a section that is not there.');
            } elseif (null === $section->joins && $index > 0) {
                $reader->refuse("{$pointer}/{$index}/joins", 'pattern.apart', 'Say which section it joins: a casting is one piece.');
            } elseif (self::isCircle($section, $sections)) {
                $reader->refuse("{$pointer}/{$index}/joins", 'pattern.circle', 'The sections join each other in a circle.');
            }
        }
    }

    /** @param list<Section> $sections */
    private static function isCircle(Section $section, array $sections): bool
    {
        $joins = array_column(array_map(static fn (Section $s): array => [$s->id, $s->joins], $sections), 1, 0);
        $steps = 0;
        for ($at = $section->joins; null !== $at; $at = $joins[$at] ?? null) {
            if ($at === $section->id || ++$steps > self::MOST) {
                return true;
            }
        }

        return false;
    }
}
