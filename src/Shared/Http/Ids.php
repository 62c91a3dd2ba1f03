<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;

/** Ids may be made by the client, so that a repeated request names the same record and does not log it twice. */
final class Ids
{
    public static function of(string $text, string $what): Uuid
    {
        return Uuid::isValid($text) ? Uuid::fromString($text) : throw RecordNotFound::named($what);
    }

    /** A new record's id must be a UUID of version 7 (RFC 9562): it carries its time, and sorts by it. */
    public static function isFresh(Uuid $id): bool
    {
        return $id instanceof UuidV7;
    }
}
