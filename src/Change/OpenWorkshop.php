<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Notebook\KeptWorkshop;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\WorkshopReader;
use Symfony\Component\Uid\Uuid;

/** What a caster goes by in the workshop: "safe_lift", "currency", "school", and "tariffs." with a source of heat. */
final class OpenWorkshop implements OpenRecord
{
    public function __construct(private readonly KeptWorkshop $workshop, private readonly bool $new)
    {
    }

    public function isNew(): bool
    {
        return $this->new;
    }

    public function version(): int
    {
        return $this->workshop->version();
    }

    public function begunWith(): array
    {
        return [];
    }

    public function about(): Uuid
    {
        return $this->workshop->id();
    }

    public function read(string $field, mixed $raw, string $pointer, ValueReader $reader): mixed
    {
        return in_array($field, ['safe_lift', 'currency', 'school'], true) || str_starts_with($field, 'tariffs.')
            ? WorkshopReader::setting($field, $raw, $pointer, $reader)
            : CommonFields::unknown($pointer, $reader, 'a workshop');
    }

    public function stored(string $field): mixed
    {
        return str_starts_with($field, 'tariffs.')
            ? $this->tariffs()[substr($field, 8)] ?? null
            : $this->workshop->settings()[$field] ?? null;
    }

    public function keep(string $field, mixed $value): void
    {
        if (str_starts_with($field, 'tariffs.')) {
            $tariffs = array_filter([substr($field, 8) => $value] + $this->tariffs(), static fn (mixed $price): bool => null !== $price);
            $this->workshop->set('tariffs', [] === $tariffs ? null : $tariffs);
        } else {
            $this->workshop->set($field, Plain::of($value));
        }
    }

    public function close(ValueReader $reader, string $pointer, \DateTimeImmutable $now): void
    {
        $this->workshop->touch($now);
    }

    /** @return array<mixed> */
    private function tariffs(): array
    {
        $tariffs = $this->workshop->settings()['tariffs'] ?? [];

        return is_array($tariffs) ? $tariffs : [];
    }
}
