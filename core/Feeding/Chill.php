<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Feeding;

use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Volume;

/**
 * What a chill does by the face it touches: metal loses heat to it as to twice as much sand, so that a plate chilled on one side keeps two
 * thirds of its modulus. A chill as thick as the wall, dry, on a face that is free. Source: common practice after R. Wlodawer, recalled
 * from memory.
 */
final class Chill
{
    /** A face on a chill counts for so much face on sand. */
    private const AS_SAND = 2.0;

    /** Volume over cooled face, m, when so much of the face lies on a chill. */
    public static function modulus(Volume $volume, Area $cooled, Area $onChill): Length
    {
        $on = min($onChill->si(), $cooled->si());

        return Length::fromSi($volume->si() / ($cooled->si() + (self::AS_SAND - 1) * $on));
    }

    /** Face to be laid on a chill for a modulus no larger than this; 0 where it is so already. */
    public static function contact(Volume $volume, Area $cooled, Length $wanted): Area
    {
        return Area::fromSi(max(0.0, $volume->si() / $wanted->si() - $cooled->si()) / (self::AS_SAND - 1));
    }
}
