<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

/** One field: what stood there when the caster began, and what it shall become. Null is blank. */
final readonly class FieldChange
{
    public function __construct(public mixed $was, public mixed $to, public string $pointer)
    {
    }
}
