<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Mould;

use MoltenNotes\Core\Pattern\Shape;

/** Risers and vents of the mould section. */
final class FeedOutline
{
    /** @var list<SectionPart> */
    public array $parts = [];

    public function __construct(private readonly SectionMeasures $at)
    {
        $this->riser();
        $this->vents();
    }

    private function riser(): void
    {
        $kind = $this->at->values->choice('feeding.riser');
        if (!in_array($kind, ['open', 'blind'], true)) {
            return;
        }
        $diameter = $this->at->mm('feeding.riser_diameter') ?? $this->at->heavy * 1.5;
        foreach ($this->riserSeats() as $index => [$centre, $foot, $width]) {
            $this->oneRiser($kind, $diameter, $centre, $foot, $width, $index);
        }
    }

    /** @return list<array{float, float, float}> centre, foot and width of what each riser stands on */
    private function riserSeats(): array
    {
        if (null !== $this->at->layout) {
            $seats = [];
            foreach ($this->at->basis->sections?->all() ?? [] as $section) {
                if ($section->riser && isset($this->at->layout->boxes[$section->id])) {
                    $seats[] = $section->id;
                }
            }
            if ([] === $seats) {
                $moduli = array_map(static fn ($body): float => $body->volume / $body->surface, $this->at->basis->bodies);
                arsort($moduli);
                $seats = array_slice(array_keys($moduli), 0, 1);
            }

            return array_map(function (string $id): array {
                $box = $this->at->layout->boxes[$id] ?? ['x' => 0.0, 'y' => 0.0, 'width' => 10.0, 'height' => 10.0];

                return [$this->at->left + $box['x'] + $box['width'] / 2, $this->at->foot + $box['y'] + $box['height'], $box['width']];
            }, $seats);
        }
        $onHeavy = false !== $this->at->values->get('feeding.at_heaviest');

        return [[$this->at->left + $this->at->length * 0.58 + ($onHeavy ? min($this->at->heavy, $this->at->length * 0.42) / 2 : -$this->at->length * 0.35), $this->at->foot + ($onHeavy ? $this->at->height : $this->at->wall), $this->at->heavy]];
    }

    private function oneRiser(string $kind, float $diameter, float $centre, float $foot, float $seat, int $index): void
    {
        $neck = max(3.0, $diameter * 0.2);
        $neckHalf = min($this->at->mm('feeding.neck') ?? $diameter * 0.7, $seat) / 2;
        $top = 'open' === $kind ? max($this->at->top(), $foot + $neck + $diameter) : min($this->at->top() - 8, $foot + $neck + ($this->at->mm('feeding.riser_height') ?? $diameter * 1.3));
        $half = $diameter / 2;
        $this->parts[] = new SectionPart("riser-{$index}", 'riser', 'open' === $kind ? 'Open riser' : 'Blind riser', $this->at->text('feeding.riser_diameter'), $this->at->closed([
            [$centre - $neckHalf, $foot], [$centre + $neckHalf, $foot], [$centre + $neckHalf, $foot + $neck * 0.4], [$centre + $half, $foot + $neck],
            [$centre + $half, $top], [$centre - $half, $top], [$centre - $half, $foot + $neck], [$centre - $neckHalf, $foot + $neck * 0.4],
        ]), ['feeding.riser', 'feeding.riser_diameter', 'feeding.riser_height', 'feeding.at_heaviest'], !$this->at->values->has('feeding.riser_diameter'));
    }

    private function vents(): void
    {
        $flagged = null === $this->at->layout ? 0 : $this->ventsOnSections($this->at->layout);
        $count = max(0, ($this->at->values->count('venting.vents') ?? 0) - $flagged);
        for ($i = 0; $i < min($count, 12); ++$i) {
            $x = $this->at->left + $this->at->length * (0.06 + 0.9 * ($i + 0.5) / max(1, min($count, 12)));
            $onBoss = $x > $this->at->left + $this->at->length * 0.58 && $x < $this->at->left + $this->at->length * 0.58 + $this->at->heavy;
            if ($onBoss && in_array($this->at->values->choice('feeding.riser'), ['open', 'blind'], true)) {
                $x = $this->at->left + $this->at->length * 0.97;
                $onBoss = false;
            }
            $foot = (null === $this->at->layout ? $this->at->foot + ($onBoss ? $this->at->height : $this->at->wall) : $this->at->topAt($x, $this->at->layout)) + 2;
            $this->parts[] = new SectionPart("vent-{$i}", 'vent', 'Vent', '', $this->at->box($x - 0.8, $foot, $x + 0.8, $this->at->top()), ['venting.vents', 'venting.high_points'], false);
        }
    }

    private function ventsOnSections(SectionLayout $layout): int
    {
        $drawn = 0;
        foreach ($this->at->basis->sections?->all() ?? [] as $section) {
            $box = $layout->boxes[$section->id] ?? null;
            if (!$section->vent || null === $box) {
                continue;
            }
            ++$drawn;
            $ring = in_array($section->shape, [Shape::Ring, Shape::Tube], true);
            $x = $this->at->left + $box['x'] + $box['width'] * ($ring ? 0.97 : 0.5);
            $this->parts[] = new SectionPart("vent-{$section->id}", 'vent', 'Vent', '', $this->at->box($x - 0.8, $this->at->foot + $box['y'] + $box['height'] + 2, $x + 0.8, $this->at->top()), ['venting.vents', 'casting.sections'], false, $section->id);
        }

        return $drawn;
    }
}
