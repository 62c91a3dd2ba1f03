<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\CareBook;
use MoltenNotes\App\Notebook\LotBook;
use MoltenNotes\App\Notebook\Movement;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\PlannedPours;
use MoltenNotes\App\Notebook\Remembered;
use MoltenNotes\App\Notebook\WorkshopBook;
use MoltenNotes\App\Notebook\WorkshopRow;
use MoltenNotes\App\Shared\Http\ToldAnswer;
use MoltenNotes\App\Workshop\ToldColumns;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Charge\Composition;
use MoltenNotes\Core\Charge\Lot;
use MoltenNotes\Core\Charge\LotState;
use MoltenNotes\Core\Charge\PotElement;
use MoltenNotes\Core\Charge\PotHarm;
use MoltenNotes\Core\Charge\PotMetal;
use MoltenNotes\Core\Charge\PotVerdict;
use MoltenNotes\Core\Charge\Recovery;
use MoltenNotes\Core\Charge\ShelfNeed;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Workshop\MovementKind;
use MoltenNotes\Core\Workshop\ThingKind;
use Symfony\Component\Clock\ClockInterface;

/** The shelf of metal as the API shows it: lots, what planned pours ask of them, and what they are melted in. */
final readonly class MetalView
{
    private const MADE_OF = 4;
    /** Share of an element below which nobody misses what a melt takes of it. */
    private const WORTH_TELLING = 0.001;
    private const ENTRIES = 12;

    public function __construct(
        private Notebook $notebook,
        private LotBook $book,
        private CareBook $care,
        private WorkshopBook $workshop,
        private PlannedPours $pours,
        private Remembered $remembered,
        private ClockInterface $clock,
    ) {
    }

    public function shelf(Caster $caster): ShelfAnswer
    {
        $format = new QuantityFormatter($caster->units());
        $states = $this->book->shelf($caster)->states();
        $needs = $this->needs($caster, array_values($states), $format);
        [$sentence, $standing] = self::sentence($needs, $states);

        return new ShelfAnswer(
            sentence: $sentence,
            standing: $standing,
            families: self::families($states, $format),
            lots: $this->lines($caster),
            needs: $needs,
            crucibles: $this->crucibles($caster),
            furnaces: array_map(fn (WorkshopRow $row): CareAnswer => $this->furnace($row), $this->workshop->things($caster, 'furnaces')),
            consumables: array_map(
                fn (WorkshopRow $row): SupplyAnswer => $this->supply($row, $format),
                $this->workshop->things($caster, 'consumables'),
            ),
        );
    }

    /** @return list<LotLineAnswer> */
    public function lines(Caster $caster): array
    {
        $format = new QuantityFormatter($caster->units());

        $shelf = $this->book->shelf($caster);

        return array_values(array_map(
            static fn (LotState $state): LotLineAnswer => self::line($state, [] !== $shelf->trend($state->lot->id), $format),
            $shelf->states(),
        ));
    }

    /** @return list<CareAnswer> */
    public function crucibles(Caster $caster): array
    {
        return array_map(fn (WorkshopRow $row): CareAnswer => $this->crucible($row), $this->workshop->things($caster, 'crucibles'));
    }

    public function lot(WorkshopRow $row): LotAnswer
    {
        $caster = $row->caster();
        $format = new QuantityFormatter($caster->units());
        $id = $row->id()->toRfc4122();
        $shelf = $this->book->shelf($caster);
        $state = $shelf->states()[$id];

        return new LotAnswer(
            line: self::line($state, [] !== $shelf->trend($id), $format),
            version: $row->version(),
            columns: (object) (['name' => new ToldAnswer($row->name(), $state->lot->name)]
                + ToldColumns::of(ThingKind::find('stock')->columns ?? [], $row->content(), $format)),
            metal: self::metal(
                PotVerdict::of($state->composition, $state->lot->alloy),
                null,
                $format,
                $state->remelts,
                $state->composition,
            ),
            entries: array_map(
                fn (Movement $one): LotEntryAnswer => $this->entry($one, $format),
                array_reverse($this->workshop->entries($row)),
            ),
            trend: array_map(static fn (array $point): array => ['at' => $point[0], 'kg' => round($point[1], 6)], $shelf->trend($id)),
            now: (float) $this->clock->now()->getTimestamp(),
        );
    }

    /**
     * @param PotMetal|null $pot where its working is to be told
     * @param Composition|null $metal where it is to be told what melts cost it
     */
    public static function metal(
        PotVerdict $verdict,
        ?PotMetal $pot,
        QuantityFormatter $format,
        float $remelts,
        ?Composition $metal = null,
    ): PotAnswer {
        return new PotAnswer(
            sentence: $verdict->sentence,
            standing: $verdict->standing,
            mass: null === $pot || $pot->mass->si <= 0.0 ? '' : $format->estimate($pot->mass),
            remelts: self::remelted($remelts).(null === $metal || $remelts < 0.5 ? '' : self::costs($metal)),
            elements: array_map(static fn (PotElement $line): PotElementAnswer => new PotElementAnswer(
                element: $line->element,
                shown: PotMetal::percent($line->share),
                percent: round(100 * $line->share->si, 4),
                low: round(100 * $line->share->lowSi, 4),
                high: round(100 * $line->share->highSi, 4),
                window: null === $line->window ? null : [
                    'low' => round(100 * $line->window[0], 4),
                    'high' => round(100 * $line->window[1], 4),
                    'shown' => PotElement::window($line->window),
                ],
                standing: $line->standing,
                words: $line->words,
                working: null === $pot ? null : $pot->working($line->element, $line->share, $format)->toArray(),
            ), $verdict->elements),
            harms: array_map(
                static fn (PotHarm $one): PotHarmAnswer => new PotHarmAnswer($one->harm->kind, $one->words, $one->sure),
                $verdict->harms,
            ),
        );
    }

    /** @param bool $moved whether its book has lines */
    public static function line(LotState $state, bool $moved, QuantityFormatter $format): LotLineAnswer
    {
        $lot = $state->lot;
        $verdict = PotVerdict::of($state->composition, $lot->alloy);
        $kg = $state->mass->si;
        [$sentence, $standing] = match (true) {
            $state->overdrawn->si() > 0.0 => [
                'The book says less than was taken from it, by '.$format->si($state->overdrawn->si(), Dimension::Mass)
                    .': weigh what is left.',
                'risky',
            ],
            $kg <= 0.0 => [$lot->isWeighed || $moved ? 'Used up.' : 'Say how much of it there is.', 'plain'],
            !$lot->isKnown() => ['Nobody said what it is: a piece of it cooled in a cup, or weighed in water, says more.', 'risky'],
            'bad' === $verdict->standing, 'risky' === $verdict->standing && [] !== $verdict->harms => [
                $verdict->sentence,
                $verdict->standing,
            ],
            default => ['', 'plain'],
        };

        return new LotLineAnswer(
            id: $lot->id,
            name: $lot->name,
            alloy: $lot->alloy?->code,
            metal: $lot->alloy->name ?? 'alloy not said',
            family: $lot->alloy?->family,
            what: null === $lot->form ? null : Choices::label('charge_source', $lot->form),
            kg: round($kg, 6),
            shown: $format->estimate($state->mass),
            pieces: null === $lot->piece ? null : (int) round($kg / $lot->piece->si()),
            remelts: round($state->remelts, 1),
            known: match (true) {
                $lot->saysHow => $lot->known->label,
                'returns' === $lot->form && $moved => 'By what went into its pots',
                default => $lot->isKnown() ? 'By its name' : 'Not known',
            },
            caution: self::caution($lot),
            made: self::made($state),
            sentence: $sentence,
            standing: $standing,
        );
    }

    /** What to mind of a lot before it is melted; empty where it is dry and clean, or nobody said. */
    public static function caution(Lot $lot): string
    {
        return null === $lot->state || 'dry' === $lot->state ? '' : Choices::list('lot_state')[$lot->state]['hint'] ?? '';
    }

    /** What each melt takes of it and brings into it, in words; empty where that is nothing. */
    private static function costs(Composition $metal): string
    {
        $words = [];
        foreach ($metal->shares as $element => $share) {
            $lost = 1 - Recovery::of($metal->base, $element)->kept->si;
            if ($share->si >= self::WORTH_TELLING && $lost >= 0.02) {
                $words[] = 'takes some '.round(100 * $lost)." % of its {$element}";
            }
        }
        foreach (Recovery::gainedIn($metal->base) as $element) {
            $most = Recovery::of($metal->base, $element)->gained->highSi;
            $words[] = "may bring {$element}, up to ".round(100 * $most, 2).' %';
        }

        return [] === $words ? '' : '; each melt '.implode(', ', $words);
    }

    public static function remelted(float $times): string
    {
        $whole = (int) round($times);

        return match (true) {
            $whole <= 0 => 'never melted here',
            1 === $whole => 'melted once',
            default => abs($times - $whole) < 0.05 ? "melted {$whole} times" : 'melted '.round($times, 1).' times in the mean',
        };
    }

    private static function made(LotState $state): string
    {
        $shares = $state->composition->shares ?? [];
        uasort($shares, static fn (Estimate $a, Estimate $b): int => $b->si <=> $a->si);
        $parts = [];
        foreach (array_slice($shares, 0, self::MADE_OF, true) as $element => $share) {
            if ($share->si >= 5e-4 && '?' !== $element) {
                $parts[] = $element.' '.PotMetal::percent(Estimate::ratio($share->si));
            }
        }

        return implode(', ', $parts);
    }

    /**
     * @param array<string, LotState> $states
     *
     * @return list<array{family: string, label: string, shown: string, kg: float}> the most first
     */
    private static function families(array $states, QuantityFormatter $format): array
    {
        $kg = [];
        foreach ($states as $state) {
            $family = $state->lot->alloy->family ?? '';
            $kg[$family] = ($kg[$family] ?? 0.0) + $state->mass->si;
        }
        arsort($kg);
        $families = [];
        foreach (array_filter($kg, static fn (float $there): bool => $there > 0.0) as $family => $there) {
            $families[] = [
                'family' => $family,
                'label' => MetalFamily::find($family)->label ?? 'Alloy not said',
                'shown' => $format->si($there, Dimension::Mass),
                'kg' => round($there, 6),
            ];
        }

        return $families;
    }

    /**
     * @param list<NeedAnswer> $needs
     * @param array<string, LotState> $states
     *
     * @return array{string, string}
     */
    private static function sentence(array $needs, array $states): array
    {
        foreach (['bad', 'risky'] as $standing) {
            foreach ($needs as $need) {
                if ($standing === $need->standing) {
                    return ["{$need->name}, no. {$need->number}: {$need->sentence}", $standing];
                }
            }
        }

        return match (true) {
            [] === $states => ['Write down what metal you have: then plans say what is missing before the day.', 'plain'],
            [] === $needs => ['Nothing is planned that asks for metal.', 'plain'],
            default => ['There is metal enough for what is planned.', 'good'],
        };
    }

    /**
     * @param list<LotState> $states
     *
     * @return list<NeedAnswer>
     */
    private function needs(Caster $caster, array $states, QuantityFormatter $format): array
    {
        // Worked out once after each change: a shelf of very many lots takes its time.
        $told = $this->remembered->get(
            $caster,
            'needs '.serialize($caster->units()),
            fn (): array => ShelfNeed::of($this->asked($caster), $states, $format),
        );
        $needs = [];
        foreach ($told as $need) {
            $attempt = $this->notebook->attempt($need->key, $caster);
            $needs[] = new NeedAnswer(
                attemptId: $need->key,
                name: $attempt->casting()->name(),
                number: $attempt->number(),
                others: $need->others,
                metal: $need->alloy->name,
                wanted: $format->si($need->wanted->si(), Dimension::Mass),
                there: $format->si($need->there->si(), Dimension::Mass),
                sentence: $need->sentence,
                standing: $need->standing,
            );
        }

        return $needs;
    }

    /**
     * What planned pours would charge, those of one melt together.
     *
     * @return list<array{ids: list<string>, alloy: string, kg: float}>
     */
    private function asked(Caster $caster): array
    {
        $figures = $this->pours->figures($caster);
        $asked = [];
        // What is poured first takes first; what nobody said a day of comes after it.
        $planned = $this->pours->of($caster);
        usort($planned, static fn (Attempt $a, Attempt $b): int => ($a->wantedAt() ?? \INF) <=> ($b->wantedAt() ?? \INF));
        foreach ($planned as $attempt) {
            $alloy = $attempt->alloy();
            $kg = $figures[$attempt->id()->toRfc4122()]['charge'] ?? null;
            if (null === $alloy || null === $kg) {
                continue;
            }
            $melt = $attempt->heat()?->id()->toRfc4122() ?? $attempt->id()->toRfc4122();
            $asked[$melt] ??= ['ids' => [], 'alloy' => $alloy, 'kg' => 0.0];
            $asked[$melt]['ids'][] = $attempt->id()->toRfc4122();
            $asked[$melt]['kg'] += $kg;
        }

        return array_values($asked);
    }

    private function crucible(WorkshopRow $row): CareAnswer
    {
        $life = $this->care->crucible($row);
        $format = new QuantityFormatter($row->caster()->units());
        $volume = $row->columns()['volume'] ?? null;

        return new CareAnswer(
            id: $row->id()->toRfc4122(),
            name: $row->name() ?? 'Crucible without a name',
            family: null === $life->family ? null : MetalFamily::find($life->family)?->label,
            size: $volume instanceof Measurement ? $format->measurement($volume) : '',
            heats: $life->heats,
            worn: round($life->heats / $life->usual[1], 3),
            isOut: $life->isOut,
            words: $life->words,
            standing: $life->standing,
            entries: $this->looks($row, 'crucible_found'),
        );
    }

    private function furnace(WorkshopRow $row): CareAnswer
    {
        $care = $this->care->furnace($row);

        return new CareAnswer(
            id: $row->id()->toRfc4122(),
            name: $row->name() ?? 'Furnace without a name',
            family: null,
            size: '',
            heats: $this->care->heatsOf($row),
            worn: null,
            isOut: 'bad' === $care->standing,
            words: '' === $care->sentence ? [] : [$care->sentence],
            standing: $care->standing,
            entries: $this->looks($row, 'furnace_found'),
        );
    }

    /** @return list<CareEntryAnswer> */
    private function looks(WorkshopRow $row, string $choices): array
    {
        return array_map(static function (Movement $one) use ($choices): CareEntryAnswer {
            $found = $one->content()['found'] ?? null;
            $note = $one->content()['note'] ?? null;

            return new CareEntryAnswer(
                $one->id()->toRfc4122(),
                $one->happenedAt(),
                is_string($found) ? Choices::label($choices, $found) : '',
                is_string($note) ? $note : '',
            );
        }, array_slice(array_reverse($this->workshop->entries($row)), 0, self::ENTRIES));
    }

    private function supply(WorkshopRow $row, QuantityFormatter $format): SupplyAnswer
    {
        $supply = $this->care->supply($row);
        $columns = ToldColumns::of(ThingKind::find('consumables')->columns ?? [], $row->content(), $format);
        $left = array_filter([
            null === $supply->kg ? '' : $format->si($supply->kg, Dimension::Mass),
            null === $supply->pieces ? '' : (1 === $supply->pieces ? 'one piece' : "{$supply->pieces} pieces"),
        ]);
        [$sentence, $standing] = match (true) {
            $supply->isOut => ['Used up: buy it before the day.', 'bad'],
            $supply->isShort => ['Getting short: buy it.', 'risky'],
            default => ['', 'plain'],
        };

        return new SupplyAnswer(
            id: $row->id()->toRfc4122(),
            version: $row->version(),
            name: $row->name() ?? 'Without a name',
            left: implode(', ', $left),
            least: implode(', ', array_filter([
                $columns['least']->shown ?? '',
                isset($columns['least_pieces']) ? $columns['least_pieces']->shown.' pieces' : '',
            ])),
            sentence: $sentence,
            standing: $standing,
            columns: (object) (['name' => new ToldAnswer($row->name(), $row->name() ?? '')] + $columns),
        );
    }

    private function entry(Movement $movement, QuantityFormatter $format): LotEntryAnswer
    {
        $kind = MovementKind::find($movement->kind());
        $heat = $movement->heat();
        $mould = null === $heat ? null : $this->notebook->pouredFrom($heat)[0] ?? null;

        return new LotEntryAnswer(
            id: $movement->id()->toRfc4122(),
            version: $movement->version(),
            kind: $movement->kind(),
            title: $kind->title ?? $movement->kind(),
            at: $movement->happenedAt(),
            columns: (object) ToldColumns::of($kind->columns ?? [], $movement->content(), $format),
            heat: null === $heat ? null : [
                'attempt_id' => $mould?->id()->toRfc4122(),
                'name' => null === $mould ? $heat->name() ?? 'a melt' : $mould->casting()->name().", no. {$mould->number()}",
            ],
            unreadable: $movement->unreadable(),
        );
    }
}
