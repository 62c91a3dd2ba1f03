<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Experience\Calibration;
use MoltenNotes\Core\Filling\EntryHead;
use MoltenNotes\Core\Filling\FluidLife;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** Will it fill, as a caster asks it. */
final class FillStageTest extends TestCase
{
    private const HARD = ['pour.time' => '5 s', 'pour.temperature' => '690 C', 'pour.carry_time' => '20 s'];

    public function testMetalPouredAtTheNeededTemperatureFillsComfortably(): void
    {
        $charged = ['metal.charge' => '1 kg'] + self::HARD;
        $needed = self::value(Plans::of($charged), 'needed_in_furnace', 'rim');
        $plan = Plans::of(['pour.temperature' => ['value' => $needed - 273.15, 'unit' => 'degC']] + $charged);

        // Judged at the low end of its spread: that is where it just fills.
        self::assertEqualsWithDelta(0.95, $plan->figure('filling', 'fill_ratio', 'rim')->value->lowSi ?? 0.0, 0.03);
        self::assertNotContains('fill_ratio', array_column($plan->stages['filling']->risks, 'code'), 'at its low end too');
        self::assertEqualsWithDelta(
            self::value($plan, 'needed_at_mould', 'rim'),
            self::value($plan, 'at_mould'),
            1.0,
            'carried, it arrives as hot as it must',
        );
    }

    public function testCarryingItLongerAsksForHotterMetalInTheFurnaceNotAtTheMould(): void
    {
        $near = Plans::of(['pour.carry_time' => '5 s'] + self::HARD);
        $far = Plans::of(['pour.carry_time' => '60 s'] + self::HARD);

        self::assertEqualsWithDelta(self::value($near, 'needed_at_mould', 'rim'), self::value($far, 'needed_at_mould', 'rim'), 0.5);
        self::assertGreaterThan(self::value($near, 'needed_in_furnace', 'rim') + 5, self::value($far, 'needed_in_furnace', 'rim'));
    }

    public function testTheLeverThatIsNamedReallyHelpsThatMuch(): void
    {
        $lever = Plans::of(self::HARD)->figure('filling', 'lever', 'rim');
        self::assertNotNull($lever);
        self::assertGreaterThan(self::value(Plans::of(self::HARD), 'fill_ratio', 'rim'), $lever->value->si);
        foreach ($lever->working->inputs as $other) {
            self::assertGreaterThanOrEqual((float) $other->value, round($lever->value->si, 2) + 0.05, "{$other->label} would help more");
        }
    }

    /** Minutes counted are a temperature too: some 40 to 90 K above the liquidus, and said to be taken for granted. Common practice. */
    public function testMinutesAfterMeltingAreATemperatureWithAWideSpread(): void
    {
        $plan = Plans::of(['pour.temperature' => null, 'melt.temperature_by' => 'minutes', 'pour.carry_time' => '20 s']);
        $arrival = $plan->figure('filling', 'at_mould')?->value;

        self::assertNotNull($arrival);
        self::assertGreaterThan(AlloyTable::get('al_si7mg')->liquidus->kelvin(), $arrival->si);
        self::assertGreaterThan(40.0, $arrival->highSi - $arrival->lowSi);
        self::assertContains('pour.temperature', array_column($plan->stages['filling']->assumptions, 'field'));
        self::assertNull(Plans::of(['pour.temperature' => null])->figure('filling', 'at_mould'));
    }

    public function testAWarmMouldKeepsMetalRunning(): void
    {
        $cold = Plans::of(['mould.process' => 'plaster', 'mould.temperature' => '20 C'] + self::HARD);
        $warm = Plans::of(['mould.process' => 'plaster', 'mould.temperature' => '350 C'] + self::HARD);

        self::assertGreaterThan(self::value($cold, 'fill_ratio', 'rim'), self::value($warm, 'fill_ratio', 'rim'));
    }

    public function testAnIronMouldChillsMoreThanSandAndPlasterLess(): void
    {
        $alloy = AlloyTable::get('al_si7mg');
        $life = [];
        foreach (['plaster', 'green_sand', 'metal_mould'] as $process) {
            $mould = MouldMaterial::of($process, AlloyTable::get('al_si7mg'));
            self::assertNotNull($mould);
            $life[] = FluidLife::of(
                $alloy,
                $mould,
                Length::of(2, 'mm'),
                Temperature::fromCelsius(720),
                Temperature::fromCelsius(25),
                $mould->transfer->si,
            )->si();
        }

        self::assertGreaterThan($life[1], $life[0]);
        self::assertGreaterThan($life[2], $life[1]);
    }

    public function testMetalAtItsFreezingPointStillRunsAWhileAndBelowItNot(): void
    {
        $alloy = AlloyTable::get('al_si12');
        $mould = MouldMaterial::of('green_sand', AlloyTable::get('al_si7mg'));
        self::assertNotNull($mould);
        $life = static fn (float $over): float => FluidLife::of(
            $alloy,
            $mould,
            Length::of(3, 'mm'),
            Temperature::fromSi($alloy->liquidus->kelvin() + $over),
            Temperature::fromCelsius(25),
            $mould->transfer->si,
        )->si();

        self::assertGreaterThan(0.0, $life(0.0));
        self::assertGreaterThan($life(0.0), $life(60.0));
        self::assertLessThan($life(0.0), $life(-60.0));
    }

    /** M. C. Flemings: narrow freezing ranges run farther than wide ones at the same superheat; recalled from memory. */
    public function testNarrowFreezingAlloysStayOpenLonger(): void
    {
        self::assertGreaterThan(
            FluidLife::shareSolid(AlloyTable::get('al_mg7')->freezing),
            FluidLife::shareSolid(AlloyTable::get('al_si12')->freezing),
        );
    }

    /** A probe is within 10 K, minutes after melting within 30, colour within 60 (common practice): what follows is as unsure. */
    public function testATemperatureIsAsSureAsItWasTold(): void
    {
        $spread = static function (?string $by): float {
            $at = Plans::of(['melt.temperature_by' => $by])->figure('filling', 'at_mould')->value ?? null;

            return null === $at ? 0.0 : $at->highSi - $at->lowSi;
        };

        self::assertGreaterThan(100.0, $spread('colour'));
        self::assertGreaterThan($spread('minutes'), $spread('colour'));
        self::assertGreaterThan($spread('probe'), $spread('minutes'));
        self::assertGreaterThan($spread(null), $spread('probe'));
    }

    /** Little metal in a light pot cools faster on the way than much in a heavy one; the pot is the workshop's own where it is listed. */
    public function testAFullerAndAHeavierPotCoolsSlower(): void
    {
        $at = static fn (array $change, array $workshop = []): float => Plans::of(['pour.carry_time' => '40 s'] + $change, $workshop)
            ->figure('filling', 'at_mould')->value->si ?? 0.0;

        self::assertLessThan($at(['metal.charge' => '4 kg']), $at(['metal.charge' => '0.4 kg']));
        self::assertLessThan($at(['casting.count' => 6]), $at([]), 'the computed charge counts');
        $own = ['crucibles' => [['name' => 'A3', 'volume' => '900 mL', 'mass' => '4 kg']]];
        self::assertGreaterThan($at([]), $at([], $own));
        self::assertEqualsWithDelta($at(['crucible.mass' => '4 kg']), $at([], $own), 1e-9);
    }

    public function testWhatCarryingCostsIsShownAsACurve(): void
    {
        $inputs = Plans::of()->figure('filling', 'at_mould')->working->inputs ?? [];
        $curve = array_values(array_filter($inputs, static fn ($input): bool => str_starts_with($input->symbol, 'T(')));

        self::assertCount(5, $curve);
        self::assertSame('T(5 s)', $curve[0]->symbol);
        $celsius = array_map(static fn ($input): float => (float) $input->value, $curve);
        $falling = $celsius;
        rsort($falling);
        self::assertSame($falling, $celsius);
    }

    public function testFoamSetsTheSpeedOfTheFrontWhateverTheSprue(): void
    {
        $foam = ['mould.process' => 'lost_foam', 'foam.density' => '20 kg/m3', 'metal.charge' => '2 kg'] + self::HARD;
        $small = Plans::of(['gating.sprue' => '12 mm'] + $foam);
        $large = Plans::of(['gating.sprue' => '25 mm'] + $foam);

        self::assertEqualsWithDelta(self::value($small, 'fill_ratio', 'rim'), self::value($large, 'fill_ratio', 'rim'), 1e-9);
    }

    public function testASlotTooThinForItsHeadIsNotFilledByHeat(): void
    {
        $thin = Plans::of([
            'casting.sections' => Plans::sectionsWith('rim', ['thickness' => '1 mm']),
            'gating.sprue_height' => '30 mm',
            'pour.temperature' => '800 C',
        ]);

        self::assertContains('entry_head', array_column($thin->stages['filling']->risks, 'code'));
        self::assertGreaterThan(
            EntryHead::of(AlloyTable::get('al_si7mg'), Length::of(4, 'mm'))->si(),
            EntryHead::of(AlloyTable::get('al_si7mg'), Length::of(1, 'mm'))->si() * 0.99,
        );
    }

    public function testColdMetalAtTheMouldIsCalledHalfFrozen(): void
    {
        $plan = Plans::of(['pour.temperature' => '620 C', 'pour.carry_time' => '60 s', 'pour.time' => '2 s']);

        self::assertSame('bad', $plan->figure('filling', 'at_mould')?->standing);
    }

    public function testPoursThatFilledAgainstTheRuleRaiseTheFactorAndNarrowIt(): void
    {
        $none = Calibration::none();
        $filled = Calibration::from(array_fill(0, 6, ['ratio' => 0.8, 'filled' => true]));
        $short = Calibration::from(array_fill(0, 6, ['ratio' => 1.6, 'filled' => false]));

        self::assertGreaterThan($none->factor()->si, $filled->factor()->si);
        self::assertLessThan($none->factor()->si, $short->factor()->si);
        self::assertLessThan($none->factor()->relativeSpread(), $filled->factor()->relativeSpread());
    }

    public function testARatioCarriesTheSpreadOfWhatWentIntoIt(): void
    {
        $exact = Plans::of(self::HARD)->figure('filling', 'fill_ratio', 'rim');
        $range = Plans::of(['pour.temperature' => '660-720 C'] + self::HARD)->figure('filling', 'fill_ratio', 'rim');
        self::assertNotNull($exact);
        self::assertNotNull($range);

        self::assertGreaterThan($exact->value->relativeSpread(), $range->value->relativeSpread());
        self::assertLessThan($exact->value->si, $exact->value->lowSi);
    }

    /** @param FigureCode $code */
    private static function value(CastingPlan $plan, string $code, string $subject = ''): float
    {
        $figure = $plan->figure('filling', $code, $subject);
        self::assertNotNull($figure, "{$code} {$subject}");

        return $figure->value->si;
    }
}
