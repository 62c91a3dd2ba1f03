<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\RecordedFinding;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\Core\Attempt\Finding;
use MoltenNotes\Core\Attempt\FindingReader;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\Uid\Uuid;

final class OpenFinding implements OpenRecord
{
    /** @var array<string, mixed> */
    private array $changed = [];

    public function __construct(
        private readonly RecordedFinding $finding,
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
        return $this->finding->version();
    }

    public function begunWith(): array
    {
        return [];
    }

    public function about(): Uuid
    {
        return $this->finding->attempt()->id();
    }

    public function read(string $field, mixed $raw, string $pointer, ValueReader $reader): mixed
    {
        return match ($field) {
            'kind' => FindingReader::kind($raw, $pointer, $reader, Vocabulary::standard()),
            'places' => $reader->choices('place', $raw, $pointer),
            'looks' => $reader->choices('look', $raw, $pointer),
            'shown_at', 'severity' => null === $raw ? null : $reader->choice($field, $raw, $pointer),
            'note' => $reader->text($raw, $pointer),
            'section' => FindingReader::section($raw, $pointer, $reader),
            'pieces' => FindingReader::pieces($raw, $pointer, $reader),
            'number' => FindingReader::number($raw, $pointer, $reader),
            'attempt' => $this->attempt($raw, $pointer, $reader),
            'binned' => $reader->mark($raw, $pointer),
            default => CommonFields::unknown($pointer, $reader, 'a finding'),
        };
    }

    public function stored(string $field): mixed
    {
        return match ($field) {
            'attempt' => $this->finding->attempt()->id()->toRfc4122(),
            'binned' => null !== $this->finding->binnedAt(),
            default => match (true) {
                array_key_exists($field, $this->changed) => $this->changed[$field],
                $this->new && 'kind' === $field => null,
                default => $this->finding->toAnswer()->jsonSerialize()[$field] ?? null,
            },
        };
    }

    public function keep(string $field, mixed $value): void
    {
        match ($field) {
            'attempt' => $value instanceof Attempt ? $this->finding->moveTo($value) : null,
            'binned' => $this->finding->bin(true === $value ? $this->now : null),
            default => ($this->changed[$field] = $value),
        };
    }

    public function close(ValueReader $reader, string $pointer, \DateTimeImmutable $now): void
    {
        if ($this->new && null === ($this->changed['kind'] ?? null)) {
            $reader->refuse($pointer.'/set/kind', 'record.unknown_code', 'Say what kind of defect it is.');

            return;
        }
        $is = $this->changed + $this->finding->toAnswer()->jsonSerialize();
        $codes = static fn (mixed $list): array => is_array($list) ? array_values(array_filter($list, is_string(...))) : [];
        $words = static fn (mixed $text): ?string => is_string($text) ? $text : null;
        $this->finding->change(
            new Finding(
                $words($is['kind']) ?? '',
                $codes($is['places']),
                $codes($is['looks']),
                $words($is['shown_at']),
                $words($is['severity']),
                $words($is['note']),
                $words($is['section']),
                is_array($is['pieces']) ? array_values(array_filter($is['pieces'], is_int(...))) : [],
                is_int($is['number']) ? $is['number'] : null,
            ),
        );
        $this->finding->touch($now);
    }

    private function attempt(mixed $raw, string $pointer, ValueReader $reader): ?Attempt
    {
        try {
            return $this->notebook->attempt(is_string($raw) ? $raw : '', $this->finding->attempt()->caster());
        } catch (RecordNotFound) {
            $reader->refuse($pointer, 'record.not_found', 'There is no such attempt in this notebook.');

            return null;
        }
    }
}
