<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Pattern;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Working\Working;
use MoltenNotes\Core\Working\WorkingInput;

/**
 * From the first pattern to the metal, stage by stage: print → silicone → wax → metal, each smaller than the one before it.
 *
 * F_i = Π 1/(1 − c_j) over the steps after stage i is how much larger it is than the casting (Contraction; derived). What a step takes is
 * what was measured of both its ends, else what is typed, else what is usual of its form (Data/forms.php) or of its alloy.
 */
final readonly class PatternStages
{
    /** How unsure the contraction of a metal is: the mould holds it back, or does not. Common practice. */
    private const METAL_WITHIN = 0.2;
    /** What a step can be at most; more was measured of two different things. */
    private const MOST = 0.1;
    private const LEAST = -0.02;

    /**
     * @param list<PatternStep> $stages the first first, without the metal
     * @param Estimate $metal contraction of the last step
     * @param list<string> $doubts what cannot be right
     */
    private function __construct(public array $stages, public Estimate $metal, public bool $isMetalMeasured, public array $doubts)
    {
    }

    /**
     * @param list<array{id: string, name: string, columns: array<string, mixed>, length: Measurement|null}> $chain the first first
     * @param Measurement|null $casting the same edge on a casting; lengths are what was measured last of one edge
     * @param Length|null $wanted an edge as it is wanted on the casting
     */
    public static function of(array $chain, Alloy $alloy, ?Measurement $casting, ?Length $wanted, QuantityFormatter $format): self
    {
        $doubts = [];
        $steps = [];
        $before = null;
        $since = 0;
        foreach ($chain as $index => $one) {
            $steps[] = 0 === $index ? [null, 'first'] : self::step($one['columns']);
            $steps = self::measured($steps, $since, $index, $before, $one['length'], $one['name'], $doubts);
            [$before, $since] = null === $one['length'] ? [$before, $since] : [$one['length'], $index];
        }
        $usual = Estimate::ratio(
            $alloy->contraction->si(),
            (1 - self::METAL_WITHIN) * $alloy->contraction->si(),
            (1 + self::METAL_WITHIN) * $alloy->contraction->si(),
        );
        $whole = self::measured([...$steps, [$usual, 'usual']], $since, count($steps), $before, $casting, 'The casting', $doubts);
        [$metal, $how] = $whole[count($steps)];
        $metal ??= $usual;
        $steps = array_slice($whole, 0, count($steps));
        $last = new WorkingInput(
            'c metal',
            $alloy->name.('measured' === $how ? ', measured' : ''),
            self::percent($metal),
            'measured' === $how ? 'typed' : 'table',
        );
        $stages = [];
        foreach ($chain as $index => $one) {
            $after = array_slice($steps, $index + 1);
            $taken = [];
            $inputs = [];
            foreach ($after as $offset => [$step, $from]) {
                $taken[] = $step ?? Estimate::ratio(0.0);
                $inputs[] = new WorkingInput(
                    'c'.($offset + 1),
                    $chain[$index + 1 + $offset]['name'].('measured' === $from ? ', measured' : ''),
                    self::percent($step ?? Estimate::ratio(0.0)),
                    'usual' === $from ? 'table' : 'typed',
                );
            }
            $factor = Estimate::through(
                Dimension::Ratio,
                static fn (float ...$by): float => array_product(array_map(static fn (float $c): float => 1 / (1 - $c), $by)),
                ...[...$taken, $metal],
            );
            $size = null === $wanted
                ? null
                : Estimate::between(
                    Dimension::Length,
                    $wanted->si() * $factor->si,
                    $wanted->si() * $factor->lowSi,
                    $wanted->si() * $factor->highSi,
                );
            $stages[] = new PatternStep(
                $one['id'],
                $one['name'],
                self::formOf($one['columns']),
                $steps[$index][0],
                $steps[$index][1],
                $factor,
                $size,
                new Working(
                    'F = Π 1 / (1 − c)',
                    [...$inputs, $last],
                    self::factor($factor->si),
                    self::factor($factor->lowSi).' to '.self::factor($factor->highSi),
                    'contraction of each step after this one; the product is derived',
                    Mark::Derived,
                ),
            );
        }

        return new self($stages, $metal, 'measured' === $how, $doubts);
    }

    /** What lies between the first stage and the last before the metal, as one contraction; null where they are the same. */
    public function beforeTheMetal(): ?Estimate
    {
        $first = $this->stages[0] ?? null;
        $last = [] === $this->stages ? null : $this->stages[count($this->stages) - 1];

        return null === $first || null === $last || $first->id === $last->id
            ? null
            : Estimate::through(
                Dimension::Ratio,
                static fn (float ...$by): float => 1 - array_product(array_map(static fn (float $c): float => 1 - $c, $by)),
                ...array_map(
                    static fn (PatternStep $one): Estimate => $one->step ?? Estimate::ratio(0.0),
                    array_slice($this->stages, 1),
                ),
            );
    }

    /**
     * Ids from the first that it was taken from down to itself. A circle, or one that is no longer there, ends it.
     *
     * @param array<string, string|null> $after thing → what it was taken from
     *
     * @return list<string>
     */
    public static function chain(string $id, array $after): array
    {
        $chain = [];
        $at = $id;
        while (null !== $at && array_key_exists($at, $after) && !in_array($at, $chain, true)) {
            $chain[] = $at;
            $at = $after[$at];
        }

        return array_reverse($chain);
    }

    /**
     * Whether it was, by whatever way, taken from itself.
     *
     * @param array<string, string|null> $after thing → what it was taken from
     */
    public static function isCircle(string $id, array $after): bool
    {
        $seen = [];
        $at = $after[$id] ?? null;
        while (null !== $at && !in_array($at, $seen, true)) {
            if ($at === $id) {
                return true;
            }
            $seen[] = $at;
            $at = $after[$at] ?? null;
        }

        return false;
    }

    /**
     * @param array<string, mixed> $columns
     *
     * @return array{Estimate, 'typed'|'usual'}
     */
    private static function step(array $columns): array
    {
        $typed = $columns['contraction'] ?? null;
        if ($typed instanceof Measurement) {
            return [Estimate::of($typed), 'typed'];
        }
        $form = PatternForm::find(is_string($columns['form'] ?? null) ? $columns['form'] : null);

        return [$form->contraction ?? Estimate::ratio(0.0), 'usual'];
    }

    /**
     * The steps with what was measured of the last: 1 − c = after/before ÷ Π(1 − c) of the steps between, which nobody measured, a rubber
     * say. What those take is then only how it is shared out: together they are what was measured, and carry no spread of their own.
     *
     * @param list<array{Estimate|null, 'measured'|'typed'|'usual'|'first'}> $steps
     * @param int $since the stage that was measured before, $at the one that is
     * @param list<string> $doubts
     *
     * @return list<array{Estimate|null, 'measured'|'typed'|'usual'|'first'}>
     */
    private static function measured(
        array $steps,
        int $since,
        int $at,
        ?Measurement $before,
        ?Measurement $after,
        string $name,
        array &$doubts,
    ): array {
        if (null === $before || null === $after || $before->si() <= 0.0 || $at <= $since) {
            return $steps;
        }
        $between = 1.0;
        for ($step = $since + 1; $step < $at; ++$step) {
            $between *= 1 - ($steps[$step][0]->si ?? 0.0);
        }
        $taken = Estimate::through(
            Dimension::Ratio,
            static fn (float $a, float $b): float => 1 - $b / $a / $between,
            Estimate::of($before),
            Estimate::of($after),
        );
        if ($taken->si > self::MOST || $taken->si < self::LEAST) {
            $doubts[] = "{$name}: ".self::percent($taken)
                .' against what it was taken from is not the contraction of one edge; it is left out.';

            return $steps;
        }
        for ($step = $since + 1; $step < $at; ++$step) {
            $steps[$step] = [Estimate::ratio($steps[$step][0]->si ?? 0.0), $steps[$step][1]];
        }
        $steps[$at] = [$taken, 'measured'];

        return $steps;
    }

    /** @param array<string, mixed> $columns */
    private static function formOf(array $columns): string
    {
        return is_string($columns['form'] ?? null) ? Choices::label('pattern_form', $columns['form']) : '';
    }

    /** A size to cut or print to: to a tenth of a millimetre, or a hundredth of an inch, with its ends. */
    public static function size(Estimate $size, QuantityFormatter $format): string
    {
        $unit = $format->exact($size)['unit'];
        $decimals = 'in' === $unit ? 3 : 1;
        $unit = in_array($unit, ['mm', 'in'], true) ? $unit : 'mm';
        $in = static fn (float $si): string => number_format(Measurement::fromSi($si, $unit)->in($unit), $decimals, '.', '');
        $middle = $in($size->si)."\u{a0}{$unit}";

        return $in($size->lowSi) === $in($size->highSi) ? $middle : "{$middle} ({$in($size->lowSi)} to {$in($size->highSi)})";
    }

    /** In per cent, with its spread where it has one. */
    public static function percent(Estimate $step): string
    {
        $one = static fn (float $c): string => rtrim(rtrim(number_format(100 * $c, 2, '.', ''), '0'), '.');

        return $step->highSi - $step->lowSi < 1e-6
            ? $one($step->si).' %'
            : $one($step->si).' % ('.$one($step->lowSi).' to '.$one($step->highSi).')';
    }

    /** A scale with four decimals: a tenth of a millimetre on a metre. */
    public static function factor(float $factor): string
    {
        return number_format($factor, 4, '.', '');
    }
}
