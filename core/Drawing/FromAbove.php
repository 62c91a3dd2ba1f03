<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

use MoltenNotes\Core\Geometry\Contour;
use MoltenNotes\Core\Geometry\PlacedSection;
use MoltenNotes\Core\Plan\Basis;

/**
 * The casting seen from above as it lies in the mould, to scale: its bodies, the gates, and what its body says of filling, air and feeding.
 *
 * Millimetres, x to the right as in the mould section, y to the back. Only what was placed is drawn. Derived.
 */
final readonly class FromAbove
{
    /** Corners that a round is drawn with. */
    private const ROUND = 48;

    /**
     * @param list<array{id: string, label: string, subject: string, outline: list<array{float, float}>,
     *     holes: list<list<array{float, float}>>, top: float, cut: bool}> $parts the lowest first
     * @param list<array{kind: 'gate'|'high'|'last'|'hot', words: string, at: array{float, float}}> $marks
     * @param array{left: float, right: float, front: float, back: float} $bounds
     */
    private function __construct(public array $parts, public array $marks, public array $bounds, public float $plane)
    {
    }

    /**
     * Null where no section is placed.
     *
     * @param float|null $cut where the section beside it is cut, as SectionLayout::of takes it
     */
    public static function of(Basis $basis, bool $risers, ?float $cut = null): ?self
    {
        $bodies = $basis->placed;
        if ([] === $bodies) {
            return null;
        }
        $plane = SectionLayout::plane($bodies, $cut) * 1000;
        $outlines = $basis->solid?->outlines;
        $bounds = ['left' => \INF, 'right' => -\INF, 'front' => \INF, 'back' => -\INF];
        $parts = [];
        foreach ($bodies as $index => $one) {
            [$x, $y] = $one->reach();
            $bounds = [
                'left' => min($bounds['left'], 1000 * ($one->x - $x)),
                'right' => max($bounds['right'], 1000 * ($one->x + $x)),
                'front' => min($bounds['front'], 1000 * ($one->y - $y)),
                'back' => max($bounds['back'], 1000 * ($one->y + $y)),
            ];
            if (null !== $outlines) {
                $parts = self::mesh($one, $outlines->above);
                continue;
            }
            $parts[] = [
                'id' => "above-{$one->section->id}-{$index}",
                'label' => $one->section->label,
                'subject' => $one->section->id,
                'outline' => $one->isRound() ? self::circle($one, $one->body->across / 2) : self::corners($one),
                'holes' => $one->bore() > 1e-6 ? [self::circle($one, $one->bore())] : [],
                'top' => round(1000 * $one->top(), 3),
                'cut' => abs(1000 * $one->y - $plane) < 1000 * $y,
            ];
        }
        usort($parts, static fn (array $a, array $b): int => $a['top'] <=> $b['top']);

        $gates = null === $outlines
            ? self::gates($bodies)
            : array_map(
                /** @param array{float, float, float} $place */
                static fn (array $place): array => ['kind' => 'gate', 'words' => 'Gate', 'at' => self::at([$place[0], $place[1]])],
                $outlines->gates,
            );

        return new self($parts, [...$gates, ...self::said($basis, $risers)], $bounds, $plane);
    }

    /**
     * @return list<array{id: string, label: string, subject: string, outline: list<array{float, float}>,
     *     holes: list<list<array{float, float}>>, top: float, cut: bool}>
     */
    private static function mesh(PlacedSection $one, Contour $above): array
    {
        $shapes = $above->drawn(1000)->shapes;

        return array_map(
            static fn (array $shape, int $index): array => [
                'id' => "above-{$one->section->id}-{$index}",
                'label' => $one->section->label,
                'subject' => $one->section->id,
                'outline' => $shape['outline'],
                'holes' => $shape['holes'],
                'top' => round(1000 * $one->top(), 3),
                'cut' => 0 === $index,
            ],
            $shapes,
            array_keys($shapes),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'unit' => 'mm',
            'bounds' => array_map(static fn (float $at): float => round($at, 3), $this->bounds),
            'cut_along' => round($this->plane, 3),
            'parts' => $this->parts,
            'marks' => $this->marks,
        ];
    }

    /**
     * @param non-empty-list<PlacedSection> $bodies
     *
     * @return list<array{kind: 'gate', words: string, at: array{float, float}}>
     */
    private static function gates(array $bodies): array
    {
        $gates = [];
        foreach ($bodies as $one) {
            for ($i = 0, $n = $one->section->gates; $i < $n; ++$i) {
                $direction = \M_PI + (2 * \M_PI * $i) / $n;
                $out = $one->isRound()
                    ? $one->body->across / 2
                    : min(
                        $one->body->across / 2 / max(1e-9, abs(cos($direction))),
                        $one->body->depth / 2 / max(1e-9, abs(sin($direction))),
                    );
                $gates[] = [
                    'kind' => 'gate',
                    'words' => 'Gate',
                    'at' => [
                        round(1000 * ($one->x + $out * cos($direction + $one->turn)), 3),
                        round(1000 * ($one->y + $out * sin($direction + $one->turn)), 3),
                    ],
                ];
            }
        }

        return $gates;
    }

    /** @return list<array{kind: 'high'|'last'|'hot', words: string, at: array{float, float}}> */
    private static function said(Basis $basis, bool $risers): array
    {
        $solid = $basis->solid;
        if (null === $solid) {
            return [];
        }
        $marks = [];
        foreach ($solid->highPoints as $high) {
            $marks[] = ['kind' => 'high', 'words' => 'High point: air is shut in', 'at' => self::at($high->place)];
        }
        if ([] !== $solid->lastToFill) {
            $marks[] = ['kind' => 'last', 'words' => 'Filled last', 'at' => self::at($solid->lastToFill)];
        }
        foreach ($solid->unfed($risers) as $spot) {
            $words = $risers ? 'Thick place that no riser reaches' : 'Thick place: liquid last, no riser';
            $marks[] = ['kind' => 'hot', 'words' => $words, 'at' => self::at($spot->place)];
        }

        return $marks;
    }

    /**
     * @param list<float> $place x, y, z in metres
     *
     * @return array{float, float} mm
     */
    private static function at(array $place): array
    {
        return [round(1000 * ($place[0] ?? 0.0), 3), round(1000 * ($place[1] ?? 0.0), 3)];
    }

    /** @return list<array{float, float}> */
    private static function circle(PlacedSection $one, float $radius): array
    {
        return array_map(
            static fn (int $i): array => [
                round(1000 * ($one->x + $radius * cos((2 * \M_PI * $i) / self::ROUND)), 3),
                round(1000 * ($one->y + $radius * sin((2 * \M_PI * $i) / self::ROUND)), 3),
            ],
            range(0, self::ROUND - 1),
        );
    }

    /** @return list<array{float, float}> */
    private static function corners(PlacedSection $one): array
    {
        [$a, $d] = [$one->body->across / 2, $one->body->depth / 2];

        return array_map(
            static fn (array $corner): array => [
                round(1000 * ($one->x + $corner[0] * $one->cos - $corner[1] * $one->sin), 3),
                round(1000 * ($one->y + $corner[0] * $one->sin + $corner[1] * $one->cos), 3),
            ],
            [[-$a, -$d], [$a, -$d], [$a, $d], [-$a, $d]],
        );
    }
}
