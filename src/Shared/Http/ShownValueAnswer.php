<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

/** A value as it is stored and as this caster reads it. */
final readonly class ShownValueAnswer extends Answer
{
    /** @param array<mixed>|string|int|bool $raw */
    public function __construct(public array|string|int|bool $raw, public string $shown)
    {
    }
}
