<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\LotBook;
use MoltenNotes\App\Notebook\Movement;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\WorkshopBook;
use MoltenNotes\App\Shared\Http\ToldAnswer;
use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\Grade;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Charge\Addition;
use MoltenNotes\Core\Charge\ChargeProposal;
use MoltenNotes\Core\Charge\Composition;
use MoltenNotes\Core\Charge\Correction;
use MoltenNotes\Core\Charge\CorrectionLine;
use MoltenNotes\Core\Charge\Knowledge;
use MoltenNotes\Core\Charge\LotState;
use MoltenNotes\Core\Charge\PotLine;
use MoltenNotes\Core\Charge\PotMetal;
use MoltenNotes\Core\Charge\PotVerdict;
use MoltenNotes\Core\Charge\Shelf;
use MoltenNotes\Core\Experience\PastHeat;
use MoltenNotes\Core\MeltCurve\CupAnalysis;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\Money;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Choices;

/** From the shelf into the pot and back: the metal of one pour, as the API shows it. */
final readonly class ChargeView
{
    /** Of what was charged: less missing than this is splashes and the scale. */
    private const LOST = 0.02;

    public function __construct(
        private Notebook $notebook,
        private LotBook $book,
        private WorkshopBook $workshop,
        private MetalView $metal,
    ) {
    }

    public function of(Attempt $attempt): ChargeAnswer
    {
        $caster = $attempt->caster();
        $format = new QuantityFormatter($caster->units());
        $record = $this->notebook->record($attempt);
        $plan = PlanCasting::of(Basis::of($record, $format));
        $alloy = AlloyTable::find($record->values()->choice('metal.alloy') ?? '');
        $heat = $attempt->heat();
        $shelf = $this->book->shelf($caster);
        $pot = null === $heat ? null : $shelf->pot($heat->id()->toRfc4122());
        $charged = null === $pot || [] === $pot->lines ? null : $pot;
        $movements = null === $heat ? [] : $this->workshop->entriesOf($heat);
        $holds = $plan->figure('metal', 'crucible_holds');
        $need = $plan->figure('metal', 'charge');
        [$sentence, $standing] = self::sentence($need?->value, $charged, $alloy, $heat, $format);

        return new ChargeAnswer(
            attemptId: $attempt->id()->toRfc4122(),
            castingName: $attempt->casting()->name(),
            number: $attempt->number(),
            state: $attempt->state(),
            sentence: $sentence,
            standing: $standing,
            heatId: $heat?->id()->toRfc4122(),
            alloy: $alloy?->code,
            metal: $alloy?->name,
            need: $need?->toArray($format),
            holds: null === $holds ? null : $format->estimate($holds->value),
            roomKg: null === $holds ? null : round($holds->value->si, 6),
            lines: $this->moved($movements, 'lot_charged', $format),
            pot: null === $charged
                ? null
                : MetalView::metal(PotVerdict::of($charged->composition, $alloy), $charged, $format, $charged->remelts),
            found: self::found($heat, $charged, $alloy, $format),
            elements: array_map(strval(...), array_keys(Grade::find($alloy?->code)->windows ?? [])),
            shares: (object) self::shares($heat),
            foundBy: self::by($heat),
            cup: self::cup($record, $alloy),
            returned: $this->moved($movements, 'lot_returned', $format),
            balance: self::balance($heat, $charged, $shelf, $plan, $format),
            cost: $this->cost($movements, $shelf, $caster),
            lots: $this->metal->lines($caster),
            crucible: $record->values()->choice('crucible.name'),
            crucibles: $this->crucibles($caster, $alloy, $record->values()->choice('crucible.name')),
            cautions: $this->cautions($movements, $shelf, $charged),
        );
    }

    /**
     * Those that such metal may go into, and the one that was chosen whatever it is.
     *
     * @return list<CareAnswer>
     */
    private function crucibles(Caster $caster, ?Alloy $alloy, ?string $chosen): array
    {
        $family = null === $alloy ? null : MetalFamily::of($alloy)->label;

        return array_values(array_filter(
            $this->metal->crucibles($caster),
            static fn (CareAnswer $one): bool => (null !== $chosen && PastHeat::name($one->name) === PastHeat::name($chosen))
                || (!$one->isOut && (null === $one->family || null === $family || $one->family === $family)),
        ));
    }

    /** @return array{string, string} */
    private static function sentence(?Estimate $need, ?PotMetal $pot, ?Alloy $alloy, ?Heat $heat, QuantityFormatter $format): array
    {
        $mass = static fn (float $kg): string => $format->si($kg, Dimension::Mass);
        if (null === $alloy) {
            return ['Say in the record which alloy it is to be.', 'plain'];
        }
        if (null === $pot) {
            return [null === $need
                ? "How much {$alloy->name} is wanted the plan cannot tell yet."
                : "{$mass($need->si)} of {$alloy->name} are wanted; nothing has gone into the pot yet.", 'plain'];
        }
        $charged = array_sum(array_map(static fn (PotLine $line): float => $line->mass->si, $pot->lines));
        if (null !== $need && $charged < 0.98 * $need->si) {
            return ["{$mass($charged)} went in; {$mass($need->si)} are wanted: {$mass($need->si - $charged)} more.", 'risky'];
        }
        $metal = null === $heat ? $pot->composition : LotBook::foundIn($heat)->composition($pot->composition);
        $verdict = PotVerdict::of($metal, $alloy);

        return [$verdict->sentence, $verdict->standing];
    }

    /** The cheapest charge of an alloy from the shelf; kg above zero. */
    public function offer(Caster $caster, float $kg, Alloy $alloy, bool $whole, ?float $room): ChargeOfferAnswer
    {
        $format = new QuantityFormatter($caster->units());
        $states = $this->book->shelf($caster)->states();
        $proposal = ChargeProposal::of($kg, $alloy, array_values($states), $whole, $room, $format);
        $currency = $this->notebook->workshop($caster)->currency;
        $charge = [];
        foreach ($proposal->charge as $lot => $mass) {
            $piece = $states[$lot]->lot->piece?->si();
            $count = null === $piece ? null : $mass / $piece;
            $charge[] = new ChargePartAnswer(
                $lot,
                $states[$lot]->lot->name,
                round($mass, 6),
                $format->si($mass, Dimension::Mass),
                null !== $count && abs($count - round($count)) < 1e-3 ? (int) round($count) : null,
            );
        }

        return new ChargeOfferAnswer(
            words: $proposal->words,
            standing: $proposal->standing,
            cost: Money::rounded($proposal->mix->cost ?? 0.0, $currency)->decimal(),
            currency: $currency,
            charge: $charge,
            left: $proposal->left,
            pot: null === $proposal->pot || null === $proposal->verdict
                ? null
                : MetalView::metal($proposal->verdict, $proposal->pot, $format, $proposal->pot->remelts),
        );
    }

    /**
     * What to stir into a pot of so much metal in which this was found.
     *
     * @param array<string, float> $found element → share
     */
    public function correct(Attempt $attempt, Alloy $alloy, Estimate $mass, array $found, Knowledge $by): CorrectionAnswer
    {
        $caster = $attempt->caster();
        $format = new QuantityFormatter($caster->units());
        $shelf = $this->book->shelf($caster);
        $grade = Grade::find($alloy->code);
        $windows = true === $grade?->known ? $grade->windows : [];
        $heat = $attempt->heat();
        $charged = null === $heat ? null : $shelf->pot($heat->id()->toRfc4122())->composition;
        // What nobody looked for is as it was charged, or as such metal is.
        $typed = array_map($by->spread(...), $found);
        $composition = null === $charged
            ? Composition::told($found, $alloy->code, $by)
            : new Composition($charged->base, array_diff_key($typed, [$charged->base => 0]) + $charged->shares);
        if (null === $composition || [] === $windows) {
            return new CorrectionAnswer('Choose the alloy it is to be: then it can be held against that.', [], null, []);
        }
        $additions = array_values(array_filter(array_map(Addition::from(...), $shelf->states())));
        foreach ([$grade->base, ...array_keys($windows)] as $element) {
            $additions[] = Addition::pure((string) $element);
        }
        $holds = PlanCasting::of(Basis::of($this->notebook->record($attempt), $format))->figure('metal', 'crucible_holds')?->value;
        $correction = Correction::of($mass, $composition, $alloy, $windows, $additions, $holds, $format);

        return new CorrectionAnswer(
            $correction->words,
            array_map(static fn (CorrectionLine $line): CorrectionLineAnswer => new CorrectionLineAnswer(
                $line->addition->lot,
                $line->addition->name,
                $format->si($line->mass->si, Dimension::Mass),
                round($line->mass->si, 7),
                $line->working->toArray(),
            ), $correction->lines),
            null === $correction->after
                ? null
                : MetalView::metal(PotVerdict::of($correction->after->composition, $alloy), $correction->after, $format, 0.0),
            $correction->outside,
        );
    }

    /**
     * @param list<Movement> $movements
     *
     * @return list<ChargeLineAnswer>
     */
    private function moved(array $movements, string $kind, QuantityFormatter $format): array
    {
        $lines = [];
        foreach ($movements as $one) {
            $mass = $one->columns()['mass'] ?? null;
            if ($one->kind() !== $kind || !$mass instanceof Measurement) {
                continue;
            }
            [$column, $choices] = 'lot_charged' === $kind ? ['as', 'charged_as'] : ['what', 'returned_as'];
            $how = $one->content()[$column] ?? null;
            $lines[] = new ChargeLineAnswer(
                id: $one->id()->toRfc4122(),
                version: $one->version(),
                lotId: $one->row()->id()->toRfc4122(),
                lot: $one->row()->name() ?? 'Metal without a name',
                shown: $format->measurement($mass),
                at: $one->happenedAt(),
                how: is_string($how) ? $how : null,
                words: is_string($how) ? Choices::label($choices, $how) : '',
            );
        }

        return $lines;
    }

    private static function found(?Heat $heat, ?PotMetal $pot, ?Alloy $alloy, QuantityFormatter $format): ?PotAnswer
    {
        if (null === $heat || [] === self::shares($heat)) {
            return null;
        }

        return MetalView::metal(
            PotVerdict::of(LotBook::foundIn($heat)->composition($pot?->composition), $alloy),
            null,
            $format,
            $pot->remelts ?? 1.0,
        );
    }

    /** @return array<string, ToldAnswer> element → as it was found */
    private static function shares(?Heat $heat): array
    {
        $shares = [];
        $told = $heat?->found() ?? [];
        foreach (null === $heat ? [] : LotBook::foundIn($heat)->found as $element => $share) {
            $shares[$element] = new ToldAnswer($told[$element] ?? null, PotMetal::percent(Estimate::ratio($share)));
        }

        return $shares;
    }

    private static function by(?Heat $heat): ?string
    {
        $by = $heat?->found()['by'] ?? null;

        return is_string($by) ? $by : null;
    }

    /** @return array{element: string, shown: string, percent: float}|null */
    private static function cup(AttemptRecord $record, ?Alloy $alloy): ?array
    {
        $began = $record->values()->measurement('melt.arrest_upper')?->asTemperature();
        $grade = Grade::find($alloy?->code);
        if (null === $began || null === $grade) {
            return null;
        }
        // Of the two metals that it is mostly made of.
        $most = array_map(static fn (array $window): float => $window[1], $grade->windows);
        arsort($most);
        $cup = CupAnalysis::of($grade->base, array_key_first($most), $began);

        return null === $cup ? null : [
            'element' => $cup->element,
            'shown' => PotMetal::percent($cup->share),
            'percent' => round(100 * $cup->share->si, 2),
        ];
    }

    private static function balance(?Heat $heat, ?PotMetal $pot, Shelf $shelf, CastingPlan $plan, QuantityFormatter $format): string
    {
        if (null === $heat || null === $pot) {
            return '';
        }
        $back = $shelf->returned($heat->id()->toRfc4122())->si;
        $gone = $pot->mass->si - $back;
        $mass = static fn (float $kg): string => $format->si(abs($kg), Dimension::Mass);
        if ($gone < -self::LOST * $pot->mass->si) {
            return "More came back than reached the pot, by {$mass($gone)}: something was weighed twice, or not at all.";
        }
        if ($back <= 0.0) {
            return "{$mass($pot->mass->si)} reach the pot. What comes back, weigh and give it a place: it is metal of a known kind.";
        }
        $poured = $plan->figure('metal', 'poured')?->value->si;

        return "Of {$mass($pot->mass->si)} that reached the pot {$mass($back)} came back: "
            ."{$mass($gone)} went into castings, dross and splashes."
            .(null === $poured ? '' : " The plan poured {$mass($poured)}, gating among it.");
    }

    /** @param list<Movement> $movements */
    private function cost(array $movements, Shelf $shelf, Caster $caster): ?string
    {
        $sum = 0.0;
        $priced = false;
        foreach ($movements as $one) {
            $price = ($shelf->states()[$one->row()->id()->toRfc4122()] ?? null)?->lot->price;
            $mass = $one->columns()['mass'] ?? null;
            if (null !== $price && $mass instanceof Measurement) {
                $sum += ('lot_charged' === $one->kind() ? 1 : -1) * $price * $mass->si();
                $priced = true;
            }
        }

        if (!$priced) {
            return null;
        }
        $money = Money::rounded(max(0.0, $sum), $this->notebook->workshop($caster)->currency);

        return "{$money->decimal()} {$money->currency}";
    }

    /**
     * @param list<Movement> $movements
     *
     * @return list<string>
     */
    private function cautions(array $movements, Shelf $shelf, ?PotMetal $pot): array
    {
        $cautions = [];
        foreach ($movements as $one) {
            $state = $shelf->states()[$one->row()->id()->toRfc4122()] ?? null;
            if ('lot_charged' === $one->kind() && $state instanceof LotState) {
                $caution = MetalView::caution($state->lot);
                if ('' !== $caution) {
                    $cautions[] = "{$state->lot->name}: {$caution}.";
                }
            }
        }
        if (null !== $pot && [] !== $pot->unknown()) {
            $cautions[] = 'Nothing is known of '.implode(', ', $pot->unknown()).': what comes out cannot be told before a check.';
        }

        return array_values(array_unique($cautions));
    }
}
