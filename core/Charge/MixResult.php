<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

/** What to charge, or how near one can come. */
final readonly class MixResult
{
    /**
     * @param list<float> $charge kilograms of each stock, in their order
     * @param float $metal kilograms that come out of it
     * @param array<string, float> $composition element → share of the melt
     * @param list<array{element: string, limit: float, got: float, side: 'low'|'high'}> $unmet windows that cannot be met; empty when
     *                                                                                          all are
     * @param bool $enoughMetal false when the stock does not reach the mass at all
     * @param bool $proven whether it is proven that nothing is cheaper
     * @param float $within share of its cost that a cheaper one could save at the most; 0 where it is proven
     */
    public function __construct(
        public array $charge,
        public float $cost,
        public float $metal,
        public array $composition,
        public array $unmet,
        public bool $enoughMetal,
        public bool $proven = true,
        public float $within = 0.0,
    ) {
    }

    /** Whether the stock can meet the composition at all. */
    public function isFeasible(): bool
    {
        return $this->enoughMetal && [] === $this->unmet;
    }
}
