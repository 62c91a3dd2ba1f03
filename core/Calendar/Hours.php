<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Calendar;

/**
 * When somebody works in a week: for each day "18:30-21:30", several parted by commas, blank for never. Read into windows from a minute on.
 *
 * Clock times of one place; what a change to summer time moves is moved with it by the offset told for each day.
 */
final readonly class Hours
{
    /** Monday to Sunday. */
    public const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
    /** Where nobody said: evenings and the weekend. The founders' own. */
    public const USUAL = [
        'mon' => '19:00-21:30', 'tue' => '19:00-21:30', 'wed' => '19:00-21:30', 'thu' => '19:00-21:30', 'fri' => '19:00-21:30',
        'sat' => '9:00-18:00', 'sun' => '9:00-18:00',
    ];
    private const MOST_DAYS = 120;
    private const A_DAY = 1440;

    /** @param array<string, list<array{int, int}>> $days day → from and to in minutes of the day */
    private function __construct(private array $days)
    {
    }

    /**
     * @param array<string, string> $told day → as it is typed; what is left out is as usual where nothing at all is told, else never
     *
     * @return self|string the day whose hours cannot be read
     */
    public static function read(array $told): self|string
    {
        $days = [];
        foreach (self::DAYS as $day) {
            $days[$day] = [];
            $text = trim([] === $told ? self::USUAL[$day] : $told[$day] ?? '');
            foreach ('' === $text ? [] : explode(',', $text) as $part) {
                $span = self::span(trim($part));
                if (null === $span) {
                    return $day;
                }
                $days[$day][] = $span;
            }
            sort($days[$day]);
            for ($i = 1; $i < count($days[$day]); ++$i) {
                if ($days[$day][$i][0] < $days[$day][$i - 1][1]) {
                    return $day;
                }
            }
        }

        return new self($days);
    }

    /**
     * Windows from the day of a minute on.
     *
     * @param int $from minutes since 1970
     * @param callable(int): int $offset minutes that the clock on the wall is ahead of Greenwich at such a minute
     * @param int $people 1 or more
     */
    public function windows(int $from, callable $offset, int $people): Windows
    {
        $windows = [];
        $first = intdiv($from + $offset($from), self::A_DAY) - 1;
        for ($day = $first; $day < $first + self::MOST_DAYS; ++$day) {
            // The first of January 1970 was a Thursday.
            foreach ($this->days[self::DAYS[(($day + 3) % 7 + 7) % 7]] as [$begins, $ends]) {
                $wall = $day * self::A_DAY;
                $start = $wall + $begins - $offset($wall + $begins);
                $end = $wall + $ends - $offset($wall + $ends);
                if ($end > $start && $end > $from) {
                    $windows[] = [$start, $end, $people];
                }
            }
        }

        return new Windows($windows);
    }

    /** @return array{int, int}|null */
    private static function span(string $part): ?array
    {
        if (1 !== preg_match('/^(\d{1,2})(?:[:.](\d{2}))?\s*(?:-|–|to)\s*(\d{1,2})(?:[:.](\d{2}))?$/', $part, $m)) {
            return null;
        }
        $from = 60 * (int) $m[1] + (int) $m[2];
        $to = 60 * (int) $m[3] + (int) ($m[4] ?? 0);
        $minutes = max((int) $m[2], (int) ($m[4] ?? 0));

        return $minutes < 60 && $from < $to && $to <= self::A_DAY ? [$from, $to] : null;
    }
}
