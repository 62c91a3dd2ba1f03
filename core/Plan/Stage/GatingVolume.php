<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\RiserSeat;

/** Metal that stays in the gating and the risers, part by part, in m³. Plain geometry; what is not told is taken as usual. */
final class GatingVolume
{
    /**
     * @param array<string, float> $sizes of the gating, metres; nothing is counted before they are known
     * @param list<RiserSeat> $risers of one casting
     *
     * @return array<string, float> part → m³, of all castings in the mould
     */
    public static function parts(Basis $basis, array $sizes, array $risers): array
    {
        $parts = [];
        $base = $sizes['sprue_base'] ?? null;
        $height = $basis->si('gating.sprue_height');
        if (null !== $base && null !== $height) {
            $top = $sizes['sprue_top'] ?? $base;
            $sprue = ((\M_PI * $height) / 12) * ($base ** 2 + $base * $top + $top ** 2);
            $parts['Sprue'] = $sprue;
            $parts += match ($basis->values->choice('gating.basin')) {
                // A funnel as wide as three sprues and as deep; an offset basin holds about a sprue and a half.
                'cup' => ['Cup' => (\M_PI / 12) * 2 * $top * ((3 * $top) ** 2 + 3 * $top ** 2 + $top ** 2)],
                'basin' => ['Basin' => 1.5 * $sprue],
                default => [],
            };
            if ('well' === $basis->values->choice('gating.well')) {
                $parts['Well'] = ((5 * \M_PI * $base ** 2) / 4) * 2 * ($sizes['runner_height'] ?? $base);
            }
        }
        if (isset($sizes['runner_width'], $sizes['runner_height'])) {
            $length =
                ($basis->si('gating.runner_length') ??
                    max(0.05, ($basis->si('casting.length') ?? 0.1) * ($basis->gates() > 1 ? 0.8 : 0.4))) +
                ($basis->si('gating.overrun') ?? 0.0);
            $parts['Runner'] = $sizes['runner_width'] * $sizes['runner_height'] * $length;
        }
        if (isset($sizes['gate_width'], $sizes['gate_thickness'])) {
            $parts['Gates'] =
                $basis->gatesInMould() * $sizes['gate_width'] * $sizes['gate_thickness'] * ($basis->si('gating.gate_length') ?? 0.012);
        }
        $volume = 0.0;
        foreach ($risers as $riser) {
            $volume += $riser->volume();
        }
        if ($volume > 0.0) {
            $parts['Risers'] = $volume * $basis->castings();
        }

        return $parts;
    }
}
