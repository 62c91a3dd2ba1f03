<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

/**
 * The cheapest charge from what is on the shelf, so that every element lands in its window.
 *
 * With m_i kg charged and melt mass M: Σ m_i (1 − loss_i) = M; lo_e ≤ Σ m_i (1 − loss_i) c_ie r_e / M ≤ hi_e; least_i ≤ m_i ≤ most_i;
 * least Σ price_i m_i. r_e: recovery beyond the common loss (Zn and Mg burn off), 1 for most. When nothing satisfies that, slack is added
 * to both
 * sides of each window and Σ slack/hi_e is made least: the slacks that are left name the windows. Derived; solved by LinearProgramme.
 */
final class Mix
{
    /**
     * @param float $melt kilograms of metal wanted, above zero
     * @param array<string, array{float, float}> $windows element → least and most share
     * @param list<Stock> $stock
     * @param array<string, float> $recovery element → 0…1
     */
    public static function cheapest(float $melt, array $windows, array $stock, array $recovery = []): MixResult
    {
        $most = array_sum(array_map(static fn (Stock $s): float => $s->most * (1 - $s->loss), $stock));
        $least = array_sum(array_map(static fn (Stock $s): float => $s->least * (1 - $s->loss), $stock));
        if ($most < $melt * (1 - 1e-9) || $least > $melt * (1 + 1e-9)) {
            return self::result(
                $melt,
                array_map(static fn (Stock $s): float => $most < $melt ? $s->most : $s->least, $stock),
                $windows,
                $stock,
                $recovery,
                false,
            );
        }
        $charge =
            self::solve($melt, $windows, $stock, $recovery, false) ??
            (self::solve($melt, $windows, $stock, $recovery, true) ?? array_map(static fn (Stock $s): float => $s->least, $stock));

        return self::result($melt, $charge, $windows, $stock, $recovery, true);
    }

    /**
     * Columns: the stock, then for each window a surplus over its low end and a slack below its high end, then, when loosened, a
     * shortfall and an excess.
     *
     * @param array<string, array{float, float}> $windows
     * @param list<Stock> $stock
     * @param array<string, float> $recovery
     *
     * @return list<float>|null
     */
    private static function solve(float $melt, array $windows, array $stock, array $recovery, bool $loosened): ?array
    {
        $count = count($stock);
        $elements = array_keys($windows);
        $perWindow = $loosened ? 4 : 2;
        $columns = $count + $perWindow * count($elements);
        $blank = array_fill(0, $columns, 0.0);
        $balance = $blank;
        $cost = $blank;
        $lower = $blank;
        $upper = array_fill(0, $columns, \INF);
        foreach ($stock as $i => $s) {
            $balance[$i] = 1 - $s->loss;
            $cost[$i] = $loosened ? 0.0 : $s->price;
            $lower[$i] = $s->least;
            $upper[$i] = $s->most;
        }
        $rows = [$balance];
        $right = [$melt];
        foreach ($elements as $e => $element) {
            [$low, $high] = $windows[$element];
            $content = $blank;
            foreach ($stock as $i => $s) {
                $content[$i] = ((1 - $s->loss) * ($s->composition[$element] ?? 0.0) * ($recovery[$element] ?? 1.0)) / $melt;
            }
            $at = $count + $perWindow * $e;
            $over = $content;
            $under = $content;
            $over[$at] = -1.0;
            $under[$at + 1] = 1.0;
            if ($loosened) {
                $over[$at + 2] = 1.0;
                $under[$at + 3] = -1.0;
                $cost[$at + 2] = $cost[$at + 3] = 1 / max(1e-4, $high);
            }
            array_push($rows, $over, $under);
            array_push($right, $low, $high);
        }
        $x = LinearProgramme::minimise($cost, $rows, $right, $lower, $upper);

        return null === $x ? null : array_slice($x, 0, $count);
    }

    /**
     * @param list<float> $charge
     * @param array<string, array{float, float}> $windows
     * @param list<Stock> $stock
     * @param array<string, float> $recovery
     */
    private static function result(float $melt, array $charge, array $windows, array $stock, array $recovery, bool $enough): MixResult
    {
        $metal = 0.0;
        $cost = 0.0;
        $content = [];
        foreach ($stock as $i => $s) {
            $metal += $charge[$i] * (1 - $s->loss);
            $cost += $charge[$i] * $s->price;
            foreach ($s->composition as $element => $share) {
                $content[$element] = ($content[$element] ?? 0.0) + $charge[$i] * (1 - $s->loss) * $share * ($recovery[$element] ?? 1.0);
            }
        }
        $composition = array_map(static fn (float $kg): float => $metal > 0 ? $kg / $metal : 0.0, $content);
        $unmet = [];
        foreach ($windows as $element => [$low, $high]) {
            $got = $composition[$element] ?? 0.0;
            // A ten-thousandth of the limit is beyond any assay.
            if ($got < $low - 1e-4 * max($low, 1e-3)) {
                $unmet[] = ['element' => $element, 'limit' => $low, 'got' => $got, 'side' => 'low'];
            } elseif ($got > $high + 1e-4 * max($high, 1e-3)) {
                $unmet[] = ['element' => $element, 'limit' => $high, 'got' => $got, 'side' => 'high'];
            }
        }

        return new MixResult($charge, $cost, $composition, $unmet, $enough && $metal >= $melt * (1 - 1e-6));
    }
}
