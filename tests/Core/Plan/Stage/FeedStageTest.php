<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use Eris\Generators;
use Eris\TestTrait;
use MoltenNotes\Core\Feeding\FeedingDistance;
use MoltenNotes\Core\Feeding\Riser;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\Volume;
use MoltenNotes\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** Will it feed: the freezing order, what is cut off, and what a riser must be. */
final class FeedStageTest extends TestCase
{
    use TestTrait;

    public function testTheFreezingOrderRunsFromThinToHeavy(): void
    {
        $figures = array_values(
            array_filter(Plans::of()->stages['feeding']->figures, static fn ($figure): bool => 'freezing_time' === $figure->code),
        );

        self::assertSame(['rim', 'foot', 'boss'], array_column($figures, 'subject'));
        self::assertSame('Freezes first.', $figures[0]->note);
        self::assertSame('Freezes last.', $figures[2]->note);
    }

    public function testTwiceAsThickFreezesAboutFourTimesAsLate(): void
    {
        $time = static fn (string $thickness): float => self::value(
            Plans::of([
                'casting.sections' => [
                    [
                        'id' => 'plate',
                        'label' => 'Plate',
                        'shape' => 'plate',
                        'length' => '400 mm',
                        'width' => '400 mm',
                        'thickness' => $thickness,
                        'gates' => 1,
                    ],
                ],
            ]),
            'freezing_time',
            'plate',
        );

        // N. Chvorinov: the square of the modulus; the edges of the plate take a little off.
        self::assertEqualsWithDelta(4.0, $time('12 mm') / $time('6 mm'), 0.25);
    }

    public function testAHeavyPartBehindAThinOneIsCutOffAndTheThinOneIsNamed(): void
    {
        $dumbbell = [
            [
                'id' => 'near',
                'label' => 'Near block',
                'shape' => 'plate',
                'length' => '40 mm',
                'width' => '40 mm',
                'thickness' => '30 mm',
                'gates' => 1,
                'riser' => true,
            ],
            [
                'id' => 'neck',
                'label' => 'Neck',
                'shape' => 'plate',
                'length' => '60 mm',
                'width' => '20 mm',
                'thickness' => '4 mm',
                'joins' => 'near',
            ],
            [
                'id' => 'far',
                'label' => 'Far block',
                'shape' => 'plate',
                'length' => '40 mm',
                'width' => '40 mm',
                'thickness' => '30 mm',
                'joins' => 'neck',
            ],
        ];
        $plan = Plans::of(['casting.sections' => $dumbbell, 'feeding.riser' => 'open', 'feeding.riser_diameter' => '70 mm']);
        $risks = array_column(
            array_filter($plan->risks(), static fn (array $risk): bool => 'hot_spot' === $risk['code']),
            'words',
            'subject',
        );

        self::assertSame(['far'], array_keys($risks), 'the near block has its riser and the neck freezes between the two');
        self::assertStringContainsString('cut off when neck freezes', $risks['far']);

        $heavy = $dumbbell;
        $heavy[1]['thickness'] = '34 mm';
        $heavy[1]['width'] = '40 mm';
        $open = Plans::of(['casting.sections' => $heavy, 'feeding.riser' => 'open', 'feeding.riser_diameter' => '70 mm']);
        self::assertNotContains(
            'far',
            array_column(array_filter($open->risks(), static fn (array $risk): bool => 'hot_spot' === $risk['code']), 'subject'),
            'a neck that stays open lets the riser feed through it',
        );
    }

    public function testAnEvenCastingHasNoHotSpotThatMatters(): void
    {
        $even = [
            [
                'id' => 'plate',
                'label' => 'Plate',
                'shape' => 'plate',
                'length' => '100 mm',
                'width' => '60 mm',
                'thickness' => '6 mm',
                'gates' => 1,
            ],
            [
                'id' => 'lip',
                'label' => 'Lip',
                'shape' => 'plate',
                'length' => '60 mm',
                'width' => '20 mm',
                'thickness' => '6 mm',
                'joins' => 'plate',
            ],
        ];

        self::assertNotContains(
            'bad',
            array_column(
                array_filter(
                    Plans::of(['casting.sections' => $even])->risks(),
                    static fn (array $risk): bool => 'feeding' === $risk['stage'],
                ),
                'standing',
            ),
        );
    }

    public function testASprueFeedsOnlyThroughAGateThatStaysOpen(): void
    {
        $thin = Plans::of(['feeding.riser' => 'sprue', 'gating.gate_thickness' => '2 mm']);
        $thick = Plans::of(['feeding.riser' => 'sprue', 'gating.gate_thickness' => '8 mm', 'gating.sprue' => '24 mm']);

        self::assertContains('gate_freezes', array_column($thin->risks(), 'code'));
        self::assertNotContains('gate_freezes', array_column($thick->risks(), 'code'));
    }

    /** R. Wlodawer, recalled from memory: a riser as high as wide, cooled all round, has a sixth of its width as modulus. */
    public function testARiserAsHighAsWide(): void
    {
        self::assertEqualsWithDelta(0.01, Riser::modulusOf(Length::of(60, 'mm'), Length::of(60, 'mm'))->si(), 0.0025);
        self::assertEqualsWithDelta(
            1.2,
            Riser::modulusOf(Riser::byModulus(Length::of(8, 'mm')), Riser::byModulus(Length::of(8, 'mm')))->si() / 0.008,
            0.25,
        );
    }

    public function testALargerPartNeverNeedsASmallerRiser(): void
    {
        $this->forAll(Generators::choose(1, 60), Generators::choose(1, 60))->then(static function (int $a, int $b): void {
            self::assertGreaterThanOrEqual(
                Riser::byModulus(Length::of(min($a, $b), 'mm'))->si(),
                Riser::byModulus(Length::of(max($a, $b), 'mm'))->si(),
            );
            $demand = Ratio::fromSi(0.06);
            self::assertGreaterThanOrEqual(
                Riser::byVolume(Volume::of(min($a, $b), 'cm3'), $demand, false)?->si() ?? 0,
                Riser::byVolume(Volume::of(max($a, $b), 'cm3'), $demand, false)?->si() ?? 0,
            );
        });
    }

    public function testMoreShrinkageThanARiserYieldsCannotBeFedByIt(): void
    {
        self::assertNull(Riser::byVolume(Volume::of(100, 'cm3'), Ratio::fromSi(0.15), false));
        self::assertNotNull(Riser::byVolume(Volume::of(100, 'cm3'), Ratio::fromSi(0.15), true), 'under insulation it yields more');
    }

    public function testHotterMetalAsksForMoreFeeding(): void
    {
        self::assertGreaterThan(Riser::demand(Ratio::fromSi(0.06), 50)->si(), Riser::demand(Ratio::fromSi(0.06), 150)->si());
    }

    public function testOnlyTheHeaviestKnownStillGivesARiserAndSaysWhatItTookForGranted(): void
    {
        $plan = Plans::of(['casting.sections' => null, 'casting.heaviest' => '30 mm']);

        // A long bar of 30 mm: modulus 7.5 mm, riser six times that.
        self::assertEqualsWithDelta(0.045, self::value($plan, 'riser_diameter', ''), 1e-9);
        self::assertNotSame([], $plan->stages['feeding']->assumptions);
    }

    /** @param FigureCode $code */
    private static function value(CastingPlan $plan, string $code, string $subject): float
    {
        $figure = $plan->figure('feeding', $code, $subject);
        self::assertNotNull($figure, "{$code} {$subject}");

        return $figure->value->si;
    }

    /**
     * W. S. Pellini and co-workers, plain carbon steel in sand, recalled from memory: a plate of 20 mm is fed 90 mm to its free end, 80 mm
     * between two risers, 140 mm with a chill at the end; a bar of 1 inch 6 inches.
     */
    public function testFeedingDistancesArePellinis(): void
    {
        self::assertEqualsWithDelta(90.0, FeedingDistance::plate(Length::of(20, 'mm'), false)->in('mm'), 1e-9);
        self::assertEqualsWithDelta(80.0, FeedingDistance::between(Length::of(20, 'mm'))->in('mm'), 1e-9);
        self::assertEqualsWithDelta(140.0, FeedingDistance::plate(Length::of(20, 'mm'), true)->in('mm'), 1e-9);
        self::assertEqualsWithDelta(6.0, FeedingDistance::bar(Length::of(1, 'in'))->in('in'), 1e-9);
    }

    public function testALongPlateIsNotFedToItsEndByOneRiserUnlessItsAlloyFreezesAllOver(): void
    {
        $plan = static fn (string $alloy, string $length): array => Plans::bare([
            'mould.process' => 'resin_sand', 'metal.alloy' => $alloy, 'feeding.riser' => 'open', 'feeding.riser_diameter' => '60 mm',
            'casting.sections' => [
                [
                    'id' => 'plate', 'shape' => 'plate', 'length' => $length, 'width' => '120 mm', 'thickness' => '15 mm', 'riser' => true,
                    'gates' => 1,
                ],
            ],
        ])->stages['feeding']->risks;
        $codes = static fn (array $risks): array => array_column($risks, 'code');

        self::assertContains('feeding_distance', $codes($plan('carbon_steel', '400 mm')));
        self::assertContains('feeding_distance', $codes($plan('al_si12', '400 mm')));
        self::assertNotContains('feeding_distance', $codes($plan('carbon_steel', '180 mm')));
        self::assertNotContains('feeding_distance', $codes($plan('tin_bronze', '400 mm')), 'fine pores at any distance');
    }

    /** A sleeve makes a riser last as a larger one does: 1.3 times its modulus (common practice). */
    public function testASleeveLetsARiserBeSmaller(): void
    {
        $boss = ['feeding.riser' => 'open', 'casting.sections' => Plans::sectionsWith('boss', ['riser' => true])];
        $bare = Plans::of($boss + ['feeding.riser_diameter' => '34 mm']);
        $sleeved = Plans::of($boss + ['feeding.riser_diameter' => '34 mm', 'feeding.insulated' => true]);
        $ratio = static fn ($plan): float => $plan->figure('feeding', 'feeder_ratio', 'boss')->value->si ?? 0.0;
        $wanted = static fn ($plan): float => $plan->figure('feeding', 'riser_diameter', 'boss')->value->si ?? 0.0;

        self::assertEqualsWithDelta(1.3, $ratio($sleeved) / $ratio($bare), 1e-9);
        self::assertLessThan($wanted($bare), $wanted($sleeved));
    }

    public function testNoNeckIsWiderThanWhatItFeeds(): void
    {
        foreach ([8.0, 14.0, 26.0, 60.0] as $diameter) {
            $plan = Plans::of([
                'feeding.riser' => 'open',
                'casting.sections' => Plans::sectionsWith('boss', ['riser' => true, 'diameter' => "{$diameter} mm"]),
            ]);
            $neck = $plan->figure('feeding', 'riser_neck', 'boss')?->value->si;
            foreach ($plan->assembly->risers as $riser) {
                self::assertLessThanOrEqual($diameter / 1000 + 1e-9, $riser->neck->metres);
            }
            self::assertTrue(null === $neck || $neck <= $diameter / 1000 + 1e-9);
        }
    }
}
