<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** The simple bodies a casting is described with. */
enum Shape: string
{
    case Plate = 'plate';
    case Bar = 'bar';
    case Cylinder = 'cylinder';
    case Tube = 'tube';
    case Ring = 'ring';
    case Sphere = 'sphere';
    case Boss = 'boss';
    case Wedge = 'wedge';
    /** A block with a round hole through its thickness. */
    case Pierced = 'pierced';
    case Free = 'free';
    /** A whole casting that was drawn: read from a file, not measured by hand. */
    case Mesh = 'mesh';

    /** What a caster calls it. */
    public function words(): string
    {
        return match ($this) {
            self::Free => 'Volume and area',
            self::Pierced => 'Block with a hole',
            default => ucfirst($this->value),
        };
    }

    /** @return list<string> the measurements without which it is not a body */
    public function measurements(): array
    {
        return match ($this) {
            self::Plate, self::Bar => ['length', 'width', 'thickness'],
            self::Cylinder, self::Boss => ['diameter', 'height'],
            self::Tube => ['diameter', 'wall', 'height'],
            self::Ring => ['diameter', 'width', 'thickness'],
            self::Sphere => ['diameter'],
            self::Wedge => ['length', 'width', 'thickness', 'thin_end'],
            self::Pierced => ['length', 'width', 'thickness', 'hole'],
            self::Free => ['volume', 'area'],
            self::Mesh => ['length', 'width', 'height', 'thickness', 'volume', 'area'],
        };
    }

    /** A circle or ring seen along its own axis. */
    public function isRound(): bool
    {
        return in_array($this, [self::Boss, self::Cylinder, self::Tube, self::Ring, self::Sphere], true);
    }

    /** Whether it usually sits on top of what it joins rather than at its end. */
    public function sitsOnTop(): bool
    {
        return in_array($this, [self::Boss, self::Sphere, self::Cylinder], true);
    }
}
