<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\Grade;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;

/**
 * The cheapest charge of an alloy from the shelf, for a mass that a plan asks for.
 *
 * Mix with the windows of the grade, with what a melt usually keeps of each element and what pots and tools bring. The cheapest mix lies at
 * the edge of a window, where what is not known of the scrap decides; so each window is drawn in by a quarter of its width on both sides
 * first, nearly to its middle where that costs hardly more (founders' choice), and only where that cannot be met, taken whole.
 */
final readonly class ChargeProposal
{
    private const DRAWN_IN = 0.25;
    /** Nearly to the middle, where that costs no more than this share. */
    private const MIDDLE = 0.45;
    private const MIDDLE_COSTS = 0.03;
    /** Halvings of the mass until the most that can be made is known to a thousandth. */
    private const HALVINGS = 10;
    /** Lots that are looked at, the heaviest first: more would make a caster wait, and nobody charges from sixty lots. */
    private const MOST_LOTS = 60;
    /** Of the charge: less is a pinch. It is left out where that costs no more than this share, or than a pinch of the dearest. */
    private const PINCH = 0.04;
    private const WORTH = 0.1;
    /** Metal with less of the base than this is something to alloy with. */
    private const OF_BASE = 0.3;

    /**
     * @param array<string, float> $charge lot → kg
     * @param list<string> $left names of lots that are left out, for too little is known of them
     * @param 'good'|'risky'|'bad' $standing
     */
    private function __construct(
        public array $charge,
        public ?PotMetal $pot,
        public ?PotVerdict $verdict,
        public ?MixResult $mix,
        public array $left,
        public string $words,
        public string $standing,
    ) {
    }

    /**
     * @param float $kg wanted in the pot, above zero
     * @param list<LotState> $states
     * @param float|null $room kg that the pot holds; null where nobody said
     */
    public static function of(float $kg, Alloy $wanted, array $states, bool $whole, ?float $room, QuantityFormatter $format): self
    {
        $grade = Grade::find($wanted->code);
        if (null === $grade || !$grade->known) {
            return new self([], null, null, null, [], "What {$wanted->name} is made of is not known: choose the alloy it is to be.", 'bad');
        }
        [$usable, $left] = self::usable($states, $grade);
        if (!self::holds($usable, $grade->base)) {
            return new self([], null, null, null, $left, "There is nothing on the shelf that {$wanted->name} could be made of.", 'bad');
        }
        $stock = array_map(static fn (LotState $state): Stock => self::stock($state, $grade), $usable);
        [$mix, $cut] = self::mixed($kg, $grade, $stock, $whole, $room);
        $dearest = max(0.0, ...array_map(static fn (Stock $s): float => $s->price, $stock));
        // A pinch of something is not worth fetching where the rest does as well.
        foreach (self::pinches($mix, $kg) as $i) {
            $without = $stock;
            $without[$i] = $stock[$i]->none();
            [$other, $otherCut] = self::mixed($kg, $grade, array_values($without), $whole, $room);
            $worth = $mix->cost * (1 + self::WORTH) + self::PINCH * $kg * $dearest;
            if ($other->isFeasible() && $otherCut === $cut && $other->cost <= $worth) {
                [$mix, $stock] = [$other, array_values($without)];
            }
        }
        $pot = PotMetal::of(array_map(
            static fn (LotState $state, float $mass): PotLine => new PotLine(
                $state->lot->name,
                Estimate::exact(Dimension::Mass, $mass),
                $state->lot->loss,
                $state->composition,
                $state->remelts,
            ),
            $usable,
            $mix->charge,
        ));
        $charge = [];
        foreach ($usable as $i => $state) {
            if ($mix->charge[$i] > 1e-6) {
                $charge[$state->lot->id] = $mix->charge[$i];
            }
        }
        [$words, $standing] = self::said($mix, $cut, $kg, $wanted, $grade, $stock, $format);

        return new self($charge, $pot, PotVerdict::of($pot->composition, $wanted), $mix, $left, $words, $standing);
    }

    /**
     * kg of an alloy that can be made of what is on the shelf at the most, up to so much.
     *
     * @param list<LotState> $states
     */
    public static function reach(float $kg, Alloy $wanted, array $states): float
    {
        $grade = Grade::find($wanted->code);
        if (null === $grade || !$grade->known) {
            return 0.0;
        }
        $stock = array_map(static fn (LotState $state): Stock => self::stock($state, $grade), self::usable($states, $grade)[0]);
        $windows = self::windows($grade, $stock, 0.0);

        return [] === $stock ? 0.0 : self::most($kg, $windows, $stock);
    }

    /**
     * @param array<string, array{float, float}> $windows
     * @param list<Stock> $stock
     */
    private static function most(float $kg, array $windows, array $stock): float
    {
        if (Mix::cheapest($kg, $windows, $stock)->isFeasible()) {
            return $kg;
        }
        [$can, $cannot] = [0.0, $kg];
        for ($i = 0; $i < self::HALVINGS; ++$i) {
            $half = ($can + $cannot) / 2;
            if (Mix::cheapest($half, $windows, $stock)->isFeasible()) {
                $can = $half;
            } else {
                $cannot = $half;
            }
        }

        return $can;
    }

    /**
     * @param list<Stock> $stock
     *
     * @return array{MixResult, bool} the mix, and whether pieces were asked for and must be cut
     */
    private static function mixed(float $kg, Grade $grade, array $stock, bool $whole, ?float $room): array
    {
        $inner = self::windows($grade, $stock, self::DRAWN_IN);
        $outer = self::windows($grade, $stock, 0.0);
        if ($whole) {
            $mix = Mix::wholePieces($kg, $room, $inner, $stock) ?? Mix::wholePieces($kg, $room, $outer, $stock);
            if (null !== $mix) {
                return [$mix, false];
            }
        }
        $mix = Mix::cheapest($kg, $inner, $stock);
        $middle = $mix->isFeasible() ? Mix::cheapest($kg, self::windows($grade, $stock, self::MIDDLE), $stock) : $mix;

        return [match (true) {
            $middle->isFeasible() && $middle->cost <= $mix->cost * (1 + self::MIDDLE_COSTS) => $middle,
            $mix->isFeasible() => $mix,
            default => Mix::cheapest($kg, $outer, $stock),
        }, $whole];
    }

    /**
     * @param list<Stock> $stock
     *
     * @return array{string, 'good'|'risky'|'bad'}
     */
    private static function said(
        MixResult $mix,
        bool $cut,
        float $kg,
        Alloy $wanted,
        Grade $grade,
        array $stock,
        QuantityFormatter $format,
    ): array {
        $mass = static fn (float $of): string => $format->si($of, Dimension::Mass);
        if ($mix->isFeasible()) {
            return [match (true) {
                $cut => 'Whole pieces alone do not come to it: one has to be cut.',
                !$mix->proven => 'In whole pieces. Nothing much cheaper is likely: at the most '
                    .ceil(100 * $mix->within).' % could be saved.',
                default => 'The cheapest that comes out as '.$wanted->name.'.',
            }, 'good'];
        }
        $can = self::most($kg, self::windows($grade, $stock, 0.0), $stock);
        if ($can > 0.02 * $kg) {
            return ['It is short by '.$mass($kg - $can).": the shelf makes {$mass($can)} of {$wanted->name}.", 'bad'];
        }
        $unmet = array_map(
            static fn (array $one): string => $one['element'].('low' === $one['side'] ? ' too low' : ' too high'),
            $mix->unmet,
        );

        return ["No mix of the shelf comes out as {$wanted->name}: ".implode(', ', $unmet).'. The nearest:', 'bad'];
    }

    /**
     * Windows of a grade less what pots and tools bring; what else is in the stock stays a trace.
     *
     * @param list<Stock> $stock
     *
     * @return array<string, array{float, float}>
     */
    private static function windows(Grade $grade, array $stock, float $drawnIn): array
    {
        $windows = [];
        $elements = [];
        foreach ($stock as $one) {
            $elements = [...$elements, ...array_map(strval(...), array_keys($one->composition))];
        }
        foreach ($grade->windowsFor(array_values(array_unique($elements))) as $element => [$low, $high]) {
            $gained = Recovery::of($grade->base, $element)->gained->si;
            $by = $drawnIn * ($high - $low);
            $windows[$element] = [
                $low > 0.0 ? max(0.0, $low + $by - $gained) : 0.0,
                max(0.0, $high - $by - $gained),
            ];
        }

        return $windows;
    }

    /**
     * Lots of the same metal, and of the elements it is alloyed with; the heaviest of them where there are very many.
     *
     * @param list<LotState> $states
     *
     * @return array{list<LotState>, list<string>} and names of those of which too little is known
     */
    private static function usable(array $states, Grade $grade): array
    {
        $usable = $left = [];
        foreach ($states as $state) {
            if ($state->mass->si <= 0.0) {
                continue;
            }
            $base = $state->composition?->base;
            if (null === $base || '?' === $base) {
                $left[] = $state->lot->name;
            } elseif ($base === $grade->base || isset($grade->windows[$base])) {
                $usable[] = $state;
            }
        }

        if (count($usable) > self::MOST_LOTS) {
            usort($usable, static fn (LotState $a, LotState $b): int => $b->mass->si <=> $a->mass->si);
            $usable = array_slice($usable, 0, self::MOST_LOTS);
        }

        return [$usable, $left];
    }

    /**
     * Lots of which so little is taken that it is hardly worth it, the least first; none where nothing fits anyway.
     *
     * @return list<int>
     */
    private static function pinches(MixResult $mix, float $kg): array
    {
        $pinches = $mix->isFeasible()
            ? array_filter($mix->charge, static fn (float $mass): bool => $mass > 1e-6 && $mass < self::PINCH * $kg)
            : [];
        asort($pinches);

        return array_keys($pinches);
    }

    /**
     * Whether any of it is the metal itself, and not only what it is alloyed with.
     *
     * @param list<LotState> $states
     */
    private static function holds(array $states, string $base): bool
    {
        foreach ($states as $state) {
            if (($state->composition?->share($base)->si ?? 0.0) > self::OF_BASE) {
                return true;
            }
        }

        return false;
    }

    private static function stock(LotState $state, Grade $grade): Stock
    {
        $arrives = [];
        foreach (array_keys($state->composition?->middle() ?? []) as $element) {
            $share = $state->composition?->share($element)->si ?? 0.0;
            $arrives[$element] = $share * Recovery::of($grade->base, $element)->kept->si;
        }

        return new Stock(
            $state->lot->name,
            $arrives,
            $state->lot->loss->si,
            $state->lot->price ?? 0.0,
            min($state->lot->least->si(), $state->mass->si),
            $state->mass->si,
            $state->lot->piece?->si(),
        );
    }
}
