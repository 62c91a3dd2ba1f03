<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** Which way of its drawing a mesh is laid up in the mould: one of six, each turned, never mirrored. */
enum WayUp: string
{
    case AsDrawn = 'as_drawn';
    case UpsideDown = 'upside_down';
    case OnLeft = 'on_left';
    case OnRight = 'on_right';
    case OnFront = 'on_front';
    case OnBack = 'on_back';

    /** As a caster says it: on which of its sides it rests. */
    public function words(): string
    {
        return match ($this) {
            self::AsDrawn => 'As drawn',
            self::UpsideDown => 'Upside down',
            self::OnLeft => 'On its left side',
            self::OnRight => 'On its right side',
            self::OnFront => 'On its front',
            self::OnBack => 'On its back',
        };
    }

    /**
     * Axis of the drawing that lies along x, y and z of the mould, and whether it points the same way: each a turn, of determinant 1.
     *
     * @return array{array{int<0, 2>, 1|-1}, array{int<0, 2>, 1|-1}, array{int<0, 2>, 1|-1}}
     */
    public function axes(): array
    {
        return match ($this) {
            self::AsDrawn => [[0, 1], [1, 1], [2, 1]],
            self::UpsideDown => [[0, 1], [1, -1], [2, -1]],
            self::OnLeft => [[1, 1], [2, 1], [0, 1]],
            self::OnRight => [[1, 1], [2, -1], [0, -1]],
            self::OnFront => [[2, 1], [0, 1], [1, 1]],
            self::OnBack => [[2, 1], [0, -1], [1, -1]],
        };
    }
}
