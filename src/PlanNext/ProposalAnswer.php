<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Shared\Http\Answer;

/** A change that may be made. */
final readonly class ProposalAnswer extends Answer
{
    protected const AMONG_ITS_OWN = 'line';

    /**
     * @param list<string> $also other suspected causes that it serves
     * @param list<string> $better what it alone would make better
     * @param list<string> $worse what it alone would make worse
     * @param string|null $keeps what was to stay as it is and would not
     */
    public function __construct(
        public SheetLineAnswer $line,
        public bool $accepted,
        public float $causeProbability,
        public array $also,
        public array $better,
        public array $worse,
        public ?string $keeps,
    ) {
    }
}
