<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

/**
 * The cheapest charge from what is on the shelf, so that every element lands in its window.
 *
 * With m_i kg charged and melt mass M: Σ m_i (1 − loss_i) = M; lo_e ≤ Σ m_i (1 − loss_i) c_ie r_e / M ≤ hi_e; least_i ≤ m_i ≤ most_i;
 * least Σ price_i m_i. r_e: recovery beyond the common loss (Zn and Mg burn off), 1 for most. When nothing satisfies that, slack is added
 * to both sides of each window and Σ slack/hi_e is made least: the slacks that are left name the windows. Where lots are charged in whole
 * pieces only, M is the least there must be, and the windows hold for what comes out. Derived; solved by LinearProgramme.
 */
final class Mix
{
    /** Where nothing has a price, or prices tie, the lighter charge is the better one: this much of a price for a kilogram. */
    private const WEIGHT = 1e-4;
    /** Steps of the simplex after which the best mix of whole pieces so far is given, and said not to be proven. */
    private const MOST_STEPS = 9000;
    /** Numbers of the tableau that all those steps may touch: a larger shelf gets fewer steps, for nobody waits longer for it. */
    private const MOST_WORK = 12_000_000;
    /** Whole pieces may come to more than is wanted by this share of it, or by the largest piece. */
    private const OVER = 0.25;

    /**
     * @param float $melt kilograms of metal wanted, above zero
     * @param array<string, array{float, float}> $windows element → least and most share
     * @param list<Stock> $stock
     * @param array<string, float> $recovery element → 0…1
     */
    public static function cheapest(float $melt, array $windows, array $stock, array $recovery = []): MixResult
    {
        $short = self::outOfReach($melt, $stock);
        if (null !== $short) {
            return self::result($melt, $short, $windows, $stock, $recovery, false);
        }
        $charge =
            self::solve($melt, $windows, $stock, $recovery, false) ??
            (self::solve($melt, $windows, $stock, $recovery, true) ?? array_map(static fn (Stock $s): float => $s->least, $stock));

        return self::result($melt, $charge, $windows, $stock, $recovery, true);
    }

    /**
     * The same in whole pieces, for stock that comes in pieces; it comes to at least what is wanted. Null where no whole pieces meet every
     * window: then some must be cut.
     *
     * @param float $melt kilograms of metal wanted, above zero
     * @param float|null $room kilograms that the pot holds; null where nobody said
     * @param array<string, array{float, float}> $windows element → least and most share
     * @param list<Stock> $stock
     * @param array<string, float> $recovery element → 0…1
     */
    public static function wholePieces(float $melt, ?float $room, array $windows, array $stock, array $recovery = []): ?MixResult
    {
        $largest = max(0.0, ...array_map(static fn (Stock $s): float => $s->piece ?? 0.0, $stock));
        $most = min($room ?? \INF, $melt + max(self::OVER * $melt, $largest));
        if ($most < $melt) {
            return null;
        }
        $pieces = [];
        foreach ($stock as $i => $s) {
            if (null !== $s->piece) {
                $pieces[$i] = $s->piece;
            }
        }
        $yields = array_map(static fn (Stock $s): float => 1 - $s->loss, $stock);
        $rows = [[$yields, $melt, $most]];
        foreach ($windows as $element => [$low, $high]) {
            // Whatever it comes to, so much of it: Σ y m (c r − lo) ≥ 0 and Σ y m (c r − hi) ≤ 0.
            $over = $under = [];
            foreach ($stock as $i => $s) {
                $share = ($s->composition[$element] ?? 0.0) * ($recovery[$element] ?? 1.0);
                $over[] = $yields[$i] * ($share - $low);
                $under[] = $yields[$i] * ($share - $high);
            }
            if ($low > 0.0) {
                $rows[] = [$over, 0.0, \INF];
            }
            if ($high < 1.0) {
                $rows[] = [$under, -\INF, 0.0];
            }
        }
        $found = (new LinearProgramme(
            array_map(static fn (Stock $s): float => $s->price + self::WEIGHT, $stock),
            $rows,
            array_map(static fn (Stock $s): float => $s->least, $stock),
            array_map(static fn (Stock $s): float => $s->most, $stock),
        ))->wholePieces(
            $pieces,
            (int) min(self::MOST_STEPS, self::MOST_WORK / (count($rows) * (count($stock) + count($rows)))),
        );
        if (null === $found) {
            return null;
        }

        return self::result($melt, $found['x'], $windows, $stock, $recovery, true, $found['proven'], $found['atLeast']);
    }

    /**
     * All there is, or the least of each, where that is too little or too much.
     *
     * @param list<Stock> $stock
     *
     * @return list<float>|null
     */
    private static function outOfReach(float $melt, array $stock): ?array
    {
        $most = array_sum(array_map(static fn (Stock $s): float => $s->most * (1 - $s->loss), $stock));
        $least = array_sum(array_map(static fn (Stock $s): float => $s->least * (1 - $s->loss), $stock));

        return match (true) {
            $most < $melt * (1 - 1e-9) => array_map(static fn (Stock $s): float => $s->most, $stock),
            $least > $melt * (1 + 1e-9) => array_map(static fn (Stock $s): float => $s->least, $stock),
            default => null,
        };
    }

    /**
     * Columns: the stock, then for each window, when loosened, a shortfall and an excess.
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
        $loose = $loosened ? 2 * count($windows) : 0;
        $balance = [...array_map(static fn (Stock $s): float => 1 - $s->loss, $stock), ...self::zeros($loose)];
        $cost = [
            ...array_map(static fn (Stock $s): float => $loosened ? 0.0 : $s->price + self::WEIGHT, $stock),
            ...self::zeros($loose),
        ];
        $rows = [[$balance, $melt, $melt]];
        $e = 0;
        foreach ($windows as $element => [$low, $high]) {
            $content = self::zeros($count + $loose);
            foreach ($stock as $i => $s) {
                $content[$i] = ((1 - $s->loss) * ($s->composition[$element] ?? 0.0) * ($recovery[$element] ?? 1.0)) / $melt;
            }
            if ($loosened) {
                $content[$count + 2 * $e] = 1.0;
                $content[$count + 2 * $e + 1] = -1.0;
                $cost[$count + 2 * $e] = $cost[$count + 2 * $e + 1] = 1 / max(1e-4, $high);
            }
            $rows[] = [array_values($content), $low, $high];
            ++$e;
        }
        $x = (new LinearProgramme(
            array_values($cost),
            $rows,
            [...array_map(static fn (Stock $s): float => $s->least, $stock), ...self::zeros($loose)],
            [...array_map(static fn (Stock $s): float => $s->most, $stock), ...array_map(static fn (): float => \INF, self::zeros($loose))],
        ))->least();

        return null === $x ? null : array_slice($x, 0, $count);
    }

    /** @return list<float> */
    private static function zeros(int $count): array
    {
        return $count > 0 ? array_fill(0, $count, 0.0) : [];
    }

    /**
     * @param list<float> $charge
     * @param array<string, array{float, float}> $windows
     * @param list<Stock> $stock
     * @param array<string, float> $recovery
     */
    private static function result(
        float $melt,
        array $charge,
        array $windows,
        array $stock,
        array $recovery,
        bool $enough,
        bool $proven = true,
        float $atLeast = 0.0,
    ): MixResult {
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

        return new MixResult(
            $charge,
            $cost,
            $metal,
            $composition,
            $unmet,
            $enough && $metal >= $melt * (1 - 1e-6),
            $proven,
            $proven || $cost <= 0.0 ? 0.0 : max(0.0, 1 - $atLeast / $cost),
        );
    }
}
