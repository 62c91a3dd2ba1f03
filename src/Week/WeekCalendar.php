<?php

declare(strict_types=1);

namespace MoltenNotes\App\Week;

use Sabre\VObject\Component\VCalendar;

/** A week as iCalendar (RFC 5545): what hands are wanted for as events, what dries or cools as events that take up no time. */
final class WeekCalendar
{
    private const ALONE = [
        'may' => '',
        'watched' => 'Somebody stays near while it goes on.',
        'never' => 'Hands stay on it all the time.',
    ];

    /** @param list<WeekTaskAnswer> $tasks */
    public static function of(array $tasks, float $now): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Molten Notes//Week//EN', 'X-WR-CALNAME' => 'Molten Notes']);
        foreach ($tasks as $task) {
            if ('done' === $task->state) {
                continue;
            }
            if ($task->handsUntil > $task->start && 'running' !== $task->state) {
                self::event($calendar, "{$task->key}/hands", $task->start, $task->handsUntil, $now, "{$task->label}: {$task->name}", [
                    $task->critical ? 'Nothing may slip here: the pour waits for it.' : 'At the latest '.self::time($task->latest).' UTC.',
                    self::ALONE[$task->alone] ?? '',
                ], true);
            }
            if ($task->runsUntil > $task->handsUntil) {
                $words = "{$task->label}, goes on by itself: {$task->name}";
                self::event($calendar, "{$task->key}/runs", $task->handsUntil, $task->runsUntil, $now, $words, [
                    self::ALONE[$task->alone] ?? '',
                ], false);
            }
            if ($task->through > $task->runsUntil) {
                $words = "{$task->label}, wait: {$task->name}";
                self::event($calendar, "{$task->key}/waits", $task->runsUntil, $task->through, $now, $words, [$task->why], false);
            }
        }

        return $calendar->serialize();
    }

    /** @param list<string> $said */
    private static function event(
        VCalendar $calendar,
        string $key,
        float $from,
        float $to,
        float $now,
        string $summary,
        array $said,
        bool $busy,
    ): void {
        $calendar->add('VEVENT', [
            'UID' => hash('xxh128', $key).'@molten-notes',
            'DTSTAMP' => self::moment($now),
            'DTSTART' => self::moment($from),
            'DTEND' => self::moment($to),
            'SUMMARY' => $summary,
            'DESCRIPTION' => implode(' ', array_filter($said)),
            'TRANSP' => $busy ? 'OPAQUE' : 'TRANSPARENT',
        ]);
    }

    private static function moment(float $at): \DateTimeImmutable
    {
        return new \DateTimeImmutable('@'.(int) $at);
    }

    private static function time(float $at): string
    {
        return self::moment($at)->format('j M, H:i');
    }
}
