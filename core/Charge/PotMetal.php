<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Working\Working;
use MoltenNotes\Core\Working\WorkingInput;

/**
 * What is in the pot, from what went into it: c = Σ mᵢ(1 − lᵢ) cᵢ r ÷ Σ mᵢ(1 − lᵢ) + g, element by element.
 *
 * m kg charged, l melt loss, c share in the lot, r what the melt keeps of the element (of what is stirred into liquid metal: what arrives),
 * g what pots and tools bring. What is not known of the lots is taken to err together: returns and the scrap that they came from are one
 * metal, and mixing them tells nobody more of it. Derived, a mass balance; r and g from Data/recoveries.php, which are rough.
 */
final readonly class PotMetal
{
    private const SHOWN = 12;

    /**
     * @param list<PotLine> $lines what went in
     * @param Estimate $mass kg in the pot, 0 or more
     * @param Composition|null $composition null where nothing went in, or metal of which nothing is known
     * @param float $remelts of its metal in the mean, this melt among them
     */
    private function __construct(public array $lines, public Estimate $mass, public ?Composition $composition, public float $remelts)
    {
    }

    /** @param list<PotLine> $lines */
    public static function of(array $lines): self
    {
        $arrives = array_map(static fn (PotLine $line): Estimate => $line->arrives(), $lines);
        $mass = Estimate::exact(Dimension::Mass, 0.0);
        foreach ($arrives as $one) {
            $mass = $mass->plus($one);
        }
        $told = array_filter($lines, static fn (PotLine $line): bool => null === $line->composition && $line->mass->si > 0.0);
        $remelts = 0.0;
        foreach ($lines as $i => $line) {
            $remelts += $mass->si > 0.0 ? ($arrives[$i]->si / $mass->si) * $line->remelts : 0.0;
        }

        return new self($lines, $mass, $mass->si > 0.0 && [] === $told ? self::melted($lines) : null, 1 + $remelts);
    }

    /**
     * Names of what went in and of which nothing is known.
     *
     * @return list<string>
     */
    public function unknown(): array
    {
        return array_values(array_unique(array_map(
            static fn (PotLine $line): string => $line->name,
            array_filter($this->lines, static fn (PotLine $line): bool => null === $line->composition && $line->mass->si > 0.0),
        )));
    }

    /**
     * Metals put together and not melted yet: no loss, nothing burnt off.
     *
     * @param list<array{float, Composition}> $parts kg, above zero in sum, and what each is made of
     */
    public static function blend(array $parts): Composition
    {
        $all = array_sum(array_column($parts, 0));
        $base = self::base($parts);
        $shares = [];
        foreach (self::elements(array_column($parts, 1)) as $element) {
            if ($element !== $base) {
                $shares[$element] = Estimate::through(
                    Dimension::Ratio,
                    static function (float $where) use ($parts, $all, $element): float {
                        $sum = 0.0;
                        foreach ($parts as [$kg, $composition]) {
                            $sum += $kg * self::within($composition->share($element), $where);
                        }

                        return $sum / $all;
                    },
                    self::somewhere(),
                );
            }
        }

        return new Composition($base, $shares);
    }

    /**
     * What the book says of a melt where nobody wrote it down: how much was charged, and of what.
     *
     * @return array<string, Measurement|string> by field of the record; empty where nothing went in
     */
    public function values(): array
    {
        $kg = [];
        foreach ($this->lines as $line) {
            $kg[$line->form ?? 'unknown'] = ($kg[$line->form ?? 'unknown'] ?? 0.0) + $line->mass->si;
        }
        $all = array_sum($kg);
        if ($all <= 0.0) {
            return [];
        }
        arsort($kg);
        $forms = array_keys($kg);
        $values = ['metal.charge' => Measurement::of(round($all, 6), 'kg'), 'metal.source' => $forms[0]];
        foreach ([1 => '2', 2 => '3'] as $place => $part) {
            if (isset($forms[$place])) {
                $values["metal.source_{$part}"] = $forms[$place];
                $values["metal.share_{$part}"] = Measurement::of(round(100 * $kg[$forms[$place]] / $all, 2), 'percent');
            }
        }

        return $values;
    }

    /** How the share of an element came about. */
    public function working(string $element, Estimate $share, QuantityFormatter $format): Working
    {
        $recovery = Recovery::of($this->composition->base ?? '', $element);
        $inputs = [];
        foreach (array_slice($this->lines, 0, self::SHOWN) as $line) {
            $inputs[] = new WorkingInput('m(1 − l)', "{$line->name}, arrives", $format->estimate($line->arrives()), 'computed');
            $inputs[] = new WorkingInput('c', "{$line->name}, {$element}", self::percent($line->composition?->share($element)), 'computed');
        }
        $ways = array_map(static fn (PotLine $line): ChargedAs => $line->as, $this->lines);
        if (in_array(ChargedAs::Cold, $ways, true) && !self::isOne($recovery->kept)) {
            $inputs[] = new WorkingInput('r', "{$element} that a melt keeps", self::percent($recovery->kept), 'table');
        }
        if (in_array(ChargedAs::Stirred, $ways, true) && !self::isOne($recovery->added)) {
            $inputs[] = new WorkingInput('r', "{$element} that arrives when stirred in", self::percent($recovery->added), 'table');
        }
        if (in_array(ChargedAs::Cold, $ways, true) && $recovery->gained->highSi > 0.0) {
            $inputs[] = new WorkingInput('g', 'From pots and tools', self::percent($recovery->gained), 'table');
        }

        return new Working(
            'c = Σ m(1 − l) c r ÷ Σ m(1 − l) + g',
            $inputs,
            self::percent($share),
            '',
            'mass balance; what melts keep and bring is common practice, rough',
            Mark::Derived,
        );
    }

    /** "7.2 (6.8–7.6) %"; "not known" where nothing is. */
    public static function percent(?Estimate $share): string
    {
        if (null === $share) {
            return 'not known';
        }
        $wide = 100 * max($share->highSi - $share->lowSi, 0.0);
        $decimals = match (true) {
            $wide >= 3 => 0,
            $wide >= 0.3 => 1,
            $wide >= 0.03, $share->si >= 0.01 => 2,
            default => 3,
        };
        $number = static function (float $x) use ($decimals): string {
            $text = number_format(100 * $x, $decimals, '.', '');

            return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
        };
        $middle = $number($share->si);
        [$low, $high] = [$number($share->lowSi), $number($share->highSi)];

        return $low === $high ? "{$middle} %" : "{$middle} ({$low}–{$high}) %";
    }

    /** From the low ends of all lots at 0 over their middles at 1 to their high ends at 2. */
    private static function somewhere(): Estimate
    {
        return Estimate::ratio(1.0, 0.0, 2.0);
    }

    /** A share, that far between its ends. */
    private static function within(Estimate $share, float $where): float
    {
        return $where < 1.0
            ? $share->si - (1.0 - $where) * ($share->si - $share->lowSi)
            : $share->si + ($where - 1.0) * ($share->highSi - $share->si);
    }

    private static function isOne(Estimate $share): bool
    {
        return $share->lowSi >= 1.0;
    }

    /** @param list<PotLine> $lines each of known composition */
    private static function melted(array $lines): Composition
    {
        $parts = [];
        foreach ($lines as $line) {
            if (null !== $line->composition && $line->mass->si > 0.0) {
                $parts[] = [$line->arrives()->si, $line->composition, $line->as];
            }
        }
        $all = array_sum(array_column($parts, 0));
        $base = self::base(array_map(static fn (array $part): array => [$part[0], $part[1]], $parts));
        $cold = in_array(ChargedAs::Cold, array_column($parts, 2), true);
        $elements = self::elements(array_column($parts, 1));
        // What pots and tools bring came with the melt; metal that is only topped up has it already.
        $elements = array_unique([...$elements, ...$cold ? Recovery::gainedIn($base) : []]);
        $shares = [];
        foreach ($elements as $element) {
            if ($element === $base) {
                continue;
            }
            $recovery = Recovery::of($base, $element);
            $shares[$element] = Estimate::through(
                Dimension::Ratio,
                static function (float $kept, float $added, float $gained, float $where) use ($parts, $all, $element): float {
                    $keeps = [ChargedAs::Cold->value => $kept, ChargedAs::Stirred->value => $added, ChargedAs::Liquid->value => 1.0];
                    $sum = 0.0;
                    foreach ($parts as [$kg, $composition, $as]) {
                        $sum += $kg * self::within($composition->share($element), $where) * $keeps[$as->value];
                    }

                    return min(1.0, $sum / $all + $gained);
                },
                $recovery->kept,
                $recovery->added,
                $cold ? $recovery->gained : Estimate::ratio(0.0),
                self::somewhere(),
            );
        }

        return new Composition($base, $shares);
    }

    /** @param list<array{float, Composition}> $parts */
    private static function base(array $parts): string
    {
        $sums = [];
        foreach ($parts as [$kg, $composition]) {
            foreach ($composition->middle() as $element => $share) {
                $sums[$element] = ($sums[$element] ?? 0.0) + $kg * $share;
            }
        }
        arsort($sums);

        return (string) array_key_first($sums);
    }

    /**
     * @param list<Composition> $compositions
     *
     * @return list<string>
     */
    private static function elements(array $compositions): array
    {
        $elements = [];
        foreach ($compositions as $one) {
            $elements = [...$elements, $one->base, ...array_map(strval(...), array_keys($one->shares))];
        }

        return array_values(array_unique($elements));
    }
}
