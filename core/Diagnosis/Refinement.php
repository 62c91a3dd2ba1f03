<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Attempt\Finding;

/** How the place, look or time of a finding moves one cause. */
final readonly class Refinement
{
    /**
     * @param list<string> $findings defect kinds it speaks about
     * @param 'place'|'look'|'shown' $kind
     */
    public function __construct(
        public string $cause,
        public array $findings,
        public string $kind,
        public string $code,
        public float $ratio,
        public string $words,
    ) {
    }

    /** Whether it is a finding of this kind that tells this place, look or moment. */
    public function matches(Finding $finding): bool
    {
        return in_array($finding->kind, $this->findings, true) && match ($this->kind) {
            'place' => in_array($this->code, $finding->places, true),
            'look' => in_array($this->code, $finding->looks, true),
            'shown' => $this->code === $finding->shownAt,
        };
    }
}
