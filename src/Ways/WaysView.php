<?php

declare(strict_types=1);

namespace MoltenNotes\App\Ways;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Cost\CostBook;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\WeekSettings;
use MoltenNotes\App\Week\YardAir;
use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\CastStrength;
use MoltenNotes\Core\Calendar\Windows;
use MoltenNotes\Core\Compare\WayFigures;
use MoltenNotes\Core\Compare\WayOfMaking;
use MoltenNotes\Core\Compare\Ways;
use MoltenNotes\Core\Cost\PlanCosts;
use MoltenNotes\Core\Cost\PourCost;
use MoltenNotes\Core\Cost\PourFacts;
use MoltenNotes\Core\Cost\Rates;
use MoltenNotes\Core\Experience\DrawnEnergy;
use MoltenNotes\Core\Experience\Share;
use MoltenNotes\Core\Finishing\Route;
use MoltenNotes\Core\Finishing\RouteFacts;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\PourDay\RunSheet;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Record\Values;
use Symfony\Component\Clock\ClockInterface;

/** Ways of making one part, as the API shows them side by side. */
final readonly class WaysView
{
    private const OFFERED = 3;
    /** question → how it is called, and what is meant. */
    private const QUESTIONS = [
        'elapsed' => ['There after', 'From now on, in the hours you work, its pattern made anew.'],
        'hands' => ['Hands on', 'Of yours, from pattern to fettled casting.'],
        'money' => ['Money', 'Energy and metal by its plan; mould material and pattern are not counted.'],
        'energy' => ['Energy', 'Melt and oven.'],
        'risk' => ['Against it', 'What its plan warns of, before anything is put right.'],
        'skin' => ['Skin', 'Mean height of the roughness as cast; a rough pattern shows all the same.'],
        'strength' => ['Strength', 'Tensile, of sound metal as cast: to tell ways apart, not to work out what it bears.'],
        'before' => ['Done before', 'Your own pours of this process in this family of metals.'],
    ];

    public function __construct(
        private Notebook $notebook,
        private CostBook $costs,
        private YardAir $yard,
        private Connection $connection,
        private ClockInterface $clock,
    ) {
    }

    /** @param list<array{string, string|null}> $told process and alloy of each; none offers some */
    public function of(Attempt $attempt, array $told, ?string $zone): WaysAnswer
    {
        $caster = $attempt->caster();
        $format = new QuantityFormatter($caster->units());
        $part = $this->notebook->record($attempt)->values();
        $own = AlloyTable::orUsual($part->choice('metal.alloy'));
        $told = [] === $told ? self::offered($part->choice('mould.process'), $own) : $told;
        $day = $this->day($caster, $zone);
        $figures = $plannedValues = [];
        foreach ($told as [$code, $metal]) {
            $process = MouldProcess::find($code);
            if (null === $process) {
                continue;
            }
            $alloy = AlloyTable::find($metal ?? '') ?? $own;
            $values = WayOfMaking::values($part, $process, $alloy, $format);
            $values = $this->melted($values, $caster);
            $plannedValues[] = $values;
            $figures[] = $this->way($attempt, $values, $process, $alloy, $day, $format);
        }
        $ways = Ways::compare($figures);
        $answers = [];
        foreach ($figures as $place => $way) {
            $answers[] = new WayOfMakingAnswer(
                process: $way->process->code,
                processLabel: $way->process->label,
                alloy: $way->alloy->code,
                alloyLabel: $way->alloy->name,
                name: Ways::name($way, $figures),
                ruledOut: $way->isRuledOut(),
                cells: self::cells($way, $place, $ways->best, $format),
                risks: $way->risks,
                planned: (object) $plannedValues[$place]->toArray(),
            );
        }

        return new WaysAnswer(
            attemptId: $attempt->id()->toRfc4122(),
            castingId: $attempt->casting()->id()->toRfc4122(),
            castingName: $attempt->casting()->name(),
            number: $attempt->number(),
            sentence: $ways->sentence,
            questions: array_map(
                static fn (string $question): array => [
                    'question' => $question, 'label' => self::QUESTIONS[$question][0], 'words' => self::QUESTIONS[$question][1],
                ],
                array_keys(self::QUESTIONS),
            ),
            ways: $answers,
            bears: array_keys(array_filter(
                MouldProcess::all(),
                static fn (MouldProcess $one): bool => 'bad' !== $one->bears($own->code, $own->family)['standing'],
            )),
            alloy: $own->code,
        );
    }

    /** Where nobody said in which furnace: in the first of the workshop, so that ways can be told apart at all. */
    private function melted(Values $values, Caster $caster): Values
    {
        $workshop = $this->notebook->workshop($caster);
        $first = $workshop->furnaces[0]['name'] ?? null;

        return null === $first || $values->has('melt.furnace') || $values->has('melt.energy_source')
            ? $values
            : $values->with('melt.furnace', $first);
    }

    /**
     * What is the same for all ways: the hours that are worked from now on, the air, and what things cost.
     *
     * @return array{now: int, windows: Windows, air: Temperature|null, humidity: float|null, rates: Rates}
     */
    private function day(Caster $caster, ?string $zone): array
    {
        $settings = WeekSettings::of($this->notebook->keptWorkshop($caster), $zone);
        $now = intdiv($this->clock->now()->getTimestamp(), 60);
        ['air' => $air, 'humidity' => $humidity] = $this->yard->ofThese($caster, $settings);
        $rates = $this->costs->rates($caster);

        return [
            'now' => $now,
            'windows' => $settings->hours->windows($now, $settings->offset(...), $settings->people),
            'air' => $air,
            'humidity' => $humidity,
            // Fees come whatever is poured.
            'rates' => new Rates($rates->currency, $rates->tariffs, $rates->tax, null, $rates->hour),
        ];
    }

    /** @param array{now: int, windows: Windows, air: Temperature|null, humidity: float|null, rates: Rates} $day */
    private function way(
        Attempt $attempt,
        Values $values,
        MouldProcess $process,
        Alloy $alloy,
        array $day,
        QuantityFormatter $format,
    ): WayFigures {
        $caster = $attempt->caster();
        $basis = Basis::of($this->notebook->typed($values, $caster, null), $format);
        $plan = PlanCasting::of($basis);
        $melting = $plan->figure('metal', 'melt_time')?->value->si;
        $melting = null === $melting ? null : Time::fromSi($melting);
        $facts = RouteFacts::ofPlan($basis, $plan, $attempt->casting()->purpose(), [], []);
        $finishing = Route::of($facts, $format)->hands;
        $hands = WayOfMaking::hands($values, $process->code, $melting, $finishing);
        $costs = PlanCosts::of($basis, $plan, true);
        $oven = WayOfMaking::oven($values, $process->code);
        $source = $basis->energySource();
        $cost = PourCost::of(new PourFacts(
            source: $source,
            drawn: DrawnEnergy::of(Values::none(), $source),
            reckoned: $costs->drawn,
            oven: $oven,
            share: Estimate::ratio(1.0),
            heats: 1,
            charged: [],
            returned: [],
            lost: $costs->lost,
            shelf: $this->costs->shelfPrice($caster, $alloy->code),
            used: [],
            tools: [],
            hours: $hands,
            isTold: false,
            castings: $basis->castings(),
        ), $day['rates'], $format);
        $strength = CastStrength::of($alloy);

        return new WayFigures(
            process: $process,
            alloy: $alloy,
            hands: $hands,
            elapsed: WayOfMaking::elapsed(
                $values,
                $process->code,
                $melting,
                RunSheet::opensAfter($plan),
                $finishing,
                $day['air'],
                $day['humidity'],
                $day['windows'],
                $day['now'],
            ),
            money: [] === array_filter($cost->lines, static fn ($line): bool => null !== $line->amount) ? null : $cost->total,
            notCounted: $cost->missing,
            energy: null === $costs->drawn || null === $oven ? $costs->drawn : $costs->drawn->plus($oven),
            cannot: self::cannot($basis, $format),
            risks: array_map(
                static fn (array $risk): array => ['words' => $risk['words'], 'standing' => 'bad' === $risk['standing'] ? 'bad' : 'risky'],
                $plan->risks(),
            ),
            fill: $plan->least('filling', 'fill_ratio')?->value,
            skin: $process->skin,
            strength: null === $strength ? null : Estimate::through(
                Dimension::Pressure,
                static fn (float $pa, float $of): float => $pa * $of,
                $strength,
                Estimate::ratio(array_sum($process->strength) / 2, $process->strength[0], $process->strength[1]),
            ),
            before: $this->before($caster, $process->code, $alloy->family),
        );
    }

    /**
     * @param array<string, int|null> $best
     *
     * @return list<WayCellAnswer>
     */
    private static function cells(WayFigures $way, int $place, array $best, QuantityFormatter $format): array
    {
        $cell = static fn (string $question, string $shown, ?float $low = null, ?float $high = null): WayCellAnswer => new WayCellAnswer(
            $question,
            $shown,
            $low,
            $high ?? $low,
            $place === ($best[$question] ?? null),
        );
        $risks = count($way->risks);
        $wants = $way->toPutRight();

        return [
            $cell('elapsed', null === $way->elapsed ? 'your hours do not reach' : self::days($way->elapsed), $way->elapsed?->si()),
            $cell('hands', $format->estimate($way->hands), $way->hands->lowSi, $way->hands->highSi),
            $cell(
                'money',
                null === $way->money
                    ? 'not known'
                    : ([] === $way->notCounted ? '' : 'at least ').$way->money->words()
                        .([] === $way->notCounted ? '' : ', without '.implode(' and ', $way->notCounted)),
                $way->money?->low,
                $way->money?->high,
            ),
            $cell(
                'energy',
                null === $way->energy ? 'not known' : $format->estimate($way->energy),
                $way->energy?->lowSi,
                $way->energy?->highSi,
            ),
            $cell('risk', match (true) {
                $way->isRuledOut() => 'will not work as it stands',
                0 === $risks => null === $way->fill ? 'nothing, as far as its plan can tell' : 'nothing',
                default => implode(', ', array_filter([
                    0 === $wants ? '' : (1 === $wants ? 'one thing to put right' : "{$wants} things to put right"),
                    $risks === $wants ? '' : (1 === $risks - $wants ? 'one doubt' : ($risks - $wants).' doubts'),
                ])),
            }),
            $cell('skin', "{$way->skin[0]} to {$way->skin[1]} µm", $way->skin[0], $way->skin[1]),
            $cell(
                'strength',
                null === $way->strength
                    ? 'not known'
                    : round($way->strength->lowSi / 1e6).' to '.round($way->strength->highSi / 1e6).' MPa',
                $way->strength?->lowSi,
                $way->strength?->highSi,
            ),
            $cell('before', $way->before->words(), 0 === $way->before->of ? null : $way->before->low, $way->before->high),
        ];
    }

    /** Why the mould does not bear the metal, or not its heat; '' where it does. */
    private static function cannot(Basis $basis, QuantityFormatter $format): string
    {
        $heat = $basis->values->measurement('pour.temperature')?->asTemperature();
        foreach ($basis->suitability()->questions($heat, null, false, $format) as $question) {
            if ('bad' === $question['standing']) {
                return $question['words'];
            }
        }

        return '';
    }

    private static function days(Time $elapsed): string
    {
        $days = $elapsed->si() / 86400;

        return $days < 1.5 ? round($elapsed->si() / 3600).' hours' : round($days, 1).' days';
    }

    /** Judged pours of a process in a family of metals, and how many of them were good. */
    private function before(Caster $caster, string $process, string $family): Share
    {
        $alloys = array_map(static fn (Alloy $one): string => $one->code, AlloyTable::family($family));
        /** @var array{good: int|string|null, judged: int|string}|false $row */
        $row = $this->connection->fetchAssociative(
            "SELECT SUM(verdict = 'good') AS good, COUNT(*) AS judged FROM attempt
             WHERE caster_id = ? AND process = ? AND alloy IN (?) AND verdict IS NOT NULL AND binned_at IS NULL",
            [$caster->id()->toBinary(), $process, $alloys],
            [2 => ArrayParameterType::STRING],
        );

        return false === $row ? Share::of(0, 0) : Share::of((int) $row['good'], (int) $row['judged']);
    }

    /**
     * Its own way, and those that bear its metal and are met oftenest.
     *
     * @return list<array{string, null}>
     */
    private static function offered(?string $own, Alloy $alloy): array
    {
        $others = array_filter(
            MouldProcess::all(),
            static fn (MouldProcess $one): bool => $one->code !== $own && 'good' === $one->bears($alloy->code, $alloy->family)['standing'],
        );
        uasort($others, static fn (MouldProcess $a, MouldProcess $b): int => $b->common <=> $a->common);
        $codes = array_slice([...(null === $own ? [] : [$own]), ...array_keys($others)], 0, self::OFFERED);

        return array_map(static fn (string $code): array => [$code, null], $codes);
    }
}
