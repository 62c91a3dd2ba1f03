<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Plan\Basis;

/** The crucible of the workshop that a charge is melted in. */
final readonly class OwnCrucible
{
    /** A crucible is filled to at most this share of its brim. Common practice: 80 to 85 %. */
    public const FULL = 0.825;

    /** @param float $volume to the brim, m³ */
    private function __construct(public string $name, public float $volume, public ?float $mass)
    {
    }

    /**
     * The one of the volume that is told, else the smallest that holds the charge in kg, else the largest; none that is kept for another
     * metal. Null where none is listed.
     */
    public static function of(Basis $basis, Alloy $alloy, float $charge): ?self
    {
        $told = $basis->si('crucible.volume');
        $own = [];
        foreach ($basis->workshop->crucibles as $crucible) {
            $brim = $crucible['volume']?->si();
            $other = null !== $crucible['family'] && $crucible['family'] !== $alloy->family;
            if (null !== $brim && !$other && (null === $told || abs($brim / $told - 1) < 0.01)) {
                $own[] = new self($crucible['name'], $brim, $crucible['mass']?->si());
            }
        }
        usort($own, static fn (self $a, self $b): int => $a->volume <=> $b->volume);
        foreach ($own as $crucible) {
            if ($crucible->volume * self::FULL * $alloy->densityLiquid->si() >= $charge) {
                return $crucible;
            }
        }

        return [] === $own ? null : $own[array_key_last($own)];
    }
}
