<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Drawing;

/** One part of the mould section: an outline in millimetres, x to the right, y up from the parting line. */
final readonly class SectionPart
{
    /**
     * @param list<array{float, float}> $outline closed polygon
     * @param list<string> $fields the values it is drawn from
     * @param bool $assumed drawn to a usual size because the record does not say
     * @param list<list<array{float, float}>> $holes what is empty within it
     * @param string $subject section of the casting it belongs to; empty for the rest
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $label,
        public string $value,
        public array $outline,
        public array $fields,
        public bool $assumed,
        public string $subject = '',
        public array $holes = [],
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind,
            'label' => $this->label,
            'value' => $this->value,
            'outline' => $this->outline,
            'holes' => $this->holes,
            'fields' => $this->fields,
            'assumed' => $this->assumed,
            'subject' => $this->subject,
        ];
    }
}
