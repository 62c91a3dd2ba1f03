<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

/** Something that may have gone wrong, and how likely it is before anything is known of this pour. */
final readonly class Cause
{
    /**
     * @param float $prior 0…1, where the cause is possible at all
     * @param list<string>|null $processes null for all
     * @param list<string>|null $families alloy families, null for all
     */
    public function __construct(
        public string $code,
        public string $label,
        public float $prior,
        public ?array $processes,
        public ?array $families,
        public string $words,
    ) {
    }

    /** An unknown process or metal rules nothing out. */
    public function isPossibleIn(?string $process, ?string $family): bool
    {
        return (null === $this->processes || null === $process || in_array($process, $this->processes, true))
            && (null === $this->families || null === $family || in_array($family, $this->families, true));
    }
}
