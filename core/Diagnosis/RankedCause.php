<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

/** One cause in the ranking, with its ledger: the contributions add up to the log-odds of the probability. */
final readonly class RankedCause
{
    /**
     * @param list<Contribution> $contributions
     * @param list<string> $explains signs seen that it could have made
     */
    public function __construct(public Cause $cause, public float $probability, public array $contributions, public array $explains)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'cause' => $this->cause->code,
            'label' => $this->cause->label,
            'words' => $this->cause->words,
            'probability' => round($this->probability, 4),
            'explains' => $this->explains,
            'contributions' => array_map(static fn (Contribution $contribution): array => $contribution->toArray(), $this->contributions),
        ];
    }
}
