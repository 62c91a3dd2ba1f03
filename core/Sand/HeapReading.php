<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Quantity\Estimate;

/** What is known of one measure of a heap at a time. */
final readonly class HeapReading
{
    /**
     * @param Estimate $value share or number
     * @param 'tested'|'reckoned'|'recipe' $origin measured then; followed on from a test by what happened since; as it was mixed
     * @param float|null $at when it was last measured, seconds since 1970; null where it never was
     * @param bool $old too long ago to be taken for today's
     */
    public function __construct(public Estimate $value, public string $origin, public ?float $at, public bool $old)
    {
    }
}
