<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** One row of the unit table: si = value × factor + offset. */
final readonly class Unit
{
    /** @param list<string> $spellings what casters type, lower case, besides code and label */
    public function __construct(
        public string $code,
        public string $label,
        public Dimension $dimension,
        public float $factor,
        public float $offset,
        public array $spellings,
    ) {
    }

    /** From a number in this unit. */
    public function toSi(float $value): float
    {
        return $value * $this->factor + $this->offset;
    }

    /** To a number in this unit. */
    public function fromSi(float $si): float
    {
        return ($si - $this->offset) / $this->factor;
    }
}
