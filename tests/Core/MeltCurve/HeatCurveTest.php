<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\MeltCurve;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Charge\MeltEnergy;
use MoltenNotes\Core\MeltCurve\Curve;
use MoltenNotes\Core\MeltCurve\HeatCurve;
use MoltenNotes\Core\MeltCurve\HeatingModel;
use MoltenNotes\Core\MeltCurve\MeltingPlateau;
use MoltenNotes\Core\MeltCurve\MeterReading;
use MoltenNotes\Core\MeltCurve\TimeToTarget;
use MoltenNotes\Core\PourDay\DayEvent;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Power;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Simulated\Noise;
use MoltenNotes\Core\Simulated\SimulatedMelt;
use MoltenNotes\Core\Simulated\SimulatedYard;
use PHPUnit\Framework\TestCase;

final class HeatCurveTest extends TestCase
{
    public function testAModelThatIsNewtonsLawIsFoundAgainAndForetellsIt(): void
    {
        // T = T_0 + A (1 − e^(−t/τ)) has the closed solution t = τ ln((A − θ₁)/(A − θ₂)).
        $air = Temperature::fromCelsius(20);
        $scatter = new Noise(9, 0.5);
        $points = [];
        for ($second = 0; $second <= 900; $second += 2) {
            $points[] = [(float) $second, (float) $scatter->read(293.15 + 1000 * (1 - exp(-$second / 1500)))];
        }
        $model = HeatingModel::fit(Curve::of($points), $air);
        self::assertNotNull($model);
        self::assertEqualsWithDelta(1293.15, $model->levelsOff()?->si(), 40.0);
        $from = Temperature::fromSi(293.15 + 1000 * (1 - exp(-900 / 1500)));
        $time = $model->secondsTo($from, Temperature::fromSi($from->si() + 200));
        $exact = 1500 * log((1293.15 - $from->si()) / (1293.15 - $from->si() - 200));
        self::assertNotNull($time);
        self::assertEqualsWithDelta($exact, $time->si, 0.04 * $exact);
        self::assertTrue($time->lowSi <= $exact && $exact <= $time->highSi);
        self::assertNull($model->secondsTo($from, Temperature::fromSi(1400)), 'it levels off below');
        self::assertSame(0.0, $model->secondsTo($from, $air)?->si);
        self::assertNull(HeatingModel::fit(Curve::of(array_slice($points, 0, 4)), $air));
    }

    public function testTheTimeThatIsLeftLiesWithinItsSpreadThroughoutAHeat(): void
    {
        $cases = [
            'al_si7mg' => [2.0, 1500, 720], 'zn_al4' => [3.0, 600, 450], 'al99' => [1.0, 1200, 760], 'tin_bronze' => [3.0, 3500, 1120],
        ];
        $asked = $within = 0;
        foreach ($cases as $code => [$kg, $watts, $target]) {
            $alloy = AlloyTable::get($code);
            [$points, $end] = self::heat($code, $kg, $watts, $target);
            for ($at = 240.0; $at < $end; $at += 60.0) {
                $seen = Curve::of(array_filter($points, static fn (array $point): bool => $point[0] <= $at));
                $air = Temperature::fromCelsius(20);
                $way = TimeToTarget::of($seen, $alloy, Temperature::fromCelsius($target), $air, Mass::fromSi($kg), null);
                self::assertNotNull($way->seconds, "{$code} at {$at} s: {$way->words}");
                ++$asked;
                $within += $way->seconds->lowSi <= $end - $at && $end - $at <= $way->seconds->highSi ? 1 : 0;
                self::assertEqualsWithDelta($end - $at, $way->seconds->si, 0.25 * ($end - $at) + 25, "{$code} at {$at} s");
            }
        }
        self::assertGreaterThan(0.9 * $asked, $within, "of {$asked} foretold, {$within} lay within their spread");
    }

    public function testAPotThatIsTooWeakIsToldSo(): void
    {
        $points = [];
        $alloy = AlloyTable::get('al_si7mg');
        $melt = SimulatedMelt::liquid($alloy, Mass::fromSi(2), Temperature::fromCelsius(20), Temperature::fromCelsius(640));
        for ($second = 0; $second < 1800; $second += 2) {
            $points[] = [(float) $second, $melt->temperature()->si()];
            $melt->run(2, Power::fromSi(560), 0.3);
        }
        $way = self::way($points, 900);
        self::assertNull($way->seconds);
        self::assertMatchesRegularExpression('/levels off|not getting hotter/', $way->words);

        $cooling = array_map(static fn (array $point): array => [$point[0], 1100 - 0.05 * $point[0]], $points);
        self::assertStringContainsString('not getting hotter', self::way($cooling, 900)->words);
        self::assertStringContainsString('too few', self::way([[0.0, 900.0]], 900)->words);
        self::assertSame(0.0, self::way($points, 600)->seconds?->si, 'hot enough already');
    }

    public function testWithoutLossesAHeatTakesTheEnergyOfTheTable(): void
    {
        // Outside check: m [c_s (T_liq − T_0) + L + c_l (T − T_liq)], worked by the charge's own rule, against the simulator run to there.
        $alloy = AlloyTable::get('al99');
        $melt = SimulatedMelt::cold($alloy, Mass::fromSi(2), Temperature::fromCelsius(20));
        $seconds = 0;
        while ($melt->temperature()->celsius() < 720) {
            $melt->run(1, Power::fromSi(3000), 0.0);
            ++$seconds;
        }
        // The crucible of that size, 0.6 kg a litre at 1100 J/kgK, takes its part.
        $crucible = 0.6 * (2 / 2380 / 0.8) * 1000 * 1100 * 700;
        $metal = MeltEnergy::of($alloy, Mass::fromSi(2), Temperature::fromCelsius(20), Temperature::fromCelsius(720))->si();
        self::assertEqualsWithDelta($metal + $crucible, 3000.0 * $seconds, 0.01 * ($metal + $crucible));
        self::assertSame(0.0, $melt->solid()->si());
    }

    public function testTheTimeToMeltTellsTheShareThatReachedTheMetalOrTheCharge(): void
    {
        [$points] = self::heat('al99', 1.5, 1500, 740);
        $plateau = MeltingPlateau::on(Curve::of($points), AlloyTable::get('al99'));
        self::assertNotNull($plateau);
        $power = Estimate::exact(Dimension::Power, 1500.0);
        $share = $plateau->efficiency($power, Mass::fromSi(1.5));
        self::assertTrue($share->si > 0.4 && $share->si < 0.95);
        $back = $plateau->charge($power, $share);
        self::assertEqualsWithDelta(1.5, $back->si, 1e-6, 'what the share was told from comes back');
        $more = $plateau->efficiency($power, Mass::fromSi(2.0));
        self::assertGreaterThan($share->si, $more->si, 'more metal in the same time: more reached it');
        self::assertNull(MeltingPlateau::on(Curve::of(array_slice($points, 0, 60)), AlloyTable::get('al99')), 'it has not melted yet');
    }

    public function testEnergyIsThePowerOverTimeAndAGapMakesItUnsure(): void
    {
        $steady = array_map(static fn (int $second): array => [(float) $second, 2000.0], range(0, 600, 5));
        $energy = MeterReading::of($steady)->energy(0, 600);
        self::assertNotNull($energy);
        self::assertEqualsWithDelta(1.2e6, $energy->si, 1.0);
        self::assertLessThan(0.03, $energy->relativeSpread());
        $gap = MeterReading::of(array_filter($steady, static fn (array $read): bool => $read[0] < 200 || $read[0] > 400))->energy(0, 600);
        self::assertNotNull($gap);
        self::assertLessThan(0.85e6, $gap->lowSi);
        self::assertEqualsWithDelta(1.2e6, $gap->si, 2e4);
        self::assertNull(MeterReading::of([[0.0, 1000.0]])->all());
        self::assertEqualsWithDelta(2000.0, MeterReading::of($steady)->power(100, 300)?->si, 1e-3);
        self::assertEqualsWithDelta(0.0, MeterReading::of([[0.0, 0.0], [10.0, 0.0]])->all()?->si, 1e-6, 'a meter may well read nothing');
    }

    public function testTheSheetSaysWhatAHeatDoesStepByStep(): void
    {
        [$points, $end] = self::heat('al_si7mg', 2.0, 1500, 720);
        $watts = array_map(static fn (int $second): array => [(float) $second, 1500.0], range(0, (int) $end, 10));
        $read = static function (float $until, ?Mass $charge) use ($points, $watts): HeatCurve {
            $curve = Curve::of(array_filter($points, static fn (array $point): bool => $point[0] <= $until));

            return HeatCurve::of(
                $curve,
                $curve,
                AlloyTable::get('al_si7mg'),
                Temperature::fromCelsius(720),
                $charge,
                null,
                MeterReading::of($watts),
                [new DayEvent('all_liquid', 1850), new DayEvent('lit', 0), new DayEvent('out', $until)],
                Estimate::ratio(0.69, 0.66, 0.72),
                Temperature::fromCelsius(20),
                $until + 5,
                new QuantityFormatter(UnitPreferences::metric()),
            );
        };
        $sheet = $read($end - 120, Mass::fromSi(2.0));
        $figures = [];
        foreach ($sheet->result->figures as $figure) {
            $figures[$figure->code.$figure->subject] = $figure;
        }
        foreach (
            [
                'hot_now', 'heating_rate', 'to_target', 'plateau', 'plateau_charge', 'step_energyall_liquid', 'step_energyout',
                'energy_read',
            ] as $code
        ) {
            self::assertArrayHasKey($code, $figures);
            self::assertNotSame('', $figures[$code]->working->formula);
        }
        self::assertEqualsWithDelta(120.0, $figures['to_target']->value->si, 30.0);
        self::assertEqualsWithDelta(1500.0 * 1850, $figures['step_energyall_liquid']->value->si, 2e4);
        self::assertSame('plain', $figures['plateau_charge']->standing);
        self::assertStringContainsString('lit', strtolower($figures['step_energyall_liquid']->label));

        $wrong = $read($end - 120, Mass::fromSi(4.0));
        $charge = $wrong->result->figure('plateau_charge');
        self::assertSame('risky', $charge?->standing, 'half of what was written melted in that time');
        self::assertMatchesRegularExpression('/You wrote 4\skg/u', $charge->note);
        self::assertNull($sheet->scrap, 'it has not cooled yet');
    }

    public function testStrayReadingsAndWrongOnesDoNotCount(): void
    {
        $points = array_map(static fn (int $second): array => [(float) $second, 900.0 + $second / 10], range(0, 100));
        $points[50] = [50.0, 1900.0];
        $curve = Curve::of([...$points, [50.0, 20.0], [\NAN, 900.0], [60.5, -3.0], [61.5, \INF]]);
        self::assertSame(101, $curve->count(), 'of two for one second the first counts, and what is no temperature does not');
        self::assertLessThan(911.0, $curve->hottest()?->si());
        self::assertNull(Curve::of([])->hottest());
        self::assertNull(Curve::of([])->latest());
        self::assertSame(0.0, Curve::of([])->seconds());
    }

    public function testTheYardsAirDriesAsItWarms(): void
    {
        // Saturation pressures 2339 Pa at 20 and 3169 Pa at 25 °C (published steam tables): half humid at 20 is 36.9 % at 25 °C.
        $yard = new SimulatedYard(Temperature::fromCelsius(20), Ratio::fromSi(0.5));
        foreach (range(0, 23) as $hour) {
            $time = Time::fromSi(3600.0 * $hour);
            self::assertTrue($yard->air($time)->celsius() >= 13.99 && $yard->air($time)->celsius() <= 26.01);
        }
        $at25 = Time::fromSi(3600.0 * (5 + 24 / (2 * \M_PI) * acos(-5 / 6)));
        self::assertEqualsWithDelta(25.0, $yard->air($at25)->celsius(), 0.01);
        self::assertEqualsWithDelta(0.369, $yard->humidity($at25)->si(), 0.002);
        $wet = $yard->drying(Mass::fromSi(1), Mass::fromSi(0.2), Time::fromSi(3600), Time::fromSi(0))->si();
        $dry = $yard->drying(Mass::fromSi(1), Mass::fromSi(0.2), Time::fromSi(3600), Time::fromSi(36000))->si();
        self::assertEqualsWithDelta(1.2, $wet, 1e-9);
        self::assertEqualsWithDelta(1.0, $dry, 1e-4);
    }

    /** @param list<array{float, float}> $points */
    private static function way(array $points, float $target): TimeToTarget
    {
        return TimeToTarget::of(
            Curve::of($points),
            AlloyTable::get('al_si7mg'),
            Temperature::fromCelsius($target),
            Temperature::fromCelsius(20),
            Mass::fromSi(2),
            null,
        );
    }

    /** @return array{list<array{float, float}>, float} readings, and the second at which it was as hot as wanted */
    private static function heat(string $alloy, float $kg, float $watts, float $target): array
    {
        $melt = SimulatedMelt::cold(AlloyTable::get($alloy), Mass::fromSi($kg), Temperature::fromCelsius(20));
        $scatter = new Noise(17, 1.0, 0.05);
        $points = [];
        for ($second = 0.0; $melt->temperature()->celsius() < $target; $second += 2.0) {
            $read = $scatter->read($melt->temperature()->si());
            if (null !== $read) {
                $points[] = [$second, $read];
            }
            $melt->run(2, Power::fromSi($watts), 0.3);
        }

        return [$points, $second];
    }
}
