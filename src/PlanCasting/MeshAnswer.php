<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Volume;

/** What was measured of a mesh. */
final readonly class MeshAnswer extends Answer
{
    /**
     * @param list<array{code: string, words: string}> $faults
     * @param list<MeasuredAnswer> $box
     */
    public function __construct(
        public int $triangles,
        public bool $closed,
        public array $faults,
        public MeasuredAnswer $volume,
        public MeasuredAnswer $area,
        public array $box,
    ) {
    }

    /** @param array<mixed> $measured as ReadMeshHandler keeps it, SI */
    public static function of(array $measured, QuantityFormatter $format): self
    {
        $number = static fn (mixed $value): float => is_int($value) || is_float($value) ? (float) $value : 0.0;
        $volume = Volume::fromSi($number($measured['volume'] ?? 0));
        $area = Area::fromSi($number($measured['area'] ?? 0));
        /** @var list<array{code: string, words: string}> $faults */
        $faults = is_array($measured['faults'] ?? null) ? $measured['faults'] : [];

        return new self(
            triangles: (int) $number($measured['triangles'] ?? 0),
            closed: true === ($measured['closed'] ?? false),
            faults: $faults,
            volume: new MeasuredAnswer($volume->in('mL'), 'mL', $format->quantity($volume)),
            area: new MeasuredAnswer($area->in('cm2'), 'cm2', $format->quantity($area)),
            box: array_map(
                static fn (mixed $side): MeasuredAnswer => new MeasuredAnswer(
                    $number($side) * 1000,
                    'mm',
                    $format->si($number($side), Dimension::Length),
                ),
                is_array($measured['box'] ?? null) ? array_values($measured['box']) : [],
            ),
        );
    }
}
