<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Time;

/**
 * The time a charge took to melt, from the curve of it heating: P η t = m (L + c ΔT). With the power it tells which share reached the
 * metal, or with that share how much metal there was. Derived (an energy balance over the freezing range); the little that the crucible
 * takes up meanwhile counts as lost, as it does in the efficiency of a whole heat.
 */
final readonly class MeltingPlateau
{
    /** K beyond the freezing range at which it counts as begun and over. */
    private const EDGE_K = 5.0;
    /** How well the two ends are seen: a probe lies in one spot of the charge. Common practice. */
    private const ENDS_WITHIN = 0.12;
    /** How well the heat of melting is known. Recalled from memory: printed values of one alloy differ by so much. */
    private const HEAT_WITHIN = 0.06;
    private const SHARE_WITHIN = 0.25;

    private function __construct(public float $from, public float $to, public Estimate $seconds, private float $needPerKg)
    {
    }

    /** Null where the curve does not show it melt from beginning to end. */
    public static function on(Curve $curve, Alloy $alloy): ?self
    {
        $even = $curve->withoutStrays()->evenly(max(1.0, 3 * $curve->step()));
        $from = null;
        foreach ($even->at as $i => $at) {
            if ($even->kelvin[$i] < KnownArrests::meltingBegins($alloy)->kelvin() - self::EDGE_K) {
                $from = $at;
            } elseif (null !== $from && $even->kelvin[$i] > $alloy->liquidus->kelvin() + self::EDGE_K) {
                return self::between($from, $at, $even->step(), $alloy);
            }
        }

        return null;
    }

    /** Share of the power that reached the metal, 0…1; power above zero. */
    public function efficiency(Estimate $power, Mass $charge): Estimate
    {
        return Estimate::through(
            Dimension::Ratio,
            static fn (float $watts, float $seconds, float $need): float => ($charge->si() * $need) / max(1e-6, $watts * $seconds),
            $power,
            $this->seconds,
            $this->need(),
        );
    }

    /**
     * How much metal melted, when this share of the power reaches it over a whole heat. While it melts the share is another one than while
     * furnace and crucible warm up, so the answer is known to a quarter only; common practice.
     */
    public function charge(Estimate $power, Estimate $efficiency): Estimate
    {
        return Estimate::through(
            Dimension::Mass,
            static fn (float $watts, float $share, float $seconds, float $need): float => ($watts * $share * $seconds) / $need,
            $power,
            $efficiency,
            $this->seconds,
            $this->need(),
        )->widenedBy(self::SHARE_WITHIN);
    }

    /** J for each kilogram over the range. */
    public function need(): Estimate
    {
        return Estimate::exact(Dimension::SpecificEnergy, $this->needPerKg)->widenedBy(self::HEAT_WITHIN);
    }

    private static function between(float $from, float $to, float $step, Alloy $alloy): self
    {
        $range = $alloy->liquidus->minus(KnownArrests::meltingBegins($alloy))->si();
        $need = $alloy->latentHeat->si()
            + ($range / 2 + self::EDGE_K) * $alloy->heatSolid->si()
            + ($range / 2 + self::EDGE_K) * $alloy->heatLiquid->si();

        return new self(
            $from,
            $to,
            Estimate::about(Time::fromSi($to - $from), max(self::ENDS_WITHIN, $step / max($step, $to - $from))),
            $need,
        );
    }
}
