<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Attempt;

use MoltenNotes\Core\Quantity\Nearest;
use MoltenNotes\Core\Record\ValueReader;

/** Reads one finding; the same door for documents and for requests. */
final class FindingReader
{
    private const PARTS = ['kind', 'places', 'looks', 'shown_at', 'severity', 'note', 'section', 'pieces', 'number'];
    /** As many castings, gates and vents as a pour may have. */
    private const MOST = 500;

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
            self::section($raw['section'] ?? null, $pointer.'/section', $reader),
            self::pieces($raw['pieces'] ?? null, $pointer.'/pieces', $reader),
            self::number($raw['number'] ?? null, $pointer.'/number', $reader),
        );
    }

    /** Id of a section as it stands in the record; null for none, or when it was refused. */
    public static function section(mixed $raw, string $pointer, ValueReader $reader): ?string
    {
        if (null === $raw || '' === $raw) {
            return null;
        }
        if (is_string($raw) && 1 === preg_match('/^[\w-]{1,40}$/D', $raw)) {
            return $raw;
        }

        return $reader->refuse($pointer, 'record.unknown_code', 'This is not a section of the casting.');
    }

    /**
     * Numbers of the castings of one pour, each once, in order.
     *
     * @return list<int> empty for none told, or when it was refused
     */
    public static function pieces(mixed $raw, string $pointer, ValueReader $reader): array
    {
        if (null === $raw || [] === $raw) {
            return [];
        }
        $numbers = [];
        foreach (is_array($raw) && array_is_list($raw) ? $raw : [null] as $number) {
            if (!is_int($number) || $number < 1 || $number > self::MOST) {
                $reader->refuse($pointer, 'record.not_a_count', 'These must be numbers of castings of this pour, from 1 on.');

                return [];
            }
            $numbers[$number] = $number;
        }
        sort($numbers);

        return $numbers;
    }

    /** Number of a gate or vent from 1 on; null for none, or when it was refused. */
    public static function number(mixed $raw, string $pointer, ValueReader $reader): ?int
    {
        if (null === $raw || '' === $raw) {
            return null;
        }
        if (is_int($raw) && $raw >= 1 && $raw <= self::MOST) {
            return $raw;
        }

        return $reader->refuse($pointer, 'record.not_a_count', 'This must be a whole number from 1 on, counted from the sprue.');
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
