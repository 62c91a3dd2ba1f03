<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Geometry\FieldPlane;
use MoltenNotes\Core\Geometry\HighPoint;
use MoltenNotes\Core\Geometry\HotSpot;
use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;

/**
 * What can be laid over the drawings of a casting: how thick it is at each place, when it freezes there, how far the metal has come, where
 * air is shut in and which thick places nothing feeds.
 *
 * Each section has its figure and its rank from 0, the least, to 1, the most. The layer that is looked at has its contours as well: a
 * drawing hatches each band the closer, the more. Derived; that a front of freezing metal comes in as the root of time is N. Chvorinov
 * 1940, published.
 *
 * @phpstan-import-type Band from LayerBands
 *
 * @phpstan-type LayerMark array{kind: 'high'|'last'|'meet'|'hot', words: string, cut: array{float, float}, above: array{float, float}}
 * @phpstan-type LayerValue array{section: string, shown: string, rank: float}
 * @phpstan-type LaidOver array{code: string, label: string, words: string, values: list<LayerValue>, bands: list<Band>,
 *     marks: list<LayerMark>}
 */
final readonly class Layers
{
    public const CODES = ['thickness', 'freezing', 'way', 'high', 'reach'];

    /** Further ends of ways are corners that matter to nobody. */
    private const ENDS = 3;

    private SectionMeasures $at;
    private ?LayerBands $bands;
    private float $from;

    private function __construct(private Basis $basis, private CastingPlan $plan, private ?string $looked, ?float $cut)
    {
        $this->at = new SectionMeasures($basis, $plan, $cut);
        $bodies = $basis->placed;
        $this->from = SectionLayout::leftmost($bodies);
        $fields = $plan->solid?->fields;
        $this->bands = null === $fields || null === $looked ? null : new LayerBands(
            $fields->at(SectionLayout::plane($bodies, $cut)),
            $fields->above,
            $this->at->foot,
            $this->at->left,
            $this->from,
        );
    }

    /**
     * @param string|null $looked at: only this one has its contours
     * @param float|null $cut where the casting is cut, as SectionLayout::of takes it
     *
     * @return list<LaidOver>
     */
    public static function of(Basis $basis, CastingPlan $plan, ?string $looked = null, ?float $cut = null): array
    {
        if (null === $plan->solid) {
            return [];
        }
        $layers = new self($basis, $plan, $looked, $cut);

        return array_values(
            array_filter(
                [
                    $layers->thickness($plan->solid),
                    $layers->freezing($plan->solid),
                    $layers->way($plan->solid),
                    $layers->high($plan->solid),
                    $layers->reach($plan->solid),
                ],
                static fn (?array $layer): bool => null !== $layer,
            ),
        );
    }

    /** @return LaidOver */
    private function thickness(CastingGeometry $solid): array
    {
        $values = $least = [];
        foreach ($solid->parts as $id => $part) {
            $values[$id] = [$part->thickest, $this->length($part->thickest)];
            $least[] = min($part->thickest, $this->basis->bodies[$id]->thickness ?? $part->thickest);
        }
        $most = max([0.0, ...array_column($values, 0)]);

        return $this->layer(
            'thickness',
            'Thickness',
            'The closer the hatching, the thicker: the largest ball that fits over the place.',
            $values,
            fn (LayerBands $bands): array => $bands->of(
                static fn (FieldPlane $plane): array => $plane->thickness(),
                [min([$most, ...$least]), $most],
                $this->length(...),
            ),
            $this->thickPlaces($solid, ''),
        );
    }

    /**
     * As the section's own time, less towards its faces: metal is solid to a depth that grows as the root of time.
     *
     * @return LaidOver|null null where nothing is known of when it freezes
     */
    private function freezing(CastingGeometry $solid): ?array
    {
        $values = $times = $spread = [];
        foreach ($this->plan->stages['feeding']->figures as $figure) {
            if ('freezing_time' === $figure->code && isset($solid->parts[$figure->subject])) {
                $values[$figure->subject] = [$figure->value->si, $this->basis->format->rough($figure->value)];
                $times[$figure->subject] = $figure->value->si;
                $spread = [$figure->value->lowSi / $figure->value->si, $figure->value->highSi / $figure->value->si];
            }
        }
        if ([] === $times) {
            return null;
        }
        $last = max($times);
        $ids = array_keys($solid->parts);
        $at = function (FieldPlane $plane) use ($solid, $times, $ids, $last): array {
            $depth = $plane->depth();
            $seconds = [];
            foreach ($plane->parts() as $place => $number) {
                $id = $ids[$number - 1] ?? '';
                $half = isset($solid->parts[$id]) ? $this->half($id, $solid) : 0.0;
                $share = $half > 0.0 ? ($depth[$place] ?? 0.0) / $half : 1.0;
                $seconds[$place] = min($last, ($times[$id] ?? 0.0) * $share ** 2);
            }

            return $seconds;
        };

        return $this->layer(
            'freezing',
            'Freezing order',
            'The closer the hatching, the later it is solid; the rings mark thick places, liquid longest.',
            $values,
            fn (LayerBands $bands): array => $bands->of(
                $at,
                [0.0, $last],
                fn (float $seconds): string => $seconds <= 0.0 ? 'at once' : $this->basis->format->rough(
                    Estimate::between(Dimension::Time, $seconds, $seconds * ($spread[0] ?? 1.0), $seconds * ($spread[1] ?? 1.0)),
                ),
                2.0,
            ),
            $this->thickPlaces($solid, ', liquid longest here'),
        );
    }

    /** From the middle of a section to its faces as it was measured, without what is joined to it, m. */
    private function half(string $id, CastingGeometry $solid): float
    {
        $section = $this->basis->sections?->get($id);

        return match ($section?->shape) {
            Shape::Mesh => $solid->parts[$id]->thickest / 2,
            Shape::Wedge => max($section->si('thickness') ?? 0.0, $section->si('thin_end') ?? 0.0) / 2,
            default => ($this->basis->bodies[$id]->thickness ?? $solid->parts[$id]->thickest) / 2,
        };
    }

    /** @return LaidOver */
    private function way(CastingGeometry $solid): array
    {
        $values = [];
        foreach ($solid->parts as $id => $part) {
            $values[$id] = [$part->far, $this->length($part->far)];
        }
        $marks = [] === $solid->lastToFill ? [] : [
            $this->mark('last', 'Filled last, '.$this->length($solid->way).' from the gate', $solid->lastToFill),
        ];
        $ends = array_filter($solid->meets, static fn (array $place): bool => $place !== $solid->lastToFill);
        foreach (array_slice($ends, 0, self::ENDS) as $place) {
            $marks[] = $this->mark('meet', 'An end of its way: fronts meet or stop here', $place);
        }

        return $this->layer(
            'way',
            'Way of the metal',
            'The closer the hatching, the farther from the gates.',
            $values,
            fn (LayerBands $bands): array => $bands->of(
                static fn (FieldPlane $plane): array => $plane->way(),
                [0.0, $solid->way],
                $this->length(...),
            ),
            $marks,
        );
    }

    /** @return LaidOver|null */
    private function high(CastingGeometry $solid): ?array
    {
        $marks = array_map(
            fn (HighPoint $high): array => $this->mark(
                'high',
                $this->length($high->place[2] ?? 0.0).' up, '.$this->basis->shown($high->area, Dimension::Area),
                $high->place,
            ),
            $solid->highPoints,
        );

        return [] === $marks ? null : $this->layer(
            'high',
            'High points',
            'Metal that rises shuts air in here, unless a vent, a riser or the parting lets it out.',
            [],
            null,
            $marks,
        );
    }

    /** @return LaidOver|null */
    private function reach(CastingGeometry $solid): ?array
    {
        $marks = array_map(
            fn (HotSpot $spot): array => $this->mark(
                'hot',
                $this->length($spot->thickness).' thick'
                    .(null === $spot->neck ? '' : ', behind a neck of '.$this->length($spot->neck)),
                $spot->place,
            ),
            $solid->unfed($this->plan->hasRisers),
        );

        return [] === $marks ? null : $this->layer(
            'reach',
            'Out of reach',
            $this->plan->hasRisers ? 'Thick places that no riser reaches.' : 'Thick places: without a riser nothing feeds them.',
            [],
            null,
            $marks,
        );
    }

    /** @return list<LayerMark> */
    private function thickPlaces(CastingGeometry $solid, string $more): array
    {
        return array_map(
            fn (HotSpot $spot): array => $this->mark('hot', $this->length($spot->thickness)." thick{$more}", $spot->place),
            $solid->hotSpots,
        );
    }

    private function length(float $metres): string
    {
        return $this->basis->shown($metres, Dimension::Length);
    }

    /**
     * @param 'high'|'last'|'meet'|'hot' $kind
     * @param list<float> $place x, y, z in metres
     *
     * @return LayerMark
     */
    private function mark(string $kind, string $words, array $place): array
    {
        [$x, $y, $z] = $place + [0.0, 0.0, 0.0];

        return [
            'kind' => $kind,
            'words' => $words,
            'cut' => [round($this->at->left + 1000 * ($x - $this->from), 3), round($this->at->foot + 1000 * $z, 3)],
            'above' => [round(1000 * $x, 3), round(1000 * $y, 3)],
        ];
    }

    /**
     * @param array<array{float, string}> $values section id → SI and as it is shown
     * @param (\Closure(LayerBands): list<Band>)|null $bands
     * @param list<LayerMark> $marks
     *
     * @return LaidOver
     */
    private function layer(string $code, string $label, string $words, array $values, ?\Closure $bands, array $marks): array
    {
        $si = array_column($values, 0);
        [$least, $most] = [] === $si ? [0.0, 0.0] : [min($si), max($si)];
        $told = [];
        foreach ($values as $id => [$value, $shown]) {
            $told[] = [
                'section' => (string) $id,
                'shown' => $shown,
                'rank' => $most > $least ? round(($value - $least) / ($most - $least), 3) : 1.0,
            ];
        }

        return [
            'code' => $code,
            'label' => $label,
            'words' => $words,
            'values' => $told,
            'bands' => $code === $this->looked && null !== $this->bands && null !== $bands ? $bands($this->bands) : [],
            'marks' => $marks,
        ];
    }
}
