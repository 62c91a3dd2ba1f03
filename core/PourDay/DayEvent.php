<?php

declare(strict_types=1);

namespace MoltenNotes\Core\PourDay;

/** Something that was tapped, and when: seconds since 1970, by the clock that all devices were brought to. */
final readonly class DayEvent
{
    /** @param string|null $word what was typed with it */
    public function __construct(public string $code, public float $at, public ?string $word = null)
    {
    }
}
