<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * One body of a section where it stands: x to the right and y to the back in the plane of the mould, z up from the casting's lowest point.
 *
 * Metres, the place is the middle of its foot. The body lies along its own direction, turned about an upright axis. Source: plain geometry.
 */
final readonly class PlacedSection
{
    /** Cells across a wall, and across a round. */
    private const WALL = 3;
    private const ROUND = 12;
    /** A wedge that runs out to nothing is not followed to its end, metres. */
    private const FINEST = 1e-4;

    public float $cos;
    public float $sin;

    /** @param float $turn radians from x towards y */
    public function __construct(
        public Section $section,
        public SectionGeometry $body,
        public float $x,
        public float $y,
        public float $z,
        public float $turn,
    ) {
        $this->cos = cos($turn);
        $this->sin = sin($turn);
    }

    /** Its highest place over the casting's lowest, metres. */
    public function top(): float
    {
        return $this->z + $this->body->height;
    }

    /** Seen from above a circle or a ring. */
    public function isRound(): bool
    {
        return !$this->section->upright && $this->section->shape->isRound() || Shape::Sphere === $this->section->shape;
    }

    /** Its length lies along x or y: its faces can lie on planes of a grid. */
    public function isSquareToTheAxes(): bool
    {
        return abs($this->cos * $this->sin) < 1e-9;
    }

    /**
     * Half of how far it reaches from its middle along x and along y.
     *
     * @return array{float, float} metres
     */
    public function reach(): array
    {
        if ($this->isRound()) {
            return [$this->body->across / 2, $this->body->across / 2];
        }
        [$a, $d] = [$this->body->across / 2, $this->body->depth / 2];

        return [abs($this->cos) * $a + abs($this->sin) * $d, abs($this->sin) * $a + abs($this->cos) * $d];
    }

    /** Whether there is metal of it at this place. */
    public function holds(float $x, float $y, float $z): bool
    {
        $dx = $x - $this->x;
        $dy = $y - $this->y;
        $u = $this->cos * $dx + $this->sin * $dy;
        $v = $this->cos * $dy - $this->sin * $dx;
        $w = $z - $this->z;
        $section = $this->section;
        if ($section->upright && Shape::Sphere !== $section->shape) {
            // Stood on its end: what lay along it stands up.
            [$u, $w] = [$w - $this->body->height / 2, $u + $this->body->across / 2];
            [$across, $height] = [$this->body->height, $this->body->across];
        } else {
            [$across, $height] = [$this->body->across, $this->body->height];
        }
        if ($w < 0.0 || $w > $height || abs($u) > $across / 2) {
            return false;
        }

        return match ($section->shape) {
            Shape::Plate, Shape::Bar, Shape::Free, Shape::Mesh => abs($v) <= $this->body->depth / 2,
            Shape::Wedge => abs($v) <= $this->body->depth / 2 && $w <= $this->wedge($u / $across + 0.5),
            Shape::Pierced => abs($v) <= $this->body->depth / 2 && $u * $u + $v * $v >= $this->hole() ** 2,
            Shape::Cylinder, Shape::Boss => $u * $u + $v * $v <= ($across * $across) / 4,
            Shape::Tube, Shape::Ring => $u * $u + $v * $v <= ($across * $across) / 4
                && $u * $u + $v * $v >= max(0.0, $across / 2 - $this->radial()) ** 2,
            Shape::Sphere => $u * $u + $v * $v + ($w - $across / 2) ** 2 <= ($across * $across) / 4,
        };
    }

    /** Metal between bore and outside of a ring or tube; of other round bodies their half. Metres. */
    public function radial(): float
    {
        return $this->section->si('width') ?? ($this->section->si('wall') ?? $this->body->across / 2);
    }

    /** Radius of the hole through a block, whichever way it stands; 0 for all else. Metres. */
    public function hole(): float
    {
        return Shape::Pierced === $this->section->shape ? ($this->section->si('hole') ?? 0.0) / 2 : 0.0;
    }

    /** Radius of the hole seen from above; 0 for none. Metres. */
    public function bore(): float
    {
        if (Shape::Pierced === $this->section->shape) {
            return $this->section->upright ? 0.0 : $this->hole();
        }
        $isHollow = $this->isRound() && Shape::Sphere !== $this->section->shape;

        return $isHollow ? max(0.0, $this->body->across / 2 - $this->radial()) : 0.0;
    }

    /** Height of a wedge at this share of its length, thick end first. */
    private function wedge(float $share): float
    {
        [$thick, $thin] = [$this->section->si('thickness') ?? 0.0, $this->section->si('thin_end') ?? 0.0];

        return $thick + ($thin - $thick) * $share;
    }

    /** How fine the hole and the walls beside it are to be met, in a block of this length along an axis. */
    private function beside(float $length): float
    {
        return max(self::FINEST, min(2 * $this->hole() / self::ROUND, ($length / 2 - $this->hole()) / self::WALL));
    }

    /**
     * How fine a grid has to be for its thinnest wall to be met by three cells, and a round by a dozen: along x, y and z. Metres.
     *
     * @return array{float, float, float}
     */
    public function fineness(): array
    {
        $upright = $this->section->upright && Shape::Sphere !== $this->section->shape;
        [$along, $up] = $upright ? [$this->body->height, $this->body->across] : [$this->body->across, $this->body->height];
        $circle = min($along / self::ROUND, $this->radial() / self::WALL);
        // As it lies, before it is stood up: along, across, up.
        [$u, $v, $w] = match ($this->section->shape) {
            Shape::Sphere => [$along / self::ROUND, $along / self::ROUND, $along / self::ROUND],
            Shape::Cylinder, Shape::Boss, Shape::Tube, Shape::Ring => [$circle, $circle, $up / self::WALL],
            Shape::Wedge => [
                $along / self::ROUND,
                $this->body->depth / self::WALL,
                max(self::FINEST, min($this->wedge(0.0), $this->wedge(1.0))) / self::WALL,
            ],
            Shape::Pierced => [
                $this->beside($along),
                $this->beside($this->body->depth),
                $up / self::WALL,
            ],
            Shape::Plate, Shape::Bar, Shape::Free, Shape::Mesh => [$along / self::WALL, $this->body->depth / self::WALL, $up / self::WALL],
        };
        if ($upright) {
            [$u, $w] = [$w, $u];
        }
        if (!$this->isRound() && !$this->isSquareToTheAxes()) {
            // Turned: its thinner side has to be met along both axes of the plane.
            return [min($u, $v), min($u, $v), $w];
        }

        return abs($this->sin) > 0.5 && !$this->isRound() ? [$v, $u, $w] : [$u, $v, $w];
    }
}
