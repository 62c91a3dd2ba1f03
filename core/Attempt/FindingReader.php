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
        $kind = self::kind($raw['kind'] ?? null, $pointer.'/kind', $reader, $vocabulary);
        if (null === $kind) {
            return null;
        }

        return new Finding(
            $kind,
            $reader->choices('place', $raw['places'] ?? null, $pointer.'/places'),
            $reader->choices('look', $raw['looks'] ?? null, $pointer.'/looks'),
            isset($raw['shown_at']) ? $reader->choice('shown_at', $raw['shown_at'], $pointer.'/shown_at') : null,
            isset($raw['severity']) ? $reader->choice('severity', $raw['severity'], $pointer.'/severity') : null,
            $reader->text($raw['note'] ?? null, $pointer.'/note'),
        );
    }

    /** Code of a defect; null when it was refused, blank among it. */
    public static function kind(mixed $raw, string $pointer, ValueReader $reader, Vocabulary $vocabulary): ?string
    {
        if (is_string($raw) && isset($vocabulary->defects[$raw])) {
            return $raw;
        }
        $shown = is_string($raw) ? mb_substr(mb_scrub($raw), 0, 40) : gettype($raw);
        $suggestion = Nearest::to($shown, array_keys($vocabulary->defects));
        $reader->refuse(
            $pointer,
            'record.unknown_code',
            null === $raw
                ? 'Say what kind of defect it is.'
                : "“{$shown}” is not a defect we know.".(null === $suggestion ? '' : " Did you mean {$suggestion}?"),
        );

        return null;
    }
}
