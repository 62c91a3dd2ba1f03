<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Mould;

use MoltenNotes\Core\Pattern\Shape;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Working\Figure;

/**
 * The section through the mould, to scale, from the values of a record. What is not known is drawn to a usual size and marked as assumed.
 * Units: millimetres; y = 0 is the parting line (for one-piece moulds the foot of the casting).
 */
final class MouldSection
{
    /** Sand left around and below the casting: usual clearance, handbook section 10, common practice. */
    private const CLEARANCE_MM = 40.0;
    private const RUNNER_LENGTH_MM = 35.0;

    /** @var list<SectionPart> */
    private array $parts = [];

    /** @var list<array{from: array{float, float}, to: array{float, float}, label: string, field: string}> */
    private array $dimensions = [];

    private readonly bool $onePiece;
    private readonly float $length;
    private readonly float $height;
    private readonly float $wall;
    private readonly float $heavy;
    private readonly float $foot;
    private readonly float $left;
    private readonly float $bore;
    private readonly float $head;
    private readonly float $gateHeight;

    private readonly Values $values;
    private readonly QuantityFormatter $format;
    private readonly ?SectionLayout $layout;

    /** @var list<array{words: string, short: string, standing: string, subject: string, at: array{float, float}, stage: string, code: string}> */
    private array $risks = [];

    private function __construct(private readonly Basis $basis, private readonly ?CastingPlan $plan)
    {
        $this->values = $values = $basis->values;
        $this->format = $basis->format;
        $this->layout = [] === $basis->bodies ? null : SectionLayout::of($basis);
        $process = $values->choice('mould.process');
        $this->onePiece = in_array($process, ['lost_foam', 'plaster', 'ceramic_shell', 'silicone', 'metal_mould'], true);
        $this->wall = $this->mm('casting.wall') ?? $this->thinnest() ?? min(8.0, $this->mm('casting.heaviest') ?? 8.0);
        $this->heavy = max($this->wall, $this->mm('casting.heaviest') ?? $this->wall * 2);
        $this->height = $this->layout->height ?? max($this->heavy, $this->mm('casting.height') ?? $this->heavy);
        $this->length = $this->layout->width ?? max($this->mm('casting.length') ?? max(90.0, ($this->mm('casting.run') ?? 0.0) * 1.1), $this->heavy * 1.2);
        $fill = $values->choice('gating.fill') ?? 'parting';
        $above = $basis->aboveGates();
        $this->foot = $this->onePiece ? 0.0 : match ($fill) {
            'bottom' => 0.0,
            'top' => -$this->height,
            // Not said: the plate lies in the drag, what stands on it in the cope.
            default => null === $above ? -$this->wall : $above * 1000 - $this->height,
        };
        $this->bore = $this->mm('gating.sprue') ?? $this->planned('gating', 'sprue_base') ?? 14.0;
        $this->left = $this->bore + self::RUNNER_LENGTH_MM;
        $this->head = max($this->mm('gating.sprue_height') ?? 90.0, 20.0);
        $this->gateHeight = $this->mm('gating.gate_thickness') ?? $this->planned('gating', 'gate_thickness') ?? max(3.0, $this->wall * 0.8);
        null === $this->layout ? $this->cavity() : $this->sections($this->layout);
        $this->gating($fill);
        $this->riser();
        $this->vents();
        $this->risks();
    }

    /** @param CastingPlan|null $plan sizes that are not cut yet, and the risks to be written on it */
    public static function of(Basis $basis, ?CastingPlan $plan = null): self
    {
        return new self($basis, $plan);
    }

    private function thinnest(): ?float
    {
        return [] === $this->basis->bodies ? null : 1000 * min(array_map(static fn ($body): float => $body->thickness, array_values($this->basis->bodies)));
    }

    /** A size the plan works out, in millimetres. */
    private function planned(string $stage, string $code): ?float
    {
        $figure = $this->plan?->figure($stage, $code);

        return null === $figure ? null : $figure->value->si * 1000;
    }

    /** @return list<SectionPart> */
    public function parts(): array
    {
        return $this->parts;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $top = $this->top();
        $bottom = min($this->foot, $this->onePiece ? 0.0 : -$this->gateHeight * 3) - self::CLEARANCE_MM;

        return [
            'unit' => 'mm',
            'mould' => $this->values->choice('mould.process') ?? 'unknown',
            'one_piece' => $this->onePiece,
            'bounds' => ['left' => -$this->bore / 2 - self::CLEARANCE_MM, 'right' => $this->left + $this->length + self::CLEARANCE_MM, 'top' => $top, 'bottom' => $bottom],
            'parts' => array_map(static fn (SectionPart $part): array => $part->toArray(), $this->parts),
            'dimensions' => $this->dimensions,
            'places' => $this->places(),
            'risks' => $this->risks,
        ];
    }

    private function top(): float
    {
        return max($this->gateLevel() + $this->head, $this->foot + $this->height + self::CLEARANCE_MM * 0.75);
    }

    /** Where the metal enters, as a height. */
    private function gateLevel(): float
    {
        return match ($this->values->choice('gating.fill') ?? 'parting') {
            'top' => $this->foot + $this->height,
            'bottom' => $this->foot,
            default => $this->onePiece ? $this->foot + $this->height / 2 : 0.0,
        };
    }

    /** The casting as its sections stand. */
    private function sections(SectionLayout $layout): void
    {
        foreach ($this->basis->sections?->all() ?? [] as $section) {
            $body = $this->basis->bodies[$section->id] ?? null;
            if (null === $body) {
                continue;
            }
            $faces = $layout->faces($section, $body);
            if (2 === count($faces)) {
                // The far half of a ring, seen beyond the cut.
                $box = $layout->boxes[$section->id];
                $this->parts[] = new SectionPart("beyond-{$section->id}", 'beyond', $section->label, '', $this->moved($this->box($box['x'], $box['y'], $box['x'] + $box['width'], $box['y'] + $box['height'])), ['casting.sections'], false, $section->id);
            }
            foreach ($layout->copies[$section->id] ?? [0.0] as $copy => $aside) {
                foreach ($faces as $index => $face) {
                    $outline = array_map(static fn (array $point): array => [$point[0] + $aside, $point[1]], $face);
                    $this->parts[] = new SectionPart("section-{$section->id}-{$copy}{$index}", 'cavity', $section->label, $this->format->si($body->thickness, Dimension::Length), $this->moved($this->closed($outline)), ['casting.sections'], false, $section->id);
                }
            }
            $box = $layout->boxes[$section->id];
            if ($section->chill) {
                $foot = $this->foot + $box['y'];
                $this->parts[] = new SectionPart("chill-{$section->id}", 'chill', 'Chill', '', $this->box($this->left + $box['x'] + $box['width'] * 0.2, $foot - max(6.0, $box['height'] * 0.6), $this->left + $box['x'] + $box['width'] * 0.8, $foot), ['casting.sections'], false, $section->id);
            }
        }
        // Each section's thickness is told by its name; only the whole is measured on the drawing.
        $right = $this->left + $layout->width + 14;
        $this->dimensions[] = ['from' => [$right, $this->foot], 'to' => [$right, $this->foot + $layout->height], 'label' => $this->format->si($layout->height / 1000, Dimension::Length), 'field' => 'casting.sections'];
        $this->dimensions[] = ['from' => [$this->left, $this->foot], 'to' => [$this->left + $layout->width, $this->foot], 'label' => $this->format->si($layout->width / 1000, Dimension::Length), 'field' => 'casting.sections'];
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
        return array_map(fn (array $point): array => [round($this->left + $point[0], 2), round($this->foot + $point[1], 2)], $outline);
    }

    /** Risks of the plan, each at the part it is about. */
    private function risks(): void
    {
        $short = ['fill_ratio' => 'may not fill', 'hot_spot' => 'hot spot', 'high_point' => 'no vent', 'gate_speed' => 'gate jets', 'feeder_ratio' => 'feeder too small', 'entry_head' => 'head too low', 'meeting' => 'streams meet', 'steam' => 'steam', 'cope_weights' => 'cope may lift', 'gate_freezes' => 'gate freezes first', 'vent_share' => 'too few vents', 'crucible_holds' => 'crucible too small', 'at_mould' => 'too cold', 'cannot_fill' => 'head too low', 'needed_at_mould' => 'no heat fills it'];
        $seen = [];
        foreach ($this->plan?->risks() ?? [] as $risk) {
            $words = $short[$risk['code']] ?? null;
            $key = $risk['code'].$risk['subject'];
            if (null === $words || isset($seen[$key])) {
                continue;
            }
            $seen[$key] = true;
            $figure = $this->plan?->figure($risk['stage'], $risk['code'], $risk['subject']);
            $number = null === $figure ? '' : ' '.$this->brief($figure);
            $this->risks[] = ['words' => $risk['words'], 'short' => $words.$number, 'standing' => $risk['standing'], 'subject' => $risk['subject'], 'at' => $this->anchor($risk['code'], $risk['subject']), 'stage' => $risk['stage'], 'code' => $risk['code']];
        }
    }

    /** @return array{float, float} */
    private function middleOf(string $id): array
    {
        foreach ($this->parts as $part) {
            if ($part->id === $id) {
                return [round(array_sum(array_column($part->outline, 0)) / count($part->outline), 2), round(array_sum(array_column($part->outline, 1)) / count($part->outline), 2)];
            }
        }

        return [$this->left, $this->gateLevel()];
    }

    private function brief(Figure $figure): string
    {
        return Dimension::Ratio === $figure->value->dimension ? number_format($figure->value->si, $figure->value->si < 10 ? 1 : 0, '.', '').' ×' : $this->format->rough($figure->value);
    }

    /** @return array{float, float} */
    private function anchor(string $code, string $subject): array
    {
        if (isset($this->layout?->boxes[$subject])) {
            [$x, $y] = $this->layout->middle($subject);
            $ring = in_array($this->basis->sections?->get($subject)?->shape, [Shape::Ring, Shape::Tube], true);

            // On a ring the far cut face is where it matters.
            return [round($this->left + ($ring ? $this->layout->boxes[$subject]['x'] + $this->layout->boxes[$subject]['width'] * 0.96 : $x), 2), round($this->foot + $y, 2)];
        }

        return match ($code) {
            'gate_speed', 'gate_freezes' => $this->middleOf('gate-0'),
            'cope_weights' => [$this->left + $this->length * 0.8, $this->top()],
            'cannot_fill', 'crucible_holds', 'at_mould' => [0.0, $this->gateLevel() + $this->head * 0.7],
            'steam' => [$this->left + $this->length * 0.3, $this->foot - 6],
            default => [$this->left + $this->length * 0.5, $this->foot + $this->height / 2],
        };
    }

    /** A thin plate with its heaviest part as a boss at the far third: the two thicknesses that decide filling and feeding. */
    private function cavity(): void
    {
        $x0 = $this->left;
        $x1 = $this->left + $this->length;
        $boss0 = $x0 + $this->length * 0.58;
        $boss1 = min($x1, $boss0 + $this->heavy);
        $y0 = $this->foot;
        $thinTop = $y0 + $this->wall;
        $heavyTop = $y0 + $this->height;
        $outline = $this->height - $this->wall < 0.5
            ? [[$x0, $y0], [$x1, $y0], [$x1, $heavyTop], [$x0, $heavyTop]]
            : [[$x0, $y0], [$x1, $y0], [$x1, $thinTop], [$boss1, $thinTop], [$boss1, $heavyTop], [$boss0, $heavyTop], [$boss0, $thinTop], [$x0, $thinTop]];
        $this->parts[] = new SectionPart('cavity', 'cavity', 'Casting', $this->text('casting.length'), $this->closed($outline), ['casting.length', 'casting.height', 'casting.wall', 'casting.heaviest'], !$this->values->has('casting.length') || !$this->values->has('casting.wall'));
        if ($this->values->has('casting.wall')) {
            $this->dimensions[] = ['from' => [$x0 + $this->length * 0.25, $y0], 'to' => [$x0 + $this->length * 0.25, $thinTop], 'label' => $this->text('casting.wall'), 'field' => 'casting.wall'];
        }
        if ($this->values->has('casting.length')) {
            $this->dimensions[] = ['from' => [$x0, $y0], 'to' => [$x1, $y0], 'label' => $this->text('casting.length'), 'field' => 'casting.length'];
        }
        if ($this->values->has('casting.heaviest')) {
            $this->dimensions[] = ['from' => [$boss0, $heavyTop], 'to' => [$boss1, $heavyTop], 'label' => $this->text('casting.heaviest'), 'field' => 'casting.heaviest'];
        }
    }

    private function gating(string $fill): void
    {
        $level = $this->gateLevel();
        $channel = max($this->gateHeight * 1.6, 6.0);
        $runnerTop = match ($fill) {
            'top' => $level + $this->gateHeight + $channel,
            'bottom' => $level - $this->gateHeight,
            default => $this->sideGateFoot($fill, $level, 0) + $this->gateHeight,
        };
        $runnerFoot = $runnerTop - $channel;
        $this->sprue($runnerFoot);
        $gates = $this->basis->gates();
        $sideways = 'parting' === $fill || 'step' === $fill;
        $runnerEnd = $sideways ? $this->left - 10 : $this->left + $this->length * (1 === $gates ? 0.2 : 0.9);
        // With sections known, further gates lie before and behind the plane of the drawing; their count is told by name.
        $drawn = null === $this->layout ? min($gates, 8) : 1;
        // Step gates leave a runner that stands up at its end.
        $stands = 'step' === $fill ? $this->sideGateFoot($fill, $level, $drawn - 1) + $this->gateHeight : $runnerTop;
        $this->parts[] = new SectionPart('runner', 'runner', 'Runner', '', $this->closed([[-$this->bore / 2, $runnerFoot], [$runnerEnd, $runnerFoot], [$runnerEnd, $stands], [$runnerEnd - $channel, $stands], [$runnerEnd - $channel, $runnerTop], [-$this->bore / 2, $runnerTop]]), ['gating.gates'], true);
        for ($i = 0; $i < $drawn; ++$i) {
            $this->parts[] = new SectionPart("gate-{$i}", 'gate', 1 === $gates || $drawn > 1 ? 'Gate' : "{$gates} gates", $this->text('gating.gate_thickness'), $this->gate($fill, $i, $gates, $level, $runnerFoot, $runnerTop, $runnerEnd), ['gating.gates', 'gating.gate_thickness', 'gating.gate_width', 'gating.fill'], !$this->values->has('gating.gates'));
        }
    }

    /** @return list<array{float, float}> */
    private function gate(string $fill, int $i, int $gates, float $level, float $runnerFoot, float $runnerTop, float $runnerEnd): array
    {
        $thickness = $this->gateHeight;
        $across = $this->left + $this->length * (1 === $gates ? 0.12 : 0.1 + 0.75 * $i / ($gates - 1));

        return match ($fill) {
            'bottom' => $this->box($across, $runnerTop, $across + $thickness * 2, $level),
            'top' => $this->box($across, $level, $across + $thickness * 2, $runnerFoot),
            // Further gates at the parting lie behind the plane of the section: drawn where they meet the casting.
            'parting' => $this->sideGate(0 === $i ? $runnerEnd : $across, 0 === $i ? $this->left : $across + $thickness * 2, $this->sideGateFoot($fill, $level, 0)),
            default => $this->sideGate($runnerEnd, $this->left, $this->sideGateFoot($fill, $level, $i)),
        };
    }

    /** @return list<array{float, float}> */
    private function sideGate(float $from, float $to, float $foot): array
    {
        return $this->box($from, $foot, $to, $foot + $this->gateHeight);
    }

    /** A side gate must meet the thin plate, which lies at the foot of the casting; step gates stand over one another. */
    private function sideGateFoot(string $fill, float $level, int $step): float
    {
        if ('step' === $fill) {
            return $this->foot + $this->wall * 0.2 + $step * ($this->wall * 0.8 + $this->gateHeight);
        }
        if (null !== $this->layout && !$this->onePiece) {
            // Cut into the drag, just under the parting.
            return $level - $this->gateHeight;
        }

        return max($this->foot, min($level - $this->gateHeight / 2, $this->foot + max(0.0, $this->wall - $this->gateHeight)));
    }

    private function sprue(float $foot): void
    {
        $top = $this->top();
        $straight = 'straight' === $this->values->choice('gating.sprue_shape');
        $half = $this->bore / 2;
        // Continuity of a falling stream: A_top/A_base = √(H/h), h about 40 mm of metal in the basin. P. N. Rao, recalled from memory.
        $widening = $straight ? 1.0 : (max(1.0, $this->head / 40.0)) ** 0.25;
        $this->parts[] = new SectionPart('sprue', 'sprue', 'Sprue', $this->text('gating.sprue'), $this->closed([[-$half, $foot], [$half, $foot], [$half * $widening, $top], [-$half * $widening, $top]]), ['gating.sprue', 'gating.sprue_height', 'gating.sprue_shape'], !$this->values->has('gating.sprue'));
        $basin = $this->values->choice('gating.basin') ?? 'none';
        $wide = $half * $widening;
        $cup = $this->bore * 1.1;
        if ('cup' === $basin) {
            $this->parts[] = new SectionPart('basin', 'basin', 'Cup', '', $this->closed([[-$wide, $top], [$wide, $top], [$wide + $cup, $top + $cup], [-$wide - $cup, $top + $cup]]), ['gating.basin'], false);
        } elseif ('basin' === $basin) {
            $this->parts[] = new SectionPart('basin', 'basin', 'Basin', '', $this->box(-$wide - $cup * 0.4, $top, $wide + $cup * 2.4, $top + $cup), ['gating.basin'], false);
        }
        if ($this->values->has('gating.sprue_height')) {
            $this->dimensions[] = ['from' => [-$half - 16, $this->gateLevel()], 'to' => [-$half - 16, $this->gateLevel() + $this->head], 'label' => $this->text('gating.sprue_height'), 'field' => 'gating.sprue_height'];
        }
    }

    private function riser(): void
    {
        $kind = $this->values->choice('feeding.riser');
        if (!in_array($kind, ['open', 'blind'], true)) {
            return;
        }
        $diameter = $this->mm('feeding.riser_diameter') ?? $this->heavy * 1.5;
        foreach ($this->riserSeats() as $index => [$centre, $foot, $width]) {
            $this->oneRiser($kind, $diameter, $centre, $foot, $width, $index);
        }
    }

    /** @return list<array{float, float, float}> centre, foot and width of what each riser stands on */
    private function riserSeats(): array
    {
        if (null !== $this->layout) {
            $seats = [];
            foreach ($this->basis->sections?->all() ?? [] as $section) {
                if ($section->riser && isset($this->layout->boxes[$section->id])) {
                    $seats[] = $section->id;
                }
            }
            if ([] === $seats) {
                $moduli = array_map(static fn ($body): float => $body->volume / $body->surface, $this->basis->bodies);
                arsort($moduli);
                $seats = array_slice(array_keys($moduli), 0, 1);
            }

            return array_map(function (string $id): array {
                $box = $this->layout->boxes[$id] ?? ['x' => 0.0, 'y' => 0.0, 'width' => 10.0, 'height' => 10.0];

                return [$this->left + $box['x'] + $box['width'] / 2, $this->foot + $box['y'] + $box['height'], $box['width']];
            }, $seats);
        }
        $onHeavy = false !== $this->values->get('feeding.at_heaviest');

        return [[$this->left + $this->length * 0.58 + ($onHeavy ? min($this->heavy, $this->length * 0.42) / 2 : -$this->length * 0.35), $this->foot + ($onHeavy ? $this->height : $this->wall), $this->heavy]];
    }

    private function oneRiser(string $kind, float $diameter, float $centre, float $foot, float $seat, int $index): void
    {
        $neck = max(3.0, $diameter * 0.2);
        $neckHalf = min($this->mm('feeding.neck') ?? $diameter * 0.7, $seat) / 2;
        $top = 'open' === $kind ? max($this->top(), $foot + $neck + $diameter) : min($this->top() - 8, $foot + $neck + ($this->mm('feeding.riser_height') ?? $diameter * 1.3));
        $half = $diameter / 2;
        $this->parts[] = new SectionPart("riser-{$index}", 'riser', 'open' === $kind ? 'Open riser' : 'Blind riser', $this->text('feeding.riser_diameter'), $this->closed([
            [$centre - $neckHalf, $foot], [$centre + $neckHalf, $foot], [$centre + $neckHalf, $foot + $neck * 0.4], [$centre + $half, $foot + $neck],
            [$centre + $half, $top], [$centre - $half, $top], [$centre - $half, $foot + $neck], [$centre - $neckHalf, $foot + $neck * 0.4],
        ]), ['feeding.riser', 'feeding.riser_diameter', 'feeding.riser_height', 'feeding.at_heaviest'], !$this->values->has('feeding.riser_diameter'));
    }

    private function vents(): void
    {
        $flagged = null === $this->layout ? 0 : $this->ventsOnSections($this->layout);
        $count = max(0, ($this->values->count('venting.vents') ?? 0) - $flagged);
        for ($i = 0; $i < min($count, 12); ++$i) {
            $x = $this->left + $this->length * (0.06 + 0.9 * ($i + 0.5) / max(1, min($count, 12)));
            $onBoss = $x > $this->left + $this->length * 0.58 && $x < $this->left + $this->length * 0.58 + $this->heavy;
            if ($onBoss && in_array($this->values->choice('feeding.riser'), ['open', 'blind'], true)) {
                $x = $this->left + $this->length * 0.97;
                $onBoss = false;
            }
            $foot = (null === $this->layout ? $this->foot + ($onBoss ? $this->height : $this->wall) : $this->topAt($x, $this->layout)) + 2;
            $this->parts[] = new SectionPart("vent-{$i}", 'vent', 'Vent', '', $this->box($x - 0.8, $foot, $x + 0.8, $this->top()), ['venting.vents', 'venting.high_points'], false);
        }
    }

    private function ventsOnSections(SectionLayout $layout): int
    {
        $drawn = 0;
        foreach ($this->basis->sections?->all() ?? [] as $section) {
            $box = $layout->boxes[$section->id] ?? null;
            if (!$section->vent || null === $box) {
                continue;
            }
            ++$drawn;
            $ring = in_array($section->shape, [Shape::Ring, Shape::Tube], true);
            $x = $this->left + $box['x'] + $box['width'] * ($ring ? 0.97 : 0.5);
            $this->parts[] = new SectionPart("vent-{$section->id}", 'vent', 'Vent', '', $this->box($x - 0.8, $this->foot + $box['y'] + $box['height'] + 2, $x + 0.8, $this->top()), ['venting.vents', 'casting.sections'], false, $section->id);
        }

        return $drawn;
    }

    /** Height of the casting at this place. */
    private function topAt(float $x, SectionLayout $layout): float
    {
        $top = $this->foot;
        foreach ($layout->boxes as $box) {
            if ($x >= $this->left + $box['x'] && $x <= $this->left + $box['x'] + $box['width']) {
                $top = max($top, $this->foot + $box['y'] + $box['height']);
            }
        }

        return $top;
    }

    /** @return array<string, array{float, float}> where a finding at this place is pinned */
    private function places(): array
    {
        if (null !== $this->layout) {
            return $this->placesOnSections($this->layout);
        }
        $thinTop = $this->foot + $this->wall;
        $boss = $this->left + $this->length * 0.58 + min($this->heavy, $this->length * 0.42) / 2;
        $right = $this->left + $this->length;

        return [
            'cope_face' => [$this->left + $this->length * 0.4, $thinTop],
            'drag_face' => [$this->left + $this->length * 0.4, $this->foot],
            'near_gate' => [$this->left + $this->length * 0.05, $this->foot + $this->wall / 2],
            'far_from_gate' => [$right - $this->length * 0.03, $this->foot + $this->wall / 2],
            'last_to_fill' => [$right - $this->length * 0.08, $thinTop],
            'high_point' => [$boss, $this->foot + $this->height],
            'thick_junction' => [$boss, $this->foot + $this->height * 0.5],
            'thin_section' => [$this->left + $this->length * 0.33, $this->foot + $this->wall / 2],
            'around_core' => [$boss, $this->foot + $this->height * 0.7],
            'parting_line' => [$right, 0.0],
            'sprue_or_riser' => [0.0, $this->gateLevel() + $this->head * 0.4],
            'everywhere' => [$this->left + $this->length * 0.5, $this->foot + $this->wall / 2],
        ];
    }

    /** @return array<string, array{float, float}> */
    private function placesOnSections(SectionLayout $layout): array
    {
        $at = fn (string $id): array => [round($this->left + $layout->middle($id)[0], 2), round($this->foot + $layout->middle($id)[1], 2)];
        $thin = array_map(static fn ($body): float => $body->thickness, $this->basis->bodies);
        $thick = array_map(static fn ($body): float => $body->volume / $body->surface, $this->basis->bodies);
        asort($thin);
        arsort($thick);
        $thinAt = $this->anchor('', (string) array_key_first($thin));
        $thickAt = $at((string) array_key_first($thick));
        $right = $this->left + $layout->width;

        return [
            'cope_face' => [$this->left + $layout->width * 0.35, $this->topAt($this->left + $layout->width * 0.35, $layout)],
            'drag_face' => [$this->left + $layout->width * 0.35, $this->foot],
            'near_gate' => [$this->left + $layout->width * 0.05, $this->foot + min($this->height, $this->wall) / 2],
            'far_from_gate' => [$right - $layout->width * 0.02, $this->foot + $this->wall / 2],
            'last_to_fill' => [$right - $layout->width * 0.06, $this->topAt($right - $layout->width * 0.02, $layout)],
            'high_point' => [$thickAt[0], $this->foot + $layout->height],
            'thick_junction' => $thickAt,
            'thin_section' => $thinAt,
            'around_core' => $thickAt,
            'parting_line' => [$right, 0.0],
            'sprue_or_riser' => [0.0, $this->gateLevel() + $this->head * 0.4],
            'everywhere' => [$this->left + $layout->width * 0.5, $this->foot + $this->wall / 2],
        ];
    }

    private function mm(string $field): ?float
    {
        $measurement = $this->values->measurement($field);

        return null === $measurement ? null : Length::fromSi($measurement->si())->in('mm');
    }

    private function text(string $field): string
    {
        $measurement = $this->values->measurement($field);
        if (null !== $measurement) {
            return $this->format->measurement($measurement);
        }
        $choice = $this->values->choice($field);

        return null === $choice ? '' : Choices::label($field, $choice);
    }

    /** @return list<array{float, float}> */
    private function box(float $x0, float $y0, float $x1, float $y1): array
    {
        return $this->closed([[$x0, $y0], [$x1, $y0], [$x1, $y1], [$x0, $y1]]);
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private function closed(array $points): array
    {
        return array_map(static fn (array $point): array => [round($point[0], 2), round($point[1], 2)], $points);
    }
}
