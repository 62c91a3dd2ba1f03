<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Notebook\PatternBook;
use MoltenNotes\App\Notebook\WorkshopRow;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\ThingKind;
use MoltenNotes\Core\Workshop\WorkshopReader;
use Symfony\Component\Uid\Uuid;

/** One thing of the workshop, column by column. */
final class OpenThing implements OpenRecord
{
    public function __construct(
        private readonly WorkshopRow $row,
        private readonly bool $new,
        private readonly PatternBook $patterns,
        private readonly \DateTimeImmutable $now,
    ) {
    }

    public function isNew(): bool
    {
        return $this->new;
    }

    public function version(): int
    {
        return $this->row->version();
    }

    public function begunWith(): array
    {
        return [];
    }

    public function about(): Uuid
    {
        return $this->row->caster()->id();
    }

    public function read(string $field, mixed $raw, string $pointer, ValueReader $reader): mixed
    {
        if ('binned' === $field) {
            return $reader->mark($raw, $pointer);
        }
        $columns = WorkshopReader::columns($this->row->kind());
        if (!in_array($field, $columns, true)) {
            $reader->refuseUnknown(
                [$field => 0],
                $columns,
                substr($pointer, 0, (int) strrpos($pointer, '/')),
                'record.unknown_field',
                'This is not kept of such a thing.',
            );

            return null;
        }
        $value = WorkshopReader::column($this->row->kind(), $field, $raw, $pointer, $reader);

        $column = ThingKind::find($this->row->kind())->columns[$field] ?? null;

        return null === $column ? $value : CommonFields::cell($column, $value);
    }

    public function stored(string $field): mixed
    {
        return 'binned' === $field ? null !== $this->row->binnedAt() : $this->row->content()[$field] ?? null;
    }

    public function keep(string $field, mixed $value): void
    {
        if ('binned' === $field) {
            $this->row->bin(true === $value ? $this->now : null);
        } else {
            $this->row->set($field, [] === $value ? null : Plain::of($value));
        }
    }

    public function close(ValueReader $reader, string $pointer, \DateTimeImmutable $now): void
    {
        WorkshopReader::insist($this->row->kind(), $this->row->content(), $pointer.'/set', $reader);
        $after = $this->row->content()['after'] ?? null;
        if (null !== $after && null === $this->row->binnedAt()) {
            $fault = $this->patterns->takenFromFault($this->row);
            if (null !== $fault) {
                $reader->refuse("{$pointer}/set/after", 'workshop.taken_from', $fault);
            }
        }
        $this->row->touch($now);
    }
}
