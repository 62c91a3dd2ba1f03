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

/**
 * What a pour cost: energy by meter, bottle or plan at the tariff with its tax, its share of the month's fees, metal net of what came back,
 * what was used up, the wear of pattern, mould and crucible, and hours. Source: derived, bookkeeping; what is not known is named and not
 * counted, so that the sum is a least one.
 */
final readonly class PourCost
{
    /** What metal fetches again when it comes back as sprues, against what it cost: it is worth its metal, less one more melt loss. */
    private const RETURNED_WORTH = [0.85, 1.0];

    /**
     * @param list<CostLine> $lines the most expensive first, those that cannot be told last
     * @param Amount $total of what can be told
     * @param list<string> $missing what it is not counted for
     * @param Amount|null $metalGone worth of metal that came back by nobody's book; null where nothing of it is known
     */
    private function __construct(
        public array $lines,
        public Amount $total,
        public array $missing,
        public ?Estimate $hours,
        public int $castings,
        public ?Amount $metalGone,
    ) {
    }

    /** What is known is added up, what is not is named. Source: as the class says. */
    public static function of(PourFacts $facts, Rates $rates, QuantityFormatter $format): self
    {
        $lines = array_values(array_filter([
            self::energy($facts, $rates, $format),
            self::oven($facts, $rates, $format),
            self::fees($facts, $rates),
            self::metal($facts, $rates, $format),
            self::used($facts, $rates, $format),
            self::tools($facts, $rates),
            self::hours($facts, $rates, $format),
        ]));
        usort($lines, static fn (CostLine $a, CostLine $b): int => ($b->amount->middle ?? -\INF) <=> ($a->amount->middle ?? -\INF));
        $total = Amount::none($rates->currency);
        $missing = [];
        foreach ($lines as $line) {
            if (null === $line->amount) {
                $missing[] = lcfirst($line->label);
            } else {
                $total = $total->plus($line->amount);
            }
        }

        return new self($lines, $total, $missing, $facts->hours, $facts->castings, self::gone($facts, $rates));
    }

    /** What it cost, or would, in one sentence. */
    public function sentence(bool $isPlanned): string
    {
        if ([] === array_filter($this->lines, static fn (CostLine $line): bool => null !== $line->amount)) {
            return 'What it costs cannot be told yet: read the meter, put prices on the shelf, or finish the plan.';
        }
        $first = null;
        foreach ($this->lines as $line) {
            $first ??= null === $line->amount || $line->amount->middle <= 0.0 ? null : $line;
        }
        $parts = count(array_filter($this->lines, static fn (CostLine $line): bool => null !== $line->amount));
        $least = [] === $this->missing ? '' : 'at least ';
        $most = null === $first?->amount || 1 === $parts || $this->total->middle <= 0.0
            ? ''
            : ', the largest part: '.lcfirst($first->label).' ('.round(100 * $first->amount->middle / $this->total->middle).' %)';

        return ($isPlanned ? 'It will cost ' : 'It cost ')."{$least}{$this->total->words()}{$most}."
            .([] === $this->missing ? '' : ' Not counted: '.implode(', ', $this->missing).'.');
    }

    private static function energy(PourFacts $facts, Rates $rates, QuantityFormatter $format): CostLine
    {
        // A meter reads electricity, whatever nobody said of the furnace.
        $source = $facts->source ?? ('meter' === $facts->drawn->by ? EnergySource::find('electric') : null);
        $drawn = $facts->drawn->energy ?? $facts->reckoned;
        $how = null === $facts->drawn->energy ? 'reckoned' : 'measured';
        if (null === $drawn || null === $source) {
            $why = match (true) {
                '' !== $facts->drawn->fault => $facts->drawn->fault,
                null === $source => 'Say what heats the furnace.',
                default => 'Read the meter before and after, or weigh the bottle.',
            };

            return new CostLine('energy', 'Energy of the melt', null, $why, 'unknown');
        }
        $price = $rates->of($source);
        $units = $drawn->times(1 / $source->joulesPerFuelUnit);
        // A bottle that was weighed needs no heating value to be paid for.
        $units = 'kg' === $source->fuelUnit && null !== $facts->drawn->fuel
            ? Estimate::ratio($facts->drawn->fuel->si, $facts->drawn->fuel->lowSi, $facts->drawn->fuel->highSi)
            : $units;
        $told = self::units($units, $source);
        if (null === $price) {
            return new CostLine(
                'energy',
                'Energy of the melt',
                null,
                "{$told} of ".lcfirst($source->bought).': put its price into the workshop.',
                'unknown',
            );
        }
        // A meter reads the whole melt; a plan reckons for its own mould.
        $share = 'measured' === $how ? $facts->share : Estimate::ratio(1.0);
        $amount = Amount::priced($units, $price, $rates->currency)->share($share);
        $by = match ($facts->drawn->by) {
            'typed' => 'as you noted',
            'meter' => 'by the meter',
            'scale' => 'by what the bottle weighed',
            default => 'as its plan reckons',
        };
        $alone = $share->si > 0.999;

        return new CostLine(
            'energy',
            'Energy of the melt',
            $amount,
            "{$told} of ".lcfirst($source->bought).", {$by}".($alone ? '' : ', '.self::percent($share).' of it for this mould')
                .('' === $facts->drawn->fault ? '.' : ". {$facts->drawn->fault}"),
            $how,
            new Working(
                $alone ? 'E p (1 + tax)' : 'E p (1 + tax) s',
                array_values(array_filter([
                    new WorkingInput('E', 'Drawn', $told, 'measured' === $how ? 'typed' : 'computed'),
                    new WorkingInput('p', "A {$source->fuelUnit}", self::price($price / (1 + $rates->tax), $rates), 'typed'),
                    0.0 === $rates->tax ? null : new WorkingInput('tax', 'On top', self::percent(Estimate::ratio($rates->tax)), 'typed'),
                    $alone ? null : new WorkingInput('s', 'Share of this mould, by mass poured', self::percent($share), 'computed'),
                ])),
                $amount->rough(),
                $amount->spread(),
                'your tariff',
                Mark::Derived,
            ),
        );
    }

    private static function oven(PourFacts $facts, Rates $rates, QuantityFormatter $format): ?CostLine
    {
        $electric = EnergySource::find('electric');
        if (null === $facts->oven || null === $electric) {
            return null;
        }
        $price = $rates->of($electric);
        $units = self::units($facts->oven->times(1 / $electric->joulesPerFuelUnit), $electric);
        if (null === $price) {
            return new CostLine('oven', 'Oven or kiln', null, "{$units}: put the price of electricity into the workshop.", 'unknown');
        }

        return new CostLine(
            'oven',
            'Oven or kiln',
            Amount::priced($facts->oven->times(1 / $electric->joulesPerFuelUnit), $price, $rates->currency),
            "{$units}, for this mould alone.",
            'measured',
        );
    }

    private static function fees(PourFacts $facts, Rates $rates): ?CostLine
    {
        if (null === $rates->monthly || 0.0 === $rates->monthly) {
            return null;
        }
        $amount = Amount::of($rates->monthly, $rates->monthly, $rates->monthly, $rates->currency)
            ->times(1 / max(1, $facts->heats))
            ->share($facts->share);
        $heats = 1 === $facts->heats ? 'one heat' : "{$facts->heats} heats";

        return new CostLine(
            'fees',
            'Fees of the month',
            $amount,
            self::price($rates->monthly, $rates)." a month over {$heats} of that month.",
            'measured',
            new Working(
                'f / n · s',
                [
                    new WorkingInput('f', 'Fees of a month', self::price($rates->monthly, $rates), 'typed'),
                    new WorkingInput('n', 'Heats of that month', (string) $facts->heats, 'computed'),
                    new WorkingInput('s', 'Share of this mould', self::percent($facts->share), 'computed'),
                ],
                $amount->rough(),
                $amount->spread(),
                'your bill',
                Mark::Derived,
            ),
        );
    }

    private static function metal(PourFacts $facts, Rates $rates, QuantityFormatter $format): CostLine
    {
        if ([] === $facts->charged) {
            if (null === $facts->lost) {
                return new CostLine('metal', 'Metal', null, 'Its book says nothing, and its plan cannot tell its mass.', 'unknown');
            }
            $mass = $format->estimate($facts->lost);
            if (null === $facts->shelf) {
                $words = "{$mass} stay away: put the price of a lot of this metal on the shelf.";

                return new CostLine('metal', 'Metal', null, $words, 'unknown');
            }
            $amount = Amount::priced($facts->lost, $facts->shelf['price'], $rates->currency);

            return new CostLine(
                'metal',
                'Metal',
                $amount,
                "{$mass} stay away by its plan, at the price of {$facts->shelf['name']}; what comes back is not paid for.",
                'reckoned',
                new Working(
                    'm p',
                    [
                        new WorkingInput('m', 'Casting, dross and splashes', $mass, 'computed'),
                        new WorkingInput(
                            'p',
                            "A kilogram of {$facts->shelf['name']}",
                            self::price($facts->shelf['price'], $rates),
                            'typed',
                        ),
                    ],
                    $amount->rough(),
                    $amount->spread(),
                    'your shelf',
                    Mark::Derived,
                ),
            );
        }
        $in = $paid = $back = 0.0;
        $inputs = [];
        $unpriced = [];
        foreach ($facts->charged as $lot) {
            $in += $lot['kg'];
            if (null === $lot['price']) {
                $unpriced[] = $lot['name'];
            }
            $paid += $lot['kg'] * ($lot['price'] ?? 0.0);
            $price = null === $lot['price'] ? '' : ' at '.self::price($lot['price'], $rates);
            $inputs[] = new WorkingInput('m', $lot['name'], $format->si($lot['kg'], Dimension::Mass).$price, 'typed');
        }
        foreach ($facts->returned as $lot) {
            $back += $lot['kg'];
            $inputs[] = new WorkingInput('r', "Back: {$lot['name']}", $format->si($lot['kg'], Dimension::Mass), 'typed');
        }
        $share = $in > 0.0 ? min(1.0, $back / $in) : 0.0;
        [$low, $high] = self::RETURNED_WORTH;
        $left = static fn (float $worth): float => $paid * (1 - $share * $worth);
        $net = Amount::of($left(($low + $high) / 2), $left($high), $left($low), $rates->currency)->share($facts->share);
        if ([] !== $unpriced && count($unpriced) === count($facts->charged)) {
            return new CostLine('metal', 'Metal', null, 'Put the price of '.implode(' and ', $unpriced).' on the shelf.', 'unknown');
        }
        $words = $format->si($in, Dimension::Mass).' went in, '.(0.0 === $back
            ? 'nothing came back by the book.'
            : $format->si($back, Dimension::Mass).' came back and is worth its metal, less a melt.');
        $worth = self::percent(Estimate::ratio(($low + $high) / 2, $low, $high));

        return new CostLine(
            'metal',
            'Metal',
            $net,
            $words.([] === $unpriced ? '' : ' Without '.implode(' and ', $unpriced).', whose price nobody said.'),
            'measured',
            new Working(
                'Σ m p − Σ r p w',
                [...$inputs, new WorkingInput('w', 'Worth of returns', $worth, 'default')],
                $net->rough(),
                $net->spread(),
                'the book of the shelf',
                Mark::CommonPractice,
            ),
        );
    }

    private static function used(PourFacts $facts, Rates $rates, QuantityFormatter $format): ?CostLine
    {
        if ([] === $facts->used) {
            return null;
        }
        $amount = Amount::none($rates->currency);
        $words = $unpriced = [];
        foreach ($facts->used as $one) {
            $told = 'kg' === $one['unit'] ? $format->si($one['amount'], Dimension::Mass).' of' : round($one['amount']).' ×';
            $words[] = "{$told} {$one['name']}";
            if (null === $one['price']) {
                $unpriced[] = $one['name'];
                continue;
            }
            $cost = $one['amount'] * $one['price'];
            $amount = $amount->plus(
                Amount::of($cost, $cost, $cost, $rates->currency)->share($one['whole'] ? $facts->share : Estimate::ratio(1.0)),
            );
        }
        if (count($unpriced) === count($facts->used)) {
            $words = 'Put the price of '.implode(' and ', $unpriced).' into the workshop.';

            return new CostLine('used', 'What was used up', null, $words, 'unknown');
        }

        return new CostLine(
            'used',
            'What was used up',
            $amount,
            implode('; ', $words).'.'.([] === $unpriced ? '' : ' Without '.implode(' and ', $unpriced).', whose price nobody said.'),
            'measured',
        );
    }

    private static function tools(PourFacts $facts, Rates $rates): ?CostLine
    {
        if ([] === $facts->tools) {
            return null;
        }
        $amount = Amount::none($rates->currency);
        $words = [];
        $inputs = [];
        foreach ($facts->tools as $tool) {
            [$few, $many] = [max(1, $tool['uses'][0]), max(1, $tool['uses'][1])];
            $each = Amount::of(
                ($tool['cost'] / $few + $tool['cost'] / $many) / 2,
                $tool['cost'] / $many,
                $tool['cost'] / $few,
                $rates->currency,
            );
            $own = $each->times($tool['times'])->share($tool['whole'] ? $facts->share : Estimate::ratio(1.0));
            $amount = $amount->plus($own);
            $words[] = "{$tool['name']} {$own->rough()}";
            $uses = $few === $many ? (string) $few : "{$few} to {$many}";
            $inputs[] = new WorkingInput('c / n', $tool['name'], self::price($tool['cost'], $rates)." over {$uses} uses", 'typed');
        }

        return new CostLine(
            'tools',
            'Wear of pattern, mould and crucible',
            $amount,
            implode(', ', $words).': what each cost, over the uses that such a thing bears.',
            'reckoned',
            new Working('Σ c / n', $inputs, $amount->rough(), $amount->spread(), 'usual lives of such things', Mark::CommonPractice),
        );
    }

    private static function hours(PourFacts $facts, Rates $rates, QuantityFormatter $format): ?CostLine
    {
        if (null === $facts->hours || null === $rates->hour) {
            return null;
        }
        $amount = Amount::priced($facts->hours, $rates->hour / 3600, $rates->currency);

        return new CostLine(
            'hours',
            'Hours',
            $amount,
            $format->estimate($facts->hours).' hands on, '.($facts->isTold ? 'as you noted' : 'as such pours usually take')
                .', at '.self::price($rates->hour, $rates).' each.',
            $facts->isTold ? 'measured' : 'reckoned',
        );
    }

    /** What of the charge neither came back nor is in the casting by its plan: a saving for whoever has not written it down. */
    private static function gone(PourFacts $facts, Rates $rates): ?Amount
    {
        $in = $kg = $paid = 0.0;
        foreach ($facts->charged as $lot) {
            $in += $lot['kg'];
            if (null !== $lot['price']) {
                $kg += $lot['kg'];
                $paid += $lot['kg'] * $lot['price'];
            }
        }
        if (0.0 === $kg || null === $facts->lost) {
            return null;
        }
        $back = array_sum(array_column($facts->returned, 'kg'));
        $left = ($in - $back) * $facts->share->si - $facts->lost->highSi;
        $price = $paid / $kg;

        return $left <= 1e-6 ? null : Amount::of($left * $price, $left * $price * 0.85, $left * $price, $rates->currency);
    }

    private static function units(Estimate $units, EnergySource $source): string
    {
        $number = static fn (float $x): string => rtrim(rtrim(number_format($x, $x < 10 ? 2 : 1, '.', ''), '0'), '.');
        $spread = $units->relativeSpread() < 0.01 ? '' : " ({$number($units->lowSi)} to {$number($units->highSi)})";

        return "{$number($units->si)} {$source->fuelUnit}{$spread}";
    }

    private static function price(float $price, Rates $rates): string
    {
        return rtrim(rtrim(number_format($price, 4, '.', ''), '0'), '.')." {$rates->currency}";
    }

    private static function percent(Estimate $share): string
    {
        $one = static fn (float $x): string => (string) round(100 * $x, $x < 0.1 ? 1 : 0);

        return $share->highSi - $share->lowSi < 0.005
            ? $one($share->si).' %'
            : $one($share->lowSi).' to '.$one($share->highSi).' %';
    }
}
