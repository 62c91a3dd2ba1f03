<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\Unit;

/** One named value of the record: what it is called, what it takes and what would be impossible or unlikely. */
final readonly class Field
{
    /**
     * @param array{float, float}|null $possible inclusive bounds in $unit; outside is refused
     * @param array{float, float}|null $likely inclusive bounds in $unit; outside is questioned
     * @param list<string>|null $processes mould processes it belongs to, null for all
     * @param bool $first asked first in the log; the rest of its stage waits behind "more"
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
        public bool $first = false,
    ) {
    }

    /** Null when it is no quantity. */
    public function dimension(): ?Dimension
    {
        return $this->unit?->dimension;
    }

    /** Whether it means something with this process; with none told, only what every process has. */
    public function belongsTo(?string $process): bool
    {
        return null === $this->processes || null === $process || in_array($process, $this->processes, true);
    }

    /**
     * Whether this value could have been read for this field: of its kind, on its list, not impossible. Questions of likelihood are not
     * asked here.
     */
    public function takes(Measurement|Sections|string|int|bool $value): bool
    {
        return match ($this->kind) {
            FieldKind::Quantity => $value instanceof Measurement && $value->dimension === $this->dimension() && $this->isPossible($value),
            FieldKind::Choice => is_string($value) && isset(Choices::list($this->choices ?? '')[$value]),
            FieldKind::Count => is_int($value) && $this->isWithin((float) $value),
            FieldKind::Flag => is_bool($value),
            FieldKind::Text => is_string($value),
            FieldKind::Sections => $value instanceof Sections,
        };
    }

    private function isPossible(Measurement $value): bool
    {
        return null !== $this->unit
            && $this->isWithin($this->unit->fromSi($value->lowerSi))
            && $this->isWithin($this->unit->fromSi($value->upperSi ?? $value->lowerSi));
    }

    /** A millionth of slack: 150 °C typed as 302 °F must not fall a rounding error below 150 °C. */
    private function isWithin(float $amount): bool
    {
        $slack = static fn (float $bound): float => 1e-6 * max(1.0, abs($bound));

        return null === $this->possible
            || ($amount >= $this->possible[0] - $slack($this->possible[0]) && $amount <= $this->possible[1] + $slack($this->possible[1]));
    }

    /** True when the value belongs to the melt and is shared by every mould poured from it. */
    public function isOfTheHeat(): bool
    {
        return 'heat' === $this->keeper;
    }
}
