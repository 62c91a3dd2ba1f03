<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Charge\EnergySource;
use MoltenNotes\Core\Charge\MeltEnergy;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** How much metal, does the crucible hold it, can it be lifted, what does it cost. */
final class MetalStageTest extends TestCase
{
    private const CRUCIBLES = [
        'crucibles' => [
            ['name' => 'Small', 'volume' => '150 mL', 'mass' => '0.6 kg'],
            ['name' => 'Middle', 'volume' => '600 mL', 'mass' => '1.3 kg'],
            ['name' => 'Large', 'volume' => '1.6 L', 'mass' => '2.9 kg'],
        ],
    ];

    public function testTheChargeCoversLossAndReserve(): void
    {
        $plan = Plans::of(['metal.loss' => '5 %', 'metal.reserve' => '10 %']);
        $poured = self::value($plan, 'poured');

        self::assertEqualsWithDelta($poured / 0.95 + 0.1 * $poured, self::value($plan, 'charge'), 1e-9);
    }

    public function testEveryPartOfTheGatingIsWeighed(): void
    {
        $figure = Plans::of([
            'feeding.riser' => 'open',
            'feeding.riser_diameter' => '30 mm',
            'casting.sections' => Plans::sectionsWith('boss', ['riser' => true]),
        ])->figure('metal', 'poured');
        $labels = implode(' ', array_map(static fn ($input): string => mb_strtolower($input->label), $figure->working->inputs ?? []));

        foreach (['casting', 'sprue', 'runner', 'gate', 'riser'] as $part) {
            self::assertStringContainsString($part, $labels);
        }
    }

    public function testTwoCastingsInOneMouldSaveGatingNotMetal(): void
    {
        $one = Plans::of();
        $two = Plans::of(['casting.count' => 2]);

        self::assertGreaterThan(
            self::value($one, 'poured') + 0.9 * self::value($one, 'casting_mass', 'pattern'),
            self::value($two, 'poured'),
        );
        self::assertGreaterThan(self::value($one, 'yield'), self::value($two, 'yield'));
    }

    public function testTheSmallestCrucibleThatHoldsItIsTakenAndLifted(): void
    {
        $plan = Plans::of([], self::CRUCIBLES);

        self::assertContains(
            'The smallest of your crucibles that holds it: Middle.',
            array_column($plan->stages['metal']->assumptions, 'words'),
        );
        self::assertEqualsWithDelta(self::value($plan, 'charge') + 1.3, self::value($plan, 'lift'), 1e-9);
    }

    public function testWhereNoneHoldsItTheLargestSaysHowManyHeats(): void
    {
        $plan = Plans::of(['casting.count' => 40], self::CRUCIBLES);
        $heats = (int) ceil(self::value($plan, 'charge') / self::value($plan, 'crucible_holds'));

        self::assertGreaterThan(1, $heats);
        self::assertStringContainsString("{$heats} heats", $plan->figure('metal', 'crucible_holds')->note ?? '');
    }

    public function testWhatCannotBeWeighedIsAskedForAndNotGuessed(): void
    {
        $plan = Plans::of(['crucible.volume' => '500 mL']);

        self::assertNull($plan->figure('metal', 'lift'));
        self::assertContains('crucible.mass', array_merge(...array_column($plan->stages['metal']->missing, 'fields')));
    }

    public function testHotterMetalTakesMoreHeatAndAPureMetalMeltsAtOneHeat(): void
    {
        $alloy = AlloyTable::get('al99');
        $energy = static fn (float $celsius): float => MeltEnergy::of(
            $alloy,
            Mass::of(1, 'kg'),
            Temperature::fromCelsius(20),
            Temperature::fromCelsius($celsius),
        )->si();

        self::assertGreaterThan($energy(700), $energy(760));
        // A kilogram of aluminium to 700 °C takes about 1.1 MJ, 0.3 kWh: tables of the trade, recalled from memory.
        self::assertEqualsWithDelta(1.1e6, $energy(700), 0.1e6);
    }

    public function testAFurnaceThatWastesMoreDrawsMoreForTheSameHeat(): void
    {
        $furnace = static fn (string $efficiency): array => [
            'furnaces' => [['name' => 'A', 'source' => 'electric', 'power' => '2 kW', 'efficiency' => $efficiency]],
            'tariffs' => ['electric' => 0.4],
        ];
        $good = Plans::of([], $furnace('40 %'));
        $poor = Plans::of([], $furnace('20 %'));

        self::assertEqualsWithDelta(2.0, self::value($poor, 'drawn_energy') / self::value($good, 'drawn_energy'), 1e-6);
        self::assertEqualsWithDelta(self::value($poor, 'drawn_energy') / 2000, self::value($poor, 'melt_time'), 1e-6);
        self::assertEqualsWithDelta((self::value($poor, 'drawn_energy') / 3.6e6) * 0.4, self::value($poor, 'energy_cost'), 0.006);
    }

    public function testGasIsBoughtByTheKilogram(): void
    {
        $plan = Plans::of(
            [],
            ['furnaces' => [['name' => 'Burner', 'source' => 'propane', 'power' => '18 kW']], 'tariffs' => ['propane' => 3.0]],
        );
        $kilograms = self::value($plan, 'fuel');

        // 46.4 MJ to the kilogram.
        self::assertEqualsWithDelta(self::value($plan, 'drawn_energy') / 46.4e6, $kilograms, 1e-9);
        self::assertEqualsWithDelta(3 * $kilograms, self::value($plan, 'energy_cost'), 0.006);
    }

    /** Whatever draws electricity is paid by its price; a price of its own, where somebody keeps one, comes first. */
    public function testAnInductionFurnaceIsPaidByThePriceOfElectricity(): void
    {
        $furnaces = [['name' => 'Coil', 'source' => 'induction', 'power' => '3 kW']];
        $plan = Plans::of([], ['furnaces' => $furnaces, 'tariffs' => ['electric' => 0.4]]);
        $own = Plans::of([], ['furnaces' => $furnaces, 'tariffs' => ['electric' => 0.4, 'induction' => 0.2]]);

        self::assertEqualsWithDelta((self::value($plan, 'drawn_energy') / 3.6e6) * 0.4, self::value($plan, 'energy_cost'), 0.006);
        self::assertEqualsWithDelta(self::value($plan, 'energy_cost') / 2, self::value($own, 'energy_cost'), 0.006);
    }

    public function testEverySourceOfHeatWastesSomeAndMostFuelsMost(): void
    {
        foreach (['electric', 'induction', 'propane', 'charcoal'] as $code) {
            $source = EnergySource::find($code);
            self::assertNotNull($source);
            self::assertLessThan(1.0, $source->efficiency->highSi);
            self::assertGreaterThan(0.0, $source->efficiency->lowSi);
        }
        self::assertGreaterThan(EnergySource::find('charcoal')?->efficiency->highSi, EnergySource::find('electric')?->efficiency->lowSi);
        self::assertNull(EnergySource::find('sunshine'));
    }

    public function testThinScrapBurnsAwayMoreThanIngot(): void
    {
        $aluminium = MetalFamily::find('aluminium');
        self::assertGreaterThan($aluminium?->usualLoss('ingot')->si, $aluminium?->usualLoss('cans')->si);
    }

    public function testStockThatIsTooLittleIsSaidToBe(): void
    {
        $stock = static fn (string $mass): array => ['stock' => [['name' => 'Wheels', 'mass' => $mass]]];

        self::assertContains('stock', array_column(Plans::of([], $stock('0.2 kg'))->stages['metal']->risks, 'code'));
        self::assertNotContains('stock', array_column(Plans::of([], $stock('8 kg'))->stages['metal']->risks, 'code'));
    }

    /** @param FigureCode $code */
    private static function value(CastingPlan $plan, string $code, string $stage = 'metal'): float
    {
        $figure = $plan->figure($stage, $code);
        self::assertNotNull($figure, $code);

        return $figure->value->si;
    }
}
