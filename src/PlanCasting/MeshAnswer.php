<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Geometry\WayUp;
use MoltenNotes\Core\Plan\Stage\MouldStage;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitTable;

/** What was measured of a mesh. */
final readonly class MeshAnswer extends Answer
{
    /**
     * @param list<array{code: string, words: string}> $faults
     * @param list<MeasuredAnswer> $box
     * @param MeasuredAnswer|null $thinnest null, with the next and the ways, where it has no inside
     * @param list<LyingMeshAnswer> $ways the best way up first
     */
    public function __construct(
        public int $triangles,
        public bool $closed,
        public array $faults,
        public MeasuredAnswer $volume,
        public MeasuredAnswer $area,
        public array $box,
        public ?MeasuredAnswer $thinnest,
        public ?MeasuredAnswer $thickest,
        public array $ways,
    ) {
    }

    /** As ReadMeshHandler measured it; the reading's id is what a section names it by. */
    public static function of(MeshReading $reading, QuantityFormatter $format): self
    {
        $measured = $reading->answer();
        $in = static fn (mixed $si, Dimension $dimension, string $unit): MeasuredAnswer => new MeasuredAnswer(
            UnitTable::get($unit)->fromSi(self::number($si)),
            $unit,
            $format->si(self::number($si), $dimension),
        );
        $length = static fn (mixed $si): MeasuredAnswer => $in($si, Dimension::Length, 'mm');
        /** @var list<array{code: string, words: string}> $faults */
        $faults = is_array($measured['faults'] ?? null) ? $measured['faults'] : [];
        $volume = $in($measured['volume'] ?? 0, Dimension::Volume, 'mL');
        $area = $in($measured['area'] ?? 0, Dimension::Area, 'cm2');
        $thinnest = isset($measured['thinnest']) ? $length($measured['thinnest']) : null;
        /** @var list<array{up: string, box: array{float, float, float}, high_points: int, open: float, partings: list<array{float, float}>,
         *     best: array{float, float}, steep: float, thickest_at: float,
         *     front: list<array{outline: list<array{float, float}>, holes: list<list<array{float, float}>>}>}> $ways */
        $ways = is_array($measured['ways'] ?? null) ? $measured['ways'] : [];
        $section = [
            'shape' => Shape::Mesh->value,
            'id' => 'mesh',
            'label' => 'Casting',
            'mesh' => $reading->id()->toRfc4122(),
            'gates' => 1,
        ];

        return new self(
            triangles: (int) self::number($measured['triangles'] ?? 0),
            closed: true === ($measured['closed'] ?? false),
            faults: $faults,
            volume: $volume,
            area: $area,
            box: array_map($length, is_array($measured['box'] ?? null) ? array_values($measured['box']) : []),
            thinnest: $thinnest,
            thickest: isset($measured['thickest']) ? $length($measured['thickest']) : null,
            ways: array_map(
                static fn (array $way): LyingMeshAnswer => new LyingMeshAnswer(
                    up: $way['up'],
                    label: WayUp::tryFrom($way['up'])?->words() ?? '',
                    box: array_map($length, $way['box']),
                    undercut: $in($way['best'][1], Dimension::Volume, 'mL'),
                    parting: $length($way['best'][0]),
                    partings: array_map(
                        static fn (array $one): PartingAnswer => new PartingAnswer($length($one[0]), $in($one[1], Dimension::Volume, 'mL')),
                        $way['partings'],
                    ),
                    highPoints: $way['high_points'],
                    seen: $in($way['open'], Dimension::Area, 'cm2'),
                    depth: $length($way['box'][2] + 2 * MouldStage::OVER_M),
                    steep: $in($way['steep'], Dimension::Area, 'cm2'),
                    thickestAt: $length($way['thickest_at']),
                    front: $way['front'],
                    section: [
                        'up' => $way['up'],
                        'length' => self::entry($length($way['box'][0])),
                        'width' => self::entry($length($way['box'][1])),
                        'height' => self::entry($length($way['box'][2])),
                        'parting' => self::entry($length($way['best'][0])),
                        'thickness' => null === $thinnest ? null : self::entry($thinnest),
                        'volume' => self::entry($volume),
                        'area' => self::entry($area),
                    ] + $section,
                ),
                $ways,
            ),
        );
    }

    private static function number(mixed $value): float
    {
        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }

    /** @return array{value: float, unit: string} */
    private static function entry(MeasuredAnswer $measured): array
    {
        return ['value' => round($measured->value, 4), 'unit' => $measured->unit];
    }
}
