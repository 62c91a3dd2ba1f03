<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Working\Working;
use MoltenNotes\Core\Working\WorkingInput;

/**
 * Speed of the metal in the gates against the limit above which its surface breaks up.
 *
 * v = c · √(2 g H) · A_choke / ΣA_gate, with A_choke the smaller of sprue base and gates, c = 0.85 tapered, 0.73 straight sprue
 * (P. N. Rao, Manufacturing Technology, recalled from memory). Limits by family: J. Campbell, Complete Casting Handbook, recalled from memory.
 * H: 0…3 m of metal over the gate; areas above zero. Spread ± 25 %: basin level and friction of a hand pour.
 */
final readonly class GateSpeed
{
    private const GRAVITY_M_S2 = 9.80665;
    /** Metres per second. */
    private const LIMIT_M_S = ['aluminium' => 0.5, 'copper' => 0.4, 'iron' => 0.45, 'zinc' => 0.37, 'tin' => 0.33, 'silver' => 0.4, 'lead' => 0.33];

    private function __construct(public float $metresPerSecond, public Ratio $ofLimit, public Working $working)
    {
    }

    /** Null when there is no limit for the family or an area is zero: no speed can be named then. */
    public static function calculate(Area $sprueBase, Area $gates, Length $head, bool $tapered, string $family, QuantityFormatter $format): ?self
    {
        $limit = self::LIMIT_M_S[$family] ?? null;
        if (null === $limit || 0.0 === $gates->si() || 0.0 === $sprueBase->si()) {
            return null;
        }
        $loss = $tapered ? 0.85 : 0.73;
        $choke = min($sprueBase->si(), $gates->si());
        $speed = $loss * sqrt(2 * self::GRAVITY_M_S2 * $head->si()) * $choke / $gates->si();

        return new self($speed, Ratio::fromSi($speed / $limit), new Working(
            'v = c × √(2 g H) × A_choke / ΣA_gate',
            [
                new WorkingInput('c', $tapered ? 'Tapered sprue' : 'Straight sprue', (string) $loss, 'table'),
                new WorkingInput('H', 'Head of metal', $format->quantity($head), 'typed'),
                new WorkingInput('A_choke', 'Smaller of sprue base and gates', $format->quantity(Area::fromSi($choke)), 'computed'),
                new WorkingInput('ΣA_gate', 'All gates', $format->quantity($gates), 'computed'),
                new WorkingInput('limit', "Limit for {$family}", "{$limit} m/s", 'table'),
            ],
            round($speed, 2).' m/s',
            '± 25 %',
            'P. N. Rao (flow), J. Campbell (limit)',
            Mark::RecalledFromMemory,
        ));
    }
}
