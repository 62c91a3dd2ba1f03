<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use Eris\Generators;
use Eris\TestTrait;
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
}
