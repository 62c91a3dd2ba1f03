<?php

declare(strict_types=1);

namespace MoltenNotes\Core\PourDay;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Mould\Suitability;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Table;
use MoltenNotes\Core\Working\Figure;

/** The day of a pour, made from its plan: what to lay ready, what must be so, step by step, and what the metal does meanwhile. */
final readonly class RunSheet
{
    /** Seconds out of the furnace at which the temperature at the mould is told; between them it is the nearer one. */
    private const SECONDS = [0, 5, 10, 15, 20, 30, 45, 60, 90, 120];

    /** The taps that carry the day forward. */
    private const STEPS = [
        'lit' => 'Light the furnace',
        'all_liquid' => 'Melt',
        'skimmed' => 'Treat and skim',
        'out' => 'Take it out',
        'pour' => 'Carry and pour',
        'full' => 'Keep the cup full',
        'opened' => 'Leave it',
    ];
    private const TWO = 'two_lift';
    private const OPENING = [
        'solid_through' => 'Solid right through',
        'stiff_after' => 'Stiff',
        'flare_end' => 'Past flaring',
        'hand_warm' => 'Hand-warm',
    ];

    /**
     * @param list<array{label: string, words: string}> $lay what to lay ready, with amounts from the plan
     * @param list<array{code: string, when: string, text: string, why: string}> $holds
     * @param list<array{code: string, phase: string, label: string, words: string}> $steps code: the tap that ends it
     * @param list<Tap> $taps what can happen here
     * @param list<array{code: string, label: string, do: string, not: string}> $trouble
     * @param list<array{seconds: int, shown: string, standing: string}> $metal temperature at the mould by seconds out of the furnace
     * @param string|null $fills temperature at the mould from which it fills comfortably
     * @param string|null $bears hottest that mould or metal bear
     * @param float|null $pourSeconds how long the pour takes by the plan
     * @param list<array{code: string, label: string, seconds: float, shown: string, note: string}> $opening times after the pour, late end
     */
    private function __construct(
        public array $lay,
        public array $holds,
        public array $steps,
        public array $taps,
        public array $trouble,
        public array $metal,
        public ?string $fills,
        public ?string $bears,
        public ?float $pourSeconds,
        public array $opening,
    ) {
    }

    /** Of a record as it is planned, and as far as it is made. */
    public static function of(AttemptRecord $record, QuantityFormatter $format): self
    {
        $values = $record->values();
        $basis = Basis::of($record, $format);
        $plan = PlanCasting::of($basis);
        $process = $values->choice('mould.process');
        $limit = (new Suitability($process, AlloyTable::find($values->choice('metal.alloy') ?? '')))->hottest();
        $needed = $plan->most('filling', 'needed_at_mould')?->value;

        return new self(
            self::lay($values, $plan, $format),
            self::holds($values, $plan, $format),
            self::steps($values, $plan, $format),
            array_values(array_filter(Tap::all(), static fn (Tap $tap): bool => $tap->isPossibleIn($process))),
            self::trouble($process),
            self::metal($basis, $needed?->si, $limit, $format),
            null === $needed ? null : $format->quantity(Temperature::fromSi($needed->si)),
            null === $limit ? null : $format->quantity($limit),
            $plan->figure('gating', 'fill_time')?->value->si,
            self::opening($plan, $format),
        );
    }

    /**
     * From the pour until it may be opened: solid, stiff and past flaring, the late end; null where the plan cannot tell.
     * Hand-warm is for fingers and is no part of it.
     */
    public static function opensAfter(CastingPlan $plan): ?Time
    {
        $times = [];
        foreach (array_keys(array_diff_key(self::OPENING, ['hand_warm' => ''])) as $code) {
            $figure = $plan->figure('cooling', $code);
            if (null !== $figure) {
                $times[] = $figure->value->highSi;
            }
        }

        return [] === $times ? null : Time::fromSi(max($times));
    }

    /** @return list<array{label: string, words: string}> */
    private static function lay(Values $values, CastingPlan $plan, QuantityFormatter $format): array
    {
        $lay = [];
        foreach (
            [
                ['metal', 'charge', 'Metal'],
                ['metal', 'lift', 'Crucible with its metal'],
                ['mould', 'cope_weights', 'Weights on the cope'],
                ['mould', 'sand_weights', 'Weight on the sand'],
                ['venting', 'vents_wanted', 'Vents'],
            ] as [$stage, $code, $label]
        ) {
            $figure = $plan->figure($stage, $code);
            if (null !== $figure && $figure->value->highSi > 0) {
                $lay[] = ['label' => $label, 'words' => Figure::shown($figure->value, $format)];
            }
        }
        $clamps = $values->count('mould.clamps') ?? 0;
        if ($clamps > 0) {
            $lay[] = ['label' => 'Clamps or screws', 'words' => (string) $clamps];
        }

        return $lay;
    }

    /** Whether there is a hold of this code in any process. */
    public static function isHold(string $code): bool
    {
        return in_array($code, self::holdCodes(), true);
    }

    /** @return list<string> of all processes, that of the lift among them */
    public static function holdCodes(): array
    {
        return [...array_column(self::holdRows(), 'code'), self::TWO];
    }

    /**
     * @return list<array{code: string, when: string, text: string, why: string, processes: list<string>|null,
     *     attributes: list<string>|null, with: FieldKey|null}>
     */
    private static function holdRows(): array
    {
        /**
         * @var list<array{code: string, when: string, text: string, why: string, processes: list<string>|null,
         *     attributes: list<string>|null, with: FieldKey|null}> $rows
         */
        $rows = Table::rows(
            __DIR__.'/Data/holds.php',
            ['code', 'when', 'text', 'why'],
            ['processes' => null, 'attributes' => null, 'with' => null],
        );

        return $rows;
    }

    /** @return list<array{code: string, when: string, text: string, why: string}> */
    private static function holds(Values $values, CastingPlan $plan, QuantityFormatter $format): array
    {
        $process = $values->choice('mould.process');
        $attributes = AlloyTable::find($values->choice('metal.alloy') ?? '')->attributes ?? [];
        $holds = [];
        foreach (self::holdRows() as $row) {
            if (
                (null === $row['processes'] || null === $process || in_array($process, $row['processes'], true))
                && (null === $row['attributes'] || [] !== array_intersect($row['attributes'], $attributes))
                && (null === $row['with'] || ($values->has($row['with']) && 'none' !== $values->choice($row['with'])))
            ) {
                $holds[] = ['code' => $row['code'], 'when' => $row['when'], 'text' => $row['text'], 'why' => $row['why']];
            }
        }
        $lift = $plan->figure('metal', 'lift');
        if (null !== $lift && in_array($lift->standing, ['bad', 'risky'], true)) {
            $holds[] = [
                'code' => self::TWO,
                'when' => 'lighting',
                'text' => 'A second person for the lift',
                'why' => Figure::shown($lift->value, $format).' is more than one lifts.',
            ];
        }
        $weights = $plan->figure('mould', 'cope_weights') ?? $plan->figure('mould', 'sand_weights');
        if (null !== $weights && $weights->value->highSi > 0) {
            $shown = Figure::shown($weights->value, $format);
            $holds = array_map(
                static fn (array $hold): array => in_array($hold['code'], ['held_down', 'sand_weight'], true)
                    ? ['why' => "{$hold['why']} The plan asks for {$shown}."] + $hold
                    : $hold,
                $holds,
            );
        }

        return $holds;
    }

    /** @return list<array{code: string, phase: string, label: string, words: string}> */
    private static function steps(Values $values, CastingPlan $plan, QuantityFormatter $format): array
    {
        $told = static function (?Figure $figure, string $before, string $after = '') use ($format): string {
            return null === $figure ? '' : $before.Figure::shown($figure->value, $format).$after;
        };
        $hot = $values->measurement('pour.temperature');
        $target = $hot instanceof Measurement
            ? 'To '.$format->measurement($hot).'.'
            : $told($plan->most('filling', 'needed_in_furnace'), 'To about ', '.');
        $solid = $plan->figure('cooling', 'solid_through');

        $carry = $values->measurement('pour.carry_time');
        $words = [
            'lit' => $told($plan->figure('metal', 'melt_time'), 'Melting takes ', '.'),
            'all_liquid' => $told($plan->figure('metal', 'charge'), 'Charge ', '.'),
            'skimmed' => $target,
            'out' => 'When everything stands ready.',
            'pour' => null === $carry ? '' : 'Planned '.$format->measurement($carry).'.',
            'full' => $told($plan->figure('gating', 'fill_time'), 'About ', '.'),
            'opened' => null === $solid ? 'Not before it is solid right through.' : $solid->note,
        ];
        $steps = [];
        foreach (self::STEPS as $code => $label) {
            $steps[] = ['code' => $code, 'phase' => Tap::all()[$code]->phase, 'label' => $label, 'words' => $words[$code]];
        }

        return $steps;
    }

    /** @return list<array{code: string, label: string, do: string, not: string}> */
    private static function trouble(?string $process): array
    {
        /** @var list<array{code: string, label: string, do: string, not: string, processes: list<string>|null}> $rows */
        $rows = Table::rows(__DIR__.'/Data/trouble.php', ['code', 'label', 'do', 'not'], ['processes' => null]);

        return array_values(array_map(
            static fn (array $row): array => ['code' => $row['code'], 'label' => $row['label'], 'do' => $row['do'], 'not' => $row['not']],
            array_filter(
                $rows,
                static fn (array $row): bool => null === $row['processes'] || in_array($process ?? 'green_sand', $row['processes'], true),
            ),
        ));
    }

    /** @return list<array{seconds: int, shown: string, standing: string}> */
    private static function metal(Basis $basis, ?float $needed, ?Temperature $limit, QuantityFormatter $format): array
    {
        $metal = [];
        foreach (self::SECONDS as $seconds) {
            $there = AtTheMould::after($basis, (float) $seconds);
            if (null === $there) {
                return [];
            }
            $metal[] = [
                'seconds' => $seconds,
                'shown' => Figure::shown($there->value, $format),
                'standing' => match (true) {
                    null !== $limit && $there->value->si > $limit->si() => 'bad',
                    null !== $needed && $there->value->highSi < $needed => 'bad',
                    null !== $needed && $there->value->si < $needed => 'risky',
                    null !== $needed => 'good',
                    default => 'plain',
                },
            ];
        }

        return $metal;
    }

    /** @return list<array{code: string, label: string, seconds: float, shown: string, note: string}> */
    private static function opening(CastingPlan $plan, QuantityFormatter $format): array
    {
        $times = [];
        foreach (self::OPENING as $code => $label) {
            $figure = $plan->figure('cooling', $code);
            if (null !== $figure) {
                // The late end rules: somebody stands beside it.
                $times[] = [
                    'code' => $code,
                    'label' => $label,
                    'seconds' => $figure->value->highSi,
                    'shown' => Figure::shown($figure->value, $format),
                    'note' => $figure->note,
                ];
            }
        }

        return $times;
    }
}
