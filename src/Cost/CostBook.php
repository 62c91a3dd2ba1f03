<?php

declare(strict_types=1);

namespace MoltenNotes\App\Cost;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\CareBook;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\LotBook;
use MoltenNotes\App\Notebook\Movement;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\PatternBook;
use MoltenNotes\App\Notebook\WorkshopBook;
use MoltenNotes\App\Notebook\WorkshopRow;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Calendar\PlannedMould;
use MoltenNotes\Core\Calendar\WeekTasks;
use MoltenNotes\Core\Cost\PlanCosts;
use MoltenNotes\Core\Cost\PourFacts;
use MoltenNotes\Core\Cost\Rates;
use MoltenNotes\Core\Experience\DrawnEnergy;
use MoltenNotes\Core\Experience\PastHeat;
use MoltenNotes\Core\Finishing\Route;
use MoltenNotes\Core\Finishing\RouteFacts;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Time;

/** What is known of a pour that costs something, from record, books, plan and bills. */
final readonly class CostBook
{
    public function __construct(
        private Notebook $notebook,
        private WorkshopBook $workshop,
        private LotBook $lots,
        private CareBook $care,
        private PatternBook $patterns,
        private EntityManagerInterface $storage,
    ) {
    }

    public function rates(Caster $caster): Rates
    {
        $workshop = $this->notebook->workshop($caster);
        $kept = $this->notebook->keptWorkshop($caster)?->settings()['costs'] ?? [];

        return Rates::from(is_array($kept) ? $kept : [], $workshop->tariffs, $workshop->currency);
    }

    public function facts(Attempt $attempt, QuantityFormatter $format): PourFacts
    {
        $record = $this->notebook->record($attempt);
        $basis = Basis::of($record, $format);
        $plan = PlanCasting::of($basis);
        $values = $record->values();
        $costs = PlanCosts::of($basis, $plan, 'scrap' !== $attempt->verdict());
        $source = $basis->energySource();
        $heat = $attempt->heat();
        $moved = null === $heat ? [] : $this->workshop->entriesOf($heat);
        $oven = $values->measurement('mould.energy');
        $hands = $values->measurement('work.hands');

        return new PourFacts(
            source: $source,
            drawn: DrawnEnergy::of($values, $source),
            reckoned: $costs->drawn,
            oven: null === $oven ? null : Estimate::of($oven),
            share: $this->share($attempt, $costs->poured, $format),
            heats: null === $heat ? 1 : $this->heatsOfItsMonth($attempt, $heat),
            charged: array_map(static fn (Movement $one): array => [
                'name' => $one->row()->name() ?? 'Metal without a name',
                'kg' => self::kg($one),
                'price' => self::price($one->row()),
            ], self::ofKind($moved, 'lot_charged')),
            returned: array_map(static fn (Movement $one): array => [
                'name' => $one->row()->name() ?? 'Metal without a name',
                'kg' => self::kg($one),
            ], self::ofKind($moved, 'lot_returned')),
            lost: $costs->lost,
            shelf: $this->shelfPrice($attempt->caster(), $values->choice('metal.alloy')),
            used: array_map(
                static fn (array $used): array => self::told(...$used),
                self::usedUp($moved, $this->workshop->entriesFor($attempt)),
            ),
            tools: [
                ...$this->patternTools($attempt, $basis->castings()),
                ...$this->crucible($attempt->caster(), $values->choice('crucible.name')),
            ],
            hours: null === $hands ? $this->usualHours($attempt, $basis, $plan, $format) : Estimate::of($hands),
            isTold: null !== $hands,
            castings: $basis->castings(),
            heat: $costs->heat,
            furnace: $basis->furnace['name'] ?? null,
        );
    }

    /** @return list<array{Movement, bool}> consumables that it used up, and whether the whole melt did */
    public function usedBy(Attempt $attempt): array
    {
        $heat = $attempt->heat();

        return self::usedUp(null === $heat ? [] : $this->workshop->entriesOf($heat), $this->workshop->entriesFor($attempt));
    }

    /**
     * @param list<Movement> $ofTheMelt
     * @param list<Movement> $ofTheMould
     *
     * @return list<array{Movement, bool}>
     */
    private static function usedUp(array $ofTheMelt, array $ofTheMould): array
    {
        $shared = array_filter(self::ofKind($ofTheMelt, 'consumable_used'), static fn (Movement $one): bool => null === $one->attempt());

        return [
            ...array_map(static fn (Movement $one): array => [$one, true], array_values($shared)),
            ...array_map(static fn (Movement $one): array => [$one, false], $ofTheMould),
        ];
    }

    /** Of the melt that this mould has, by mass poured; equal parts, roughly, where a plan cannot tell. */
    private function share(Attempt $attempt, ?Estimate $own, QuantityFormatter $format): Estimate
    {
        $heat = $attempt->heat();
        $mates = null === $heat ? [] : array_filter(
            $this->notebook->pouredFrom($heat),
            static fn (Attempt $one): bool => null === $one->binnedAt() && !$one->id()->equals($attempt->id()),
        );
        if ([] === $mates) {
            return Estimate::ratio(1.0);
        }
        $all = $own;
        foreach ($mates as $mate) {
            $poured = PlanCasting::of(Basis::of($this->notebook->record($mate), $format))->figure('metal', 'poured')?->value;
            $all = null === $all || null === $poured ? null : $all->plus($poured);
        }
        if (null === $own || null === $all || $all->si <= 0.0) {
            $equal = 1 / (1 + count($mates));

            return Estimate::ratio($equal, $equal / 2, min(1.0, 1.5 * $equal));
        }

        return Estimate::ratio($own->si / $all->si);
    }

    private function heatsOfItsMonth(Attempt $attempt, Heat $heat): int
    {
        $day = $heat->meltedOn() ?? $attempt->pouredOn();
        if (null === $day) {
            return 1;
        }
        $count = $this->storage->getConnection()->fetchOne(
            'SELECT COUNT(DISTINCT h.id) FROM heat h LEFT JOIN attempt a ON a.heat_id = h.id AND a.binned_at IS NULL
             WHERE h.caster_id = ? AND h.binned_at IS NULL AND COALESCE(h.melted_on, a.poured_on) BETWEEN ? AND ?',
            [$attempt->caster()->id()->toBinary(), $day->format('Y-m-01'), $day->format('Y-m-t')],
        );

        return max(1, is_numeric($count) ? (int) $count : 1);
    }

    /** @return array{name: string, price: float}|null the lot of this metal that there is most of, and that has a price */
    public function shelfPrice(Caster $caster, ?string $alloy): ?array
    {
        $best = null;
        $most = -1.0;
        foreach ($this->lots->shelf($caster)->states() as $state) {
            $lot = $state->lot;
            if (null !== $alloy && $lot->alloy?->code === $alloy && null !== $lot->price && $state->mass->si > $most) {
                $best = ['name' => $lot->name, 'price' => $lot->price];
                $most = $state->mass->si;
            }
        }

        return $best;
    }

    /**
     * The pattern that a mould names, and what it was taken from where each piece is a use of that.
     *
     * @return list<array{name: string, cost: float, uses: array{int, int}, times: int, whole: bool}>
     */
    private function patternTools(Attempt $attempt, int $castings): array
    {
        $tools = [];
        $row = $attempt->pattern();
        for ($steps = 0; null !== $row && $steps < 8; ++$steps) {
            $form = $this->patterns->form($row);
            $cost = self::price($row, 'cost');
            if (null === $form) {
                break;
            }
            if (null !== $cost) {
                $uses = $this->patterns->bears($row, $form);
                if (null !== $uses) {
                    $tools[] = [
                        'name' => $row->name() ?? 'Pattern without a name',
                        'cost' => $cost,
                        'uses' => $uses,
                        'times' => 'casting' === $form->counts || $form->once || $steps > 0 ? $castings : 1,
                        'whole' => false,
                    ];
                }
            }
            // A wax wears its rubber; a rubber wears the print that it was taken from once for all.
            $row = $form->once ? $this->patterns->takenFrom($row) : null;
        }

        return $tools;
    }

    /** @return list<array{name: string, cost: float, uses: array{int, int}, times: int, whole: bool}> */
    private function crucible(Caster $caster, ?string $name): array
    {
        foreach (null === $name ? [] : $this->workshop->things($caster, 'crucibles') as $row) {
            $cost = self::price($row, 'cost');
            if (null !== $cost && PastHeat::name($row->name()) === PastHeat::name($name)) {
                $life = $this->care->crucible($row);

                return [[
                    'name' => $row->name() ?? 'Crucible without a name',
                    'cost' => $cost,
                    'uses' => [max($life->usual[0], $life->heats), max($life->usual[1], $life->heats)],
                    'times' => 1,
                    'whole' => true,
                ]];
            }
        }

        return [];
    }

    private function usualHours(Attempt $attempt, Basis $basis, CastingPlan $plan, QuantityFormatter $format): Estimate
    {
        $facts = RouteFacts::ofPlan($basis, $plan, $attempt->casting()->purpose(), [], $attempt->mends());
        $melting = $plan->figure('metal', 'melt_time')?->value->si;

        return WeekTasks::handsOn(new PlannedMould(
            key: 'this',
            name: '',
            process: $attempt->process(),
            values: $basis->values,
            melt: 'this',
            isFirst: !$this->notebook->hasAttemptBefore($attempt->casting(), $attempt->number()),
            isAtHand: null,
            melting: null === $melting ? null : Time::fromSi($melting),
            opens: null,
            finishing: Route::of($facts, $format)->hands,
            hotness: AlloyTable::find($attempt->alloy() ?? '')?->liquidus->kelvin() ?? 0.0,
            wanted: null,
            done: [],
        ));
    }

    /** @return array{name: string, amount: float, unit: string, price: float|null, whole: bool} */
    private static function told(Movement $one, bool $whole): array
    {
        $columns = $one->columns();
        $mass = $columns['mass'] ?? null;
        $pieces = $columns['pieces'] ?? null;

        return [
            'name' => $one->row()->name() ?? 'something without a name',
            'amount' => $mass instanceof Measurement ? $mass->si() : (float) (is_int($pieces) ? $pieces : 0),
            'unit' => $mass instanceof Measurement ? Dimension::Mass->siUnit() : 'pieces',
            'price' => self::price($one->row()),
            'whole' => $whole,
        ];
    }

    /**
     * @param list<Movement> $movements
     *
     * @return list<Movement>
     */
    private static function ofKind(array $movements, string $kind): array
    {
        return array_values(array_filter($movements, static fn (Movement $one): bool => $one->kind() === $kind));
    }

    private static function kg(Movement $movement): float
    {
        $mass = $movement->columns()['mass'] ?? null;

        return $mass instanceof Measurement ? $mass->si() : 0.0;
    }

    private static function price(WorkshopRow $row, string $column = 'price'): ?float
    {
        $price = $row->columns()[$column] ?? null;

        return is_float($price) ? $price : null;
    }
}
