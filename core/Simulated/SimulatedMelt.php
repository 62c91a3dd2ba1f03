<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Simulated;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Melt\Pot;
use MoltenNotes\Core\MeltCurve\KnownArrests;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Power;
use MoltenNotes\Core\Quantity\Radiation;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\Temperature;

/**
 * A pot of metal that is heated and cools, for trying things out without one: one body with its crucible, which takes up the power that
 * reaches it, loses heat by convection and radiation, and freezes and melts at a pace that grows with how far it is off balance, once
 * crystals have begun. Derived (an energy balance); how far it cools before they begin is common practice.
 */
final class SimulatedMelt
{
    /** Clay-graphite, J/kgK; common practice. */
    private const CRUCIBLE_HEAT = 1100.0;
    private const CONVECTION = 10.0;
    private const EMISSIVITY = 0.6;
    /** K below balance before crystals begin. */
    private const NUCLEATION = 2.0;
    private const STEP = 0.25;

    private float $solid = 1.0;
    private bool $seeded = true;
    private bool $eutecticSeeded = true;

    private function __construct(
        private readonly Alloy $alloy,
        private readonly ?KnownArrests $arrests,
        private readonly float $kg,
        private readonly float $crucibleKg,
        private readonly float $area,
        private readonly float $air,
        private float $kelvin,
    ) {
    }

    /** A cold charge in a crucible of usual proportions; mass above zero. */
    public static function cold(Alloy $alloy, Mass $metal, Temperature $air): self
    {
        $usual = Pot::proportions($alloy, $metal);

        return new self(
            $alloy,
            KnownArrests::find($alloy->code),
            $metal->si(),
            $usual['crucible']->si(),
            $usual['wall']->si() + $usual['top']->si(),
            $air->kelvin(),
            $air->kelvin(),
        );
    }

    /** A cup of liquid metal, as it is poured to be cooled. */
    public static function liquid(Alloy $alloy, Mass $metal, Temperature $air, Temperature $at): self
    {
        $melt = self::cold($alloy, $metal, $air);
        $melt->kelvin = $at->kelvin();
        $melt->solid = 0.0;
        $melt->seeded = $melt->eutecticSeeded = false;

        return $melt;
    }

    /**
     * Goes on for some seconds.
     *
     * @param Power $reaching watts that reach the pot
     * @param float $insulated share of its losses that is left, 0…1: a lid, a furnace around it
     */
    public function run(float $seconds, Power $reaching, float $insulated = 1.0): void
    {
        for ($left = $seconds; $left > 1e-9; $left -= self::STEP) {
            $this->step(min(self::STEP, $left), $reaching->si(), $insulated);
        }
    }

    /** What a probe in it would tell. */
    public function temperature(): Temperature
    {
        return Temperature::fromSi($this->kelvin);
    }

    /** How much of it is solid, 0…1. */
    public function solid(): Ratio
    {
        return Ratio::fromSi($this->solid);
    }

    private function step(float $dt, float $watts, float $insulated): void
    {
        $latent = $this->kg * $this->alloy->latentHeat->si();
        $heat = $this->kg * ($this->solid * $this->alloy->heatSolid->si() + (1 - $this->solid) * $this->alloy->heatLiquid->si())
            + $this->crucibleKg * self::CRUCIBLE_HEAT;
        $lost = $insulated * $this->area * (self::CONVECTION * ($this->kelvin - $this->air)
            + self::EMISSIVITY * Radiation::STEFAN_BOLTZMANN * ($this->kelvin ** 4 - $this->air ** 4));
        $net = $watts - $lost;
        $balance = $this->balance();
        $off = $balance - $this->kelvin;
        $this->seeded = $this->seeded || $off > self::NUCLEATION;
        $primary = null === $this->arrests?->lower ? 1.0 : 1 - $this->arrests->lowerShare->si();
        if ($this->solid >= $primary) {
            $this->eutecticSeeded = $this->eutecticSeeded || $off > self::NUCLEATION / 2;
        }
        $growing = $off < 0.0 || ($this->seeded && ($this->solid < $primary || $this->eutecticSeeded));
        // A kelvin off balance moves as much heat as the pot gains or loses.
        $pace = max(abs($net), 0.02 * $this->area * 1e4) / $latent;
        $change = $growing ? $pace * $off * $dt : 0.0;
        $change = max(-$this->solid, min(1 - $this->solid, $change));
        // Never past the balance within one step.
        $most = abs($off) * $heat / $latent + abs($net) * $dt / $latent;
        $change = max(-$most, min($most, $change));
        $this->solid += $change;
        $this->kelvin = max($this->air, $this->kelvin + ($net * $dt + $change * $latent) / $heat);
        if ($this->solid <= 0.0 && $this->kelvin > $balance + 5) {
            $this->seeded = $this->eutecticSeeded = false;
        }
    }

    /** Where what is left of it would freeze. */
    private function balance(): float
    {
        if (null !== $this->arrests) {
            return $this->arrests->standsAt(Ratio::fromSi($this->solid))->kelvin();
        }

        return $this->alloy->liquidus->kelvin() - $this->solid * $this->alloy->freezingRange()->si();
    }
}
