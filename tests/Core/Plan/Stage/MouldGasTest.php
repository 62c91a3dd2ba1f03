<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Venting\FoamGas;
use MoltenNotes\Core\Venting\LeftWater;
use MoltenNotes\Core\Venting\SandGas;
use MoltenNotes\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** Gas of the mould itself: binder, core and foam, against the metal that stands above it. */
final class MouldGasTest extends TestCase
{
    /** Polystyrene gives about 230 mL per g at 750 °C and 760 at 1300 °C. Literature of lost foam, recalled from memory. */
    public function testFoamGivesWhatIsPublished(): void
    {
        self::assertEqualsWithDelta(230.0, FoamGas::of(Mass::of(1, 'g'), Temperature::fromCelsius(750))->in('mL'), 1e-6);
        self::assertEqualsWithDelta(760.0, FoamGas::of(Mass::of(1, 'g'), Temperature::fromCelsius(1300))->in('mL'), 1e-6);
        self::assertSame(0.0, FoamGas::of(Mass::of(1, 'g'), Temperature::fromCelsius(300))->si());
    }

    /**
     * By hand, aluminium of 720 °C, 10 s, sand of 20 °C, α 3.7·10⁻⁷: √(αt) 1.92 mm, (300 − 20)/700 = 0.4, erfc⁻¹ 0.595, skin 2.3 mm,
     * 0.355 g of sand per cm²; at 12 mL/g 4.26 mL in a sixth of a minute through 5 cm of P 120: 1.07 g/cm², twice that for hot gas.
     */
    public function testTheGasOfABinderAgreesWithAHandCalculation(): void
    {
        self::assertEqualsWithDelta(2.13, SandGas::ofBinder(10, 12, 120, 5, 720, 20, 3.71e-7, 1550), 0.05);
    }

    /** Gas of binders per gram: oil 15 to 25 mL, resin 10 to 14, silicate 5 to 8 (recalled from memory): in that order they press. */
    public function testOilPressesMoreThanSilicate(): void
    {
        $gas = static fn (string $process): float => Plans::of([
            'mould.process' => $process,
            'pour.time' => '6 s',
            'sand.permeability' => 80,
        ])->figure('venting', 'binder_gas')->value->si ?? 0.0;

        self::assertGreaterThan($gas('resin_sand'), $gas('oil_sand'));
        self::assertGreaterThan($gas('silicate_sand'), $gas('resin_sand'));
    }

    public function testMoreBinderMorePressureMoreVentsLess(): void
    {
        $gas = static fn (array $change): float => Plans::of($change + [
            'mould.process' => 'oil_sand',
            'pour.time' => '6 s',
            'sand.binder' => '5 %',
        ])->figure('venting', 'binder_gas')->value->si ?? 0.0;

        self::assertGreaterThan($gas([]), $gas(['sand.binder' => '8 %']));
        self::assertGreaterThan($gas(['sand.permeability' => 200]), $gas(['sand.permeability' => 50]));
        self::assertLessThan($gas([]), $gas(['venting.vents' => 30]));
        self::assertLessThanOrEqual($gas([]), $gas(['venting.vents' => 1]));
    }

    public function testACoreWithoutAVentPressesAndOneWithAVentIsNotHeldAgainstIt(): void
    {
        $core = ['pour.time' => '8 s', 'core.volume' => '250 mL', 'mould.process' => 'oil_sand'];
        $shut = Plans::of($core);

        self::assertGreaterThan(
            5 * ($shut->figure('venting', 'binder_gas')->value->si ?? 0.0),
            $shut->figure('venting', 'core_gas')->value->si ?? 0.0,
        );
        self::assertNull(Plans::of($core + ['core.vented' => true])->figure('venting', 'core_gas'));
    }

    /** Tin is poured cooler than any binder breaks down. */
    public function testTinTakesNoGasOutOfABinder(): void
    {
        $tin = Plans::of(['mould.process' => 'oil_sand', 'metal.alloy' => 'tin', 'pour.temperature' => '290 C', 'pour.time' => '5 s']);

        self::assertSame(0.0, $tin->figure('venting', 'binder_gas')->value->si ?? null);
    }

    public function testFoamHasNoVentsToMissOnlyItsGas(): void
    {
        $plan = Plans::of(['mould.process' => 'lost_foam', 'foam.density' => '20 kg/m3', 'pour.temperature' => '800 C']);

        self::assertSame([], $plan->stages['venting']->risks);
        self::assertNull($plan->figure('venting', 'vents_wanted'));
        self::assertGreaterThan(0.0, $plan->figure('venting', 'foam_gas')->value->si ?? 0.0);
        $hotter = Plans::of(['mould.process' => 'lost_foam', 'foam.density' => '20 kg/m3', 'pour.temperature' => '900 C']);
        self::assertGreaterThan(
            $plan->figure('venting', 'foam_gas')->value->si ?? 0.0,
            $hotter->figure('venting', 'foam_gas')->value->si ?? 0.0,
        );
    }

    /**
     * Gypsum CaSO₄·2H₂O: 36.03 of 172.17 g are water, 20.9 % (atomic masses, published); three of four parts leave below 180 °C, the rest
     * below 300 °C (recalled from memory).
     */
    public function testABurnoutTakesTheWaterOutOfPlaster(): void
    {
        $left = static fn (float $celsius): float => LeftWater::inPlaster(Temperature::fromCelsius($celsius));

        self::assertEqualsWithDelta(0.35 * 36.03 / 172.17, $left(20), 1e-4);
        self::assertEqualsWithDelta($left(20) / 4, $left(180), 1e-6);
        self::assertSame(0.0, $left(300));
        for ($celsius = 0; $celsius < 400; $celsius += 10) {
            self::assertGreaterThanOrEqual($left($celsius + 10.0), $left((float) $celsius));
        }
    }

    /** 12 to 24 h at 20 °C and 50 % humidity, three to four days at 5 °C and 80 % (common practice): about as dry. */
    public function testAFoamCoatDriesAsCastersKnowIt(): void
    {
        $left = static fn (float $hours, float $celsius, float $humid): float => LeftWater::inCoat(
            Time::of($hours, 'h'),
            Temperature::fromCelsius($celsius),
            $humid,
        );

        self::assertEqualsWithDelta(0.05, $left(18, 20, 0.5), 0.01);
        self::assertEqualsWithDelta($left(14, 20, 0.5), $left(94, 5, 0.8), 0.05);
        self::assertGreaterThan($left(20, 20, 0.5), $left(20, 20, 0.8));
        self::assertGreaterThan($left(20, 30, 0.5), $left(20, 10, 0.5));
        self::assertGreaterThan($left(20, 20, 0.5), $left(10, 20, 0.5));
        self::assertEqualsWithDelta(1.0, $left(0, 20, 0.5), 1e-12);
    }

    public function testWaterInACoatIsHeldAgainstTheMetalAndADryOneIsNot(): void
    {
        $foam = [
            'mould.process' => 'lost_foam', 'foam.density' => '20 kg/m3', 'pour.temperature' => '800 C', 'foam.cup_height' => '100 mm',
        ];
        $of = static fn (array $change): float => Plans::of($change + $foam)->figure('venting', 'coat_steam')->value->si ?? -1.0;

        self::assertGreaterThan(0.6, $of(['foam.dry_time' => '2 h']));
        self::assertLessThan(0.2, $of(['foam.dry_time' => '72 h']));
        $day = static fn (string $weather): float => $of(['foam.dry_time' => '24 h', 'pour.weather' => $weather]);
        self::assertGreaterThan($day('dry'), $day('rain'));
        self::assertSame(-1.0, $of([]), 'nothing is said where nothing is told');

        $sand = Plans::of(['mould.process' => 'silicate_sand', 'mould.coating' => 'damp', 'pour.time' => '6 s']);
        self::assertGreaterThan(0.0, $sand->figure('venting', 'coat_steam')->value->si ?? 0.0);
        self::assertNull(Plans::of(['mould.process' => 'silicate_sand', 'mould.coating' => 'dry'])->figure('venting', 'coat_steam'));
    }

    public function testPlasterThatWasOnlyDriedBurstsAndABurntOutOneDoesNot(): void
    {
        $plaster = ['mould.process' => 'plaster', 'metal.alloy' => 'al_si7mg', 'mould.temperature' => '250 C', 'pour.time' => '5 s'];
        $of = static fn (string $peak) => Plans::of(['plaster.burnout_peak' => $peak] + $plaster)->figure('venting', 'investment_gas');

        self::assertSame('bad', $of('120 C')->standing ?? '');
        self::assertSame('bad', $of('200 C')->standing ?? '');
        self::assertSame('good', $of('650 C')->standing ?? '');
        self::assertEqualsWithDelta(0.0, $of('650 C')->value->highSi ?? 1.0, 1e-9);
        $untold = Plans::of($plaster);
        self::assertNull($untold->figure('venting', 'investment_gas'));
        self::assertContains('plaster.burnout_peak', array_column($untold->stages['venting']->assumptions, 'field'));
    }
}
