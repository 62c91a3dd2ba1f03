<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Melt;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Mass;

/** A crucible with metal in it, as the cooling sees it. */
final readonly class Pot
{
    /** Clay-graphite, J/kgK; convection in still air W/m²K; both common practice. */
    private const CRUCIBLE_HEAT = 1100.0;
    private const CONVECTION = 10.0;
    private const WALL_EMISSIVITY = 0.8;

    /** @param float $heatCapacity J/K of metal and crucible together */
    private function __construct(
        public float $heatCapacity,
        private float $wallArea,
        private float $topArea,
        private float $topEmissivity,
    ) {
    }

    /** Masses above zero, areas of what radiates. Source: crucible and emissivities common practice, recalled from memory. */
    public static function of(Alloy $alloy, Mass $metal, Mass $crucible, Area $wall, Area $top): self
    {
        return new self(
            $metal->si() * $alloy->heatLiquid->si() + $crucible->si() * self::CRUCIBLE_HEAT,
            $wall->si(),
            $top->si(),
            MetalFamily::of($alloy)->bathEmissivity,
        );
    }

    /**
     * A pot of usual proportions: as deep as 1.3 times its width, filled to four fifths, wall and foot radiating, and 0.6 kg of crucible
     * per litre. Common practice.
     */
    public static function usual(Alloy $alloy, Mass $metal, ?Mass $crucible = null): self
    {
        $usual = self::proportions($alloy, $metal);

        return self::of($alloy, $metal, $crucible ?? $usual['crucible'], $usual['wall'], $usual['top']);
    }

    /**
     * Of a pot of usual proportions: its own mass, the wall with its foot, and the top of the bath.
     *
     * @return array{crucible: Mass, wall: Area, top: Area}
     */
    public static function proportions(Alloy $alloy, Mass $metal): array
    {
        $volume = $metal->si() / $alloy->densityLiquid->si() / 0.8;
        $width = ((4 * $volume) / (1.3 * \M_PI)) ** (1 / 3);
        $round = (\M_PI * $width ** 2) / 4;

        return [
            'crucible' => Mass::fromSi(0.6 * $volume * 1000),
            'wall' => Area::fromSi(\M_PI * $width * 1.3 * $width + $round),
            'top' => Area::fromSi($round),
        ];
    }

    /** Watts lost at this temperature. */
    public function losses(float $stefanBoltzmann, float $kelvin, float $airKelvin): float
    {
        $radiated =
            $stefanBoltzmann *
            ($kelvin ** 4 - $airKelvin ** 4) *
            (self::WALL_EMISSIVITY * $this->wallArea + $this->topEmissivity * $this->topArea);

        return $radiated + self::CONVECTION * ($this->wallArea + $this->topArea) * ($kelvin - $airKelvin);
    }
}
