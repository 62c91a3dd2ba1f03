<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use MoltenNotes\Core\Diagnosis\FactSheet;
use MoltenNotes\Core\Filling\FoamFront;
use MoltenNotes\Core\Mould\FoamSand;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Quantity\Density;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lost foam: the foam sets the pace, the cup never runs dry, and what holds the metal down is sand and a weight. */
final class FoamGatingTest extends TestCase
{
    /** A plaque of foam, gated at the middle of one long side. */
    private const PLAQUE = [
        'mould.process' => 'lost_foam', 'metal.alloy' => 'al_si9cu3', 'foam.density' => '20 kg/m3', 'foam.coats' => 2,
        'pour.temperature' => '850 C', 'pour.carry_time' => '0 s', 'gating.sprue_height' => '200 mm', 'gating.gates' => 1,
        'gating.fill' => 'top',
        'casting.sections' => [
            [
                'id' => 'plate', 'label' => 'Plate', 'shape' => 'plate', 'length' => '200 mm', 'width' => '150 mm', 'thickness' => '8 mm',
                'gates' => 1,
            ],
        ],
    ];

    /** Hobby coatings in aluminium: 10 to 40 mm/s at the pour temperatures that are usual on foam. Common practice. */
    public function testTheFrontInAluminiumLiesWhereCastersSeeIt(): void
    {
        foreach ([700, 750, 850, 900] as $celsius) {
            $front = FoamFront::speed(Temperature::fromCelsius($celsius), Density::fromSi(20), 2);
            self::assertGreaterThan(0.010, $front->si);
            self::assertLessThan(0.040, $front->si);
            self::assertGreaterThan(0.040, $front->highSi + 0.012);
        }
    }

    public function testHotterMetalLighterFoamAndAThinnerCoatLetItComeFaster(): void
    {
        $front = static fn (float $celsius, float $foam, int $coats): float => FoamFront::speed(
            Temperature::fromCelsius($celsius),
            Density::fromSi($foam),
            $coats,
        )->si;

        self::assertGreaterThan($front(700, 20, 2), $front(800, 20, 2));
        self::assertGreaterThan($front(750, 28, 2), $front(750, 16, 2));
        self::assertGreaterThan($front(750, 20, 3), $front(750, 20, 1));
        // Tin freezes long before foam leaves as gas: it drives none out.
        self::assertSame(0.0, $front(300, 20, 2));
    }

    /** What was wrong: a plate of 190 mm "filled in 1.5 s" at a front of 2 cm/s. Now the way over the pace is the time. */
    public function testItFillsNoFasterThanTheFoamLeaves(): void
    {
        $plan = Plans::bare(self::PLAQUE);
        $front = FoamFront::speed(Temperature::fromCelsius(850), Density::fromSi(20), 2)->si;
        $way = $plan->solid->way ?? 0.0;

        self::assertGreaterThan(0.1, $way);
        self::assertEqualsWithDelta($way / $front, self::value($plan, 'gating', 'foam_fill'), 0.2);
        self::assertGreaterThanOrEqual(self::value($plan, 'gating', 'foam_fill'), self::value($plan, 'gating', 'fill_time'));
        self::assertEqualsWithDelta($front, self::speedIn($plan), 1e-3);
        self::assertNull($plan->figure('gating', 'choke'));
        self::assertNull($plan->figure('gating', 'runner_width'));
    }

    public function testANarrowSprueSetsThePaceAndIsSaid(): void
    {
        $narrow = Plans::bare(['gating.sprue' => '4 mm'] + self::PLAQUE);
        $advised = self::value(Plans::bare(self::PLAQUE), 'gating', 'sprue_base');
        $wide = Plans::bare(['gating.sprue' => ($advised * 1000).' mm'] + self::PLAQUE);

        self::assertGreaterThan(self::value($narrow, 'gating', 'foam_fill') * 1.05, self::value($narrow, 'gating', 'fill_time'));
        self::assertContains('fill_time', array_column($narrow->stages['gating']->risks, 'code'));
        self::assertSame([], $wide->stages['gating']->risks);
        self::assertEqualsWithDelta(self::value($wide, 'gating', 'foam_fill'), self::value($wide, 'gating', 'fill_time'), 1e-9);
    }

    public function testTheCupHoldsThreeSecondsOfWhatTheFoamLetsIn(): void
    {
        $plan = Plans::bare(self::PLAQUE);
        $flow = self::value($plan, 'pattern', 'casting_volume') / self::value($plan, 'gating', 'foam_fill');

        self::assertEqualsWithDelta(3 * $flow, self::value($plan, 'gating', 'cup_volume'), 1e-7);
        self::assertGreaterThan(
            self::value($plan, 'gating', 'cup_volume'),
            self::value(Plans::bare(['casting.count' => 3] + self::PLAQUE), 'gating', 'cup_volume'),
        );
    }

    public function testASecondGateShortensTheWay(): void
    {
        $cold = ['pour.temperature' => '640 C', 'foam.density' => '28 kg/m3'];
        $plan = Plans::bare($cold + self::PLAQUE);
        $lever = $plan->figure('filling', 'lever', 'plate');

        self::assertNotNull($lever);
        $levers = array_map(static fn ($input): string => $input->label, $lever->working->inputs);
        self::assertContains('One more gate, at the far side', $levers);
        self::assertLessThan(
            self::value($plan, 'gating', 'foam_fill'),
            self::value(Plans::bare(['gating.gates' => 2] + $cold + self::PLAQUE), 'gating', 'foam_fill'),
        );
    }

    public function testMetalThatDrivesNoFoamOutIsSaidToStopAtTheGate(): void
    {
        $plan = Plans::bare(['metal.alloy' => 'tin', 'pour.temperature' => '300 C'] + self::PLAQUE);

        self::assertContains('The metal is too cold to drive the foam out: it stops at the gate.', array_column($plan->risks(), 'words'));
        self::assertNull($plan->figure('gating', 'fill_time'));
    }

    /** No cope, no drag and no riser of sand: one box, sand over the foam and a weight on it. */
    public function testItHasABoxAndAWeightAndNoCope(): void
    {
        $plan = Plans::bare(self::PLAQUE);
        $codes = array_map(static fn ($figure): string => $figure->code, array_merge(...array_column($plan->stages, 'figures')));

        self::assertSame([], array_intersect(['flask_cope', 'flask_drag', 'cope_lift', 'cope_weights', 'riser_diameter'], $codes));
        self::assertSame([], array_diff(['flask_depth', 'sand_cover', 'sand_lift', 'sand_weights', 'foam_head'], $codes));
        self::assertEqualsWithDelta(0.1, self::value($plan, 'mould', 'sand_cover'), 1e-9);
    }

    /**
     * By hand: 200 × 150 mm under 200 mm of aluminium of 2450 kg/m³ or so, under 100 mm of sand: hydrostatics, and a plug that holds with
     * its weight and the friction of its sides.
     */
    public function testTheWeightIsTheLiftLessWhatTheSandHolds(): void
    {
        $plan = Plans::bare(self::PLAQUE);
        $lift = self::value($plan, 'mould', 'sand_lift');
        $density = $lift / (0.2 * 0.15 * 0.2);
        self::assertEqualsWithDelta(2450, $density, 100);

        [$low] = FoamSand::holdsDown(0.03, 0.1);
        self::assertEqualsWithDelta(1500 * (0.1 * 0.03 + 0.5 * 0.3 * 0.01 * 2 * sqrt(\M_PI * 0.03)), $low, 1e-9);
        $weights = $plan->figure('mould', 'sand_weights')->value ?? null;
        self::assertNotNull($weights);
        self::assertEqualsWithDelta(1.75 * $lift - $low, $weights->si, 1e-6);
        self::assertGreaterThan($weights->si, $weights->highSi);

        $deeper = Plans::bare(['foam.cover' => '200 mm', 'gating.sprue_height' => '200 mm'] + self::PLAQUE);
        self::assertLessThan($weights->si, self::value($deeper, 'mould', 'sand_weights'));
    }

    /** Sand of 1700 kg/m³ over the foam and 2450 of metal: less metal than sand keeps it from falling in. Hydrostatics. */
    public function testHeavyMetalNeedsLessOverTheFoam(): void
    {
        self::assertEqualsWithDelta(0.0694, FoamSand::holdsBack(0.1, 2450), 1e-4);
        self::assertGreaterThan(
            self::value(Plans::bare(['metal.alloy' => 'tin_bronze', 'pour.temperature' => '1150 C'] + self::PLAQUE), 'gating', 'foam_head'),
            self::value(Plans::bare(self::PLAQUE), 'gating', 'foam_head'),
        );
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('temperatures')]
    public function testPlanAndDiagnosisAskForTheSameTemperature(array $change): void
    {
        $planned = $change + ['casting.wall' => '8 mm'] + self::PLAQUE;
        $need = Plans::bare($planned)->most('filling', 'needed_in_furnace')->value->si ?? 0.0;
        $facts = FactSheet::of(Records::read(['planned' => $planned]), new QuantityFormatter(UnitPreferences::metric()));
        $metal = $facts->fact('temperature_margin');

        self::assertNotNull($metal);
        self::assertEqualsWithDelta(273.15 + 850 - $need, $facts->fact('foam_margin')?->number, 0.6);
        if ([] === $change) {
            self::assertEqualsWithDelta(273.15 + 850 - $need, $metal->number, 0.6);
        } else {
            // What heavy foam asks for besides is no fault of the metal.
            self::assertGreaterThan(273.15 + 850 - $need + 50, $metal->number);
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function temperatures(): iterable
    {
        yield 'as planned' => [[]];
        yield 'heavy foam that takes much heat' => [['foam.density' => '60 kg/m3', 'foam.coats' => 4]];
    }

    private static function value(CastingPlan $plan, string $stage, string $code): float
    {
        /** @var FigureCode $code */
        $figure = $plan->figure($stage, $code);
        self::assertNotNull($figure, "{$stage} has no {$code}");

        return $figure->value->si;
    }

    /** The speed of the front that the filling counts with, m/s, read from its own working: r = t_life v / path. */
    private static function speedIn(CastingPlan $plan): float
    {
        $time = self::value($plan, 'gating', 'fill_time');

        return ($plan->solid->way ?? 0.0) / $time;
    }
}
