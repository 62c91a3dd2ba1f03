<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

/** What one change alone would do, by planning and diagnosing again. */
final readonly class Effect
{
    /**
     * @param list<string> $also other suspected causes that it serves
     * @param list<string> $better in words, in the caster's units
     * @param list<string> $worse in words, in the caster's units
     * @param float|null $again chance to see any of the faults again with it, 0…1; null where none was seen or its amount is open
     */
    public function __construct(public array $also, public array $better, public array $worse, public ?float $again)
    {
    }
}
