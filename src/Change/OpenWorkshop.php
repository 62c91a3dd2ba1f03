<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Notebook\KeptWorkshop;
use MoltenNotes\App\Notebook\WeekSettings;
use MoltenNotes\Core\Cost\Rates;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\WorkshopReader;
use Symfony\Component\Uid\Uuid;

/**
 * What a caster goes by in the workshop: "safe_lift", "currency", "school", "tariffs." with a source of heat, "costs." with tax, fees or
 * an hour, and "week." with a day or with what else a week is planned by.
 */
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
        if (str_starts_with($field, 'week.')) {
            return WeekSettings::read(substr($field, 5), $raw, $pointer, $reader);
        }

        if (str_starts_with($field, 'costs.')) {
            return in_array(substr($field, 6), Rates::SETTINGS, true)
                ? Rates::setting(substr($field, 6), $raw, $pointer, $reader)
                : CommonFields::unknown($pointer, $reader, 'a workshop');
        }

        return in_array($field, ['safe_lift', 'currency', 'school'], true) || str_starts_with($field, 'tariffs.')
            ? WorkshopReader::setting($field, $raw, $pointer, $reader)
            : CommonFields::unknown($pointer, $reader, 'a workshop');
    }

    public function stored(string $field): mixed
    {
        $parts = explode('.', $field, 2);

        return 2 === count($parts)
            ? $this->group($parts[0])[$parts[1]] ?? null
            : $this->workshop->settings()[$field] ?? null;
    }

    public function keep(string $field, mixed $value): void
    {
        $parts = explode('.', $field, 2);
        if (2 === count($parts)) {
            $group = array_filter(
                [$parts[1] => Plain::of($value)] + $this->group($parts[0]),
                static fn (mixed $one): bool => null !== $one,
            );
            $this->workshop->set($parts[0], [] === $group ? null : $group);
        } else {
            $this->workshop->set($field, Plain::of($value));
        }
    }

    public function close(ValueReader $reader, string $pointer, \DateTimeImmutable $now): void
    {
        $this->workshop->touch($now);
    }

    /** @return array<mixed> */
    private function group(string $name): array
    {
        $group = $this->workshop->settings()[$name] ?? [];

        return is_array($group) ? $group : [];
    }
}
