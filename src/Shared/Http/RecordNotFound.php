<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

/** Not there, or somebody else's: a stranger must not be able to tell the two apart. */
final class RecordNotFound extends \DomainException
{
    public static function named(string $what): self
    {
        return new self("There is no such {$what} in your notebook.");
    }
}
