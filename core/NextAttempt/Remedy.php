<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

/** Something to change against one cause. */
final readonly class Remedy
{
    /**
     * @param int $effort 1 a moment, 2 an evening, 3 a new pattern
     * @param FieldKey|null $field the plan value it changes; null for a habit
     * @param string $how set, quantity, habit, or a rule of RemedyRule
     * @param list<string>|null $processes of the mould in which it can be done, null for all
     * @param float $left share of the cause's odds left where no evidence rule weighs the change
     */
    public function __construct(
        public string $code,
        public string $cause,
        public string $label,
        public int $effort,
        public ?string $field,
        public string $how,
        public mixed $argument,
        public float $left,
        public string $cost,
        public ?array $processes = null,
    ) {
    }

    /** Whether it can be done in moulds of this kind; where none is told, in any. */
    public function isPossibleIn(?string $process): bool
    {
        return null === $this->processes || null === $process || in_array($process, $this->processes, true);
    }
}
