<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

/** Metal on the shelf that may go into a mix. */
final readonly class Stock
{
    /**
     * @param array<string, float> $composition element → share of mass, 0…1; the rest is the base metal
     * @param float $loss melt loss, 0…1
     * @param float $price of one kilogram, in the workshop's currency
     * @param float $least kilograms that must go in
     * @param float $most kilograms there are
     * @param float|null $piece kilograms of one piece; null where it comes in any size
     */
    public function __construct(
        public string $name,
        public array $composition,
        public float $loss,
        public float $price,
        public float $least,
        public float $most,
        public ?float $piece = null,
    ) {
    }

    /** The same, with nothing of it to be had. */
    public function none(): self
    {
        return new self($this->name, $this->composition, $this->loss, $this->price, 0.0, 0.0, $this->piece);
    }
}
