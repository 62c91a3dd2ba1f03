<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Feeding;

use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\Volume;

/**
 * The riser, as high as it is wide, that feeds a section.
 *
 * By modulus: M_riser ≥ 1.2 M_section. An open one on the casting, its foot not cooled, has M = D/5, so D = 6 M_section; a domed one
 * 5 D/24; one beside the casting, cooled all round, D/6. By volume: V ≥ V_fed β / (η − β), η 0.14 plain, 0.25 insulated or covered.
 * β = shrinkage + 0.012 for each 100 °C of superheat. The larger rules; β ≥ η cannot be fed. Source: R. Wlodawer, Directional
 * Solidification of Steel Castings; AFS; recalled from memory. The moduli of the bodies are derived.
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

    /** Diameter, m, of a riser as high as wide whose modulus is 1.2 times that of the section. Source: as the class says. */
    public static function byModulus(Length $sectionModulus, RiserKind $kind = new RiserKind()): Length
    {
        return Length::fromSi(self::timesModulus($kind) * $sectionModulus->si());
    }

    /** So many times the section's modulus is the diameter of such a riser, as high as wide. */
    public static function timesModulus(RiserKind $kind): float
    {
        return self::MODULUS_FACTOR / self::modulusOf(Length::fromSi(1.0), Length::fromSi(1.0), $kind)->si();
    }

    /** Null when no riser of this kind can feed so much shrinkage. */
    public static function byVolume(Volume $fed, Ratio $demand, bool $insulated, RiserKind $kind = new RiserKind()): ?Length
    {
        $efficiency = $insulated ? self::EFFICIENCY_INSULATED : self::EFFICIENCY;
        if ($demand->si() >= $efficiency) {
            return null;
        }
        $volume = ($fed->si() * max(0.0, $demand->si())) / ($efficiency - $demand->si());

        return Length::fromSi(($volume / $kind->volume(1.0, 1.0)) ** (1 / 3));
    }

    /** Shrinkage to feed: on freezing, and of the liquid from its superheat. */
    public static function demand(Ratio $shrinkage, float $superheatKelvin): Ratio
    {
        return Ratio::fromSi($shrinkage->si() + self::LIQUID_SHRINKAGE_PER_K * max(0.0, $superheatKelvin));
    }

    /** Its volume over the face that cools it, m: an open one on the casting has (D H) / (4 H + D). */
    public static function modulusOf(Length $diameter, Length $height, RiserKind $kind = new RiserKind()): Length
    {
        return Length::fromSi($kind->volume($diameter->si(), $height->si()) / $kind->cooled($diameter->si(), $height->si()));
    }
}
