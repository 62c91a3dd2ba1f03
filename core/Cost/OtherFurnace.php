<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Cost;

use MoltenNotes\Core\Charge\EnergySource;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Working\Working;
use MoltenNotes\Core\Working\WorkingInput;

/** What the same melt would cost in another furnace, Q / η at its own tariff. Source: derived; efficiencies as they are told. */
final class OtherFurnace
{
    /**
     * Those that are cheaper beyond what is unsure of both.
     *
     * @param Estimate $now J drawn as it is
     * @param Estimate $heat J into the metal
     * @param list<array{string, EnergySource, Estimate, bool}> $others name, source, share that reaches the metal, whether it is learnt
     * @param float $pours for each good casting, above 0
     *
     * @return list<Saving>
     */
    public static function savings(
        EnergySource $source,
        Estimate $now,
        Estimate $heat,
        array $others,
        Rates $rates,
        float $pours,
        QuantityFormatter $format,
    ): array {
        $price = $rates->of($source);
        if (null === $price) {
            return [];
        }
        $is = Amount::priced($now->times(1 / $source->joulesPerFuelUnit), $price, $rates->currency);
        $savings = [];
        foreach ($others as [$name, $other, $share, $learnt]) {
            $tariff = $rates->of($other);
            if (null === $tariff) {
                continue;
            }
            $drawn = Estimate::through(Dimension::Energy, static fn (float $q, float $eta): float => $q / max(0.005, $eta), $heat, $share);
            $there = Amount::priced($drawn->times(1 / $other->joulesPerFuelUnit), $tariff, $rates->currency);
            if ($there->high >= $is->low) {
                continue;
            }
            $less = Amount::of($is->middle - $there->middle, $is->low - $there->high, $is->high - $there->low, $rates->currency);
            $saved = $less->times($pours);
            $reaches = round(100 * $share->lowSi).' to '.round(100 * $share->highSi).' %';
            $savings[] = new Saving('furnace', "Melted in {$name}", $saved, new Working(
                '(E p − Q / η p′) n',
                [
                    new WorkingInput('E p', 'The melt as it is', $is->words(), 'computed'),
                    new WorkingInput('Q', 'Heat into the metal', $format->estimate($heat), 'computed'),
                    new WorkingInput('η', "Reaches the metal in {$name}", $reaches, $learnt ? 'computed' : 'table'),
                    new WorkingInput('n', 'Pours for each good casting', (string) round($pours, 1), 'computed'),
                ],
                $saved->rough(),
                $saved->spread(),
                'your tariffs',
                Mark::Derived,
            ));
        }

        return $savings;
    }
}
