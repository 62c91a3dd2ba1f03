<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Plan\Basis;

/** Where gates enter: how thick the section is there, and how much room they have on it. Plain geometry of the sections that have gates. */
final class GateSeat
{
    /** A gate takes no more of a side, or of a round's diameter, than this. Common practice. */
    private const SIDE_ROOM = 0.9;
    private const ROUND_ROOM = 0.7;
    /** Where no wall is told: a usual one of a hobby casting, metres. Common practice. */
    private const USUAL_WALL_M = 0.006;

    /** How wide one gate may be, metres: two lie opposite, more share the sides. Endless where nothing is known of the section. */
    public static function room(Basis $basis): float
    {
        $side = 0.0;
        foreach ($basis->sections?->gated() ?? [] as $id) {
            $body = $basis->bodies[$id] ?? null;
            $section = $basis->sections?->get($id);
            if (null !== $body && null !== $section) {
                $round = $section->shape->isRound() && !$section->upright;
                $side = max($side, $round ? self::ROUND_ROOM * $body->across : max($body->across, $body->depth));
            }
        }
        if (0.0 === $side) {
            return $basis->si('casting.length') ?? \INF;
        }

        return (self::SIDE_ROOM * $side) / max(1.0, ceil($basis->gates() / 2));
    }

    /** Metres of the thickest section that has a gate; else the thinnest wall as told, else a usual one. */
    public static function thickness(Basis $basis): float
    {
        $thickest = 0.0;
        foreach ($basis->sections?->gated() ?? [] as $id) {
            $thickest = max($thickest, $basis->bodies[$id]->thickness ?? 0.0);
        }

        return $thickest > 0 ? $thickest : $basis->si('casting.wall') ?? self::USUAL_WALL_M;
    }
}
