<?php

declare(strict_types=1);

namespace MoltenNotes\Core;

/**
 * Every failure the core reports on purpose. The code is stable and may be stored or translated;
 * the facts are what a message needs. Status numbers and field pointers are the caller's business.
 */
interface CoreError extends \Throwable
{
    /** A code that stays the same whatever the words are: quantity.unreadable, say. */
    public function errorCode(): string;

    /** @return array<string, scalar|null> */
    public function facts(): array;
}
