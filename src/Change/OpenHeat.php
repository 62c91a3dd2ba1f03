<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Instruments\Instruments;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Seconds;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\Uid\Uuid;

/**
 * Fields of a melt: its own values, "listens.…" with the id of an instrument whose readings belong to it, and "found.…" with the sign of an
 * element, or "by", for a check of its pot.
 */
final class OpenHeat implements OpenRecord
{
    private const LISTENS = 'listens.';
    private const MOST_LISTENED = 12;
    private const FOUND = 'found.';
    private const MOST_FOUND = 24;

    public function __construct(
        private readonly Heat $heat,
        private readonly bool $new,
        private readonly Notebook $notebook,
        private readonly Instruments $instruments,
        private readonly \DateTimeImmutable $now,
    ) {
    }

    public function isNew(): bool
    {
        return $this->new;
    }

    public function version(): int
    {
        return $this->heat->version();
    }

    public function begunWith(): array
    {
        return [];
    }

    public function about(): Uuid
    {
        return $this->heat->id();
    }

    public function read(string $field, mixed $raw, string $pointer, ValueReader $reader): mixed
    {
        $value = Fields::find($field);

        return match (true) {
            'name' === $field => CommonFields::name($raw, $pointer, $reader),
            'melted_on' === $field => CommonFields::day($raw, $pointer, $reader, $this->now),
            'binned' === $field => $reader->mark($raw, $pointer),
            str_starts_with($field, self::LISTENS) => $this->listening(substr($field, strlen(self::LISTENS)), $raw, $pointer, $reader),
            str_starts_with($field, self::FOUND) => $this->foundIn(substr($field, strlen(self::FOUND)), $raw, $pointer, $reader),
            null !== $value && $value->isOfTheHeat() => $reader->value($value, $raw, $pointer),
            null !== $value => $reader->refuse($pointer, 'record.not_of_the_heat', 'This belongs to the attempt, not to the melt.'),
            default => CommonFields::unknown($pointer, $reader, 'a heat'),
        };
    }

    public function stored(string $field): mixed
    {
        if (str_starts_with($field, self::LISTENS)) {
            $when = $this->heat->listens()[substr($field, strlen(self::LISTENS))] ?? null;

            return null === $when ? null : [
                'from' => Seconds::words($when['from']),
                'to' => null === $when['to'] ? null : Seconds::words($when['to']),
            ];
        }

        if (str_starts_with($field, self::FOUND)) {
            return $this->heat->found()[substr($field, strlen(self::FOUND))] ?? null;
        }

        return match ($field) {
            'name' => $this->heat->name(),
            'melted_on' => Plain::of($this->heat->meltedOn()),
            'binned' => null !== $this->heat->binnedAt(),
            default => Plain::of($this->heat->values()->all()[$field] ?? null),
        };
    }

    public function keep(string $field, mixed $value): void
    {
        if (str_starts_with($field, self::LISTENS)) {
            $this->listen(substr($field, strlen(self::LISTENS)), $value);

            return;
        }
        if (str_starts_with($field, self::FOUND)) {
            $this->heat->find(substr($field, strlen(self::FOUND)), Plain::of($value));

            return;
        }
        match ($field) {
            'name' => $this->heat->rename(is_string($value) ? $value : null),
            'melted_on' => $this->heat->meltOn($value instanceof \DateTimeImmutable ? $value : null),
            'binned' => $this->heat->bin(true === $value ? $this->now : null),
            default => $this->heat->setValue($field, CommonFields::told($value)),
        };
    }

    /** The metal of every mould that was poured from it is another one now. */
    public function close(ValueReader $reader, string $pointer, \DateTimeImmutable $now): void
    {
        $share = static fn (?Measurement $part): float => $part?->si() ?? 0.0;
        $values = $this->heat->values();
        if ($share($values->measurement('metal.share_2')) + $share($values->measurement('metal.share_3')) > 1 + 1e-9) {
            $reader->refuse($pointer.'/set/metal.share_2', 'record.impossible', 'The parts of a charge come to more than all of it.');
        }
        $this->heat->touch($now);
        foreach ($this->notebook->pouredFrom($this->heat) as $attempt) {
            $attempt->summarise();
        }
    }

    /** @return array{from: string, to: string|null}|null */
    private function listening(string $id, mixed $raw, string $pointer, ValueReader $reader): ?array
    {
        if (null === $this->instruments->find($id, $this->heat->caster())) {
            $reader->refuse($pointer, 'instrument.unknown', 'There is no such instrument in your workshop.');

            return null;
        }
        if (null === $raw) {
            return null;
        }
        if (!isset($this->heat->listens()[$id]) && count($this->heat->listens()) >= self::MOST_LISTENED) {
            $reader->refuse($pointer, 'record.too_many', 'A melt listens to at most '.self::MOST_LISTENED.' instruments.');

            return null;
        }
        $raw = $reader->object($raw, $pointer);
        $reader->refuseUnknown($raw, ['from', 'to'], $pointer, 'record.unknown_part', 'This is not part of listening.');
        $from = self::told($raw['from'] ?? null);
        $to = self::told($raw['to'] ?? null);
        if (null === $from || $from < Seconds::FIRST || (null !== $to && $to <= $from)) {
            $reader->refuse($pointer.'/from', 'record.impossible', 'Say from when on, and until when after that, in seconds since 1970.');

            return null;
        }

        return ['from' => Seconds::words($from), 'to' => null === $to ? null : Seconds::words($to)];
    }

    /** A share of the pot, or how it is known. */
    private function foundIn(string $what, mixed $raw, string $pointer, ValueReader $reader): mixed
    {
        if ('by' === $what) {
            return null === $raw ? null : $reader->choice('lot_knowledge', $raw, $pointer);
        }
        if (1 !== preg_match('/^[A-Z][a-z]?$/', $what)) {
            return $reader->refuse($pointer, 'workshop.element', 'This is not the sign of an element, such as Si.');
        }
        if (!isset($this->heat->found()[$what]) && count($this->heat->found()) >= self::MOST_FOUND) {
            return $reader->refuse($pointer, 'workshop.too_many_elements', 'At most '.self::MOST_FOUND.' elements.');
        }
        if (is_string($raw) && 1 === preg_match('/^\s*\d+([.,]\d+)?\s*$/', $raw)) {
            $raw = "{$raw} %";
        }

        return $reader->measured($what, 'percent', [0, 100], null, $raw, $pointer);
    }

    private function listen(string $id, mixed $value): void
    {
        $from = is_array($value) ? self::told($value['from'] ?? null) : null;
        $this->heat->listenTo($id, null === $from ? null : ['from' => $from, 'to' => self::told($value['to'] ?? null)]);
    }

    private static function told(mixed $raw): ?float
    {
        return is_numeric($raw) && is_finite((float) $raw) && abs((float) $raw) < 1e11 ? (float) $raw : null;
    }
}
