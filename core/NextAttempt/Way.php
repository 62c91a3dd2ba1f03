<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

/** A way to go on: one change, or several at once, and what the pour after it can tell. */
final readonly class Way
{
    /**
     * @param 'one'|'all' $code
     * @param list<string> $remedies
     * @param float $again chance to see any of the faults again, 0…1
     */
    public function __construct(public string $code, public array $remedies, public float $again, public string $teaches)
    {
    }
}
