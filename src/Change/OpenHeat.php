<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\Uid\Uuid;

final class OpenHeat implements OpenRecord
{
    public function __construct(
        private readonly Heat $heat,
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
            null !== $value && $value->isOfTheHeat() => $reader->value($value, $raw, $pointer),
            null !== $value => $reader->refuse($pointer, 'record.not_of_the_heat', 'This belongs to the attempt, not to the melt.'),
            default => CommonFields::unknown($pointer, $reader, 'a heat'),
        };
    }

    public function stored(string $field): mixed
    {
        return match ($field) {
            'name' => $this->heat->name(),
            'melted_on' => Plain::of($this->heat->meltedOn()),
            'binned' => null !== $this->heat->binnedAt(),
            default => Plain::of($this->heat->values()->all()[$field] ?? null),
        };
    }

    public function keep(string $field, mixed $value): void
    {
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
}
