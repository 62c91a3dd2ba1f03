<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Cost;

use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;

/** What of a plan costs something: the energy it reckons with, and the metal that does not come back. Source: derived from the plan. */
final readonly class PlanCosts
{
    /**
     * @param Estimate|null $drawn J for this mould alone
     * @param Estimate|null $heat J into its metal
     * @param Estimate|null $poured kg
     * @param Estimate|null $lost kg that do not come back: castings, dross and splashes
     */
    private function __construct(public ?Estimate $drawn, public ?Estimate $heat, public ?Estimate $poured, public ?Estimate $lost)
    {
    }

    /** @param bool $isKept whether the casting is kept; one that failed goes back into a pot, but for what its melt lost */
    public static function of(Basis $basis, CastingPlan $plan, bool $isKept): self
    {
        $casting = $plan->figure('pattern', 'casting_mass')?->value;
        $poured = $plan->figure('metal', 'poured')?->value;
        $alloy = $basis->alloy;
        $lost = null;
        if (null !== $casting && null !== $poured && null !== $alloy) {
            $typed = $basis->estimate('metal.loss');
            $loss = null === $typed
                ? MetalFamily::of($alloy)->usualLoss($basis->values->choice('metal.source'))
                : Estimate::ratio($typed->si, $typed->lowSi, $typed->highSi);
            $kept = $isKept ? (float) $basis->castings() : 0.0;
            $lost = Estimate::through(
                Dimension::Mass,
                static fn (float $m, float $p, float $l): float => $kept * $m + $p * $l / (1 - min(0.95, $l)),
                $casting,
                $poured,
                $loss,
            );
        }

        return new self(
            $plan->figure('metal', 'drawn_energy')?->value,
            $plan->figure('metal', 'melt_energy')?->value,
            $poured,
            $lost,
        );
    }
}
