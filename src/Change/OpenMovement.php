<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\HeapBook;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Movement;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Seconds;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\Column;
use MoltenNotes\Core\Workshop\ColumnReader;
use MoltenNotes\Core\Workshop\MovementKind;
use Symfony\Component\Uid\Uuid;

/** What happened to a thing of the workshop: "at", the "heat" or "attempt" where its kind is of one, and the columns of its kind. */
final class OpenMovement implements OpenRecord
{
    public function __construct(
        private readonly Movement $movement,
        private readonly bool $new,
        private readonly Notebook $notebook,
        private readonly \DateTimeImmutable $now,
    ) {
    }

    public function isNew(): bool
    {
        return $this->new;
    }

    public function version(): int
    {
        return $this->movement->version();
    }

    public function begunWith(): array
    {
        return [];
    }

    /** Told with the workshop: it is a line of the book of one of its things. */
    public function about(): Uuid
    {
        return $this->movement->caster()->id();
    }

    public function read(string $field, mixed $raw, string $pointer, ValueReader $reader): mixed
    {
        if ('binned' === $field) {
            return $reader->mark($raw, $pointer);
        }
        if ('at' === $field) {
            return CommonFields::moment($raw, $pointer, $reader, $this->now);
        }
        $kind = MovementKind::find($this->movement->kind());
        if ('heat' === $field && true === $kind?->isOfHeat) {
            return $this->other(Heat::class, $raw, 'There is no such heat.', $pointer, $reader);
        }
        if ('attempt' === $field && true === $kind?->isOfAttempt) {
            return $this->other(Attempt::class, $raw, 'There is no such attempt in this notebook.', $pointer, $reader);
        }
        $columns = $kind->columns ?? [];
        if (!isset($columns[$field])) {
            $reader->refuseUnknown(
                [$field => 0],
                array_keys($columns),
                substr($pointer, 0, (int) strrpos($pointer, '/')),
                'record.unknown_field',
                'This is not kept of such an entry.',
            );

            return null;
        }

        return CommonFields::cell($columns[$field], ColumnReader::read($columns[$field], $raw, $pointer, $reader));
    }

    public function stored(string $field): mixed
    {
        return match ($field) {
            'binned' => null !== $this->movement->binnedAt(),
            'at' => Seconds::words($this->movement->happenedAt()),
            'heat' => $this->movement->heat()?->id()->toRfc4122(),
            'attempt' => $this->movement->attempt()?->id()->toRfc4122(),
            default => $this->movement->content()[$field] ?? null,
        };
    }

    public function keep(string $field, mixed $value): void
    {
        match ($field) {
            'binned' => $this->movement->bin(true === $value ? $this->now : null),
            'at' => is_string($value) ? $this->movement->happenAt((float) $value) : null,
            'heat' => $this->movement->beOf(is_string($value) ? $this->notebook->heat($value, $this->movement->caster()) : null),
            'attempt' => $this->movement->beFor(
                is_string($value) ? $this->notebook->attempt($value, $this->movement->caster()) : null,
            ),
            default => $this->movement->set($field, [] === $value ? null : Plain::of($value)),
        };
    }

    /** What was weighed must be able to belong together, whichever of it was changed last. */
    public function close(ValueReader $reader, string $pointer, \DateTimeImmutable $now): void
    {
        $fault = null === $this->movement->binnedAt() ? $this->fault() : null;
        if (null !== $fault) {
            $reader->refuse("{$pointer}/set/{$fault[0]}", $fault[1], $fault[2]);
        }
        $this->movement->touch($now);
    }

    /** @return array{string, string, string}|null column, code and words */
    private function fault(): ?array
    {
        if ('heaps' === $this->movement->row()->kind()) {
            return HeapBook::fault($this->movement);
        }
        $needed = array_filter(
            MovementKind::find($this->movement->kind())->columns ?? [],
            static fn (Column $column): bool => null !== $column->needed,
        );
        foreach ($needed as $column) {
            if (!isset($this->movement->content()[$column->key])) {
                return [$column->key, 'workshop.needed', $column->needed ?? ''];
            }
        }

        // Where something is needed, it was said; elsewhere a note alone says nothing.
        return [] === $needed && [] === array_diff_key($this->movement->content(), ['note' => 0])
            ? ['at', 'record.blank', 'Say what happened: how much, or what was found.']
            : null;
    }

    /**
     * The id of what it is of as well.
     *
     * @param class-string<Heat>|class-string<Attempt> $class
     */
    private function other(string $class, mixed $raw, string $missing, string $pointer, ValueReader $reader): ?string
    {
        if (null === $raw) {
            return null;
        }
        $id = is_string($raw) && Uuid::isValid($raw) ? Uuid::fromString($raw) : null;
        $one = null === $id ? null : $this->notebook->own($class, $id, $this->movement->caster());

        return null === $one || ($one instanceof Attempt && null !== $one->binnedAt())
            ? $reader->refuse($pointer, 'record.not_found', $missing)
            : $one->id()->toRfc4122();
    }
}
