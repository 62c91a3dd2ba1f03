<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

/** When a measure is to be taken next, and why. */
final readonly class DueTest
{
    /**
     * @param float|null $since when it was taken last, seconds since 1970; null where it never was
     * @param bool $now whether it is due already
     */
    public function __construct(public Measure $measure, public ?float $since, public bool $now, public string $words)
    {
    }
}
