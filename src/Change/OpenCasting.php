<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use Doctrine\DBAL\Connection;
use MoltenNotes\App\Notebook\Casting;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\Uid\Uuid;

final class OpenCasting implements OpenRecord
{
    private const MOST_WANTED = 10000;

    public function __construct(
        private readonly Casting $casting,
        private readonly bool $new,
        private readonly Connection $storage,
        private readonly \DateTimeImmutable $now,
    ) {
    }

    public function isNew(): bool
    {
        return $this->new;
    }

    public function version(): int
    {
        return $this->casting->version();
    }

    public function begunWith(): array
    {
        return [];
    }

    public function about(): Uuid
    {
        return $this->casting->id();
    }

    public function read(string $field, mixed $raw, string $pointer, ValueReader $reader): mixed
    {
        return match ($field) {
            'name' => self::name($raw, $pointer, $reader),
            'purpose' => null === $raw ? null : $reader->choice('purpose', $raw, $pointer),
            'wanted' => self::wanted($raw, $pointer, $reader),
            'note' => $reader->text($raw, $pointer),
            'binned' => $reader->mark($raw, $pointer),
            default => CommonFields::unknown($pointer, $reader, 'a casting'),
        };
    }

    public function stored(string $field): mixed
    {
        return match ($field) {
            'binned' => null !== $this->casting->binnedAt(),
            default => $this->casting->toAnswer()->jsonSerialize()[$field] ?? null,
        };
    }

    public function keep(string $field, mixed $value): void
    {
        match ($field) {
            'name' => $this->casting->rename(is_string($value) ? $value : ''),
            'purpose' => $this->casting->isFor(is_string($value) ? $value : null),
            'wanted' => $this->casting->want(is_int($value) ? $value : 1),
            'note' => $this->casting->remark(is_string($value) ? $value : null),
            default => $this->bin(true === $value),
        };
    }

    public function close(ValueReader $reader, string $pointer, \DateTimeImmutable $now): void
    {
        if ('' === $this->casting->name()) {
            $reader->refuse($pointer.'/set/name', 'casting.name', 'Give the casting a name of at most 120 characters.');
        }
        $this->casting->touch($now);
    }

    /** The attempts go with it, and those that went with it come back with it. */
    private function bin(bool $in): void
    {
        $this->storage->executeStatement(
            $in
                ? 'UPDATE attempt SET binned_at = ?, binned_with_casting = 1 WHERE casting_id = ? AND binned_at IS NULL'
                : 'UPDATE attempt SET binned_at = ?, binned_with_casting = 0 WHERE casting_id = ? AND binned_with_casting = 1',
            [$in ? $this->now->format('Y-m-d H:i:s') : null, $this->casting->id()->toBinary()],
        );
        $this->casting->bin($in ? $this->now : null);
    }

    private static function name(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        $name = CommonFields::name($raw, $pointer, $reader);
        if (null === $name) {
            $reader->refuse($pointer, 'casting.name', 'Give the casting a name of at most 120 characters.');
        }

        return $name;
    }

    private static function wanted(mixed $raw, string $pointer, ValueReader $reader): int
    {
        $wanted = is_string($raw) && 1 === preg_match('/^\s*\d{1,5}\s*$/', $raw) ? (int) trim($raw) : $raw;
        if (!is_int($wanted) || $wanted < 1 || $wanted > self::MOST_WANTED) {
            $reader->refuse($pointer, 'casting.wanted', 'Say how many you want, from 1 to '.self::MOST_WANTED.'.');

            return 1;
        }

        return $wanted;
    }
}
