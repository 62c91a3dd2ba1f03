<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** The mould: what must be mixed, which flask fits, and what must lie on the cope; and the vents in it. */
final class MouldStageTest extends TestCase
{
    private const FLASK = ['flask.length' => '300 mm', 'flask.width' => '200 mm', 'flask.cope' => '100 mm', 'flask.drag' => '80 mm'];
    private const BOX = ['flask.length' => '300 mm', 'flask.width' => '200 mm', 'flask.depth' => '180 mm'];

    public function testSandIsTheFlaskLessTheCastings(): void
    {
        $sand = self::value(Plans::of(self::FLASK), 'mould', 'sand');
        $volume = self::value(Plans::of(), 'pattern', 'casting_volume');

        self::assertEqualsWithDelta((0.3 * 0.2 * 0.18 - $volume) * 1600, $sand, 0.001);
    }

    public function testBinderIsAShareOfTheSand(): void
    {
        $plan = Plans::of(['mould.process' => 'oil_sand', 'sand.binder' => '3.5 %'] + self::FLASK);

        self::assertEqualsWithDelta(0.035 * self::value($plan, 'mould', 'sand'), self::value($plan, 'mould', 'binder'), 1e-6);
    }

    public function testPowderAndWaterTogetherFillTheBox(): void
    {
        $plan = Plans::of(['mould.process' => 'plaster', 'plaster.ratio' => '40 %'] + self::BOX);
        $powder = self::value($plan, 'mould', 'powder');
        $water = self::value($plan, 'mould', 'water');

        self::assertEqualsWithDelta(0.4, $water / $powder, 1e-9);
        self::assertEqualsWithDelta(
            (0.3 * 0.2 * 0.18 - self::value($plan, 'pattern', 'casting_volume')) * 1.12,
            $powder / 2600 + $water / 1000,
            1e-6,
        );
    }

    /** A cope wider than about 300 mm both ways wants bars, or its sand drops out (common practice). */
    public function testAWideCopeWantsBars(): void
    {
        $note = static fn (string $side): string => Plans::of([
            'casting.sections' => [
                ['id' => 'p', 'shape' => 'plate', 'length' => $side, 'width' => $side, 'thickness' => '8 mm', 'gates' => 1],
            ],
        ])->figure('mould', 'flask_cope')->note ?? '';

        self::assertStringContainsString('bars', $note('400 mm'));
        self::assertSame('', $note('80 mm'));
    }

    public function testSiliconeIsTheBoxLessThePattern(): void
    {
        self::assertGreaterThan(
            10.0,
            self::value(Plans::of(['mould.process' => 'silicone', 'metal.alloy' => 'pewter_low_cu'] + self::BOX), 'mould', 'rubber'),
        );
    }

    public function testTheSmallestFlaskThatFitsIsNamed(): void
    {
        $flasks = [
            ['name' => 'Biscuit tin', 'length' => '160 mm', 'width' => '100 mm', 'cope' => '50 mm', 'drag' => '50 mm'],
            ['name' => 'Large', 'length' => '600 mm', 'width' => '400 mm', 'cope' => '160 mm', 'drag' => '160 mm'],
            ['name' => 'Middling', 'length' => '320 mm', 'width' => '240 mm', 'cope' => '110 mm', 'drag' => '100 mm'],
        ];
        $words = static fn (array $own): string => implode(
            ' ',
            array_column(Plans::of([], ['flasks' => $own])->stages['mould']->assumptions, 'words'),
        );

        self::assertStringContainsString('Middling', $words($flasks));
        self::assertStringContainsString('None of your flasks', $words([$flasks[0]]));
    }

    public function testAFlaskThatIsTooSmallIsSaidToBe(): void
    {
        $plan = Plans::of(['flask.length' => '150 mm'] + self::FLASK);

        self::assertContains('flask_small', array_column($plan->stages['mould']->risks, 'code'));
        self::assertNotContains('flask_small', array_column(Plans::of(self::FLASK)->stages['mould']->risks, 'code'));
    }

    public function testTheLiftIsHeadTimesAreaTimesDensity(): void
    {
        $plan = Plans::of();
        // By hand, mm: the gates enter the foot, so 90 of metal stand over its upper side, 60 × 45 less the boss; 62 over the boss of 26
        // across;
        // 92 over the ring, π(60² − 48²), which is two thinner than the foot. Liquid aluminium 2400 kg/m³.
        $boss = \M_PI * 13 ** 2;
        $litres = ((2700 - $boss) * 90 + $boss * 62 + \M_PI * (3600 - 2304) * 92) * 1e-9;

        // The ring reaches a few millimetres into the end of the foot, so that they are one piece: there it counts once.
        self::assertEqualsWithDelta($litres * 2400, self::value($plan, 'mould', 'cope_lift'), 0.006);
    }

    public function testTwiceTheHeadLiftsTwiceAsHardAndTooLittleWeightIsABadRisk(): void
    {
        $plate = [
            'casting.sections' => [['shape' => 'plate', 'length' => '120 mm', 'width' => '60 mm', 'thickness' => '6 mm', 'gates' => 1]],
        ];
        $low = Plans::of(['mould.cope_weight' => '0.2 kg', 'mould.cope_mass' => '0.2 kg'] + $plate);
        $high = Plans::of(['gating.sprue_height' => '180 mm', 'mould.cope_weight' => '12 kg', 'mould.cope_mass' => '0.2 kg'] + $plate);

        self::assertEqualsWithDelta(2.0, self::value($high, 'mould', 'cope_lift') / self::value($low, 'mould', 'cope_lift'), 1e-6);
        self::assertSame('bad', $low->figure('mould', 'cope_weights')?->standing);
        self::assertSame('plain', $high->figure('mould', 'cope_weights')?->standing);
        self::assertLessThan(1, self::value($low, 'mould', 'cope_share'));
        self::assertGreaterThan(1, self::value($high, 'mould', 'cope_share'));
    }

    public function testACoreLiftsTheCopeAsWellAndItsPrintsMustHoldIt(): void
    {
        $green = Plans::of(['core.volume' => '200 mL', 'metal.alloy' => 'tin_bronze', 'pour.temperature' => '1150 C']);
        $oil = Plans::of([
            'mould.process' => 'oil_sand',
            'core.volume' => '200 mL',
            'metal.alloy' => 'tin_bronze',
            'pour.temperature' => '1150 C',
        ]);
        $without = Plans::of(['metal.alloy' => 'tin_bronze', 'pour.temperature' => '1150 C']);
        // By hand: 200 cm³ of sand, 1.6 g/cm³, in bronze of 7.9 liquid: 1.26 kg, 12.4 N on 35 kPa: 3.5 cm².
        $lift = self::value($green, 'mould', 'core_lift');

        self::assertEqualsWithDelta(1.26, $lift, 0.03);
        self::assertEqualsWithDelta($lift, self::value($green, 'mould', 'cope_lift') - self::value($without, 'mould', 'cope_lift'), 1e-6);
        self::assertEqualsWithDelta(3.5e-4, self::value($green, 'mould', 'core_print'), 0.1e-4);
        self::assertEqualsWithDelta(0.35e-4, self::value($oil, 'mould', 'core_print'), 0.01e-4, 'bonded sand bears ten times as much');
        self::assertNull($without->figure('mould', 'core_lift'));
    }

    public function testHalvesTooHeavyForOnePersonAreNamed(): void
    {
        $plan = Plans::of(
            ['flask.length' => '600 mm', 'flask.width' => '500 mm', 'flask.cope' => '200 mm', 'flask.drag' => '200 mm'],
            ['safe_lift' => '20 kg'],
        );

        self::assertContains('lift_cope', array_column($plan->stages['mould']->risks, 'code'));
    }

    public function testAHighPointWithoutAVentIsARiskUntilItHasOne(): void
    {
        $codes = static fn (array $change): array => array_column(
            array_filter(
                Plans::of(['mould.process' => 'plaster', 'casting.sections' => Plans::sectionsWith('boss', $change)])->stages['venting']
                    ->risks,
                static fn (array $risk): bool => 'boss' === $risk['subject'],
            ),
            'code',
        );

        self::assertContains('high_point', $codes([]));
        self::assertNotContains('high_point', $codes(['vent' => true]));
    }

    public function testWetterSandMakesMoreSteamAndOpenerSandLetsItOut(): void
    {
        $steam = static fn (string $moisture, int $permeability): float => self::value(
            Plans::of(['sand.moisture' => $moisture, 'sand.permeability' => $permeability]),
            'venting',
            'steam',
        );

        self::assertGreaterThan($steam('3 %', 70), $steam('6 %', 70));
        self::assertGreaterThan($steam('5 %', 140), $steam('5 %', 40));
        self::assertContains('steam', array_column(Plans::of(['sand.moisture' => '8 %', 'sand.permeability' => 25])->risks(), 'code'));
    }

    /** @param FigureCode $code */
    private static function value(CastingPlan $plan, string $stage, string $code): float
    {
        $figure = $plan->figure($stage, $code);
        self::assertNotNull($figure, $code);

        return $figure->value->si;
    }
}
