<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** A metal: what it is made of, against what it is to be. */
final readonly class PotAnswer extends Answer
{
    /**
     * @param string $mass in words; empty where it is of no one mass
     * @param string $remelts in words
     * @param list<PotElementAnswer> $elements
     * @param list<PotHarmAnswer> $harms
     */
    public function __construct(
        public string $sentence,
        public string $standing,
        public string $mass,
        public string $remelts,
        public array $elements,
        public array $harms,
    ) {
    }
}
