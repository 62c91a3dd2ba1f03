<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

/** A field that says something else than it did when the caster began. */
final readonly class ClashingField
{
    public function __construct(
        public PartChange $change,
        public string $field,
        public FieldChange $wanted,
        public mixed $stored,
        public mixed $to,
    ) {
    }
}
