<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** What the solid says of one part of a casting: of all bodies of its kind together. SI. */
final readonly class PartGeometry
{
    /**
     * @param string $id section id
     * @param float $volume m³, exact
     * @param float $surface m² of its bodies as if each stood alone, exact
     * @param float $cooled m² of it that mould touches: faces on other parts left out
     * @param float $open m² of its upper side that no metal stands over, seen from above
     * @param float $openAt mean height of that upper side over the casting's lowest point, m
     * @param float $thickest diameter of the largest ball that fits where it is thickest, m
     * @param float $bottom lowest place, m over the casting's lowest
     * @param float $top highest place, m
     * @param float $far way of the metal from the nearest gate to its farthest place, m
     */
    public function __construct(
        public string $id,
        public float $volume,
        public float $surface,
        public float $cooled,
        public float $open,
        public float $openAt,
        public float $thickest,
        public float $bottom,
        public float $top,
        public float $far,
    ) {
    }

    /** Volume over cooled face, m; null where no mould touches it. Source: N. Chvorinov 1940. */
    public function modulus(): ?float
    {
        return $this->cooled > 0.0 ? $this->volume / $this->cooled : null;
    }
}
