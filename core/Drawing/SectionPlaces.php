<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

use MoltenNotes\Core\Geometry\Shape;

/** Where on the mould section a finding is pinned and a risk is written. */
final readonly class SectionPlaces
{
    /** @param list<SectionPart> $parts */
    public function __construct(private SectionMeasures $at, private array $parts)
    {
    }

    /** @return array<string, array{float, float}> where a finding at this place is pinned */
    public function places(): array
    {
        if (null !== $this->at->layout) {
            return $this->placesOnSections($this->at->layout);
        }
        $thinTop = $this->at->foot + $this->at->wall;
        $boss = $this->at->left + $this->at->length * 0.58 + min($this->at->heavy, $this->at->length * 0.42) / 2;
        $right = $this->at->left + $this->at->length;

        return [
            'cope_face' => [$this->at->left + $this->at->length * 0.4, $thinTop],
            'drag_face' => [$this->at->left + $this->at->length * 0.4, $this->at->foot],
            'near_gate' => [$this->at->left + $this->at->length * 0.05, $this->at->foot + $this->at->wall / 2],
            'far_from_gate' => [$right - $this->at->length * 0.03, $this->at->foot + $this->at->wall / 2],
            'last_to_fill' => [$right - $this->at->length * 0.08, $thinTop],
            'high_point' => [$boss, $this->at->foot + $this->at->height],
            'thick_junction' => [$boss, $this->at->foot + $this->at->height * 0.5],
            'thin_section' => [$this->at->left + $this->at->length * 0.33, $this->at->foot + $this->at->wall / 2],
            'around_core' => [$boss, $this->at->foot + $this->at->height * 0.7],
            'parting_line' => [$right, 0.0],
            'sprue_or_riser' => [0.0, $this->at->gateLevel() + $this->at->head * 0.4],
            'everywhere' => [$this->at->left + $this->at->length * 0.5, $this->at->foot + $this->at->wall / 2],
        ];
    }

    /** @return array{float, float} */
    public function anchor(string $code, string $subject): array
    {
        if (isset($this->at->layout?->boxes[$subject])) {
            [$x, $y] = $this->inMetal($this->at->layout, $subject);
            $ring = in_array($this->at->basis->sections?->get($subject)?->shape, [Shape::Ring, Shape::Tube], true);

            // On a ring the far cut face is where it matters.
            return [
                round(
                    $this->at->left +
                        ($ring ? $this->at->layout->boxes[$subject]['x'] + $this->at->layout->boxes[$subject]['width'] * 0.96 : $x),
                    2,
                ),
                round($this->at->foot + $y, 2),
            ];
        }

        $first = $this->at->basis->placed[0] ?? null;

        return match ($code) {
            'gate_speed', 'gate_freezes' => $this->middleOf('gate-0'),
            'cope_weights' => [$this->at->left + $this->at->length * 0.8, $this->at->top()],
            'cannot_fill', 'crucible_holds', 'at_mould' => [0.0, $this->at->gateLevel() + $this->at->head * 0.7],
            'steam' => [$this->at->left + $this->at->length * 0.3, $this->at->foot - 6],
            // On its first section: the middle of all of it may lie in a hole.
            default => null === $first || null === $this->at->layout
                ? [$this->at->left + $this->at->length * 0.5, $this->at->foot + $this->at->height / 2]
                : $this->anchor('', $first->section->id),
        };
    }

    /**
     * The middle of a section in the cut; of a block with a hole, the middle of what is cut beside it.
     *
     * @return array{float, float}
     */
    private function inMetal(SectionLayout $layout, string $id): array
    {
        $faces = $layout->cuts[$id] ?? [];
        if (Shape::Pierced !== $this->at->basis->sections?->get($id)?->shape || [] === $faces) {
            return $layout->middle($id);
        }
        $face = $faces[count($faces) - 1];
        [$x, $y] = [array_column($face['outline'], 0), array_column($face['outline'], 1)];
        // Right of the hole, where it is seen round.
        $left = [] === $face['holes'] ? min([\INF, ...$x]) : max([-\INF, ...array_column($face['holes'][0], 0)]);

        return [($left + max([-\INF, ...$x])) / 2, (min([\INF, ...$y]) + max([-\INF, ...$y])) / 2];
    }

    /** @return array<string, array{float, float}> */
    private function placesOnSections(SectionLayout $layout): array
    {
        $at = fn (string $id): array => [
            round($this->at->left + $this->inMetal($layout, $id)[0], 2),
            round($this->at->foot + $this->inMetal($layout, $id)[1], 2),
        ];
        $thin = array_map(static fn ($body): float => $body->thickness, $this->at->basis->bodies);
        asort($thin);
        $thinAt = $this->anchor('', (string) array_key_first($thin));
        $thickAt = $at($this->at->assembly->heaviest() ?? '');
        $right = $this->at->left + $layout->width;

        return [
            'cope_face' => [$this->at->left + $layout->width * 0.35, $this->at->topAt($this->at->left + $layout->width * 0.35, $layout)],
            'drag_face' => [$this->at->left + $layout->width * 0.35, $this->at->foot],
            'near_gate' => [$this->at->left + $layout->width * 0.05, $this->at->foot + min($this->at->height, $this->at->wall) / 2],
            'far_from_gate' => [$right - $layout->width * 0.02, $this->at->foot + $this->at->wall / 2],
            'last_to_fill' => [$right - $layout->width * 0.06, $this->at->topAt($right - $layout->width * 0.02, $layout)],
            'high_point' => [$thickAt[0], $this->at->foot + $layout->height],
            'thick_junction' => $thickAt,
            'thin_section' => $thinAt,
            'around_core' => $thickAt,
            'parting_line' => [$right, 0.0],
            'sprue_or_riser' => [0.0, $this->at->gateLevel() + $this->at->head * 0.4],
            'everywhere' => [$this->at->left + $layout->width * 0.5, $this->at->foot + $this->at->wall / 2],
        ];
    }

    /** @return array{float, float} */
    private function middleOf(string $id): array
    {
        foreach ($this->parts as $part) {
            if ($part->id === $id) {
                return [
                    round(array_sum(array_column($part->outline, 0)) / count($part->outline), 2),
                    round(array_sum(array_column($part->outline, 1)) / count($part->outline), 2),
                ];
            }
        }

        return [$this->at->left, $this->at->gateLevel()];
    }
}
