<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

/** What is known of the metal of a heat besides what went into it: what it was called, and what was found in it. */
final readonly class HeatMetal
{
    /** @param array<string, float> $found element → share, of a check of the pot */
    public function __construct(public ?string $alloy, public array $found, public Knowledge $by)
    {
    }

    /** What it is made of: as it was found, else as what went into it comes to, else as what it was called; null where nothing is known. */
    public function composition(?Composition $charged): ?Composition
    {
        if ([] === $this->found) {
            return $charged ?? Composition::told([], $this->alloy, Knowledge::of(null));
        }
        if (null === $charged) {
            return Composition::told($this->found, $this->alloy, $this->by);
        }
        $found = array_diff_key(array_map($this->by->spread(...), $this->found), [$charged->base => 0]);

        return new Composition($charged->base, $found + $charged->shares);
    }
}
