<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

/** When a measure is to be taken next, and why. */
final readonly class DueTest
{
    /** @param bool $now whether it is due already */
    public function __construct(public Measure $measure, public bool $now, public string $words)
    {
    }
}
