<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Attempt;

/** What a caster's earlier attempts confirmed, as far as it bears on this one. */
final readonly class History
{
    /** @param array<string, int> $confirmed cause → how often this caster confirmed it */
    public function __construct(public int $attempts = 0, public array $confirmed = [])
    {
    }
}
