<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use Eris\Generators;
use Eris\TestTrait;
use MoltenNotes\Core\Feeding\Chill;
use MoltenNotes\Core\Feeding\FeedingDistance;
use MoltenNotes\Core\Feeding\Riser;
use MoltenNotes\Core\Feeding\RiserKind;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Quantity\Area;
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

    /**
     * R. Wlodawer, recalled from memory: a riser as high as wide has a fifth of its width as modulus on the casting, where its foot does
     * not cool, and a sixth beside it. Domed on the casting 5/24 (π/8 + π/12 over π).
     */
    public function testARiserAsHighAsWide(): void
    {
        $of = static fn (RiserKind $kind): float => Riser::modulusOf(Length::of(60, 'mm'), Length::of(60, 'mm'), $kind)->in('mm');

        self::assertEqualsWithDelta(12.0, $of(new RiserKind()), 1e-9);
        self::assertEqualsWithDelta(12.5, $of(new RiserKind(isBlind: true)), 1e-9);
        self::assertEqualsWithDelta(10.0, $of(new RiserKind(isBeside: true)), 1e-9);
        self::assertEqualsWithDelta(10.0, $of(new RiserKind(isBlind: true, isBeside: true)), 1e-9);
        foreach ([false, true] as $blind) {
            foreach ([false, true] as $beside) {
                $kind = new RiserKind($blind, $beside);
                $wide = Riser::byModulus(Length::of(8, 'mm'), $kind);
                self::assertEqualsWithDelta(9.6, Riser::modulusOf($wide, $wide, $kind)->in('mm'), 1e-9, 'its own rule holds for it');
                // A taller one is never cooler, and a larger one holds more.
                self::assertGreaterThan($of($kind), Riser::modulusOf(Length::of(60, 'mm'), Length::of(90, 'mm'), $kind)->in('mm'));
                self::assertGreaterThan($kind->volume(0.06, 0.06), $kind->volume(0.07, 0.06));
            }
        }
    }

    public function testARiserBesideItsSectionIsWantedWider(): void
    {
        $wanted = static fn (array $change): float => Plans::of([
            'feeding.riser' => 'open', 'casting.sections' => Plans::sectionsWith('boss', ['riser' => true]),
        ] + $change)->figure('feeding', 'riser_diameter', 'boss')->value->si ?? 0.0;

        self::assertEqualsWithDelta(1.2, $wanted(['feeding.riser_stands' => 'side']) / $wanted([]), 0.05);
        self::assertLessThanOrEqual($wanted([]), $wanted(['feeding.riser' => 'blind']));
    }

    /** A plate chilled on one side keeps two thirds of its modulus: common practice, A/2 on the chill counting twice. */
    public function testAChillWorksByTheFaceItTouches(): void
    {
        [$volume, $skin] = [Volume::of(100, 'cm3'), Area::of(200, 'cm2')];
        self::assertEqualsWithDelta(2 / 3, Chill::modulus($volume, $skin, Area::of(100, 'cm2'))->si() / 0.005, 1e-9);
        self::assertEqualsWithDelta(0.005, Chill::modulus($volume, $skin, Area::of(0, 'cm2'))->si(), 1e-12);
        self::assertEqualsWithDelta(100.0, Chill::contact($volume, $skin, Length::of(10 / 3, 'mm'))->in('cm2'), 1e-6);
        self::assertSame(0.0, Chill::contact($volume, $skin, Length::of(6, 'mm'))->si());

        $time = static fn (array $more, array $change = []): float => self::value(
            Plans::of($change + ['casting.sections' => Plans::sectionsWith('boss', $more)]),
            'freezing_time',
            'boss',
        );
        self::assertLessThan($time([]), $time(['chill' => true]));
        $chilled = static fn (string $face): float => $time(['chill' => true], ['feeding.chill_area' => $face]);
        self::assertLessThan($chilled('2 cm2'), $chilled('6 cm2'));
        self::assertLessThan($time([]), $time([], ['feeding.chill' => true]), 'under the heaviest, where no section is marked');
    }

    public function testAChillThatIsAskedForIsEnough(): void
    {
        $plain = Plans::of();
        $area = self::value($plain, 'chill_area', 'boss');
        $times = static fn (CastingPlan $plan): array => array_map(
            static fn (string $id): float => self::value($plan, 'freezing_time', $id),
            ['boss', 'foot'],
        );
        [$heavy, $before] = $times($plain);
        self::assertGreaterThan(1.5 * $before, $heavy);
        $chilled = Plans::of([
            'casting.sections' => Plans::sectionsWith('boss', ['chill' => true]),
            'feeding.chill_area' => ['value' => $area * 1e4, 'unit' => 'cm2'],
        ]);
        [$after, $beside] = $times($chilled);
        if ($area < 0.5 * self::skin($plain)) {
            self::assertLessThanOrEqual($beside * 1.02, $after);
        } else {
            self::assertLessThan($heavy, $after);
        }
    }

    /** Tee of equal walls without a fillet: the circle at the junction is 1.25 t (Heuvers), here on cells of a third of the wall. */
    public function testTheBallAtAJunctionIsToldWithTheWallItLiesIn(): void
    {
        $plan = Plans::of(['casting.sections' => [
            ['id' => 'flange', 'shape' => 'plate', 'length' => '120 mm', 'width' => '60 mm', 'thickness' => '12 mm', 'gates' => 1],
            [
                'id' => 'web', 'shape' => 'plate', 'length' => '50 mm', 'width' => '60 mm', 'thickness' => '12 mm', 'joins' => 'flange',
                'sits' => 'top', 'upright' => true,
            ],
        ]]);
        $balls = array_values(array_filter($plan->stages['feeding']->figures, static fn ($figure): bool => 'junction' === $figure->code));
        self::assertNotSame([], $balls);
        self::assertEqualsWithDelta(1.25 * 12, 1000 * $balls[0]->value->si, 1.0);
        self::assertEqualsWithDelta(12 * 60e-6, $plan->solid->contacts['flange']['web'] ?? 0.0, 1e-6);
        self::assertContains('A', array_column($balls[0]->working->inputs, 'symbol'));
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

    /** Face of the boss on sand, m². */
    private static function skin(CastingPlan $plan): float
    {
        return $plan->solid->parts['boss']->cooled ?? 0.0;
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
