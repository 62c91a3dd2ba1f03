<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Pattern;

use MoltenNotes\Core\Quantity\Measurement;

/** One line of the book of a pattern, or one mould that was made of it. */
final readonly class PatternUse
{
    /**
     * @param float $at seconds since 1970
     * @param string $kind as the table of movements has it; "mould" of one that was moulded or poured
     * @param int $count how many: castings, pieces, uses; 0 or more
     */
    public function __construct(
        public float $at,
        public string $kind,
        public int $count = 0,
        public ?string $found = null,
        public ?Measurement $length = null,
    ) {
    }

    /** @param array<string, mixed> $columns as the table of movements has them */
    public static function from(float $at, string $kind, array $columns): self
    {
        return new self(
            $at,
            $kind,
            is_int($columns['count'] ?? null) ? $columns['count'] : 0,
            is_string($columns['found'] ?? null) ? $columns['found'] : null,
            ($columns['length'] ?? null) instanceof Measurement ? $columns['length'] : null,
        );
    }
}
