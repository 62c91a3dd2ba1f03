<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** A place that is thicker than the ways that lead to it: it is liquid last and draws metal as long as a way stays open. Metres. */
final readonly class HotSpot
{
    /**
     * @param list<float> $place x, y, z
     * @param float $thickness diameter of the largest ball there
     * @param string $part section id
     * @param float|null $neck diameter of the largest ball that gets from here to a riser: one marked on a section, else one over the
     *                         thickest place; null where none is reached
     * @param float|null $wayOut diameter of the largest ball that gets from here to a thicker place; null for the thickest of all
     */
    public function __construct(
        public array $place,
        public float $thickness,
        public string $part,
        public ?float $neck,
        public ?float $wayOut,
    ) {
    }

    /** Whether every place on its way to a feeder is liquid about as long. Source: Heuvers' circles, published; the tenth derived. */
    public function isFed(): bool
    {
        return null !== $this->neck && $this->neck >= 0.9 * $this->thickness;
    }
}
