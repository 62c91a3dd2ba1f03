<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use Symfony\Component\Uid\Uuid;

/** What a command does to one record: makes it where it is new, and changes fields of it. */
final readonly class PartChange
{
    /**
     * @param array<string, mixed>|null $create what a new record hangs on; null where it must be there
     * @param array<string, FieldChange> $set field → change
     */
    public function __construct(public Part $part, public Uuid $id, public ?array $create, public array $set, public string $pointer)
    {
    }
}
