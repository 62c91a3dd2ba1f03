<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use Eris\Generators;
use Eris\TestTrait;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Gating\CannotFill;
use MoltenNotes\Core\Gating\Choke;
use MoltenNotes\Core\Gating\CriticalSpeed;
use MoltenNotes\Core\Gating\EffectiveHead;
use MoltenNotes\Core\Gating\FlowLosses;
use MoltenNotes\Core\Gating\GatingRatio;
use MoltenNotes\Core\Gating\PourTime;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a caster reads off the gating stage. */
final class GatingStageTest extends TestCase
{
    use TestTrait;

    private const NOT_CUT = ['gating.sprue' => null, 'gating.gate_width' => null, 'gating.gate_thickness' => null];

    public function testEveryRuleOfPourTimeStandsBesideTheOthers(): void
    {
        $plan = Plans::of(self::NOT_CUT);
        $rules = array_filter($plan->stages['gating']->figures, static fn ($figure): bool => str_starts_with($figure->code, 'pour_time_'));

        self::assertGreaterThanOrEqual(2, count($rules));
        self::assertNotNull($plan->figure('gating', 'pour_time'));
    }

    public function testIronRulesDoNotComeUpForAluminiumUnderTheirOwnName(): void
    {
        $rules = static fn (string $alloy): array => array_column(PourTime::rules(AlloyTable::get($alloy), 4.0, 12.0, 'parting'), 'rule');

        self::assertContains('iron', $rules('grey_iron'));
        self::assertContains('copper', $rules('tin_bronze'));
        self::assertSame([], array_intersect(['iron', 'copper', 'steel'], $rules('al_si7mg')));
    }

    public function testHeavierCastingsTakeLongerByEveryRule(): void
    {
        foreach (['grey_iron', 'al_si7mg', 'tin_bronze'] as $alloy) {
            $light = array_column(PourTime::rules(AlloyTable::get($alloy), 2.0, 8.0, 'parting'), 'seconds', 'rule');
            $heavy = array_column(PourTime::rules(AlloyTable::get($alloy), 8.0, 8.0, 'parting'), 'seconds', 'rule');
            foreach (array_intersect_key($light, $heavy) as $rule => $seconds) {
                self::assertGreaterThanOrEqual($seconds, $heavy[$rule], "{$alloy}, {$rule}");
            }
        }
    }

    public function testACastersOwnPourTimeIsAimedAt(): void
    {
        self::assertEqualsWithDelta(3.0, self::value(Plans::of(['gating.fill_time' => '3 s'] + self::NOT_CUT), 'pour_time'), 1e-9);
    }

    public function testHalfThePourTimeAsksForTwiceTheChoke(): void
    {
        $slow = self::value(Plans::of(['gating.fill_time' => '4 s'] + self::NOT_CUT), 'choke');
        $fast = self::value(Plans::of(['gating.fill_time' => '2 s'] + self::NOT_CUT), 'choke');

        self::assertEqualsWithDelta(2.0, $fast / $slow, 1e-6);
    }

    public function testAStraightSprueLosesMoreAndAsksForALargerChoke(): void
    {
        $fixed = ['gating.fill_time' => '2 s'] + self::NOT_CUT;

        // A. F. S. practice, recalled from memory: 0.85 tapered, 0.73 straight.
        self::assertEqualsWithDelta(
            0.85 / 0.73,
            self::value(Plans::of(['gating.sprue_shape' => 'straight'] + $fixed), 'choke') /
                self::value(Plans::of(['gating.sprue_shape' => 'tapered'] + $fixed), 'choke'),
            1e-6,
        );
    }

    public function testWhatWasReallyCutIsFollowed(): void
    {
        // Gates wide enough that the sprue is the choke.
        $gate = ['gating.gate_width' => '120 mm'];
        $narrow = Plans::of(['gating.sprue' => '10 mm'] + $gate);
        $wide = Plans::of(['gating.sprue' => '20 mm'] + $gate);

        self::assertGreaterThan(self::value($wide, 'fill_time'), self::value($narrow, 'fill_time'));
        self::assertGreaterThan(self::value($narrow, 'gate_speed'), self::value($wide, 'gate_speed'));
        self::assertContains('gate_speed', array_column($wide->stages['gating']->risks, 'code'), 'the metal jets');
    }

    public function testMoreGatesCalmTheMetal(): void
    {
        $one = Plans::of(['gating.gates' => 1]);
        $four = Plans::of(['casting.sections' => Plans::sectionsWith('foot', ['gates' => 4]), 'gating.gates' => 4]);

        self::assertGreaterThan(self::value($four, 'gate_speed'), self::value($one, 'gate_speed'));
    }

    /**
     * J. Campbell's limits, recalled from memory: 0.5 m/s aluminium, 0.45 iron, 0.4 copper, 0.37 zinc, 0.35 silver, 0.33 tin.
     */
    #[DataProvider('limits')]
    public function testASurfaceBreaksWhereItIsPublished(string $alloy, float $metresPerSecond): void
    {
        self::assertEqualsWithDelta($metresPerSecond, CriticalSpeed::of(AlloyTable::get($alloy))->si(), 0.015);
    }

    /** @return iterable<string, array{string, float}> */
    public static function limits(): iterable
    {
        yield 'aluminium' => ['al_si7mg', 0.5];
        yield 'iron' => ['grey_iron', 0.45];
        yield 'copper' => ['copper', 0.4];
        yield 'zinc' => ['zn_al4', 0.37];
        yield 'silver' => ['silver_999', 0.35];
        yield 'tin' => ['tin', 0.33];
    }

    /** Loss coefficients of hydraulics, recalled from memory: a sharp right angle K about 0.95; a primed filter leaves 0.6 to 0.8. */
    public function testASquareFootAndAFilterTakeSpeed(): void
    {
        self::assertEqualsWithDelta(0.85, FlowLosses::coefficient(true, false, false)->si, 1e-9);
        self::assertEqualsWithDelta(1 / sqrt(1 / 0.85 ** 2 + 0.95), FlowLosses::coefficient(true, true, false)->si, 1e-9);
        self::assertEqualsWithDelta(0.7 * 0.73, FlowLosses::coefficient(false, false, true)->si, 1e-9);

        $flow = static fn (array $change): float => Plans::of($change)->figure('gating', 'flow')->value->si ?? 0.0;
        self::assertLessThan($flow([]), $flow(['gating.well' => 'none']));
        self::assertLessThan($flow([]), $flow(['gating.filter' => true]));
        self::assertSame($flow([]), $flow(['gating.well' => 'radius']));
    }

    public function testAFilterHasAFaceAndFreezesShutUnderColdMetal(): void
    {
        $plan = Plans::of(['gating.filter' => true, 'pour.temperature' => '660 C']);
        self::assertEqualsWithDelta(4.5 * 48e-6, self::value($plan, 'filter_face'), 1e-9);
        self::assertContains('filter_cold', array_column($plan->stages['filling']->risks, 'code'));
        self::assertNotContains(
            'filter_cold',
            array_column(Plans::of(['gating.filter' => true, 'pour.temperature' => '740 C'])->stages['filling']->risks, 'code'),
        );
    }

    /**
     * A parallel sprue runs full only while √(H/h) is no more than its taper (continuity): 90 mm of head over 40 mm of metal want 1.5 as
     * areas, and a straight one has 1.
     */
    public function testAStraightSprueDrawsAirUnderAHighHead(): void
    {
        $wide = ['gating.gate_width' => '60 mm', 'gating.gate_thickness' => '6 mm'];
        $draws = static fn (array $change): bool => in_array(
            'draws_air',
            array_column(Plans::of($change + $wide)->stages['gating']->risks, 'code'),
            true,
        );

        self::assertTrue($draws(['gating.sprue_shape' => 'straight', 'gating.sprue_height' => '250 mm', 'gating.basin_depth' => '20 mm']));
        self::assertFalse($draws(['gating.sprue_shape' => 'straight', 'gating.sprue_height' => '80 mm', 'gating.basin_depth' => '70 mm']));
        self::assertTrue($draws(['gating.sprue_top' => '14 mm', 'gating.sprue_height' => '250 mm', 'gating.basin_depth' => '20 mm']));
        self::assertFalse($draws(['gating.sprue_top' => '30 mm', 'gating.sprue_height' => '250 mm', 'gating.basin_depth' => '20 mm']));
    }

    /** v = √(2 g h): 12.7 mm of free fall come to 0.5 m/s (hydraulics). */
    public function testAFallInsideTheMouldIsTold(): void
    {
        $fall = Plans::of(['gating.fill' => 'top'])->figure('gating', 'fall');
        self::assertNotNull($fall);
        self::assertStringContainsString('folded in', $fall->note);
        self::assertNull(Plans::of(['gating.fill' => 'bottom'])->figure('gating', 'fall'));
    }

    public function testRatiosKeepTheChokeWhereTheirSchoolPutsIt(): void
    {
        foreach (MetalFamily::all() as $family) {
            $open = GatingRatio::of('unpressurised', $family);
            $closed = GatingRatio::of('pressurised', $family);
            self::assertGreaterThan($open->sprue, $open->gates, 'unpressurised: the sprue is the choke');
            self::assertLessThanOrEqual($closed->sprue, $closed->gates, 'pressurised: the gates are');
            self::assertEqualsWithDelta(
                1.0,
                min($open->timesChoke($open->sprue), $open->timesChoke($open->runner), $open->timesChoke($open->gates)),
                1e-9,
            );
            self::assertEqualsWithDelta(
                1.0,
                min($closed->timesChoke($closed->sprue), $closed->timesChoke($closed->runner), $closed->timesChoke($closed->gates)),
                1e-9,
            );
        }
    }

    public function testTheHeadOverABottomGateShrinksAsTheMouldFills(): void
    {
        $top = EffectiveHead::of('top', 0.2, 0.1, 0.0);
        $parting = EffectiveHead::of('parting', 0.2, 0.1, 0.05);
        $bottom = EffectiveHead::of('bottom', 0.2, 0.1, 0.1);

        self::assertEqualsWithDelta(0.2, $top, 1e-9);
        self::assertLessThan($top, $parting);
        self::assertLessThan($parting, $bottom);
    }

    public function testACastingAsHighAsItsHeadCannotBeFilledFromBelow(): void
    {
        $this->expectException(CannotFill::class);

        EffectiveHead::of('bottom', 0.1, 0.12, 0.12);
    }

    public function testChokeAndFlowAreOneLawForAnyMouldAtAll(): void
    {
        $this->forAll(Generators::choose(1, 400), Generators::choose(5, 200), Generators::choose(20, 400))->then(static function (
            int $dekagrams,
            int $deciseconds,
            int $millimetres,
        ): void {
            $mass = $dekagrams / 100;
            $area = Choke::area($mass, 2400, $deciseconds / 10, 0.8, $millimetres / 1000);
            self::assertEqualsWithDelta($mass / 2400 / ($deciseconds / 10), Choke::flow($area, 0.8, $millimetres / 1000), 1e-12);
        });
    }

    public function testWithoutAHeadThePlanSaysWhatItWants(): void
    {
        $plan = Plans::of(['gating.sprue_height' => null]);

        self::assertContains('gating.sprue_height', array_merge(...array_column($plan->stages['gating']->missing, 'fields')));
        self::assertNull($plan->figure('gating', 'choke'), 'no guess dressed as a number');
        self::assertNotNull($plan->figure('gating', 'pour_time'), 'what can be told is told');
    }

    /** @param FigureCode $code */
    private static function value(CastingPlan $plan, string $code): float
    {
        $figure = $plan->figure('gating', $code);
        self::assertNotNull($figure, $code);

        return $figure->value->si;
    }
}
