<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Quantity\Estimate;

/** Something that can be stirred into a pot: metal of a lot, or a pure metal that would have to be bought. */
final readonly class Addition
{
    /**
     * @param string|null $lot null where it is not on the shelf
     * @param float|null $most kg there are; null without end
     */
    public function __construct(
        public ?string $lot,
        public string $name,
        public Composition $composition,
        public Estimate $loss,
        public ?float $most,
    ) {
        $this->isOnTheShelf = null !== $lot;
    }

    public bool $isOnTheShelf;

    /** Share of it that reaches the pot, 0…1. */
    public function yield(): float
    {
        return 1 - $this->loss->si;
    }

    /** A pure metal, as it is bought; its element reaches the pot by its own recovery. */
    public static function pure(string $element): self
    {
        return new self(null, $element, new Composition($element, []), Estimate::ratio(0.0), null);
    }

    /** Of a lot as it stands; null where nothing is known of it, or there is none. */
    public static function from(LotState $state): ?self
    {
        return null === $state->composition || $state->mass->si <= 0.0
            ? null
            : new self($state->lot->id, $state->lot->name, $state->composition, $state->lot->loss, $state->mass->si);
    }
}
