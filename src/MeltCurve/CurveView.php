<?php

declare(strict_types=1);

namespace MoltenNotes\App\MeltCurve;

use MoltenNotes\App\Instruments\Instruments;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Instrument;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\OwnExperience;
use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Experience\LikeHeats;
use MoltenNotes\Core\Instrument\InstrumentKind;
use MoltenNotes\Core\MeltCurve\Curve;
use MoltenNotes\Core\MeltCurve\FittingAlloy;
use MoltenNotes\Core\MeltCurve\HeatCurve;
use MoltenNotes\Core\MeltCurve\KnownArrests;
use MoltenNotes\Core\MeltCurve\MeterReading;
use MoltenNotes\Core\Mould\Suitability;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\PourDay\DayEvent;
use MoltenNotes\Core\PourDay\Tap;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Working\Figure;
use Psr\Clock\ClockInterface;

/**
 * What is drawn and said of a melt's curve.
 *
 * @phpstan-import-type Series from HeatReadings
 */
final readonly class CurveView
{
    /** Taps that are marked on the curve. */
    private const MARKED = ['lit', 'first_metal', 'all_liquid', 'degassed', 'fluxed', 'skimmed', 'out', 'pour', 'full'];

    /** Where no weather was read. */
    private const AIR_C = 20.0;
    private const TARGET_WITHIN_K = 10.0;
    /** More readings tell nothing more and take their time. */
    private const RECKONED_WITH = 5000;

    public function __construct(
        private Notebook $notebook,
        private HeatReadings $readings,
        private Instruments $instruments,
        private OwnExperience $experience,
        private ClockInterface $clock,
    ) {
    }

    /** @param array{float, float}|null $part seconds between which arrests are looked for; null: all of it */
    public function of(Heat $heat, float $after, ?array $part): CurveAnswer
    {
        $caster = $heat->caster();
        $format = new QuantityFormatter($caster->units());
        $values = $heat->values();
        $alloy = AlloyTable::find($values->choice('metal.alloy') ?? '');
        $attempts = $this->notebook->pouredFrom($heat);
        $events = HeatReadings::events($attempts);
        $listened = $this->readings->listened($heat);
        // Whoever has the curve is told what is new; what it says is reckoned from all of it, thinned where it is long.
        $series = $this->readings->series($caster, $listened, $events, 0.0, self::RECKONED_WITH);
        $shown = $this->readings->series($caster, $listened, $events, $after);
        $made = [];
        foreach ($series as $one) {
            // Also of a part of it, or of nothing new, it is said that a program made it up.
            $made["{$one['instrument']} {$one['quantity']->value}"] = $one['simulated'];
        }
        $now = (float) $this->clock->now()->format('U.v');
        [$target, $levels] = $this->levels($attempts, $alloy, $format);
        $curve = self::curve($series);
        $weather = self::weather($series);
        $sheet = HeatCurve::of(
            $curve,
            null === $part ? $curve : $curve->between($part[0], $part[1]),
            $alloy,
            $target,
            self::mass($values->measurement('metal.charge')),
            self::mass($values->measurement('crucible.mass')),
            MeterReading::of(self::points($series, Dimension::Power)),
            $events,
            $this->efficiency($heat, $values),
            $weather ?? Temperature::fromCelsius(self::AIR_C),
            $now,
            $format,
        );
        $others = array_values(array_filter(
            $this->instruments->all($caster),
            static fn (Instrument $one): bool => !$one->isRevoked()
                && InstrumentKind::File !== $one->kind()
                && !isset($listened[$one->id()->toRfc4122()]),
        ));
        $told = $this->instruments->told(array_column($listened, 'instrument'), $caster);

        return new CurveAnswer(
            id: $heat->id()->toRfc4122(),
            name: $heat->name(),
            meltedOn: $heat->meltedOn()?->format('Y-m-d'),
            version: $heat->version(),
            metal: $alloy?->name,
            unit: $caster->units()->unit(Dimension::Temperature)->label,
            series: array_map(
                static fn (array $one): SeriesAnswer => self::shown($one, $caster->units(), $made),
                $shown,
            ),
            levels: $levels,
            events: self::marked($events),
            figures: array_map(static fn (Figure $figure): array => $figure->toArray($format), $sheet->result->figures),
            missing: $sheet->result->missing,
            scrap: self::scrap($sheet, $alloy, $format),
            take: MeasuredByCurve::of($heat, $attempts, $sheet->result, $weather, $series),
            listens: array_map(
                static fn (int $index, array $one): ListeningAnswer => new ListeningAnswer($told[$index], $one['from'], $one['to']),
                array_keys($told),
                array_values($listened),
            ),
            others: $this->instruments->told($others, $caster),
            attempts: array_map(static fn (Attempt $attempt): array => [
                'id' => $attempt->id()->toRfc4122(),
                'casting_name' => $attempt->casting()->name(),
                'number' => $attempt->number(),
            ], $attempts),
            now: $now,
        );
    }

    /** @param list<Series> $series */
    private static function curve(array $series): Curve
    {
        // Of several probes in one melt the one that read most is reckoned with; all are drawn.
        $most = null;
        foreach ($series as $one) {
            if (
                Dimension::Temperature === $one['quantity']
                && InstrumentKind::Weather !== $one['kind']
                && (null === $most || count($one['at']) > count($most['at']))
            ) {
                $most = $one;
            }
        }

        return Curve::fromLists($most['at'] ?? [], $most['value'] ?? []);
    }

    /**
     * @param Series $one
     *
     * @return list<array{float, float}>
     */
    private static function pairs(array $one): array
    {
        $pairs = [];
        foreach ($one['at'] as $index => $at) {
            $pairs[] = [$at, $one['value'][$index]];
        }

        return $pairs;
    }

    /**
     * @param list<Series> $series
     *
     * @return list<array{float, float}> of the first instrument that read it
     */
    private static function points(array $series, Dimension $quantity): array
    {
        foreach ($series as $one) {
            if ($quantity === $one['quantity']) {
                return self::pairs($one);
            }
        }

        return [];
    }

    /**
     * The air of the yard, if a weather station was read: its mean.
     *
     * @param list<Series> $series
     */
    private static function weather(array $series): ?Temperature
    {
        foreach ($series as $one) {
            if (InstrumentKind::Weather === $one['kind'] && Dimension::Temperature === $one['quantity'] && [] !== $one['value']) {
                return Temperature::fromSi(array_sum($one['value']) / count($one['value']));
            }
        }

        return null;
    }

    private static function mass(?Measurement $told): ?Mass
    {
        return null === $told || $told->si() <= 0.0 ? null : Mass::fromSi($told->si());
    }

    private function efficiency(Heat $heat, Values $values): ?Estimate
    {
        $told = $values->measurement('melt.efficiency');
        if (null !== $told) {
            return Estimate::of($told);
        }
        // A heat must not foretell itself.
        $others = array_diff_key($this->experience->heats($heat->caster()), [$heat->id()->toRfc4122() => true]);

        return LikeHeats::among(
            array_values($others),
            $values->choice('melt.furnace'),
            $values->choice('crucible.name'),
            $values->choice('melt.energy_source'),
        )->efficiency();
    }

    /**
     * The hottest that any of its moulds asks for, and what is drawn beside the curve.
     *
     * @param list<Attempt> $attempts
     *
     * @return array{Temperature|null, list<array{code: string, label: string, from: float, to: float}>}
     */
    private function levels(array $attempts, ?Alloy $alloy, QuantityFormatter $format): array
    {
        $level = static fn (string $code, string $label, Temperature $from, ?Temperature $to = null): array => [
            'code' => $code,
            'label' => $label,
            'from' => $format->exact(Estimate::exactly($from))['value'],
            'to' => $format->exact(Estimate::exactly($to ?? $from))['value'],
        ];
        $target = $limit = null;
        foreach ($attempts as $attempt) {
            $record = $this->notebook->record($attempt);
            $pour = $attempt->valuesOf('planned')->measurement('pour.temperature')?->asTemperature();
            $need = PlanCasting::of(Basis::of($record, $format))->most('filling', 'needed_in_furnace')?->value->si;
            $pour ??= null === $need ? null : Temperature::fromSi($need);
            $target = null === $target || (null !== $pour && $pour->isAbove($target)) ? $pour : $target;
            $bears = (new Suitability($record->values()->choice('mould.process'), $alloy))->hottest();
            $limit = null === $limit || (null !== $bears && $limit->isAbove($bears)) ? $bears : $limit;
        }
        $levels = [];
        if (null !== $alloy) {
            $levels[] = $level('liquidus', 'All liquid', $alloy->liquidus);
            $begins = KnownArrests::meltingBegins($alloy);
            if ($begins->si() < $alloy->liquidus->si() - 1) {
                $levels[] = $level('melting', 'Begins to melt', $begins);
            }
        }
        if (null !== $target) {
            // As near as a probe and a hand come.
            $levels[] = $level(
                'target',
                'Wanted',
                Temperature::fromSi($target->si() - self::TARGET_WITHIN_K),
                Temperature::fromSi($target->si() + self::TARGET_WITHIN_K),
            );
        }
        if (null !== $limit) {
            $levels[] = $level('limit', 'Hottest that it bears', $limit);
        }

        return [$target, $levels];
    }

    /**
     * @param list<DayEvent> $events
     *
     * @return list<array{code: string, label: string, at: float}>
     */
    private static function marked(array $events): array
    {
        $marked = [];
        foreach ($events as $event) {
            if (in_array($event->code, self::MARKED, true)) {
                $marked[] = ['code' => $event->code, 'label' => Tap::all()[$event->code]->label, 'at' => $event->at];
            }
        }

        return $marked;
    }

    /**
     * @param Series $one
     * @param array<string, bool> $made instrument and quantity → whether any of it was made up
     */
    private static function shown(array $one, UnitPreferences $units, array $made): SeriesAnswer
    {
        $unit = $units->unit($one['quantity']);

        return new SeriesAnswer(
            instrument: $one['instrument'],
            name: $one['name'],
            quantity: $one['quantity']->value,
            unit: $unit->label,
            simulated: $one['simulated'] || ($made["{$one['instrument']} {$one['quantity']->value}"] ?? false),
            at: array_map(static fn (float $at): float => round($at, 3), $one['at']),
            value: array_map(static fn (float $si): float => round($unit->fromSi($si), 3), $one['value']),
        );
    }

    private static function scrap(HeatCurve $sheet, ?Alloy $alloy, QuantityFormatter $format): ?ScrapCheckAnswer
    {
        $check = $sheet->scrap;
        if (null === $check) {
            return null;
        }
        $written = null;
        if (null !== $alloy) {
            $written = match ($check->contradicts($alloy->code)) {
                null => null,
                true => "{$alloy->name} is written for this melt; it does not stand still there.",
                false => "That goes with {$alloy->name}, as it is written.",
            };
        }

        return new ScrapCheckAnswer(
            $check->verdict,
            $check->words,
            array_map(static fn (FittingAlloy $fit): array => [
                'code' => $fit->alloy->code,
                'name' => $fit->alloy->name,
                'share' => round($fit->share->si(), 2),
                'fits' => $fit->fits,
                'off' => $format->si($fit->upperOff->si(), Dimension::TemperatureDifference)
                    .(null === $fit->lowerOff ? '' : ' and '.$format->si($fit->lowerOff->si(), Dimension::TemperatureDifference)),
            ], $check->alloys),
            $written,
        );
    }
}
