<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Shared\Http\Answer;

/** A way to go on, what it would leave of the faults, and what it teaches. */
final readonly class WayAnswer extends Answer
{
    /**
     * @param 'one'|'all' $code
     * @param list<string> $remedies
     * @param list<string> $labels of the remedies, in the same order
     */
    public function __construct(
        public string $code,
        public array $remedies,
        public array $labels,
        public float $again,
        public string $teaches,
    ) {
    }
}
