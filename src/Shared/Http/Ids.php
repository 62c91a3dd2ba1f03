<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use Symfony\Component\Uid\Uuid;

/** Ids may be made by the client, so that a repeated request names the same record and does not log it twice. */
final class Ids
{
    public static function of(string $text, string $what): Uuid
    {
        return Uuid::isValid($text) ? Uuid::fromString($text) : throw RecordNotFound::named($what);
    }
}
