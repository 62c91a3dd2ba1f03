<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

/** Probabilities of the causes given the signs, and how they were obtained. */
final readonly class Posterior
{
    /**
     * @param array<int, float> $causes P(cause | signs), in the order of the network
     * @param float $evidence P(signs); for an approximation its product form over blocks
     * @param bool $exact false for the block approximation
     * @param array<int, float> $byItself P(none of the causes made this sign | signs), for each positive sign
     */
    public function __construct(public array $causes, public float $evidence, public bool $exact, public array $byItself)
    {
    }
}
