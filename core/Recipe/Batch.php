<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Recipe;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Quantity\Volume;
use MoltenNotes\Core\Working\Figure;
use MoltenNotes\Core\Working\Working;
use MoltenNotes\Core\Working\WorkingInput;

/**
 * A batch of a recipe: what to put on the scale, in the order of mixing, in how many goes, and how long it can be worked.
 *
 * Mass = volume × density of the mix × (1 + reserve), or area × coats × wet thickness × density × (1 + reserve), shared out by the parts of
 * the recipe (derived). Times of the table hold at 20 °C and go with tenfold^((20 − T)/10) (common practice; a rule of thumb of chemistry).
 * A bucket is filled to two thirds, for stirring (common practice). Batches follow one another as fast as one is mixed: where that takes
 * longer than the mix can be worked, a joint is cold.
 */
final readonly class Batch
{
    private const BUCKET = 2 / 3;
    /** Makers, air and hands differ. */
    private const TIME_WITHIN = 0.25;
    /** How thick a coat is brushed or dipped. */
    private const COAT_WITHIN = 0.3;
    private const FILL_WITHIN = 0.03;

    /**
     * @param list<array{name: string, figure: Figure, how: string}> $lines in the order of mixing, of all batches together
     * @param list<array{code: 'works'|'sets'|'ready', label: string, seconds: Estimate}> $timers from the first contact of the parts
     * @param int $count batches
     * @param list<array{standing: 'risky'|'bad', words: string}> $warnings
     */
    private function __construct(
        public Estimate $mass,
        public array $lines,
        public array $timers,
        public int $count,
        public array $warnings,
    ) {
    }

    /**
     * Null where there is nothing to fill or to coat.
     *
     * @param list<Volume> $volumes that are filled at one go, each above 0; for a recipe that goes by volume
     * @param Area|null $area for a recipe that goes by area
     * @param int $coats 1…20
     * @param Temperature|null $at of what the recipe says has to be at it; null for 20 °C
     * @param Volume|null $bucket the largest there is
     */
    public static function of(
        Recipe $recipe,
        QuantityFormatter $format,
        array $volumes,
        ?Area $area = null,
        int $coats = 1,
        ?Temperature $at = null,
        ?Volume $bucket = null,
    ): ?self {
        $fill = array_sum(array_map(static fn (Volume $one): float => $one->si(), $volumes));
        $thick = $recipe->thickness?->si() ?? 0.0;
        $cubic = 'volume' === $recipe->by ? $fill : ($area?->si() ?? 0.0) * $coats * $thick;
        if ($cubic <= 0.0) {
            return null;
        }
        $density = $recipe->density()->si();
        $mass = Estimate::exact(Dimension::Mass, $cubic * $density * (1 + $recipe->reserve))->widenedBy(
            'volume' === $recipe->by ? self::FILL_WITHIN : self::COAT_WITHIN,
        );
        $shown = static fn (Estimate $value): string => Figure::shown($value, $format);
        $lines = [];
        foreach ($recipe->parts as $part) {
            $value = $mass->times($part->parts / $recipe->sum());
            $inputs = [
                'volume' === $recipe->by
                    ? new WorkingInput('V', 'To be filled', $format->si($fill, Dimension::Volume), 'computed')
                    : new WorkingInput('A', "To be coated, {$coats} times", $format->si($area?->si() ?? 0.0, Dimension::Area), 'computed'),
                new WorkingInput('ρ', 'Density of the mix', $format->si($density, Dimension::Density), 'table'),
                new WorkingInput('r', 'Reserve', round(100 * $recipe->reserve).' %', 'table'),
                new WorkingInput('p', 'Parts of '.round($recipe->sum(), 2), (string) round($part->parts, 3), 'table'),
            ];
            if ('area' === $recipe->by) {
                $inputs[] = new WorkingInput('s', 'Wet, a coat', $format->si($thick, Dimension::Length), 'table');
            }
            $lines[] = [
                'name' => $part->name,
                'figure' => new Figure(
                    'part',
                    $part->name,
                    $value,
                    new Working(
                        'volume' === $recipe->by ? 'm = V ρ (1 + r) p / Σp' : 'm = A n s ρ (1 + r) p / Σp',
                        $inputs,
                        $shown($value),
                        '± '.round(100 * $value->relativeSpread()).' %',
                        'shares of a mix by mass',
                        Mark::Derived,
                    ),
                ),
                'how' => $part->how,
            ];
        }
        $mixed = $cubic * (1 + $recipe->reserve);
        $count = null === $bucket || $bucket->si() <= 0.0 ? 1 : (int) ceil($mixed / (self::BUCKET * $bucket->si()) - 1e-9);
        $timers = self::timers($recipe, $at);

        return new self($mass, $lines, $timers, max(1, $count), self::warnings($recipe, max(1, $count), $timers, $at, $format));
    }

    /** @return list<array{code: 'works'|'sets'|'ready', label: string, seconds: Estimate}> */
    private static function timers(Recipe $recipe, ?Temperature $at): array
    {
        $factor = $recipe->tenfold ** ((20.0 - ($at?->celsius() ?? 20.0)) / 10);
        $timers = [];
        foreach (['works' => 'In place by', 'sets' => 'Holds its shape', 'ready' => 'Ready for the next step'] as $code => $label) {
            $time = $recipe->{$code};
            if ($time instanceof Time) {
                $seconds = Estimate::exact(Dimension::Time, $time->si() * $factor)->widenedBy(self::TIME_WITHIN);
                $timers[] = ['code' => $code, 'label' => $label, 'seconds' => $seconds];
            }
        }

        return $timers;
    }

    /**
     * @param list<array{code: 'works'|'sets'|'ready', label: string, seconds: Estimate}> $timers
     *
     * @return list<array{standing: 'risky'|'bad', words: string}>
     */
    private static function warnings(Recipe $recipe, int $count, array $timers, ?Temperature $at, QuantityFormatter $format): array
    {
        $warnings = [];
        $works = 'works' === ($timers[0]['code'] ?? '') ? $timers[0]['seconds'] : null;
        if ($count > 1 && $recipe->oneBatch) {
            $warnings[] = [
                'standing' => 'bad',
                'words' => "It takes {$count} batches, and the joint between two of them does not hold: a larger bucket, or a second pair "
                    .'of hands that mixes beside you, so that all of it is poured at once.',
            ];
        } elseif ($count > 1 && null !== $works && $recipe->mixes->si() > $works->lowSi) {
            $warnings[] = [
                'standing' => 'bad',
                'words' => "It takes {$count} batches, and the one before has begun to set when the next is mixed: mix smaller ones.",
            ];
        }
        if (null !== $works && $works->lowSi < $recipe->mixes->si() + 60.0) {
            $warnings[] = [
                'standing' => 'bad',
                'words' => 'At this temperature it sets before it is mixed and in place: cool the '.$recipe->of.'.',
            ];
        }
        if (null !== $at && $at->celsius() < 5.0 && $recipe->tenfold > 1.0) {
            $warnings[] = [
                'standing' => 'risky',
                'words' => 'Below '.$format->si(278.15, Dimension::Temperature)
                    .' the times here are guesses, and much does not set at all.',
            ];
        }

        return $warnings;
    }
}
