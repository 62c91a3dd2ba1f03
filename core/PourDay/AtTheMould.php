<?php

declare(strict_types=1);

namespace MoltenNotes\Core\PourDay;

use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Working\Figure;

/** How hot the metal comes to the mould after so many seconds outside, by the plan's own rule. */
final class AtTheMould
{
    /** Seconds 0 or more; null where the plan cannot tell. Source: the plan's filling, with this for the time of carrying. */
    public static function after(Basis $basis, float $seconds): ?Figure
    {
        $carried = $basis->values->with('pour.carry_time', Measurement::of($seconds, 's'));

        return PlanCasting::of($basis->with($carried))->figure('filling', 'at_mould');
    }
}
