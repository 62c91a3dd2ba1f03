<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Table;

/** Lays the sections of a usual casting from two to four measurements. The door to the table of starters. */
final class Starters
{
    /**
     * Starter → what it is and what it asks for, each measurement with what it is and an example in mm.
     *
     * @return array<string, array{label: string, words: string, asks: array<string, array{string, int}>}>
     */
    public static function all(): array
    {
        /** @var list<array{code: string, label: string, words: string, asks: array<string, array{string, int}>}> $rows */
        $rows = Table::rows(__DIR__.'/Data/starters.php', ['code', 'label', 'words', 'asks']);
        $starters = [];
        foreach ($rows as $row) {
            $starters[$row['code']] = ['label' => $row['label'], 'words' => $row['words'], 'asks' => $row['asks']];
        }

        return $starters;
    }

    /**
     * The sections, the first with a gate, as a record holds them.
     *
     * @param array<string, float> $m all that the starter asks for, metres, above zero
     * @param string $unit of length that they are written in
     *
     * @return list<array<string, mixed>>
     */
    public static function lay(string $code, array $m, string $unit): array
    {
        $on = static fn (string $id, Sits $way, int $count = 1): array => ['joins' => $id, 'sits' => $way->value, 'count' => $count];
        $take = static fn (string ...$names): array => array_intersect_key($m, array_flip($names));

        return match ($code) {
            'bar' => [self::part($unit, 'bar', 'Bar', Shape::Bar, $take('length', 'width', 'thickness'), ['gates' => 1])],
            'block_hole' => [
                self::part($unit, 'block', 'Block', Shape::Pierced, $take('length', 'width', 'thickness', 'hole'), ['gates' => 1]),
            ],
            'blade' => [
                self::part($unit, 'blade', 'Blade', Shape::Wedge, [
                    'length' => $m['width'], 'width' => $m['length'], 'thickness' => $m['thickness'], 'thin_end' => $m['edge'],
                ], ['gates' => 1]),
            ],
            'lettered_plate' => [
                self::part($unit, 'plate', 'Plate', Shape::Plate, $take('length', 'width', 'thickness'), ['gates' => 1]),
                self::part($unit, 'letter', 'Letter', Shape::Bar, [
                    'length' => 0.45 * $m['width'], 'width' => 0.1 * $m['width'], 'thickness' => $m['relief'],
                ], $on('plate', Sits::Top, 8) + ['turn' => ['value' => 90, 'unit' => 'deg']]),
            ],
            'wheel_spokes' => self::spoked($m, $unit),
            'wheel_web' => [
                self::part($unit, 'rim', 'Rim', Shape::Ring, [
                    'diameter' => $m['diameter'], 'width' => $m['rim'], 'thickness' => $m['thickness'],
                ], ['gates' => 1]),
                self::part($unit, 'web', 'Web', Shape::Cylinder, [
                    'diameter' => $m['diameter'] - 2 * $m['rim'], 'height' => 0.4 * $m['thickness'], 'foot' => 0.3 * $m['thickness'],
                ], $on('rim', Sits::Inside)),
                self::part($unit, 'hub', 'Hub', Shape::Boss, [
                    'diameter' => $m['hub'], 'height' => 1.3 * $m['thickness'],
                ], $on('web', Sits::Inside) + ['riser' => true]),
            ],
            'bell', 'bowl' => [
                self::part($unit, 'wall', 'Wall', Shape::Tube, $take('diameter', 'wall', 'height'), ['gates' => 1]),
                self::part($unit, 'floor', 'Floor', Shape::Cylinder, [
                    'diameter' => $m['diameter'] - 2 * $m['wall'],
                    'height' => $m['wall'],
                    'foot' => 'bell' === $code ? $m['height'] - $m['wall'] : 0.0,
                ], $on('wall', Sits::Inside)),
            ],
            'ring' => [self::part($unit, 'ring', 'Ring', Shape::Ring, $take('diameter', 'width', 'thickness'), ['gates' => 1])],
            'flanged_tube' => [
                self::part($unit, 'tube', 'Tube', Shape::Tube, $take('diameter', 'wall', 'height')),
                self::part($unit, 'flange', 'Flange', Shape::Ring, [
                    'diameter' => $m['flange'], 'width' => ($m['flange'] - $m['diameter']) / 2, 'thickness' => 1.2 * $m['wall'],
                ], $on('tube', Sits::Around, 2) + ['gates' => 1]),
            ],
            'bracket' => [
                self::part($unit, 'foot', 'Foot', Shape::Plate, $take('length', 'width', 'thickness'), ['gates' => 1]),
                self::part($unit, 'wall', 'Wall', Shape::Plate, [
                    'length' => $m['height'] - $m['thickness'],
                    'width' => $m['width'],
                    'thickness' => $m['thickness'],
                    'offset' => ($m['length'] - $m['thickness']) / 2,
                ], $on('foot', Sits::Top) + ['upright' => true]),
            ],
            default => [],
        };
    }

    /**
     * @param array<string, float> $measures metres
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function part(string $unit, string $id, string $label, Shape $shape, array $measures, array $more = []): array
    {
        return ['id' => $id, 'label' => $label, 'shape' => $shape->value]
            + $more
            + array_map(static fn (float $metres): array => Measurement::fromSi($metres, $unit)->toArray(), $measures);
    }

    /**
     * A rim round a hub, and spokes that reach a quarter into the rim.
     *
     * @param array<string, float> $m
     *
     * @return list<array<string, mixed>>
     */
    private static function spoked(array $m, string $unit): array
    {
        $wide = min(0.8 * $m['rim'], 0.5 * $m['hub']);
        $starts = sqrt(max(0.0, ($m['hub'] / 2) ** 2 - ($wide / 2) ** 2));

        return [
            self::part($unit, 'rim', 'Rim', Shape::Ring, [
                'diameter' => $m['diameter'], 'width' => $m['rim'], 'thickness' => $m['thickness'],
            ], ['gates' => 1]),
            self::part($unit, 'hub', 'Hub', Shape::Boss, [
                'diameter' => $m['hub'], 'height' => 1.3 * $m['thickness'],
            ], ['joins' => 'rim', 'sits' => Sits::Inside->value]),
            self::part($unit, 'spoke', 'Spoke', Shape::Bar, [
                'length' => $m['diameter'] / 2 - 0.75 * $m['rim'] - $starts, 'width' => $wide, 'thickness' => 0.6 * $m['thickness'],
            ], ['joins' => 'hub', 'sits' => Sits::End->value, 'count' => 5]),
        ];
    }
}
