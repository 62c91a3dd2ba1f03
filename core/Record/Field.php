<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Unit;

/** One named value of the record: what it is called, what it takes and what would be impossible or unlikely. */
final readonly class Field
{
    /**
     * @param array{float, float}|null $possible  inclusive bounds in $unit; outside is refused
     * @param array{float, float}|null $likely    inclusive bounds in $unit; outside is questioned
     * @param list<string>|null        $processes mould processes it belongs to, null for all
     */
    public function __construct(
        public string $key,
        public string $keeper,
        public string $stage,
        public string $label,
        public FieldKind $kind,
        public ?string $choices,
        public ?Unit $unit,
        public ?array $possible,
        public ?array $likely,
        public ?array $processes,
        public string $hint,
    ) {
    }

    public function dimension(): ?Dimension
    {
        return $this->unit?->dimension;
    }

    public function belongsTo(?string $process): bool
    {
        return null === $this->processes || null === $process || in_array($process, $this->processes, true);
    }

    /** True when the value belongs to the melt and is shared by every mould poured from it. */
    public function isOfTheHeat(): bool
    {
        return 'heat' === $this->keeper;
    }
}
