<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Plan\RiserSeat;

/** Risers and vents of the mould section. */
final class FeedOutline
{
    /** @var list<SectionPart> */
    public array $parts = [];

    public function __construct(private readonly SectionMeasures $at)
    {
        $this->risers();
        $this->vents();
    }

    private function risers(): void
    {
        foreach ($this->at->assembly->risers as $index => $riser) {
            [$centre, $foot, $width] = $this->seat($riser);
            $this->oneRiser($riser, $centre, $foot, $width, $index);
        }
    }

    /** @return array{float, float, float} centre, foot and width of what the riser stands on */
    private function seat(RiserSeat $riser): array
    {
        $box = $this->at->layout->boxes[$riser->section] ?? null;
        if (null !== $box) {
            return [$this->at->left + $box['x'] + $box['width'] / 2, $this->at->foot + $box['y'] + $box['height'], $box['width']];
        }
        $onHeavy = false !== $this->at->values->get('feeding.at_heaviest');
        $centre =
            $this->at->left +
            $this->at->length * 0.58 +
            ($onHeavy ? min($this->at->heavy, $this->at->length * 0.42) / 2 : -$this->at->length * 0.35);
        $foot =
            null === $this->at->layout
                ? $this->at->foot + ($onHeavy ? $this->at->height : $this->at->wall)
                : $this->at->topAt($centre, $this->at->layout);

        return [$centre, $foot, $this->at->heavy];
    }

    private function oneRiser(RiserSeat $riser, float $centre, float $foot, float $seat, int $index): void
    {
        $face = $riser->kind->isBeside ? $this->freeSide($riser) : null;
        if (null !== $face) {
            $this->beside($riser, $face, $index);

            return;
        }
        $diameter = $riser->diameter->millimetres();
        $neck = max(3.0, $diameter * 0.2);
        $neckHalf = min($riser->neck->millimetres(), $seat, $diameter) / 2;
        $top =
            $this->isOpen()
                ? max($this->at->top(), $foot + $neck + $diameter)
                : min($this->at->top() - 8, $foot + $neck + $riser->height->millimetres());
        $half = $diameter / 2;
        $this->draw(
            $riser,
            $index,
            [
                [$centre - $neckHalf, $foot],
                [$centre + $neckHalf, $foot],
                [$centre + $neckHalf, $foot + $neck * 0.4],
                [$centre + $half, $foot + $neck],
                [$centre + $half, $top],
                [$centre - $half, $top],
                [$centre - $half, $foot + $neck],
                [$centre - $neckHalf, $foot + $neck * 0.4],
            ],
            ['feeding.riser', 'feeding.riser_diameter', 'feeding.riser_height', 'feeding.at_heaviest'],
        );
    }

    /**
     * Right face and foot of what a riser stands beside; null where something of the casting lies there.
     *
     * @return array{float, float, float}|null right, foot and height, mm
     */
    private function freeSide(RiserSeat $riser): ?array
    {
        $boxes = $this->at->layout->boxes ?? [];
        $box = $boxes[$riser->section] ?? null;
        if (null === $box) {
            return null;
        }
        $right = $box['x'] + $box['width'];
        foreach ($boxes as $other) {
            if ($other['x'] + $other['width'] > $right + 0.5) {
                return null;
            }
        }

        return [$this->at->left + $right, $this->at->foot + $box['y'], $box['height']];
    }

    /**
     * Beside its section, from the section's foot up, with a neck through its side.
     *
     * @param array{float, float, float} $face
     */
    private function beside(RiserSeat $riser, array $face, int $index): void
    {
        [$right, $foot, $high] = $face;
        $diameter = $riser->diameter->millimetres();
        $neck = min($riser->neck->millimetres(), $high, $diameter);
        $level = $foot + $high / 2;
        $left = $right + max(4.0, $diameter * 0.25);
        $top = $this->isOpen() ? max($this->at->top(), $foot + $diameter) : $foot + max($riser->height->millimetres(), $high);
        $this->draw(
            $riser,
            $index,
            [
                [$right, $level - $neck / 2],
                [$left, $level - $neck / 2],
                [$left, $foot],
                [$left + $diameter, $foot],
                [$left + $diameter, $top],
                [$left, $top],
                [$left, $level + $neck / 2],
                [$right, $level + $neck / 2],
            ],
            ['feeding.riser', 'feeding.riser_stands', 'feeding.riser_diameter', 'feeding.riser_height', 'feeding.neck'],
        );
    }

    /**
     * @param list<array{float, float}> $outline mm
     * @param list<string> $fields what it was told in
     */
    private function draw(RiserSeat $riser, int $index, array $outline, array $fields): void
    {
        $this->parts[] = new SectionPart(
            "riser-{$index}",
            'riser',
            $this->isOpen() ? 'Open riser' : 'Blind riser',
            $this->at->text('feeding.riser_diameter'),
            $this->at->closed($outline),
            $fields,
            !$riser->diameter->isTold(),
            $riser->section,
        );
    }

    private function isOpen(): bool
    {
        return 'open' === $this->at->values->choice('feeding.riser');
    }

    private function vents(): void
    {
        $flagged = null === $this->at->layout ? 0 : $this->ventsOnSections($this->at->layout);
        $count = max(0, ($this->at->values->count('venting.vents') ?? 0) - $flagged);
        for ($i = 0; $i < min($count, 12); ++$i) {
            $x = $this->at->left + $this->at->length * (0.06 + (0.9 * ($i + 0.5)) / max(1, min($count, 12)));
            $onBoss = $x > $this->at->left + $this->at->length * 0.58 && $x < $this->at->left + $this->at->length * 0.58 + $this->at->heavy;
            if ($onBoss && in_array($this->at->values->choice('feeding.riser'), ['open', 'blind'], true)) {
                $x = $this->at->left + $this->at->length * 0.97;
                $onBoss = false;
            }
            $foot =
                (null === $this->at->layout
                    ? $this->at->foot + ($onBoss ? $this->at->height : $this->at->wall)
                    : $this->at->topAt($x, $this->at->layout)) + 2;
            $this->parts[] = new SectionPart(
                "vent-{$i}",
                'vent',
                'Vent',
                '',
                $this->at->box($x - 0.8, $foot, $x + 0.8, $this->at->top()),
                ['venting.vents', 'venting.high_points'],
                false,
            );
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
            $this->parts[] = new SectionPart(
                "vent-{$section->id}",
                'vent',
                'Vent',
                '',
                $this->at->box($x - 0.8, $this->at->foot + $box['y'] + $box['height'] + 2, $x + 0.8, $this->at->top()),
                ['venting.vents', 'casting.sections'],
                false,
                $section->id,
            );
        }

        return $drawn;
    }
}
