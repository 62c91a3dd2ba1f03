<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\Uid\Uuid;

/** A record that is open for changes, field by field. */
interface OpenRecord
{
    public function isNew(): bool;

    public function version(): int;

    /** @return list<string> fields that a new record has from the start */
    public function begunWith(): array;

    /** What it is told with in the history: an attempt tells of its findings too. */
    public function about(): Uuid;

    /** What the field takes, read and checked; faults go to the reader. Null is blank. */
    public function read(string $field, mixed $raw, string $pointer, ValueReader $reader): mixed;

    /** What stands in the field now, as JSON holds it. */
    public function stored(string $field): mixed;

    /** @param mixed $value as read() gave it */
    public function keep(string $field, mixed $value): void;

    /** Holds what rules several fields together, and raises the version. */
    public function close(ValueReader $reader, string $pointer, \DateTimeImmutable $now): void;
}
