<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The weights a caster stands beside: every square centimetre that lies under the cope counts, and where something is not known no weight
 * is named.
 */
final class CopeWeightsTest extends TestCase
{
    private const BOSS = ['id' => 'boss', 'shape' => 'boss', 'diameter' => '20 mm', 'height' => '20 mm', 'gates' => 1];
    private const PLATE = ['id' => 'plate', 'shape' => 'plate', 'length' => '300 mm', 'width' => '200 mm', 'thickness' => '10 mm'];

    public function testAPlateOnABossLiftsWithAllOfItsFace(): void
    {
        // By hand: 2400 kg/m³ · 0.3 · 0.2 m² · 0.09 m over its upper face = 12.96 kg; it was 75 g while only the boss counted.
        $above = self::lift([self::BOSS, ['joins' => 'boss', 'sits' => 'top'] + self::PLATE], ['gating.sprue_height' => '100 mm']);
        $top = self::lift(
            [self::BOSS, ['joins' => 'boss', 'sits' => 'top'] + self::PLATE],
            ['gating.fill' => 'top', 'gating.sprue_height' => '90 mm'],
        );

        self::assertEqualsWithDelta(12.96, $above, 0.01);
        self::assertEqualsWithDelta(12.96, $top, 0.01);
    }

    public function testEveryCastingOfTheMouldLifts(): void
    {
        $one = self::lift([['gates' => 1] + self::PLATE]);
        $three = self::lift([['gates' => 1] + self::PLATE], ['casting.count' => 3]);

        self::assertEqualsWithDelta(3 * $one, $three, 1e-9);
    }

    /** @param array<string, mixed> $section */
    #[DataProvider('roundOnes')]
    public function testRoundUpperSidesAreUnderMoreMetalThanTheirHighestPoint(array $section, float $expectedCm3): void
    {
        // Metal stands 100 mm over the lowest point of each; the volume of the column over it, by hand, in cm³.
        $lift = self::lift([['gates' => 1] + $section], ['gating.fill' => 'bottom', 'gating.sprue_height' => '100 mm']);

        self::assertEqualsWithDelta($expectedCm3 * 1e-6 * 2400, $lift, 0.002 * $lift);
    }

    /** @return iterable<string, array{array<string, mixed>, float}> */
    public static function roundOnes(): iterable
    {
        // Ball of 60: π 3² · 10 less half the ball below its middle line 3 · π 3² and the upper half 2/3 π 3³.
        yield 'ball' => [['shape' => 'sphere', 'diameter' => '60 mm'], \M_PI * 9 * 10 - (\M_PI * 9 * 3 + (2 / 3) * \M_PI * 27)];
        // A cylinder of 40 across and 100 long, lying: 4 × 10 seen from above, half its section above the middle line.
        yield 'lying cylinder' => [
            ['shape' => 'cylinder', 'diameter' => '40 mm', 'height' => '100 mm', 'upright' => true],
            40 * 10 - (40 * 2 + ((\M_PI * 4) / 2) * 10),
        ];
        yield 'wedge' => [
            ['shape' => 'wedge', 'length' => '100 mm', 'width' => '50 mm', 'thickness' => '20 mm', 'thin_end' => '4 mm'],
            50 * 10 - 50 * 1.2,
        ];
    }

    public function testWhatIsHiddenUnderAnotherCountsOnce(): void
    {
        $plate = self::lift([['gates' => 1] + self::PLATE], ['gating.fill' => 'top']);
        $ribbed = self::lift(
            [
                ['gates' => 1] + self::PLATE,
                [
                    'id' => 'rib',
                    'shape' => 'bar',
                    'length' => '200 mm',
                    'width' => '10 mm',
                    'thickness' => '20 mm',
                    'joins' => 'plate',
                    'sits' => 'under',
                ],
            ],
            ['gating.fill' => 'top'],
        );

        self::assertEqualsWithDelta($plate, $ribbed, 1e-9, 'a rib under a plate adds nothing to what the plate lifts');
    }

    /**
     * @param list<array<string, mixed>> $sections
     * @param array<string, mixed> $changes
     */
    #[DataProvider('untellable')]
    public function testNoWeightIsNamedWhereItCannotBeTold(array $sections, array $changes): void
    {
        $plan = Plans::of($changes + ['casting.sections' => $sections]);

        self::assertNull($plan->figure('mould', 'cope_lift'));
        self::assertNull($plan->figure('mould', 'cope_weights'));
        self::assertContains('lift', array_column($plan->stages['mould']->missing, 'for'));
    }

    /** @return iterable<string, array{list<array<string, mixed>>, array<string, mixed>}> */
    public static function untellable(): iterable
    {
        yield 'a section lacks a measurement' => [
            [['gates' => 1] + self::PLATE, ['shape' => 'ring', 'diameter' => '300 mm', 'joins' => 'plate']],
            [],
        ];
        yield 'volume and area alone have no outline' => [
            [['shape' => 'free', 'volume' => '300 mL', 'area' => '600 cm2', 'gates' => 1]],
            [],
        ];
        yield 'it rises above the metal' => [
            [['upright' => true, 'gates' => 1] + self::PLATE],
            ['gating.fill' => 'bottom', 'gating.sprue_height' => '290 mm'],
        ];
        yield 'no head' => [[['gates' => 1] + self::PLATE], ['gating.sprue_height' => null]];
    }

    public function testTheCopeCountsForNoMoreThanItsSandWithoutTheCavity(): void
    {
        $flask = ['flask.length' => '400 mm', 'flask.width' => '300 mm', 'flask.cope' => '100 mm', 'flask.drag' => '100 mm'];
        $plan = Plans::of($flask + ['casting.sections' => [['gates' => 1] + self::PLATE]]);
        $words = implode(' ', array_column($plan->stages['mould']->assumptions, 'words'));

        // 12 litres of flask less 0.6 of casting, lightly rammed at 1.45.
        self::assertStringContainsString('16.5', $words);
    }

    public function testTheWeightsFollowTheHeavyEndOfTheLift(): void
    {
        $plan = Plans::of(['mould.cope_mass' => '5 kg', 'casting.sections' => [['gates' => 1] + self::PLATE]]);
        $lift = $plan->figure('mould', 'cope_lift')?->value;
        $weights = $plan->figure('mould', 'cope_weights')?->value;

        self::assertEqualsWithDelta(2 * ($lift->highSi ?? 0) - 5, $weights?->highSi, 1e-9);
        self::assertEqualsWithDelta(1.5 * ($lift->si ?? 0) - 5, $weights?->lowSi, 1e-9);
    }

    /** Two clamps hold what the weights would, each of them all of it, for the other may slip; four share it among three. */
    public function testClampsHoldWhatWeightsWould(): void
    {
        $plan = static fn (array $more): CastingPlan => Plans::of($more + [
            'mould.cope_mass' => '1 kg', 'mould.cope_weight' => '0 kg', 'casting.sections' => [['gates' => 1] + self::PLATE],
        ]);
        $each = static fn (CastingPlan $plan): float => $plan->figure('mould', 'clamp_holds')->value->si ?? 0.0;
        $weights = static fn (CastingPlan $plan): float => $plan->figure('mould', 'cope_weights')->value->si ?? 0.0;
        $bare = $plan([]);

        self::assertSame('bad', $bare->figure('mould', 'cope_weights')?->standing);
        self::assertEqualsWithDelta($weights($bare), $each($bare), 1e-9);
        $four = $plan(['mould.clamps' => 4]);
        self::assertSame('plain', $four->figure('mould', 'cope_weights')?->standing);
        self::assertEqualsWithDelta($weights($bare) / 3, $each($four), 1e-9);
        self::assertNull($four->figure('mould', 'cope_share'), 'weights are not what holds it');
        self::assertSame('bad', $plan(['mould.clamps' => 1])->figure('mould', 'cope_weights')?->standing, 'one lets the other side open');
    }

    public function testAFlaskForARingIsAsWideAsTheRing(): void
    {
        $ring = [['shape' => 'ring', 'diameter' => '300 mm', 'width' => '12 mm', 'thickness' => '6 mm', 'gates' => 1]];
        $one = Plans::of(['casting.sections' => $ring]);
        $four = Plans::of(['casting.sections' => $ring, 'casting.count' => 4]);

        // 25 mm of sand on either side; four of them lie two and two.
        self::assertEqualsWithDelta(0.35, $one->figure('mould', 'flask_width')?->value->si, 1e-9);
        self::assertGreaterThan(0.35, $one->figure('mould', 'flask_length')?->value->si);
        self::assertEqualsWithDelta(0.675, $four->figure('mould', 'flask_width')?->value->si, 1e-9);
    }

    public function testHeavierMetalHigherMetalAndWiderCastingsNeverLiftLess(): void
    {
        $last = 0.0;
        foreach (['40 mm', '60 mm', '90 mm', '140 mm', '300 mm'] as $head) {
            $lift = self::lift(Plans::sections(), ['gating.sprue_height' => $head]);
            self::assertGreaterThan($last, $lift);
            $last = $lift;
        }
        self::assertGreaterThan(self::lift(Plans::sections()), self::lift(Plans::sections(), ['metal.alloy' => 'tin_bronze']));
        self::assertGreaterThan(self::lift(Plans::sections()), self::lift(Plans::sectionsWith('foot', ['width' => '90 mm'])));
    }

    /**
     * @param list<array<string, mixed>> $sections
     * @param array<string, mixed> $changes
     */
    private static function lift(array $sections, array $changes = []): float
    {
        $figure = Plans::of($changes + ['casting.sections' => $sections])->figure('mould', 'cope_lift');
        self::assertNotNull($figure);

        return $figure->value->si;
    }
}
