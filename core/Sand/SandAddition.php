<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Measurement;

/** What was mixed into a heap, and what was taken out of it, at one time. */
final readonly class SandAddition
{
    /** @param float $at seconds since 1970 */
    private function __construct(
        public float $at,
        public Mass $water,
        public Mass $clay,
        public Mass $sand,
        public Mass $oil,
        public Mass $catalyst,
        public Mass $burntOut,
        public Mass $takenOut,
    ) {
    }

    /** @param array<string, mixed> $columns as the table of movements has them */
    public static function from(float $at, array $columns): self
    {
        $mass = static function (string $column) use ($columns): Mass {
            $told = $columns[$column] ?? null;

            return Mass::fromSi($told instanceof Measurement ? $told->si() : 0.0);
        };

        return new self(
            $at,
            $mass('water'),
            $mass('clay'),
            $mass('sand'),
            $mass('oil'),
            $mass('catalyst'),
            $mass('burnt_out'),
            $mass('taken_out'),
        );
    }

    /** Whether it gives back what burning took. */
    public function mends(): bool
    {
        return $this->clay->si() > 0.0 || $this->oil->si() > 0.0 || $this->sand->si() > 0.0;
    }

    /** Whether the moisture is another one after it. */
    public function wets(): bool
    {
        return $this->water->si() > 0.0 || $this->clay->si() > 0.0 || $this->sand->si() > 0.0;
    }

    /** Whether it says anything at all. */
    public function isBlank(): bool
    {
        return !$this->wets() && !$this->mends() && 0.0 === $this->catalyst->si() + $this->burntOut->si() + $this->takenOut->si();
    }
}
