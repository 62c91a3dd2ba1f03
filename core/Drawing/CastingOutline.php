<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

use MoltenNotes\Core\Quantity\Dimension;

/** The casting in the mould section: its sections as they stand, or a plate with its heaviest part where only those two are known. */
final class CastingOutline
{
    /** @var list<SectionPart> */
    public array $parts = [];

    /** @var list<array{from: array{float, float}, to: array{float, float}, label: string, field: string}> */
    public array $dimensions = [];

    public function __construct(private readonly SectionMeasures $at)
    {
        null === $at->layout ? $this->cavity() : $this->sections($at->layout);
    }

    /** The casting as its sections stand. */
    private function sections(SectionLayout $layout): void
    {
        foreach ($this->at->basis->sections?->all() ?? [] as $section) {
            $body = $this->at->basis->bodies[$section->id] ?? null;
            if (null === $body) {
                continue;
            }
            foreach ($layout->beyond[$section->id] ?? [] as $index => $outline) {
                // The far half of a ring, or one that the cut does not meet.
                $this->parts[] = new SectionPart(
                    "beyond-{$section->id}".(0 === $index ? '' : "-{$index}"),
                    'beyond',
                    $section->label,
                    '',
                    $this->moved($this->at->closed($outline)),
                    ['casting.sections'],
                    false,
                    $section->id,
                );
            }
            foreach ($layout->cuts[$section->id] ?? [] as $index => $face) {
                $this->parts[] = new SectionPart(
                    "section-{$section->id}-0{$index}",
                    'cavity',
                    $section->label,
                    $this->at->format->si($body->thickness, Dimension::Length),
                    $this->moved($this->at->closed($face['outline'])),
                    ['casting.sections'],
                    false,
                    $section->id,
                    array_map(fn (array $hole): array => $this->moved($this->at->closed($hole)), $face['holes']),
                );
            }
            $box = $layout->boxes[$section->id];
            if ($section->chill) {
                $foot = $this->at->foot + $box['y'];
                $this->parts[] = new SectionPart(
                    "chill-{$section->id}",
                    'chill',
                    'Chill',
                    '',
                    $this->at->box(
                        $this->at->left + $box['x'] + $box['width'] * 0.2,
                        $foot - max(6.0, $box['height'] * 0.6),
                        $this->at->left + $box['x'] + $box['width'] * 0.8,
                        $foot,
                    ),
                    ['casting.sections'],
                    false,
                    $section->id,
                );
            }
        }
        // Each section's thickness is told by its name; only the whole is measured on the drawing.
        $right = $this->at->left + $layout->width + 14;
        $this->dimensions[] = [
            'from' => [$right, $this->at->foot],
            'to' => [$right, $this->at->foot + $layout->height],
            'label' => $this->at->format->si($layout->height / 1000, Dimension::Length),
            'field' => 'casting.sections',
        ];
        $this->dimensions[] = [
            'from' => [$this->at->left, $this->at->foot],
            'to' => [$this->at->left + $layout->width, $this->at->foot],
            'label' => $this->at->format->si($layout->width / 1000, Dimension::Length),
            'field' => 'casting.sections',
        ];
    }

    /**
     * From the casting's own corner to the place it has in the mould.
     *
     * @param list<array{float, float}> $outline
     *
     * @return list<array{float, float}>
     */
    private function moved(array $outline): array
    {
        return array_map(
            fn (array $point): array => [round($this->at->left + $point[0], 2), round($this->at->foot + $point[1], 2)],
            $outline,
        );
    }

    /** A thin plate with its heaviest part as a boss at the far third: the two thicknesses that decide filling and feeding. */
    private function cavity(): void
    {
        $x0 = $this->at->left;
        $x1 = $this->at->left + $this->at->length;
        $boss0 = $x0 + $this->at->length * 0.58;
        $boss1 = min($x1, $boss0 + $this->at->heavy);
        $y0 = $this->at->foot;
        $thinTop = $y0 + $this->at->wall;
        $heavyTop = $y0 + $this->at->height;
        $outline =
            $this->at->height - $this->at->wall < 0.5
                ? [[$x0, $y0], [$x1, $y0], [$x1, $heavyTop], [$x0, $heavyTop]]
                : [
                    [$x0, $y0],
                    [$x1, $y0],
                    [$x1, $thinTop],
                    [$boss1, $thinTop],
                    [$boss1, $heavyTop],
                    [$boss0, $heavyTop],
                    [$boss0, $thinTop],
                    [$x0, $thinTop],
                ];
        $this->parts[] = new SectionPart(
            'cavity',
            'cavity',
            'Casting',
            $this->at->text('casting.length'),
            $this->at->closed($outline),
            ['casting.length', 'casting.height', 'casting.wall', 'casting.heaviest'],
            !$this->at->values->has('casting.length') || !$this->at->values->has('casting.wall'),
        );
        if ($this->at->values->has('casting.wall')) {
            $this->dimensions[] = [
                'from' => [$x0 + $this->at->length * 0.25, $y0],
                'to' => [$x0 + $this->at->length * 0.25, $thinTop],
                'label' => $this->at->text('casting.wall'),
                'field' => 'casting.wall',
            ];
        }
        if ($this->at->values->has('casting.length')) {
            $this->dimensions[] = [
                'from' => [$x0, $y0],
                'to' => [$x1, $y0],
                'label' => $this->at->text('casting.length'),
                'field' => 'casting.length',
            ];
        }
        if ($this->at->values->has('casting.heaviest')) {
            $this->dimensions[] = [
                'from' => [$boss0, $heavyTop],
                'to' => [$boss1, $heavyTop],
                'label' => $this->at->text('casting.heaviest'),
                'field' => 'casting.heaviest',
            ];
        }
    }
}
