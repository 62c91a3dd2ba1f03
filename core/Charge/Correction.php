<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\Grade;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Working\Working;
use MoltenNotes\Core\Working\WorkingInput;

/**
 * What to stir into a pot so that it becomes what it is to be.
 *
 * M kg of metal with share c of each element; a_j kg of addition j, of which y_j reaches the pot and r_j of its element arrives there:
 * lo (M + Σ y a) ≤ M c + Σ y a c_j r_j ≤ hi (M + Σ y a). Of all that satisfies it, the least mass; metal that is not on the shelf counts
 * three times, so that the shelf goes first. Each window is drawn in by what is not known of the element, as far as it has room, so that
 * it is met and not only just. With one element and one addition: a = M (w − c) ÷ y(c_j r − w). Derived, a mass balance, solved by
 * LinearProgramme; recoveries from Data/recoveries.php, which are rough.
 */
final readonly class Correction
{
    private const NOT_ON_THE_SHELF = 3.0;
    /** Of the pot: more than this is a new charge, not a correction. */
    private const MOST = 2.0;
    /** Of the pot: less than this moves nothing that could be found. */
    private const LEAST = 1e-6;

    /**
     * @param list<CorrectionLine> $lines what to weigh out
     * @param PotMetal|null $after what the pot then is
     * @param list<string> $outside elements whose window cannot be met
     * @param string $words one sentence
     */
    private function __construct(
        public array $lines,
        public ?PotMetal $after,
        public array $outside,
        public string $words,
    ) {
    }

    /**
     * @param Estimate $mass kg in the pot, above zero
     * @param array<string, array{float, float}> $windows element → least and most share
     * @param list<Addition> $additions what there is to stir in
     * @param Estimate|null $room kg that the pot holds; null where nobody said
     */
    public static function of(
        Estimate $mass,
        Composition $found,
        Alloy $wanted,
        array $windows,
        array $additions,
        ?Estimate $room,
        QuantityFormatter $format,
    ): self {
        $windows = self::withTraces($found, $windows, $wanted, $additions);
        $off = self::off($found, $windows, 0.001);
        if ([] === $off) {
            return new self([], null, [], "Nothing to add: it is {$wanted->name} as it stands.");
        }
        $drawnIn = self::drawnIn($found, $windows);
        $amounts = self::solve($mass->si, $found, $drawnIn, $additions) ?? self::solve($mass->si, $found, $windows, $additions);
        if (null === $amounts) {
            $outside = self::hopeless($mass->si, $found, $windows, $additions, $off);

            return new self(
                [],
                null,
                $outside,
                'Nothing here brings it there: '.implode(', ', $outside).' cannot be put right with what there is. '
                    .self::advice($found, $windows, $outside),
            );
        }
        $lines = [];
        $metal = [new PotLine('The pot', $mass, Estimate::ratio(0.0), $found, 0.0, ChargedAs::Liquid)];
        foreach ($additions as $j => $addition) {
            if ($amounts[$j] < self::LEAST * $mass->si) {
                continue;
            }
            $kg = Estimate::exact(Dimension::Mass, $amounts[$j]);
            $lines[] = new CorrectionLine(
                $addition,
                $kg,
                self::working($addition, $kg, $mass, $found, $windows, $format),
            );
            $metal[] = new PotLine($addition->name, $kg, $addition->loss, $addition->composition, 0.0, ChargedAs::Stirred);
        }
        $after = PotMetal::of($metal);

        return new self($lines, $after, [], self::said($lines, $after, $room, $format));
    }

    /**
     * What does not belong into such metal stays a trace, or as much as there is already: nothing puts right one element with another.
     *
     * @param array<string, array{float, float}> $windows
     * @param list<Addition> $additions
     *
     * @return array<string, array{float, float}>
     */
    private static function withTraces(Composition $found, array $windows, Alloy $wanted, array $additions): array
    {
        $elements = [];
        foreach ([$found, ...array_map(static fn (Addition $one): Composition => $one->composition, $additions)] as $metal) {
            $elements = [...$elements, $metal->base, ...array_map(strval(...), array_keys($metal->shares))];
        }
        $grade = Grade::find($wanted->code);
        foreach (array_diff_key($grade?->windowsFor(array_values(array_unique($elements))) ?? [], $windows) as $element => [, $most]) {
            if ($element !== $found->base && !isset($grade->windows[$element])) {
                $windows[$element] = [0.0, max($most, $found->share($element)->si)];
            }
        }

        return $windows;
    }

    /**
     * @param array<string, array{float, float}> $windows
     *
     * @return list<string> elements that lie outside in the middle of their spread
     */
    private static function off(Composition $found, array $windows, float $slack): array
    {
        $off = [];
        foreach ($windows as $element => [$low, $high]) {
            $is = $found->share($element)->si;
            if ($is < $low * (1 - $slack) || $is > $high * (1 + $slack)) {
                $off[] = $element;
            }
        }

        return $off;
    }

    /**
     * Windows drawn in by what is not known of each element, up to their middle.
     *
     * @param array<string, array{float, float}> $windows
     *
     * @return array<string, array{float, float}>
     */
    private static function drawnIn(Composition $found, array $windows): array
    {
        $drawn = [];
        foreach ($windows as $element => [$low, $high]) {
            $share = $found->share($element);
            $by = min(($share->highSi - $share->lowSi) / 2, ($high - $low) * 0.4);
            $drawn[$element] = [$low > 0.0 ? $low + $by : 0.0, $high < 1.0 ? $high - $by : 1.0];
        }

        return $drawn;
    }

    /**
     * @param array<string, array{float, float}> $windows
     * @param list<Addition> $additions
     *
     * @return list<float>|null kg of each
     */
    private static function solve(float $mass, Composition $found, array $windows, array $additions): ?array
    {
        $rows = [];
        foreach ($windows as $element => [$low, $high]) {
            $is = $found->share($element)->si;
            $over = $under = [];
            foreach ($additions as $addition) {
                $arrives = $addition->yield() * self::arriving($addition, $element, $found->base);
                $over[] = $arrives - $addition->yield() * $low;
                $under[] = $arrives - $addition->yield() * $high;
            }
            if ($low > 0.0) {
                $rows[] = [$over, $mass * ($low - $is), \INF];
            }
            if ($high < 1.0) {
                $rows[] = [$under, -\INF, $mass * ($high - $is)];
            }
        }

        return [] === $additions ? null : (new LinearProgramme(
            array_map(static fn (Addition $one): float => $one->isOnTheShelf ? 1.0 : self::NOT_ON_THE_SHELF, $additions),
            $rows,
            array_map(static fn (): float => 0.0, $additions),
            array_map(static fn (Addition $one): float => min($one->most ?? \INF, self::MOST * $mass), $additions),
        ))->least();
    }

    /** Share of an addition that arrives as this element. */
    private static function arriving(Addition $addition, string $element, string $base): float
    {
        return $addition->composition->share($element)->si
            * ($element === $base ? 1.0 : Recovery::of($base, $element)->added->si);
    }

    /**
     * @param array<string, array{float, float}> $windows
     * @param list<Addition> $additions
     * @param list<string> $off
     *
     * @return list<string> elements that cannot be brought inside even alone; all that are off where each could be, but not together
     */
    private static function hopeless(float $mass, Composition $found, array $windows, array $additions, array $off): array
    {
        $hopeless = array_values(array_filter(
            $off,
            static fn (string $element): bool => null === self::solve($mass, $found, [$element => $windows[$element]], $additions),
        ));

        return [] === $hopeless ? $off : $hopeless;
    }

    /**
     * @param array<string, array{float, float}> $windows
     * @param list<string> $outside
     */
    private static function advice(Composition $found, array $windows, array $outside): string
    {
        foreach ($outside as $element) {
            if ($found->share($element)->si > $windows[$element][1]) {
                return "Too much {$element} only goes down with metal that has less of it.";
            }
        }

        return [] === $outside ? '' : "Buy something that holds {$outside[0]}.";
    }

    /** @param array<string, array{float, float}> $windows */
    private static function working(
        Addition $addition,
        Estimate $kg,
        Estimate $mass,
        Composition $found,
        array $windows,
        QuantityFormatter $format,
    ): Working {
        $inputs = [new WorkingInput('M', 'Metal in the pot', $format->estimate($mass), 'computed')];
        foreach ($windows as $element => [$low, $high]) {
            $in = self::arriving($addition, $element, $found->base);
            $is = $found->share($element);
            // What it is added for, and what it thins.
            if ($in < $is->si * 0.5 && ($is->si <= $high || $in >= $is->si)) {
                continue;
            }
            $inputs[] = new WorkingInput('c', "{$element} in the pot", PotMetal::percent($is), 'computed');
            $inputs[] = new WorkingInput('w', "{$element} wanted", PotElement::window([$low, $high]), 'table');
            $inputs[] = new WorkingInput(
                'c r',
                "{$element} that arrives of it",
                PotMetal::percent($addition->composition->share($element)->times(
                    $element === $found->base ? 1.0 : Recovery::of($found->base, $element)->added->si,
                )),
                'table',
            );
        }

        return new Working(
            'a = M (w − c) ÷ (c r − w), all elements together',
            $inputs,
            $format->estimate($kg),
            '',
            'mass balance; least mass that brings every element inside, windows drawn in by what is not known',
            Mark::Derived,
        );
    }

    /** @param list<CorrectionLine> $lines */
    private static function said(array $lines, PotMetal $after, ?Estimate $room, QuantityFormatter $format): string
    {
        if ([] === $lines) {
            return 'Nothing that could be weighed out is missing.';
        }
        $over = null === $room ? 0.0 : $after->mass->si - $room->si;
        if ($over > 0.0) {
            return 'With this there is more than the crucible should hold: ladle '.$format->si($over, Dimension::Mass)
                .' into a warm, dry ingot mould first, and work it out again.';
        }
        $count = count($lines);

        return (1 === $count ? 'One thing' : "{$count} things")
            .' to weigh out. Warm and dry each before it goes in; stir, skim, check again.';
    }
}
