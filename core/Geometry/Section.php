<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

use MoltenNotes\Core\Quantity\Measurement;

/** One part of a casting: a simple body, what it joins, and what the mould does to it (gate, riser, vent, chill). */
final readonly class Section
{
    /**
     * @param array<string, Measurement> $measurements length, width, thickness, thin_end, hole, diameter, wall, height, volume, area,
     *                                                 run, foot, offset, turn, parting
     * @param int $gates gates that enter the casting here
     */
    public function __construct(
        public string $id,
        public string $label,
        public Shape $shape,
        public array $measurements,
        public ?string $joins,
        public Sits $sits,
        public int $count,
        public bool $upright,
        public int $gates,
        public bool $riser,
        public bool $vent,
        public bool $chill,
        public ?MeshRef $mesh = null,
    ) {
    }

    /** The same with another number of gates, 1 or more. */
    public function withGates(int $gates): self
    {
        return new self(
            $this->id,
            $this->label,
            $this->shape,
            $this->measurements,
            $this->joins,
            $this->sits,
            $this->count,
            $this->upright,
            $gates,
            $this->riser,
            $this->vent,
            $this->chill,
            $this->mesh,
        );
    }

    /** Metres, square or cubic metres; null where it was not given. */
    public function si(string $measurement): ?float
    {
        return isset($this->measurements[$measurement]) ? $this->measurements[$measurement]->si() : null;
    }

    /** @return list<string> measurements still wanted before it is a body */
    public function lacks(): array
    {
        return array_values(array_filter($this->shape->measurements(), fn (string $name): bool => !isset($this->measurements[$name])));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_filter(
            [
                'id' => $this->id,
                'label' => $this->label,
                'shape' => $this->shape->value,
                'mesh' => $this->mesh?->id,
                'up' => $this->mesh?->up->value,
                'joins' => $this->joins,
                'sits' => $this->sits->value,
                'count' => $this->count,
                'upright' => $this->upright,
                'gates' => $this->gates,
                'riser' => $this->riser,
                'vent' => $this->vent,
                'chill' => $this->chill,
            ],
            static fn (mixed $value): bool => null !== $value && false !== $value && 0 !== $value,
        ) + array_map(static fn (Measurement $measurement): array => $measurement->toArray(), $this->measurements);
    }
}
