<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Mould;

use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Values;

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

    private function __construct(private readonly Values $values, private readonly QuantityFormatter $format)
    {
        $process = $values->choice('mould.process');
        $this->onePiece = in_array($process, ['lost_foam', 'plaster', 'ceramic_shell', 'silicone', 'metal_mould'], true);
        $this->wall = $this->mm('casting.wall') ?? min(8.0, $this->mm('casting.heaviest') ?? 8.0);
        $this->heavy = max($this->wall, $this->mm('casting.heaviest') ?? $this->wall * 2);
        $this->height = max($this->heavy, $this->mm('casting.height') ?? $this->heavy);
        $this->length = max($this->mm('casting.length') ?? max(90.0, ($this->mm('casting.run') ?? 0.0) * 1.1), $this->heavy * 1.2);
        $fill = $values->choice('gating.fill') ?? 'parting';
        $this->foot = $this->onePiece ? 0.0 : match ($fill) {
            'bottom' => 0.0,
            'top' => -$this->height,
            default => -$this->height / 2,
        };
        $this->bore = $this->mm('gating.sprue') ?? 14.0;
        $this->left = $this->bore + self::RUNNER_LENGTH_MM;
        $this->head = max($this->mm('gating.sprue_height') ?? 90.0, 20.0);
        $this->gateHeight = $this->mm('gating.gate_thickness') ?? max(3.0, $this->wall * 0.8);
        $this->cavity();
        $this->gating($fill);
        $this->riser();
        $this->vents();
    }

    public static function of(Values $values, QuantityFormatter $format): self
    {
        return new self($values, $format);
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
        $runnerTop = 'top' === $fill ? $level + $this->gateHeight + $channel : ('bottom' === $fill ? $level - $this->gateHeight : $level + $this->gateHeight / 2);
        $runnerFoot = $runnerTop - $channel;
        $this->sprue($runnerFoot);
        $gates = max(1, $this->values->count('gating.gates') ?? 1);
        $sideways = 'parting' === $fill || 'step' === $fill;
        $runnerEnd = $sideways ? $this->left - 10 : $this->left + $this->length * (1 === $gates ? 0.2 : 0.9);
        $this->parts[] = new SectionPart('runner', 'runner', 'Runner', '', $this->box(-$this->bore / 2, $runnerFoot, $runnerEnd, $runnerTop), ['gating.gates'], true);
        for ($i = 0; $i < min($gates, 8); ++$i) {
            $this->parts[] = new SectionPart("gate-{$i}", 'gate', 'Gate', $this->text('gating.gate_thickness'), $this->gate($fill, $i, $gates, $level, $runnerFoot, $runnerTop, $runnerEnd), ['gating.gates', 'gating.gate_thickness', 'gating.gate_width', 'gating.fill'], !$this->values->has('gating.gates'));
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
            'step' => $this->box($runnerEnd, $this->foot + $this->wall * 0.2 + $i * ($this->wall * 0.8 + $thickness), $this->left, $this->foot + $this->wall * 0.2 + $i * ($this->wall * 0.8 + $thickness) + $thickness),
            // Further gates at the parting lie behind the plane of the section: drawn where they meet the casting.
            default => 0 === $i
                ? $this->box($runnerEnd, $this->sideGateFoot($level), $this->left, $this->sideGateFoot($level) + $thickness)
                : $this->box($across, $this->sideGateFoot($level), $across + $thickness * 2, $this->sideGateFoot($level) + $thickness),
        };
    }

    /** A side gate must meet the thin plate, which lies at the foot of the casting. */
    private function sideGateFoot(float $level): float
    {
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
        $onHeavy = false !== $this->values->get('feeding.at_heaviest');
        $centre = $this->left + $this->length * 0.58 + ($onHeavy ? min($this->heavy, $this->length * 0.42) / 2 : -$this->length * 0.35);
        $foot = $this->foot + ($onHeavy ? $this->height : $this->wall);
        $neck = max(3.0, $diameter * 0.2);
        $neckHalf = min($diameter, $this->heavy) * 0.35;
        $top = 'open' === $kind ? max($this->top(), $foot + $neck + $diameter) : min($this->top() - 8, $foot + $neck + ($this->mm('feeding.riser_height') ?? $diameter * 1.3));
        $half = $diameter / 2;
        $this->parts[] = new SectionPart('riser', 'riser', 'open' === $kind ? 'Open riser' : 'Blind riser', $this->text('feeding.riser_diameter'), $this->closed([
            [$centre - $neckHalf, $foot], [$centre + $neckHalf, $foot], [$centre + $neckHalf, $foot + $neck * 0.4], [$centre + $half, $foot + $neck],
            [$centre + $half, $top], [$centre - $half, $top], [$centre - $half, $foot + $neck], [$centre - $neckHalf, $foot + $neck * 0.4],
        ]), ['feeding.riser', 'feeding.riser_diameter', 'feeding.riser_height', 'feeding.at_heaviest'], !$this->values->has('feeding.riser_diameter'));
    }

    private function vents(): void
    {
        $count = $this->values->count('venting.vents') ?? 0;
        for ($i = 0; $i < min($count, 12); ++$i) {
            $x = $this->left + $this->length * (0.06 + 0.9 * ($i + 0.5) / max(1, min($count, 12)));
            $onBoss = $x > $this->left + $this->length * 0.58 && $x < $this->left + $this->length * 0.58 + $this->heavy;
            if ($onBoss && in_array($this->values->choice('feeding.riser'), ['open', 'blind'], true)) {
                $x = $this->left + $this->length * 0.97;
                $onBoss = false;
            }
            $foot = $this->foot + ($onBoss ? $this->height : $this->wall) + 2;
            $this->parts[] = new SectionPart("vent-{$i}", 'vent', 'Vent', '', $this->box($x - 0.8, $foot, $x + 0.8, $this->top()), ['venting.vents', 'venting.high_points'], false);
        }
    }

    /** @return array<string, array{float, float}> where a finding at this place is pinned */
    private function places(): array
    {
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
