<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\App\Shared\Seconds;
use MoltenNotes\Core\Instrument\InstrumentKind;
use MoltenNotes\Core\Instrument\ReadingLine;
use MoltenNotes\Core\Record\FieldProblem;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Readings as an instrument sends them: lines of "time,value,unit", or JSON. What can be read is taken; each of the others is told with its
 * place, so that one torn line does not lose the rest. docs/formats/readings.md describes both for makers.
 */
final readonly class ReadingsBody
{
    private const MOST_READINGS = 10_000;
    private const MOST_BYTES = 1_000_000;
    private const MOST_FAULTS = 20;
    /** How far a clock may run ahead of the notebook's. */
    private const AHEAD_S = 120.0;

    /**
     * @param list<ReadingLine> $readings
     * @param list<FieldProblem> $faults
     */
    private function __construct(public array $readings, public array $faults, public bool $simulated)
    {
    }

    /** @throws HttpException when the body is no such thing at all, or too large */
    public static function of(Request $request, InstrumentKind $kind, float $now): self
    {
        $content = $request->getContent();
        if (strlen($content) > self::MOST_BYTES) {
            throw new HttpException(413, 'Body too large.');
        }

        return str_contains((string) $request->headers->get('Content-Type'), 'json')
            ? self::json(JsonBody::of($request), $kind, $now)
            : self::csv($content, $kind, $now);
    }

    /** @throws HttpException with more readings than are taken at a time */
    public static function csv(string $content, InstrumentKind $kind, float $now): self
    {
        // What is no text is told back as a mark for it: bytes that are no letters would break the answer.
        $lines = preg_split('/\r\n|\n|\r/', mb_scrub(ltrim($content, "\xEF\xBB\xBF")));
        $rows = [];
        $simulated = false;
        $head = null;
        foreach (false === $lines ? [] : $lines as $number => $line) {
            $line = trim($line);
            if ('' === $line) {
                continue;
            }
            if (str_starts_with($line, '#')) {
                $simulated = $simulated || 1 === preg_match('/^#\s*simulated/i', $line);
                continue;
            }
            // Where a comma is the decimal sign, columns are parted by semicolons or tabs.
            $by = match (true) {
                str_contains($line, ';') => ';',
                str_contains($line, "\t") => "\t",
                default => ',',
            };
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), str_getcsv($line, $by, '"', ''));
            if (null === $head && [] === $rows && 1 === preg_match('/^[a-z]/i', $cells[0]) && null === self::time($cells[0], $now)) {
                $head = self::columns($cells);
                continue;
            }
            $rows['/'.($number + 1)] = self::cells($cells, $head);
        }

        return self::read($rows, $kind, $now, $simulated);
    }

    /** @param array<string, mixed> $body */
    private static function json(array $body, InstrumentKind $kind, float $now): self
    {
        $list = $body['readings'] ?? null;
        if (!is_array($list) || !array_is_list($list)) {
            throw new HttpException(400, 'Send {"readings": [{"time": …, "value": …, "unit": …}]}.');
        }
        $rows = [];
        foreach ($list as $index => $row) {
            $rows["/readings/{$index}"] = is_array($row)
                ? ['time' => $row['time'] ?? null, 'value' => $row['value'] ?? null, 'unit' => $row['unit'] ?? null]
                : ['time' => null, 'value' => null, 'unit' => null];
        }

        return self::read($rows, $kind, $now, true === ($body['simulated'] ?? false));
    }

    /** @param array<string, array{time: mixed, value: mixed, unit: mixed}> $rows */
    private static function read(array $rows, InstrumentKind $kind, float $now, bool $simulated): self
    {
        if (count($rows) > self::MOST_READINGS) {
            throw new HttpException(413, 'At most '.self::MOST_READINGS.' readings at a time.');
        }
        $readings = [];
        $faults = [];
        $fault = static function (string $pointer, string $code, string $words) use (&$faults): void {
            if (count($faults) < self::MOST_FAULTS) {
                $faults[] = new FieldProblem($pointer, $code, $words);
            }
        };
        foreach ($rows as $pointer => $row) {
            $at = self::time($row['time'], $now);
            $value = self::number($row['value']);
            $unit = is_string($row['unit']) && '' !== $row['unit'] ? mb_substr($row['unit'], 0, 20) : null;
            if (null === $at) {
                $fault("{$pointer}/time", 'reading.time', 'The time is an ISO date with its zone, or seconds since 1970.');
            } elseif ($at < Seconds::FIRST || $at > $now + self::AHEAD_S) {
                $shown = gmdate('Y-m-d H:i', (int) max(-1e11, min(1e11, $at)));
                $fault("{$pointer}/time", 'reading.clock', "The clock of the instrument is off: it says {$shown} UTC.");
            } elseif (null === $value) {
                $fault("{$pointer}/value", 'reading.value', 'The value is a number.');
            } else {
                $read = $kind->reading($value, $unit);
                if (is_string($read)) {
                    $fault("{$pointer}/value", 'reading.impossible', $read);
                } else {
                    $readings[] = new ReadingLine($at, $read);
                }
            }
        }

        return new self($readings, $faults, $simulated);
    }

    /** Seconds since 1970; blank is now. */
    private static function time(mixed $raw, float $now): ?float
    {
        if (null === $raw || '' === $raw) {
            return $now;
        }
        $number = self::number($raw);
        if (null !== $number) {
            // Milliseconds are what many clocks count in.
            return $number > 1e11 ? $number / 1000 : $number;
        }
        if (!is_string($raw) || 1 !== preg_match('/^\d{4}-\d\d-\d\d[T ]\d\d:\d\d(:\d\d(\.\d{1,6})?)?(Z|[+-]\d\d:?\d\d)$/i', $raw)) {
            return null;
        }
        try {
            return (float) (new \DateTimeImmutable($raw))->format('U.u');
        } catch (\DateMalformedStringException) {
            return null;
        }
    }

    private static function number(mixed $raw): ?float
    {
        if (is_int($raw) || is_float($raw)) {
            return (float) $raw;
        }
        $plain = is_string($raw) ? str_replace(',', '.', trim($raw)) : '';

        return 1 === preg_match('/^[+-]?\d+(\.\d+)?([eE][+-]?\d+)?$/', $plain) ? (float) $plain : null;
    }

    /**
     * Which cell is what, from a head line: "time,temperature" or "time,value,unit"; a unit in brackets holds for its column.
     *
     * @param list<string> $cells
     *
     * @return array{time: int, value: int, unit: int|null, of: string|null}
     */
    private static function columns(array $cells): array
    {
        $time = 0;
        $unit = null;
        $of = null;
        foreach ($cells as $index => $cell) {
            if (1 === preg_match('/^(time|at|date|timestamp|zeit)/i', $cell)) {
                $time = $index;
            } elseif (1 === preg_match('/^units?$/i', $cell)) {
                $unit = $index;
            }
        }
        $value = 0 === $time ? 1 : 0;
        if (1 === preg_match('/[(\[]\s*([^)\]]+?)\s*[)\]]/', $cells[$value] ?? '', $match)) {
            $of = $match[1];
        }

        return ['time' => $time, 'value' => $value, 'unit' => $unit, 'of' => $of];
    }

    /**
     * @param list<string> $cells
     * @param array{time: int, value: int, unit: int|null, of: string|null}|null $head
     *
     * @return array{time: mixed, value: mixed, unit: mixed}
     */
    private static function cells(array $cells, ?array $head): array
    {
        $head ??= ['time' => 0, 'value' => 1, 'unit' => 2, 'of' => null];
        $unit = null === $head['unit'] ? '' : $cells[$head['unit']] ?? '';

        return [
            'time' => $cells[$head['time']] ?? '-',
            'value' => $cells[$head['value']] ?? '',
            'unit' => '' === $unit ? $head['of'] : $unit,
        ];
    }
}
