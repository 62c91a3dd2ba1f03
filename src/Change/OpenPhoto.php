<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Notebook\Photo;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\Uid\Uuid;

/** Fields of a photo: its caption, and "pin.…" with the id of a finding that shows on it. */
final class OpenPhoto implements OpenRecord
{
    private const PIN = 'pin.';

    public function __construct(private readonly Photo $photo, private readonly \DateTimeImmutable $now)
    {
    }

    public function isNew(): bool
    {
        return false;
    }

    public function version(): int
    {
        return $this->photo->version();
    }

    public function begunWith(): array
    {
        return [];
    }

    public function about(): Uuid
    {
        return $this->photo->attempt()->id();
    }

    public function read(string $field, mixed $raw, string $pointer, ValueReader $reader): mixed
    {
        return match (true) {
            'caption' === $field => $reader->text($raw, $pointer),
            'binned' === $field => $reader->mark($raw, $pointer),
            str_starts_with($field, self::PIN) => $this->place(substr($field, strlen(self::PIN)), $raw, $pointer, $reader),
            default => CommonFields::unknown($pointer, $reader, 'a photo'),
        };
    }

    public function stored(string $field): mixed
    {
        return match (true) {
            'caption' === $field => $this->photo->caption(),
            'binned' === $field => null !== $this->photo->binnedAt(),
            default => $this->photo->pins()[substr($field, strlen(self::PIN))] ?? null,
        };
    }

    public function keep(string $field, mixed $value): void
    {
        match (true) {
            'caption' === $field => $this->photo->describe(is_string($value) ? $value : null),
            'binned' === $field => $this->photo->bin(true === $value ? $this->now : null),
            default => $this->photo->pin(substr($field, strlen(self::PIN)), self::shares($value)),
        };
    }

    public function close(ValueReader $reader, string $pointer, \DateTimeImmutable $now): void
    {
        $this->photo->touch($now);
    }

    /** @return array{x: float, y: float}|null */
    private function place(string $finding, mixed $raw, string $pointer, ValueReader $reader): ?array
    {
        if (null === $raw) {
            return null;
        }
        $there = false;
        foreach ($this->photo->attempt()->findings() as $one) {
            $there = $there || $one->id()->toRfc4122() === $finding;
        }
        if (!$there) {
            return $reader->refuse($pointer, 'record.not_found', 'There is no such finding on this attempt.');
        }
        $raw = $reader->object($raw, $pointer);
        $reader->refuseUnknown($raw, ['x', 'y'], $pointer, 'record.unknown_part', 'This is not part of a pin.');

        return self::shares($raw) ?? $reader->refuse($pointer, 'record.impossible', 'A pin lies on the photo: x and y from 0 to 1.');
    }

    /** @return array{x: float, y: float}|null */
    private static function shares(mixed $value): ?array
    {
        $x = is_array($value) ? $value['x'] ?? null : null;
        $y = is_array($value) ? $value['y'] ?? null : null;
        $is = static fn (mixed $one): bool => (is_float($one) || is_int($one)) && $one >= 0 && $one <= 1;

        return $is($x) && $is($y) && is_numeric($x) && is_numeric($y) ? ['x' => round((float) $x, 4), 'y' => round((float) $y, 4)] : null;
    }
}
