<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Feeding;

use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\Volume;

/**
 * The cylinder (height as its diameter) that feeds a section.
 *
 * By modulus: M_riser ≥ 1.2 M_section. A cylinder H = D standing on the casting, its foot not cooled, has M = D/5; so D = 6 M_section.
 * By volume: V ≥ V_fed β / (η − β), η 0.14 plain, 0.25 insulated or covered; D = (4V/π)^⅓. β = shrinkage + 0.012 for each 100 °C of
 * superheat.
 * The larger rules; β ≥ η cannot be fed. Source: R. Wlodawer, Directional Solidification of Steel Castings; AFS; recalled from memory.
 * The moduli of the cylinder are derived.
 */
final class Riser
{
    public const MODULUS_FACTOR = 1.2;
    public const NECK_FACTOR = 1.1;
    private const EFFICIENCY = 0.14;
    private const EFFICIENCY_INSULATED = 0.25;
    /** What a sleeve adds to the modulus of a riser: 1.3 to 1.4, the low end. Common practice. */
    public const SLEEVE = 1.3;
    private const LIQUID_SHRINKAGE_PER_K = 0.012 / 100;

    /** Diameter, m, of a cylinder as high as wide whose modulus is 1.2 times that of the section. Source: as the class says. */
    public static function byModulus(Length $sectionModulus): Length
    {
        return Length::fromSi(5 * self::MODULUS_FACTOR * $sectionModulus->si());
    }

    /** Null when no riser of this kind can feed so much shrinkage. */
    public static function byVolume(Volume $fed, Ratio $demand, bool $insulated): ?Length
    {
        $efficiency = $insulated ? self::EFFICIENCY_INSULATED : self::EFFICIENCY;
        if ($demand->si() >= $efficiency) {
            return null;
        }

        return Length::fromSi(((4 * $fed->si() * max(0.0, $demand->si())) / ($efficiency - $demand->si()) / \M_PI) ** (1 / 3));
    }

    /** Shrinkage to feed: on freezing, and of the liquid from its superheat. */
    public static function demand(Ratio $shrinkage, float $superheatKelvin): Ratio
    {
        return Ratio::fromSi($shrinkage->si() + self::LIQUID_SHRINKAGE_PER_K * max(0.0, $superheatKelvin));
    }

    /** Modulus of a cylinder on the casting with its top open to the air and its foot not cooled: (D H) / (4 H + D). */
    public static function modulusOf(Length $diameter, Length $height): Length
    {
        return Length::fromSi(($diameter->si() * $height->si()) / (4 * $height->si() + $diameter->si()));
    }
}
