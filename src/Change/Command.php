<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;

/**
 * What a device asks to be changed, as one: all of it is kept or nothing. The device makes the id, so that the same command sent twice is
 * one
 * command, whatever got lost on the way.
 */
final readonly class Command
{
    private const MOST_PARTS = 300;
    private const MOST_FIELDS = 400;
    private const KEYS = ['id', 'made_at', 'undoes', 'changes'];

    /** @param list<PartChange> $changes */
    private function __construct(
        public Uuid $id,
        public \DateTimeImmutable $madeAt,
        public ?Uuid $undoes,
        public array $changes,
        public string $fingerprint,
    ) {
    }

    /** @param array<string, mixed> $body */
    public static function read(array $body, ValueReader $reader, \DateTimeImmutable $now): self
    {
        $reader->refuseUnknown($body, self::KEYS, '', 'record.unknown_part', 'This is not part of a command.');
        $id = self::id($body['id'] ?? null, '/id', $reader);
        if (null !== $id && !($id instanceof UuidV7)) {
            $reader->refuse('/id', 'record.id', 'A command needs a UUID of version 7.');
        }
        $changes = [];
        $raw = $body['changes'] ?? null;
        if (!is_array($raw) || !array_is_list($raw) || [] === $raw || count($raw) > self::MOST_PARTS) {
            $reader->refuse('/changes', 'record.not_a_list', 'This must be a list of 1 to '.self::MOST_PARTS.' changes.');
            $raw = [];
        }
        foreach ($raw as $index => $change) {
            $changes[] = self::change($change, "/changes/{$index}", $reader);
        }
        $madeAt = self::moment($body['made_at'] ?? null, $reader, $now);
        $undoes = isset($body['undoes']) ? self::id($body['undoes'], '/undoes', $reader) : null;
        $reader->insist();

        return new self(
            $id ?? Uuid::v7(),
            $madeAt,
            $undoes,
            array_values(array_filter($changes)),
            hash('xxh128', json_encode($body['changes'] ?? null, \JSON_THROW_ON_ERROR), true),
        );
    }

    private static function change(mixed $raw, string $pointer, ValueReader $reader): ?PartChange
    {
        $raw = $reader->object($raw, $pointer);
        $reader->refuseUnknown($raw, ['part', 'id', 'create', 'set'], $pointer, 'record.unknown_part', 'This is not part of a change.');
        $part = is_string($raw['part'] ?? null) ? Part::tryFrom($raw['part']) : null;
        if (null === $part) {
            $reader->refuse(
                $pointer.'/part',
                'record.unknown_choice',
                'A change is of a casting, attempt, heat, finding, photo, workshop_row, movement or workshop.',
            );
        }
        $id = self::id($raw['id'] ?? null, $pointer.'/id', $reader);
        $create = isset($raw['create']) ? $reader->object($raw['create'], $pointer.'/create') : null;
        if (null !== $create && null !== $id && Part::Workshop !== $part && !($id instanceof UuidV7)) {
            $reader->refuse($pointer.'/id', 'record.id', 'A new record needs a UUID of version 7.');
        }
        $fields = $reader->object($raw['set'] ?? [], $pointer.'/set');
        if (count($fields) > self::MOST_FIELDS) {
            $reader->refuse($pointer.'/set', 'record.too_many_fields', 'At most '.self::MOST_FIELDS.' fields at once.');
            $fields = [];
        }
        $set = [];
        foreach ($fields as $field => $change) {
            $at = $pointer.'/set/'.ValueReader::escape((string) $field);
            $change = $reader->object($change, $at, 'A field is given as {"was": …, "to": …}.');
            $reader->refuseUnknown(
                $change,
                ['was', 'to'],
                $at,
                'record.unknown_part',
                'A field has only what it was and what it is to be.',
            );
            if (!array_key_exists('to', $change)) {
                $reader->refuse($at.'/to', 'command.nothing_to_set', 'Say what the field is to be; null is blank.');
            }
            $set[(string) $field] = new FieldChange($change['was'] ?? null, $change['to'] ?? null, $at);
        }

        return null === $part || null === $id
            ? null
            : new PartChange($part, $id, null === $create ? null : self::named($create), $set, $pointer);
    }

    /**
     * @param array<mixed> $raw
     *
     * @return array<string, mixed>
     */
    private static function named(array $raw): array
    {
        $named = [];
        foreach ($raw as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }

    private static function id(mixed $raw, string $pointer, ValueReader $reader): ?Uuid
    {
        if (is_string($raw) && Uuid::isValid($raw)) {
            return Uuid::fromString($raw);
        }
        $reader->refuse($pointer, 'record.id', 'This must be a UUID.');

        return null;
    }

    /** The device's own time; a clock that is wrong is no reason to refuse what was typed, so only its form is asked for. */
    private static function moment(mixed $raw, ValueReader $reader, \DateTimeImmutable $now): \DateTimeImmutable
    {
        if (null === $raw) {
            return $now;
        }
        $parsed =
            is_string($raw) && 1 === preg_match('/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,6})?(Z|[+-]\d{2}:\d{2})$/', $raw)
                ? date_create_immutable($raw)
                : false;
        if (false === $parsed) {
            $reader->refuse('/made_at', 'record.not_a_moment', 'This must be a moment such as 2026-05-03T17:40:00Z.');

            return $now;
        }
        $year = (int) $parsed->format('Y');

        // What the column cannot hold is a clock that was never set.
        return $year < 1970 || $year > 2200 ? $now : $parsed->setTimezone(new \DateTimeZone('UTC'));
    }
}
