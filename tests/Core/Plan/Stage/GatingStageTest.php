<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use Eris\Generators;
use Eris\TestTrait;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Gating\CannotFill;
use MoltenNotes\Core\Gating\Choke;
use MoltenNotes\Core\Gating\EffectiveHead;
use MoltenNotes\Core\Gating\GatingRatio;
use MoltenNotes\Core\Gating\PourTime;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Tests\Support\Plans;
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
        self::assertGreaterThan(self::value($four, 'reynolds') * 0.99, self::value($one, 'reynolds'));
    }

    /** J. Campbell's limits, recalled from memory: 0.5 m/s for aluminium, about 0.4 for heavy bronze. */
    public function testEveryFamilyHasASpeedAboveWhichItSplashes(): void
    {
        self::assertEqualsWithDelta(0.5, MetalFamily::find('aluminium')?->breaksAbove->si(), 0.01);
        foreach (MetalFamily::all() as $family => $metal) {
            $limit = $metal->breaksAbove->si();
            self::assertGreaterThan(0.2, $limit, $family);
            self::assertLessThan(0.8, $limit, $family);
        }
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
