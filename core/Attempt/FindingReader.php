<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Attempt;

use MoltenNotes\Core\Quantity\Nearest;
use MoltenNotes\Core\Record\ValueReader;

/** Reads one finding; the same door for documents and for requests. */
final class FindingReader
{
    private const PARTS = ['kind', 'places', 'looks', 'shown_at', 'severity', 'note'];

    /** Null when it was refused; the reader then holds why. */
    public static function read(mixed $raw, string $pointer, ValueReader $reader, Vocabulary $vocabulary): ?Finding
    {
        if (!is_array($raw)) {
            $reader->refuse($pointer, 'record.not_an_object', 'A finding is an object with its kind.');

            return null;
        }
        $reader->refuseUnknown($raw, self::PARTS, $pointer, 'record.unknown_part', 'This is not part of a finding.');
        $kind = $raw['kind'] ?? null;
        if (!is_string($kind) || !isset($vocabulary->defects[$kind])) {
            $shown = is_string($kind) ? mb_substr(mb_scrub($kind), 0, 40) : gettype($kind);
            $suggestion = Nearest::to($shown, array_keys($vocabulary->defects));
            $reader->refuse(
                $pointer.'/kind',
                'record.unknown_code',
                null === $kind
                    ? 'Say what kind of defect it is.'
                    : "“{$shown}” is not a defect we know.".(null === $suggestion ? '' : " Did you mean {$suggestion}?"),
            );

            return null;
        }

        return new Finding(
            $kind,
            self::codes('place', $raw['places'] ?? [], $pointer.'/places', $reader),
            self::codes('look', $raw['looks'] ?? [], $pointer.'/looks', $reader),
            isset($raw['shown_at']) ? $reader->choice('shown_at', $raw['shown_at'], $pointer.'/shown_at') : null,
            isset($raw['severity']) ? $reader->choice('severity', $raw['severity'], $pointer.'/severity') : null,
            $reader->text($raw['note'] ?? null, $pointer.'/note'),
        );
    }

    /** @return list<string> */
    private static function codes(string $list, mixed $raw, string $pointer, ValueReader $reader): array
    {
        if (!is_array($raw) || !array_is_list($raw)) {
            $reader->refuse($pointer, 'record.not_a_list', 'This must be a list.');

            return [];
        }
        $codes = [];
        foreach ($raw as $index => $code) {
            $codes[] = $reader->choice($list, $code, "{$pointer}/{$index}");
        }

        return array_values(array_unique(array_filter($codes, static fn (?string $code): bool => null !== $code)));
    }
}
