<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Feeding;

use MoltenNotes\Core\Quantity\Length;

/**
 * How far a riser feeds along a plate or a bar before its middle freezes shut behind it.
 *
 * Plate of thickness T: 4.5 T from the riser to a free end (2 T by the riser, 2.5 T by the end), 4 T between two risers; bar of side T,
 * both in inches: 6 √T. A chill at the end adds about 50 mm to a plate. T 1…500 mm. Source: W. S. Pellini and co-workers, 1950s, plain
 * carbon steel in sand, recalled from memory; short-freezing copper alloys and Al-Si12 reach about as far, common practice. Alloys that
 * freeze over a long range show fine pores at any distance.
 */
final class FeedingDistance
{
    private const INCH = 0.0254;
    private const PLATE = 4.5;
    private const BETWEEN = 4.0;
    private const BAR = 6.0;
    private const CHILL_M = 0.05;

    /** Along a plate to its free end, m. */
    public static function plate(Length $thickness, bool $chilled): Length
    {
        return Length::fromSi(self::PLATE * $thickness->si() + ($chilled ? self::CHILL_M : 0.0));
    }

    /** Along a plate between two risers, m. */
    public static function between(Length $thickness): Length
    {
        return Length::fromSi(self::BETWEEN * $thickness->si());
    }

    /** Along a bar about as wide as thick to its free end, m. */
    public static function bar(Length $thickness): Length
    {
        return Length::fromSi(self::BAR * sqrt($thickness->si() / self::INCH) * self::INCH);
    }
}
