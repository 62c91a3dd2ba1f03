<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Working;

/** One input of a working and where it came from: typed by the caster, a table, or a default. */
final readonly class WorkingInput
{
    /** @param 'typed'|'table'|'default'|'computed' $origin */
    public function __construct(public string $symbol, public string $label, public string $value, public string $origin)
    {
    }

    /** @return array{symbol: string, label: string, value: string, origin: string} */
    public function toArray(): array
    {
        return ['symbol' => $this->symbol, 'label' => $this->label, 'value' => $this->value, 'origin' => $this->origin];
    }
}
