<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

/** Sprue, basin, runner and gates of the mould section. */
final class GatingOutline
{
    /** @var list<SectionPart> */
    public array $parts = [];

    /** @var list<array{from: array{float, float}, to: array{float, float}, label: string, field: string}> */
    public array $dimensions = [];

    public function __construct(private readonly SectionMeasures $at)
    {
        $this->gating($at->fill);
    }

    private function gating(string $fill): void
    {
        $level = $this->at->gateLevel();
        $channel = max($this->at->gateHeight * 1.6, 6.0);
        $runnerTop = match ($fill) {
            'top' => $level + $this->at->gateHeight + $channel,
            'bottom' => $level - $this->at->gateHeight,
            default => $this->sideGateFoot($fill, $level, 0) + $this->at->gateHeight,
        };
        $runnerFoot = $runnerTop - $channel;
        $this->sprue($runnerFoot);
        $gates = $this->at->basis->gates();
        $sideways = 'parting' === $fill || 'step' === $fill;
        $runnerEnd = $sideways ? $this->at->left - 10 : $this->at->left + $this->at->length * (1 === $gates ? 0.2 : 0.9);
        // With sections known, further gates lie before and behind the plane of the drawing; their count is told by name.
        $drawn = null === $this->at->layout ? min($gates, 8) : 1;
        // Step gates leave a runner that stands up at its end.
        $stands = 'step' === $fill ? $this->sideGateFoot($fill, $level, $drawn - 1) + $this->at->gateHeight : $runnerTop;
        $this->parts[] = new SectionPart(
            'runner',
            'runner',
            'Runner',
            '',
            $this->at->closed([
                [-$this->at->bore / 2, $runnerFoot],
                [$runnerEnd, $runnerFoot],
                [$runnerEnd, $stands],
                [$runnerEnd - $channel, $stands],
                [$runnerEnd - $channel, $runnerTop],
                [-$this->at->bore / 2, $runnerTop],
            ]),
            ['gating.gates'],
            true,
        );
        for ($i = 0; $i < $drawn; ++$i) {
            $this->parts[] = new SectionPart(
                "gate-{$i}",
                'gate',
                1 === $gates || $drawn > 1 ? 'Gate' : "{$gates} gates",
                $this->at->text('gating.gate_thickness'),
                $this->gate($fill, $i, $gates, $level, $runnerFoot, $runnerTop, $runnerEnd),
                ['gating.gates', 'gating.gate_thickness', 'gating.gate_width', 'gating.fill'],
                !$this->at->values->has('gating.gates'),
            );
        }
    }

    /** @return list<array{float, float}> */
    private function gate(string $fill, int $i, int $gates, float $level, float $runnerFoot, float $runnerTop, float $runnerEnd): array
    {
        $thickness = $this->at->gateHeight;
        $across = $this->at->left + $this->at->length * (1 === $gates ? 0.12 : 0.1 + (0.75 * $i) / ($gates - 1));

        return match ($fill) {
            'bottom' => $this->at->box($across, $runnerTop, $across + $thickness * 2, $level),
            'top' => $this->at->box($across, $level, $across + $thickness * 2, $runnerFoot),
            // Further gates at the parting lie behind the plane of the section: drawn where they meet the casting.
            'parting' => $this->sideGate(
                0 === $i ? $runnerEnd : $across,
                0 === $i ? $this->at->left : $across + $thickness * 2,
                $this->sideGateFoot($fill, $level, 0),
            ),
            default => $this->sideGate($runnerEnd, $this->at->left, $this->sideGateFoot($fill, $level, $i)),
        };
    }

    /** @return list<array{float, float}> */
    private function sideGate(float $from, float $to, float $foot): array
    {
        return $this->at->box($from, $foot, $to, $foot + $this->at->gateHeight);
    }

    /** A side gate must meet the thin plate, which lies at the foot of the casting; step gates stand over one another. */
    private function sideGateFoot(string $fill, float $level, int $step): float
    {
        if ('step' === $fill) {
            return $this->at->foot + $this->at->wall * 0.2 + $step * ($this->at->wall * 0.8 + $this->at->gateHeight);
        }
        if (null !== $this->at->layout && !$this->at->onePiece) {
            // Cut into the drag, just under the parting.
            return $level - $this->at->gateHeight;
        }

        return max(
            $this->at->foot,
            min($level - $this->at->gateHeight / 2, $this->at->foot + max(0.0, $this->at->wall - $this->at->gateHeight)),
        );
    }

    private function sprue(float $foot): void
    {
        $top = $this->at->top();
        $straight = 'straight' === $this->at->values->choice('gating.sprue_shape');
        $half = $this->at->bore / 2;
        // Continuity of a falling stream: A_top/A_base = √(H/h), h about 40 mm of metal in the basin. P. N. Rao, recalled from memory.
        $widening = $straight ? 1.0 : max(1.0, $this->at->head / 40.0) ** 0.25;
        $this->parts[] = new SectionPart(
            'sprue',
            'sprue',
            'Sprue',
            $this->at->text('gating.sprue'),
            $this->at->closed([[-$half, $foot], [$half, $foot], [$half * $widening, $top], [-$half * $widening, $top]]),
            ['gating.sprue', 'gating.sprue_height', 'gating.sprue_shape'],
            !$this->at->values->has('gating.sprue'),
        );
        $basin = $this->at->values->choice('gating.basin') ?? 'none';
        $wide = $half * $widening;
        $cup = $this->at->bore * 1.1;
        if ('cup' === $basin) {
            $this->parts[] = new SectionPart(
                'basin',
                'basin',
                'Cup',
                '',
                $this->at->closed([[-$wide, $top], [$wide, $top], [$wide + $cup, $top + $cup], [-$wide - $cup, $top + $cup]]),
                ['gating.basin'],
                false,
            );
        } elseif ('basin' === $basin) {
            $this->parts[] = new SectionPart(
                'basin',
                'basin',
                'Basin',
                '',
                $this->at->box(-$wide - $cup * 0.4, $top, $wide + $cup * 2.4, $top + $cup),
                ['gating.basin'],
                false,
            );
        }
        if ($this->at->values->has('gating.sprue_height')) {
            $this->dimensions[] = [
                'from' => [-$half - 16, $this->at->gateLevel()],
                'to' => [-$half - 16, $this->at->gateLevel() + $this->at->head],
                'label' => $this->at->text('gating.sprue_height'),
                'field' => 'gating.sprue_height',
            ];
        }
    }
}
