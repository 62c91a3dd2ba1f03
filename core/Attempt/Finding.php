<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Attempt;

/** One defect seen on a casting. */
final readonly class Finding
{
    /**
     * @param list<string> $places codes of the list "place"
     * @param list<string> $looks codes of the list "look"
     */
    public function __construct(
        public string $kind,
        public array $places = [],
        public array $looks = [],
        public ?string $shownAt = null,
        public ?string $severity = null,
        public ?string $note = null,
    ) {
    }

    /** 0 none, 1 trace, 2 minor, 3 spoils; a finding without a severity counts as minor. */
    public function weight(): int
    {
        return match ($this->severity) {
            'trace' => 1,
            'spoils' => 3,
            default => 2,
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_filter([
            'kind' => $this->kind, 'places' => $this->places, 'looks' => $this->looks,
            'shown_at' => $this->shownAt, 'severity' => $this->severity, 'note' => $this->note,
        ], static fn (mixed $value): bool => null !== $value && [] !== $value);
    }
}
