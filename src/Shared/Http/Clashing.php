<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

/** Two sides changed the same fields; both are told, for the caller to choose. */
interface Clashing extends \Throwable
{
    /** @return non-empty-list<Answer> each field with what was, what is asked for and what is stored */
    public function fields(): array;
}
