<?php

declare(strict_types=1);

namespace MoltenNotes\App\Cost;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Casting;
use MoltenNotes\App\Notebook\Movement;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\OwnExperience;
use MoltenNotes\App\Notebook\Remembered;
use MoltenNotes\App\Notebook\WorkshopBook;
use MoltenNotes\App\Notebook\WorkshopRow;
use MoltenNotes\Core\Charge\EnergySource;
use MoltenNotes\Core\Cost\CostLine;
use MoltenNotes\Core\Cost\GoodCasting;
use MoltenNotes\Core\Cost\OtherFurnace;
use MoltenNotes\Core\Cost\PourCost;
use MoltenNotes\Core\Cost\Rates;
use MoltenNotes\Core\Cost\Saving;
use MoltenNotes\Core\Experience\LikeHeats;
use MoltenNotes\Core\Experience\PastHeat;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueWords;
use Psr\Log\LoggerInterface;

/** Costs as the API shows them. */
final readonly class CostView
{
    /** Older pours of a casting than these are not counted. */
    private const MOST_POURS = 40;
    private const ASKED = [
        'melt.meter_before', 'melt.meter_after', 'melt.fuel_before', 'melt.fuel_after', 'melt.energy', 'mould.energy', 'work.hands',
    ];

    public function __construct(
        private Notebook $notebook,
        private CostBook $book,
        private WorkshopBook $workshop,
        private OwnExperience $experience,
        private Remembered $remembered,
        private LoggerInterface $logger,
    ) {
    }

    /** @param 'good'|'usable' $counts */
    public function of(Attempt $attempt, string $counts): PourCostAnswer
    {
        $caster = $attempt->caster();
        $format = new QuantityFormatter($caster->units());
        $rates = $this->book->rates($caster);
        $facts = $this->book->facts($attempt, $format);
        $cost = PourCost::of($facts, $rates, $format);
        $heat = $attempt->heat();

        return new PourCostAnswer(
            attemptId: $attempt->id()->toRfc4122(),
            castingId: $attempt->casting()->id()->toRfc4122(),
            castingName: $attempt->casting()->name(),
            number: $attempt->number(),
            state: $attempt->state(),
            sentence: $cost->sentence('planned' === $attempt->state()),
            total: $cost->total->words(),
            currency: $rates->currency,
            lines: array_map(self::line(...), $cost->lines),
            hours: null === $cost->hours ? '' : $format->estimate($cost->hours),
            heatId: $heat?->id()->toRfc4122(),
            sharesItsHeat: $facts->share->si < 0.999,
            asks: self::asks($attempt, $format),
            used: array_map(
                static fn (array $used): array => self::used($used[0], $used[1], $format),
                $this->book->usedBy($attempt),
            ),
            consumables: array_map(
                static fn (WorkshopRow $row): array => [
                    'id' => $row->id()->toRfc4122(),
                    'name' => $row->name() ?? 'Consumable without a name',
                ],
                $this->workshop->things($caster, 'consumables'),
            ),
            good: $this->good($attempt->casting(), $counts),
        );
    }

    /** @param 'good'|'usable' $counts */
    public function good(Casting $casting, string $counts): GoodCastingAnswer
    {
        $caster = $casting->caster();
        $rates = $this->book->rates($caster);
        $pours = [];
        $told = [];
        $last = null;
        foreach ($this->judged($casting) as [$attempt, $cost]) {
            $good = in_array($attempt->verdict(), 'usable' === $counts ? ['good', 'usable'] : ['good'], true) ? $cost->castings : 0;
            $verdict = in_array($attempt->verdict(), ['good', 'usable'], true) ? $attempt->verdict() : 'scrap';
            $pours[] = ['number' => $attempt->number(), 'cost' => $cost, 'good' => $good];
            $told[] = new PouredForAnswer(
                $attempt->id()->toRfc4122(),
                $attempt->number(),
                $verdict,
                $good,
                $cost->total->words(),
                CostAmountAnswer::of($cost->total),
            );
            $last = $attempt;
        }
        $goodOnes = array_sum(array_column($pours, 'good'));
        $others = null === $last || 0 === $goodOnes ? [] : $this->otherFurnaces($last, $rates, count($pours) / $goodOnes);
        $all = GoodCasting::of($pours, $rates, $others);

        return new GoodCastingAnswer(
            counts: $counts,
            sentence: $all->sentence,
            each: $all->each?->words(),
            failure: $all->failure?->words(),
            working: $all->working?->toArray(),
            pours: $told,
            savings: array_map(static fn (Saving $one): array => [
                'code' => $one->code,
                'words' => $one->words,
                'shown' => $one->amount->words(),
                'working' => $one->working->toArray(),
            ], $all->savings),
        );
    }

    /** @return list<array{Attempt, PourCost}> judged pours, the oldest first */
    private function judged(Casting $casting): array
    {
        $caster = $casting->caster();
        $format = new QuantityFormatter($caster->units());
        $rates = $this->book->rates($caster);
        // Each is planned once after a change, whoever asks.
        /** @var array<string, PourCost> $costs */
        $costs = $this->remembered->get(
            $caster,
            'costs of '.$casting->id()->toRfc4122().serialize($caster->units()),
            function () use ($casting, $rates, $format): array {
                $costs = [];
                foreach ($this->notebook->judgedPours($casting, self::MOST_POURS) as $attempt) {
                    try {
                        $costs[$attempt->id()->toRfc4122()] = PourCost::of($this->book->facts($attempt, $format), $rates, $format);
                    } catch (\Throwable $error) {
                        // One record that breaks the rules must not break what all others cost; the log says which.
                        $this->logger->error('What a pour cost cannot be told.', [
                            'attempt' => $attempt->id()->toRfc4122(), 'exception' => $error,
                        ]);
                    }
                }

                return $costs;
            },
        );
        $judged = [];
        foreach ($this->notebook->judgedPours($casting, self::MOST_POURS) as $attempt) {
            $cost = $costs[$attempt->id()->toRfc4122()] ?? null;
            if (null !== $cost) {
                $judged[] = [$attempt, $cost];
            }
        }

        return $judged;
    }

    /**
     * What the same melt would cost in another furnace of the workshop.
     *
     * @param float $pours for each good casting
     *
     * @return list<Saving>
     */
    private function otherFurnaces(Attempt $attempt, Rates $rates, float $pours): array
    {
        $caster = $attempt->caster();
        $format = new QuantityFormatter($caster->units());
        $facts = $this->book->facts($attempt, $format);
        $now = $facts->drawn->energy ?? $facts->reckoned;
        if (null === $facts->source || null === $now || null === $facts->heat) {
            return [];
        }
        $heats = array_values($this->experience->heats($caster));
        $others = [];
        foreach ($this->notebook->workshop($caster)->furnaces as $furnace) {
            $source = EnergySource::find($furnace['source']);
            if (null === $source || $furnace['name'] === $facts->furnace) {
                continue;
            }
            $its = array_values(array_filter(
                $heats,
                static fn (PastHeat $heat): bool => $heat->furnace === PastHeat::name($furnace['name']),
            ));
            $own = LikeHeats::among($its, $furnace['name'], null)->efficiency();
            $share = $own ?? (null === $furnace['efficiency'] ? $source->efficiency : Estimate::of($furnace['efficiency']));
            $others[] = [$furnace['name'], $source, $share, null !== $own];
        }

        return OtherFurnace::savings($facts->source, $now, $facts->heat, $others, $rates, $pours, $format);
    }

    private static function line(CostLine $line): CostLineAnswer
    {
        return new CostLineAnswer(
            code: $line->code,
            label: $line->label,
            shown: $line->amount?->words(),
            amount: null === $line->amount ? null : CostAmountAnswer::of($line->amount),
            words: $line->words,
            how: $line->how,
            working: $line->working?->toArray(),
        );
    }

    /** @return list<array{field: string, label: string, hint: string, of: string, raw: mixed, shown: string}> */
    private static function asks(Attempt $attempt, QuantityFormatter $format): array
    {
        $asks = [];
        foreach (self::ASKED as $key) {
            $field = Fields::get($key);
            $values = $field->isOfTheHeat() ? $attempt->heat()?->values() : $attempt->valuesOf('made');
            $value = $values?->all()[$key] ?? null;
            $asks[] = [
                'field' => $key,
                'label' => $field->label,
                'hint' => $field->hint,
                'of' => $field->isOfTheHeat() ? 'heat' : 'made',
                'raw' => $value instanceof Measurement ? $value->toArray() : null,
                'shown' => null === $value ? '' : ValueWords::of($key, $value, $format),
            ];
        }

        return $asks;
    }

    /** @return array{id: string, name: string, shown: string, whole: bool} */
    private static function used(Movement $one, bool $whole, QuantityFormatter $format): array
    {
        $mass = $one->columns()['mass'] ?? null;
        $pieces = $one->columns()['pieces'] ?? null;

        return [
            'id' => $one->id()->toRfc4122(),
            'name' => $one->row()->name() ?? 'something without a name',
            'shown' => $mass instanceof Measurement ? $format->measurement($mass) : (is_int($pieces) ? $pieces : 0).' pieces',
            'whole' => $whole,
        ];
    }
}
