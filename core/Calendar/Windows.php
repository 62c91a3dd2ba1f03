<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Calendar;

/** When somebody works: evenings and weekends, each with how many people there are. Minutes, in the order of time, none over another. */
final readonly class Windows
{
    /** @param list<array{int, int, int}> $windows from, to, people; people 1 or more */
    public function __construct(public array $windows)
    {
    }

    /**
     * The window in which something of this length can begin at this minute or after it.
     *
     * @return array{int, int, int}|null
     */
    public function from(int $minute, int $length): ?array
    {
        $low = 0;
        $high = count($this->windows);
        while ($low < $high) {
            $half = ($low + $high) >> 1;
            if ($this->windows[$half][1] - $length < $minute) {
                $low = $half + 1;
            } else {
                $high = $half;
            }
        }
        for ($i = $low; $i < count($this->windows); ++$i) {
            if ($this->windows[$i][1] - max($minute, $this->windows[$i][0]) >= $length) {
                return $this->windows[$i];
            }
        }

        return null;
    }

    /**
     * The window in which something of this length can end at this minute or before it.
     *
     * @return array{int, int, int}|null
     */
    public function until(int $minute, int $length): ?array
    {
        $low = 0;
        $high = count($this->windows);
        while ($low < $high) {
            $half = ($low + $high) >> 1;
            if ($this->windows[$half][0] + $length <= $minute) {
                $low = $half + 1;
            } else {
                $high = $half;
            }
        }
        for ($i = $low - 1; $i >= 0; --$i) {
            if (min($minute, $this->windows[$i][1]) - $this->windows[$i][0] >= $length) {
                return $this->windows[$i];
            }
        }

        return null;
    }

    /**
     * The first window that begins after the one this minute lies in, or after the minute.
     *
     * @return array{int, int, int}|null
     */
    public function next(int $minute): ?array
    {
        foreach ($this->windows as $window) {
            if ($window[0] > $minute) {
                return $window;
            }
        }

        return null;
    }

    /** The longest there is, minutes; 0 where there is none. */
    public function longest(): int
    {
        return max([0, ...array_map(static fn (array $window): int => $window[1] - $window[0], $this->windows)]);
    }
}
