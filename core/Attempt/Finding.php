<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Attempt;

/** One defect seen on a casting. */
final readonly class Finding
{
    /**
     * @param list<string> $places codes of the list "place"
     * @param list<string> $looks codes of the list "look"
     * @param string|null $section id of the section of the casting it sits on
     * @param list<int> $pieces which of the castings of the pour have it, numbered from 1; empty where not told
     * @param int|null $number of the gate or vent it sits at, counted from the sprue
     */
    public function __construct(
        public string $kind,
        public array $places = [],
        public array $looks = [],
        public ?string $shownAt = null,
        public ?string $severity = null,
        public ?string $note = null,
        public ?string $section = null,
        public array $pieces = [],
        public ?int $number = null,
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
            'section' => $this->section, 'pieces' => $this->pieces, 'number' => $this->number,
        ], static fn (mixed $value): bool => null !== $value && [] !== $value);
    }
}
