<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

use MoltenNotes\Core\Plan\Assembly;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\Size;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Values;

/**
 * Where things stand in the mould section: the measures that every part of the drawing goes by. What is not known has a usual size.
 * Units: millimetres; y = 0 is the parting line (for one-piece moulds the foot of the casting).
 */
final readonly class SectionMeasures
{
    /** Sand left around and below the casting: usual clearance, common practice. */
    public const CLEARANCE_MM = 40.0;
    private const RUNNER_LENGTH_MM = 35.0;

    public bool $onePiece;
    public float $length;
    public float $height;
    public float $wall;
    public float $heavy;
    public float $foot;
    public float $left;
    public float $bore;
    public float $head;
    public float $gateHeight;
    public Assembly $assembly;
    public string $fill;
    public Values $values;
    public QuantityFormatter $format;
    public ?SectionLayout $layout;

    /** @param float|null $cut where the casting is cut, as SectionLayout::of takes it */
    public function __construct(public Basis $basis, CastingPlan $plan, ?float $cut = null)
    {
        $this->assembly = $plan->assembly;
        $this->values = $values = $basis->values;
        $this->format = $basis->format;
        $this->layout = [] === $basis->bodies ? null : SectionLayout::of($basis, $cut);
        $this->onePiece = MouldProcess::find($values->choice('mould.process'))->onePiece ?? false;
        $this->wall = $this->mm('casting.wall') ?? ($this->thinnest() ?? min(8.0, $this->mm('casting.heaviest') ?? 8.0));
        $this->heavy = max($this->wall, $this->mm('casting.heaviest') ?? $this->wall * 2);
        $this->height = $this->layout->height ?? max($this->heavy, $this->mm('casting.height') ?? $this->heavy);
        $this->length =
            $this->layout->width ??
            max($this->mm('casting.length') ?? max(90.0, ($this->mm('casting.run') ?? 0.0) * 1.1), $this->heavy * 1.2);
        $this->fill = $fill = $values->choice('gating.fill') ?? 'parting';
        $levels = $this->assembly->levels;
        $this->foot = $this->onePiece
            ? 0.0
            : match ($fill) {
                'bottom' => 0.0,
                'top' => -$this->height,
                // Without a height there is no level to speak of: the plate lies in the drag, what stands on it in the cope.
                default => $levels->height > 0 ? $levels->above * 1000 - $this->height : -$this->wall,
            };
        $this->bore = ($this->assembly->gating['sprue_base'] ?? Size::usual(0.014))->millimetres();
        $this->left = $this->bore + self::RUNNER_LENGTH_MM;
        // A head of nothing could not be drawn.
        $this->head = max($levels->head * 1000, 20.0);
        $this->gateHeight = ($this->assembly->gating['gate_thickness'] ?? Size::usual(max(3.0, $this->wall * 0.8) / 1000))->millimetres();
    }

    /** Top of the mould, mm: up to the metal in cup or basin, and over the casting with room. */
    public function top(): float
    {
        return max($this->gateLevel() + $this->head, $this->foot + $this->height + self::CLEARANCE_MM * 0.75);
    }

    /** Where the metal enters, as a height. */
    public function gateLevel(): float
    {
        return match ($this->values->choice('gating.fill') ?? 'parting') {
            'top' => $this->foot + $this->height,
            'bottom' => $this->foot,
            default => $this->onePiece ? $this->foot + $this->height / 2 : 0.0,
        };
    }

    /** Height of the casting at this place. */
    public function topAt(float $x, SectionLayout $layout): float
    {
        $top = $this->foot;
        foreach ($layout->boxes as $box) {
            if ($x >= $this->left + $box['x'] && $x <= $this->left + $box['x'] + $box['width']) {
                $top = max($top, $this->foot + $box['y'] + $box['height']);
            }
        }

        return $top;
    }

    /** @param FieldKey $field */
    public function mm(string $field): ?float
    {
        $measurement = $this->values->measurement($field);

        return null === $measurement ? null : Length::fromSi($measurement->si())->in('mm');
    }

    /** @param FieldKey $field */
    public function text(string $field): string
    {
        $measurement = $this->values->measurement($field);
        if (null !== $measurement) {
            return $this->format->measurement($measurement);
        }
        $choice = $this->values->choice($field);

        return null === $choice ? '' : Choices::label($field, $choice);
    }

    /** @return list<array{float, float}> */
    public function box(float $x0, float $y0, float $x1, float $y1): array
    {
        return $this->closed([[$x0, $y0], [$x1, $y0], [$x1, $y1], [$x0, $y1]]);
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    public function closed(array $points): array
    {
        return array_map(static fn (array $point): array => [round($point[0], 2), round($point[1], 2)], $points);
    }

    private function thinnest(): ?float
    {
        return [] === $this->basis->bodies
            ? null
            : 1000 * min(array_map(static fn ($body): float => $body->thickness, array_values($this->basis->bodies)));
    }
}
