<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\Measurement;

/** A set of named values, each of the kind its field asks for. A value that is not there is unknown, never zero. */
final readonly class Values
{
    /** @param array<string, Measurement|Sections|string|int|bool> $values */
    private function __construct(private array $values)
    {
    }

    /** @param array<string, Measurement|Sections|string|int|bool> $values already read by ValueReader */
    public static function of(array $values): self
    {
        return new self($values);
    }

    /** Nothing told. */
    public static function none(): self
    {
        return new self([]);
    }

    /** @param FieldKey $key */
    public function get(string $key): Measurement|Sections|string|int|bool|null
    {
        return $this->values[$key] ?? null;
    }

    /** @param FieldKey $key */
    public function measurement(string $key): ?Measurement
    {
        $value = $this->get($key);

        return $value instanceof Measurement ? $value : null;
    }

    /** @param FieldKey $key */
    public function choice(string $key): ?string
    {
        $value = $this->get($key);

        return is_string($value) ? $value : null;
    }

    /** @param FieldKey $key */
    public function count(string $key): ?int
    {
        $value = $this->get($key);

        return is_int($value) ? $value : null;
    }

    /** @param FieldKey $key */
    public function flag(string $key): ?bool
    {
        $value = $this->get($key);

        return is_bool($value) ? $value : null;
    }

    /** Null when the casting is not described in sections. */
    public function sections(): ?Sections
    {
        $value = $this->get('casting.sections');

        return $value instanceof Sections ? $value : null;
    }

    /** @param FieldKey $key */
    public function has(string $key): bool
    {
        return isset($this->values[$key]);
    }

    /** These values, with the other's wherever it has one. */
    public function overlaidBy(self $other): self
    {
        return new self(array_merge($this->values, $other->values));
    }

    /** Without what belongs to another process than the one named: it was written down, and is kept, but says nothing of this mould. */
    public function ofItsProcess(): self
    {
        $process = $this->choice('mould.process');

        return new self(
            array_filter(
                $this->values,
                static fn (string $key): bool => Fields::find($key)?->belongsTo($process) ?? true,
                \ARRAY_FILTER_USE_KEY,
            ),
        );
    }

    /** @param FieldKey $key */
    public function with(string $key, Measurement|Sections|string|int|bool $value): self
    {
        return new self([$key => $value] + $this->values);
    }

    /** @param FieldKey $key */
    public function without(string $key): self
    {
        return new self(array_diff_key($this->values, [$key => true]));
    }

    /** @return array<string, Measurement|Sections|string|int|bool> */
    public function all(): array
    {
        return $this->values;
    }

    /** @return array<string, array{value: float, unit: string, upper?: float}|list<array<string, mixed>>|string|int|bool> */
    public function toArray(): array
    {
        return array_map(
            static fn (Measurement|Sections|string|int|bool $value): array|string|int|bool => $value instanceof Measurement
            || $value instanceof Sections
                ? $value->toArray()
                : $value,
            $this->values,
        );
    }
}
