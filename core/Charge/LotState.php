<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;

/** How a lot stands at one moment, by its book. */
final readonly class LotState
{
    /**
     * @param Estimate $mass kg, 0 or more
     * @param Composition|null $composition null where nothing is known of it
     * @param float $remelts that its metal went through in the mean, 0 or more
     * @param Mass $overdrawn kg that were taken beyond what the book said there was; 0 where the book agrees
     */
    public function __construct(
        public Lot $lot,
        public Estimate $mass,
        public ?Composition $composition,
        public float $remelts,
        public Mass $overdrawn,
    ) {
    }

    /** As it came onto the shelf. */
    public static function first(Lot $lot): self
    {
        return new self($lot, $lot->mass, $lot->composition, (float) $lot->remelts, Mass::fromSi(0.0));
    }

    /** The scale has the last word: what it says is there, the book says from then on. */
    public function weighed(Estimate $mass): self
    {
        return new self($this->lot, $mass, $this->composition, $this->remelts, Mass::fromSi(0.0));
    }

    /** More of the same. */
    public function added(Estimate $mass): self
    {
        return new self($this->lot, $this->mass->plus($mass), $this->composition, $this->remelts, $this->overdrawn);
    }

    /**
     * As it was found to be; what was not looked for stays as it was thought.
     *
     * @param array<string, float> $found element → share
     */
    public function checked(array $found, Knowledge $known): self
    {
        $composition = $this->composition;
        if ([] !== $found) {
            $composition = null === $composition
                ? Composition::told($found, $this->lot->alloy?->code, $known)
                : new Composition(
                    $composition->base,
                    array_diff_key(array_map($known->spread(...), $found), [$composition->base => 0]) + $composition->shares,
                );
        }

        return new self($this->lot, $this->mass, $composition, $this->remelts, $this->overdrawn);
    }

    /** Less by so much; the book cannot go below nothing, the shelf could. */
    public function taken(Estimate $mass): self
    {
        $left = Estimate::through(Dimension::Mass, static fn (float $is, float $less): float => max(0.0, $is - $less), $this->mass, $mass);
        $beyond = max(0.0, $mass->si - $this->mass->si);

        return new self($this->lot, $left, $this->composition, $this->remelts, Mass::fromSi($this->overdrawn->si() + $beyond));
    }

    /** With metal of another kind on top: what the lot is made of is then the mean of both. */
    public function given(Estimate $mass, ?Composition $composition, float $remelts): self
    {
        $there = $this->mass->si;
        $all = $there + $mass->si;
        if ($all <= 0.0) {
            return $this;
        }
        $mixed = match (true) {
            $there <= 0.0 => $composition,
            null === $this->composition || null === $composition => null,
            default => PotMetal::blend([[$there, $this->composition], [$mass->si, $composition]]),
        };

        return new self(
            $this->lot,
            $this->mass->plus($mass),
            $mixed,
            ($there * $this->remelts + $mass->si * $remelts) / $all,
            $this->overdrawn,
        );
    }
}
