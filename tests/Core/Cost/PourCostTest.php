<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Cost;

use MoltenNotes\Core\Charge\EnergySource;
use MoltenNotes\Core\Cost\Amount;
use MoltenNotes\Core\Cost\CostLine;
use MoltenNotes\Core\Cost\GoodCasting;
use MoltenNotes\Core\Cost\OtherFurnace;
use MoltenNotes\Core\Cost\PourCost;
use MoltenNotes\Core\Cost\PourFacts;
use MoltenNotes\Core\Cost\Rates;
use MoltenNotes\Core\Experience\DrawnEnergy;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Values;
use PHPUnit\Framework\TestCase;

/** What pours cost, what is not known of it, and what a good casting does. */
final class PourCostTest extends TestCase
{
    private static function rates(float $tax = 0.0, ?float $monthly = null, ?float $hour = null): Rates
    {
        return new Rates('EUR', ['electric' => 0.30, 'propane' => 2.50], $tax, $monthly, $hour);
    }

    /** @param array<string, mixed> $values */
    private static function drawn(array $values, string $source = 'electric'): DrawnEnergy
    {
        return DrawnEnergy::of(Values::of($values), EnergySource::find($source));
    }

    private static function kwh(float $value): Measurement
    {
        return Measurement::of($value, 'kWh');
    }

    /**
     * @param list<array{name: string, kg: float, price: float|null}> $charged
     * @param list<array{name: string, kg: float}> $returned
     * @param array<string, mixed> $over
     */
    private static function facts(
        DrawnEnergy $drawn,
        array $charged = [],
        array $returned = [],
        array $over = [],
        string $source = 'electric',
    ): PourFacts {
        /** @var array{share?: Estimate, heats?: int, lost?: Estimate, shelf?: array{name: string, price: float}, used?: list<array{
         *     name: string, amount: float, unit: string, price: float|null, whole: bool}>, tools?: list<array{name: string, cost: float,
         *     uses: array{int, int}, times: int, whole: bool}>, hours?: Estimate, castings?: int, reckoned?: Estimate} $over */
        return new PourFacts(
            EnergySource::find($source),
            $drawn,
            $over['reckoned'] ?? null,
            null,
            $over['share'] ?? Estimate::ratio(1.0),
            $over['heats'] ?? 1,
            $charged,
            $returned,
            $over['lost'] ?? null,
            $over['shelf'] ?? null,
            $over['used'] ?? [],
            $over['tools'] ?? [],
            $over['hours'] ?? null,
            true,
            $over['castings'] ?? 1,
        );
    }

    private static function cost(PourFacts $facts, ?Rates $rates = null): PourCost
    {
        return PourCost::of($facts, $rates ?? self::rates(), new QuantityFormatter(UnitPreferences::metric()));
    }

    private static function line(PourCost $cost, string $code): CostLine
    {
        foreach ($cost->lines as $line) {
            if ($code === $line->code) {
                return $line;
            }
        }
        self::fail("no {$code}");
    }

    private static function amount(PourCost $cost, string $code): Amount
    {
        $amount = self::line($cost, $code)->amount;
        self::assertNotNull($amount, self::line($cost, $code)->words);

        return $amount;
    }

    public function testEnergyIsTheMeterAtTheTariffWithItsTax(): void
    {
        // By hand: 2.6 kWh at 0.30 and 20 per cent on top are 0.936.
        $drawn = self::drawn(['melt.meter_before' => self::kwh(4102.6), 'melt.meter_after' => self::kwh(4105.2)]);
        self::assertSame('meter', $drawn->by);
        $energy = self::amount(self::cost(self::facts($drawn), self::rates(0.20)), 'energy');

        self::assertEqualsWithDelta(0.936, $energy->middle, 1e-6);
        self::assertGreaterThan($energy->middle, $energy->high, 'a meter is read to a tenth');
    }

    public function testGasIsPaidByWhatTheBottleLostAndNeedsNoHeatingValue(): void
    {
        $drawn = self::drawn([
            'melt.fuel_before' => Measurement::of(14.8, 'kg'), 'melt.fuel_after' => Measurement::of(12.7, 'kg'),
        ], 'propane');
        $energy = self::amount(self::cost(self::facts($drawn, source: 'propane')), 'energy');

        self::assertEqualsWithDelta(2.1 * 2.50, $energy->middle, 1e-6);
        self::assertEqualsWithDelta(2.1 * 46.4e6, $drawn->energy->si ?? 0.0, 1e3, 'and its heat teaches the furnace');
    }

    public function testAMisreadMeterIsSaidAndNotPaid(): void
    {
        $drawn = self::drawn(['melt.meter_before' => self::kwh(4105), 'melt.meter_after' => self::kwh(4102)]);
        self::assertNull($drawn->energy);
        $line = self::line(self::cost(self::facts($drawn)), 'energy');
        self::assertSame(['unknown', null], [$line->how, $line->amount]);
        self::assertStringContainsString('misread', $line->words);
        $heavier = ['melt.fuel_before' => Measurement::of(3, 'kg'), 'melt.fuel_after' => Measurement::of(4, 'kg')];
        self::assertNull(self::drawn($heavier)->fuel);
        self::assertSame('typed', self::drawn([
            'melt.energy' => self::kwh(2), 'melt.meter_before' => self::kwh(1), 'melt.meter_after' => self::kwh(4),
        ])->by, 'what was typed goes first');
    }

    public function testAPlanIsPaidByWhatItReckonsAndSaysSo(): void
    {
        $reckoned = Estimate::between(Dimension::Energy, 2 * 3.6e6, 1 * 3.6e6, 3 * 3.6e6);
        $cost = self::cost(self::facts(self::drawn([]), over: ['reckoned' => $reckoned, 'share' => Estimate::ratio(0.25)]));

        self::assertSame('reckoned', self::line($cost, 'energy')->how);
        self::assertEqualsWithDelta(0.60, self::amount($cost, 'energy')->middle, 1e-9, 'a plan reckons for its own mould alone');
        self::assertEqualsWithDelta(0.30, self::amount($cost, 'energy')->low, 1e-9);
    }

    public function testMetalIsNetOfWhatCameBack(): void
    {
        $in = [['name' => 'Bronze', 'kg' => 2.0, 'price' => 9.0]];
        $all = self::amount(self::cost(self::facts(self::drawn([]), $in)), 'metal');
        self::assertEqualsWithDelta(18.0, $all->middle, 1e-9);
        // 1.2 of 2 kg back, worth 85 to 100 per cent of what it cost: 18 − 0.6 · 18 · 0.925.
        $net = self::amount(self::cost(self::facts(self::drawn([]), $in, [['name' => 'Returns', 'kg' => 1.2]])), 'metal');
        self::assertEqualsWithDelta(18 - 0.6 * 18 * 0.925, $net->middle, 1e-9);
        self::assertEqualsWithDelta(18 - 0.6 * 18, $net->low, 1e-9);
        $half = self::amount(self::cost(self::facts(self::drawn([]), $in, over: ['share' => Estimate::ratio(0.5)])), 'metal');
        self::assertEqualsWithDelta(9.0, $half->middle, 1e-9, 'two moulds of one melt share it');
        $more = self::amount(self::cost(self::facts(self::drawn([]), $in, [['name' => 'Returns', 'kg' => 9.0]])), 'metal');
        self::assertGreaterThanOrEqual(0.0, $more->low, 'nobody is paid for metal that came from elsewhere');
    }

    public function testWithoutABookTheMetalIsWhatThePlanDoesNotGetBack(): void
    {
        $lost = Estimate::between(Dimension::Mass, 0.8, 0.7, 0.9);
        $cost = self::cost(self::facts(self::drawn([]), over: ['lost' => $lost, 'shelf' => ['name' => 'Ingots', 'price' => 5.0]]));
        self::assertEqualsWithDelta(4.0, self::amount($cost, 'metal')->middle, 1e-9);
        self::assertSame('reckoned', self::line($cost, 'metal')->how);
        $unpriced = self::cost(self::facts(self::drawn([]), over: ['lost' => $lost]));
        self::assertNull(self::line($unpriced, 'metal')->amount);
        self::assertContains('metal', $unpriced->missing);
        self::assertStringContainsString('price', self::line($unpriced, 'metal')->words);
    }

    public function testFeesAreSharedByTheHeatsOfTheMonthAndToolsByTheirUses(): void
    {
        $cost = self::cost(self::facts(self::drawn([]), over: [
            'heats' => 4,
            'tools' => [
                ['name' => 'Rubber', 'cost' => 40.0, 'uses' => [20, 100], 'times' => 1, 'whole' => false],
                ['name' => 'Pot', 'cost' => 60.0, 'uses' => [60, 60], 'times' => 1, 'whole' => true],
            ],
            'share' => Estimate::ratio(0.5),
        ]), self::rates(monthly: 12.0));

        self::assertEqualsWithDelta(12 / 4 * 0.5, self::amount($cost, 'fees')->middle, 1e-9);
        // Rubber: between 40/100 and 40/20; pot: 1, of which half.
        self::assertEqualsWithDelta((0.4 + 2.0) / 2 + 0.5, self::amount($cost, 'tools')->middle, 1e-9);
    }

    public function testHoursCountAsMoneyOnlyWhereAnHourHasAPrice(): void
    {
        $facts = self::facts(self::drawn([]), over: ['hours' => Estimate::exact(Dimension::Time, 3 * 3600)]);
        self::assertSame([], array_filter(self::cost($facts)->lines, static fn (CostLine $line): bool => 'hours' === $line->code));
        self::assertEqualsWithDelta(36.0, self::amount(self::cost($facts, self::rates(hour: 12.0)), 'hours')->middle, 1e-9);
    }

    public function testTheSumIsThatOfItsPartsAndDearerPartsNeverMakeItCheaper(): void
    {
        $before = -1.0;
        foreach ([0.0, 1.0, 4.0, 12.0] as $price) {
            $cost = self::cost(self::facts(
                self::drawn(['melt.energy' => self::kwh(3)]),
                [['name' => 'Bronze', 'kg' => 2.0, 'price' => $price]],
            ), self::rates(monthly: 5.0));
            $sum = array_sum(array_map(static fn (CostLine $line): float => $line->amount->middle ?? 0.0, $cost->lines));
            self::assertEqualsWithDelta($sum, $cost->total->middle, 1e-9);
            self::assertGreaterThan($before, $cost->total->middle);
            $before = $cost->total->middle;
        }
    }

    public function testNoMoreFiguresThanTheSpreadLeaves(): void
    {
        self::assertSame('12.50 EUR', Amount::of(12.5, 12.5, 12.5, 'EUR')->words());
        self::assertSame('14 EUR (11 to 18)', Amount::of(14.37, 11.2, 17.9, 'EUR')->words());
        self::assertSame('14.4 EUR (14.0 to 14.7)', Amount::of(14.37, 14.04, 14.7, 'EUR')->words());
        self::assertSame('140 EUR (100 to 190)', Amount::of(143, 104, 188, 'EUR')->words());
        self::assertSame('0.35 EUR (0.33 to 0.37)', Amount::of(0.351, 0.334, 0.368, 'EUR')->words());
    }

    public function testAGoodCastingIsPaidForByTheTwoThatFailed(): void
    {
        $pour = static fn (float $kwh): PourCost => self::cost(self::facts(self::drawn(['melt.energy' => self::kwh($kwh)]), [
            ['name' => 'Ingots', 'kg' => 1.0, 'price' => 5.0],
        ]));
        // 5.60, 5.90 and 6.20: the one that came out good costs all of it, each failed one 5.75 in the mean.
        $all = GoodCasting::of([
            ['number' => 1, 'cost' => $pour(2), 'good' => 0], ['number' => 2, 'cost' => $pour(3), 'good' => 0],
            ['number' => 3, 'cost' => $pour(4), 'good' => 1],
        ], self::rates());

        self::assertSame([1, 3, 2], [$all->good, $all->pours, $all->failed]);
        self::assertEqualsWithDelta(17.70, $all->each->middle ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(5.75, $all->failure->middle ?? 0.0, 1e-9);
        self::assertSame('A good one costs 17.70 EUR: one from 3 pours. Each that failed cost 5.75 EUR.', $all->sentence);
        self::assertSame('failure', $all->savings[0]->code);
        self::assertEqualsWithDelta(5.75, $all->savings[0]->amount->middle, 1e-9);

        $pair = GoodCasting::of([['number' => 1, 'cost' => $pour(2), 'good' => 2]], self::rates());
        self::assertEqualsWithDelta(2.80, $pair->each->middle ?? 0.0, 1e-9, 'two of one mould share it');
        $none = GoodCasting::of([['number' => 1, 'cost' => $pour(2), 'good' => 0]], self::rates());
        self::assertNull($none->each);
        self::assertStringContainsString('No good one yet; one pour cost 5.60 EUR.', $none->sentence);
        self::assertSame('No pour is judged yet.', GoodCasting::of([], self::rates())->sentence);
    }

    public function testWhatIsNotKnownMakesItAtLeastThat(): void
    {
        $cost = self::cost(self::facts(self::drawn([]), [['name' => 'Ingots', 'kg' => 1.0, 'price' => 5.0]]));
        self::assertSame(['energy of the melt'], $cost->missing);
        self::assertStringStartsWith('It cost at least 5.00 EUR', $cost->sentence(false));
        self::assertStringContainsString('Not counted: energy of the melt.', $cost->sentence(false));
        $all = GoodCasting::of([['number' => 1, 'cost' => $cost, 'good' => 1]], self::rates());
        self::assertStringContainsString('at least', $all->sentence);
        self::assertStringContainsString('cannot be told yet', self::cost(self::facts(self::drawn([])))->sentence(true));
    }

    public function testMetalThatNobodyWroteBackIsTheSavingThatItIs(): void
    {
        // 2 kg went in, 0.6 kg are in the casting or burnt off, nothing came back: 1.4 kg at 9 are 12.60.
        $in = [['name' => 'Bronze', 'kg' => 2.0, 'price' => 9.0]];
        $drawn = self::drawn(['melt.energy' => self::kwh(1)]);
        $lost = ['lost' => Estimate::exact(Dimension::Mass, 0.6)];
        $cost = self::cost(self::facts($drawn, $in, [], $lost));
        self::assertEqualsWithDelta(12.6, $cost->metalGone->middle ?? 0.0, 1e-9);
        $savings = GoodCasting::of([['number' => 1, 'cost' => $cost, 'good' => 1]], self::rates())->savings;
        self::assertSame(['returns'], array_column($savings, 'code'));
        $back = self::cost(self::facts($drawn, $in, [['name' => 'Returns', 'kg' => 1.4]], $lost));
        self::assertNull($back->metalGone, 'all of it is accounted for');
    }

    public function testAnotherFurnaceIsASavingOnlyWhereItIsCheaperBeyondDoubt(): void
    {
        $electric = EnergySource::find('electric');
        $propane = EnergySource::find('propane');
        self::assertNotNull($electric);
        self::assertNotNull($propane);
        $now = Estimate::exact(Dimension::Energy, 46.4e6);
        $heat = Estimate::exact(Dimension::Energy, 1.8e6);
        $to = static fn (Estimate $share): array => OtherFurnace::savings(
            $propane,
            $now,
            $heat,
            [['Kiln', $electric, $share, true]],
            self::rates(),
            2.0,
            new QuantityFormatter(UnitPreferences::metric()),
        );
        // A kilogram of propane, 2.50, against 0.5 kWh ÷ 0.4 at 0.30: 0.375; two pours for each good one.
        $saved = $to(Estimate::ratio(0.4, 0.35, 0.45));
        self::assertCount(1, $saved);
        self::assertEqualsWithDelta(2 * (2.50 - 0.375), $saved[0]->amount->middle, 1e-9);
        self::assertSame([], $to(Estimate::ratio(0.07, 0.05, 0.09)), 'it may be dearer');
    }
}
