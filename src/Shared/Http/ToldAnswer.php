<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

/** A value as JSON holds it, whatever it is, and as this caster reads it. */
final readonly class ToldAnswer extends Answer
{
    public function __construct(public mixed $raw, public string $shown)
    {
    }
}
