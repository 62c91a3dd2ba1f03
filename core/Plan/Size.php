<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan;

/** A size of the mould in metres, and where it is from. */
final readonly class Size
{
    private function __construct(public float $metres, public string $origin)
    {
    }

    /** As the caster cut it or means to. */
    public static function told(float $metres): self
    {
        return new self($metres, 'told');
    }

    /** As the plan works it out. */
    public static function computed(float $metres): self
    {
        return new self($metres, 'computed');
    }

    /** Neither told nor to be worked out: drawn to a usual size. */
    public static function usual(float $metres): self
    {
        return new self($metres, 'usual');
    }

    /** Whether the caster said it; otherwise it was worked out or is usual. */
    public function isTold(): bool
    {
        return 'told' === $this->origin;
    }

    /** For drawing, mm. */
    public function millimetres(): float
    {
        return 1000 * $this->metres;
    }
}
