<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared;

/** Moments as devices tell them: seconds since 1970. */
final class Seconds
{
    /** The first of January 2000: a clock that was never set tells an earlier one. */
    public const FIRST = 946_684_800.0;

    /** Numbers are the same to a billionth, which is more than a second since 1970: in a change a second is told in words. */
    public static function words(float $at): string
    {
        return number_format($at, 1, '.', '');
    }

    /** What has a day and no hour happened after whatever else of that day. */
    public static function endOf(\DateTimeImmutable $day): float
    {
        return (float) ($day->getTimestamp() + 86400 - 60);
    }
}
