<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\Core\Record\Field;

/** A field of the record. */
final readonly class FieldAnswer extends Answer
{
    /** @param list<string>|null $processes */
    public function __construct(
        public string $key,
        public string $keeper,
        public string $stage,
        public string $label,
        public string $kind,
        public ?string $choices,
        public ?string $dimension,
        public ?array $processes,
        public string $hint,
        public bool $first,
    ) {
    }

    public static function of(Field $field): self
    {
        return new self(
            key: $field->key,
            keeper: $field->keeper,
            stage: $field->stage,
            label: $field->label,
            kind: $field->kind->value,
            choices: $field->choices,
            dimension: $field->dimension()?->value,
            processes: $field->processes,
            hint: $field->hint,
            first: $field->first,
        );
    }
}
