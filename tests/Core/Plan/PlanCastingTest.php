<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan;

use Eris\Generators;
use Eris\TestTrait;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Core\Working\Figure;
use MoltenNotes\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class PlanCastingTest extends TestCase
{
    use TestTrait;

    public function testAWallOfThreeMillimetresAsksForHotterMetalThanOneOfSix(): void
    {
        $thick = Plans::of(['casting.sections' => Plans::sectionsWith('rim', ['thickness' => '6 mm']), 'pour.time' => '2 s']);
        $thin = Plans::of(['casting.sections' => Plans::sectionsWith('rim', ['thickness' => '3 mm']), 'pour.time' => '2 s']);

        self::assertLessThan(self::value($thick, 'filling', 'fill_ratio', 'rim'), self::value($thin, 'filling', 'fill_ratio', 'rim'));
        self::assertSame('rim', $thin->least('filling', 'fill_ratio')?->subject);
        self::assertGreaterThan(
            self::value($thick, 'filling', 'needed_at_mould', 'rim'),
            self::value($thin, 'filling', 'needed_at_mould', 'rim'),
        );
    }

    public function testARimThatStopsShortFillsWhenItIsPouredHotterAndFaster(): void
    {
        $cold = Plans::of(['pour.temperature' => '690 C', 'pour.carry_time' => '30 s', 'pour.time' => '4 s']);
        $hot = Plans::of(['pour.temperature' => '760 C', 'pour.carry_time' => '10 s', 'pour.time' => '1.2 s']);

        self::assertSame('bad', $cold->figure('filling', 'fill_ratio', 'rim')?->standing);
        self::assertSame('good', $hot->figure('filling', 'fill_ratio', 'rim')?->standing);
        self::assertContains('fill_ratio', array_column($cold->risks(), 'code'));
    }

    public function testABossOnAThinFootIsAHotSpotUntilARiserStandsOnIt(): void
    {
        self::assertContains('hot_spot', array_column(self::risksOf(Plans::of(), 'boss'), 'code'));
        $fed = Plans::of([
            'feeding.riser' => 'open',
            'feeding.riser_diameter' => '45 mm',
            'casting.sections' => Plans::sectionsWith('boss', ['riser' => true]),
        ]);
        self::assertNotContains('hot_spot', array_column(self::risksOf($fed, 'boss'), 'code'));
        self::assertSame('good', $fed->figure('feeding', 'feeder_ratio', 'boss')?->standing);
        $small = Plans::of([
            'feeding.riser' => 'open',
            'feeding.riser_diameter' => '20 mm',
            'casting.sections' => Plans::sectionsWith('boss', ['riser' => true]),
        ]);
        self::assertSame('bad', $small->figure('feeding', 'feeder_ratio', 'boss')?->standing);
    }

    public function testTheRiserThatIsAskedForIsLargeEnoughByItsOwnMeasure(): void
    {
        $wanted = self::value(Plans::of(), 'feeding', 'riser_diameter', 'boss');
        $with = Plans::of([
            'feeding.riser' => 'open',
            'feeding.riser_diameter' => ['value' => $wanted * 1000, 'unit' => 'mm'],
            'casting.sections' => Plans::sectionsWith('boss', ['riser' => true]),
        ]);

        self::assertGreaterThanOrEqual(1.0, self::value($with, 'feeding', 'feeder_ratio', 'boss'));
    }

    public function testEachStageAnswersInOneSentenceTheWorstNewsFirst(): void
    {
        $inches = new QuantityFormatter(UnitPreferences::imperial());
        $answers = array_column(
            Plans::of(['pour.temperature' => '690 C', 'pour.carry_time' => '30 s', 'pour.time' => '4 s'])->answers($inches),
            null,
            'stage',
        );
        self::assertSame(['pattern', 'metal', 'gating', 'filling', 'feeding', 'venting', 'mould', 'cooling'], array_keys($answers));
        self::assertSame('bad', $answers['filling']['standing']);
        self::assertStringContainsString('Rim', $answers['filling']['words']);
        self::assertStringContainsString('lb', $answers['mould']['words'].$answers['pattern']['words']);

        $nothing = array_column(Plans::of(['casting.sections' => null])->answers($inches), 'standing', 'stage');
        self::assertSame('unknown', $nothing['filling'], 'what cannot be told is not called good');
    }

    public function testAChillOnTheBossShortensItsFreezing(): void
    {
        $chilled = Plans::of(['casting.sections' => Plans::sectionsWith('boss', ['chill' => true])]);

        self::assertLessThan(
            self::value(Plans::of(), 'feeding', 'freezing_time', 'boss'),
            self::value($chilled, 'feeding', 'freezing_time', 'boss'),
        );
    }

    public function testSizedGatesStayUnderTheSpeedLimitAndInTheCastersOwnTools(): void
    {
        $free = ['gating.sprue' => null, 'gating.gate_width' => null, 'gating.gate_thickness' => null, 'gating.gates' => 2];
        $plan = Plans::of($free, [
            'cutters' => [
                ['name' => 'Tube', 'kind' => 'tube', 'size' => '12 mm'],
                ['name' => 'Tube', 'kind' => 'tube', 'size' => '18 mm'],
                ['name' => 'Drill', 'kind' => 'drill', 'size' => '9 mm'],
            ],
        ]);

        self::assertEqualsWithDelta(
            0.012,
            self::value($plan, 'gating', 'sprue_base'),
            1e-9,
            'the smallest of the tools that is not too small',
        );
        $sized = Plans::of([
            'gating.gates' => 2,
            'gating.sprue' => '12 mm',
            'gating.gate_width' => ['value' => 1000 * self::value($plan, 'gating', 'gate_width'), 'unit' => 'mm'],
            'gating.gate_thickness' => ['value' => 1000 * self::value($plan, 'gating', 'gate_thickness'), 'unit' => 'mm'],
        ]);
        self::assertLessThanOrEqual(1.01, self::value($sized, 'gating', 'gate_speed_share'));

        // One gate would have to be wider than the foot it enters: it is not, jets, and says so.
        $one = Plans::of(['gating.gates' => 1] + $free, ['cutters' => [['name' => 'Tube', 'kind' => 'tube', 'size' => '12 mm']]]);
        self::assertLessThanOrEqual(0.06, self::value($one, 'gating', 'gate_width'));
        self::assertStringContainsString('room', $one->figure('gating', 'gate_width')->note ?? '');
        self::assertNotSame('good', $one->figure('gating', 'gate_speed')?->standing);
    }

    public function testSchoolsDifferInWhatTheyCut(): void
    {
        $free = ['gating.sprue' => null, 'gating.gate_width' => null, 'gating.gate_thickness' => null];

        self::assertGreaterThan(
            self::value(Plans::of($free + ['gating.school' => 'pressurised']), 'gating', 'gate_width'),
            self::value(Plans::of($free + ['gating.school' => 'unpressurised']), 'gating', 'gate_width'),
        );
    }

    public function testACastingHigherThanItsHeadIsRefusedInWords(): void
    {
        $plan = Plans::of(['gating.fill' => 'bottom', 'gating.sprue_height' => '30 mm']);

        self::assertContains('cannot_fill', array_column($plan->risks(), 'code'));
    }

    public function testACrucibleThatIsTooSmallMeansTwoHeatsAndSaysSo(): void
    {
        $small = Plans::of(['crucible.volume' => '100 mL']);
        $own = Plans::of(
            [],
            [
                'crucibles' => [
                    ['name' => 'No. 1', 'volume' => '120 mL'],
                    ['name' => 'No. 3', 'volume' => '1 L'],
                    ['name' => 'No. 8', 'volume' => '4 L'],
                ],
            ],
        );

        self::assertStringContainsString('heats', $small->figure('metal', 'crucible_holds')->note ?? '');
        self::assertSame('good', $own->figure('metal', 'crucible_holds')?->standing);
        self::assertContains(
            'The smallest of your crucibles that holds it: No. 3.',
            array_column($own->stages['metal']->assumptions, 'words'),
        );
    }

    public function testWhatIsTooHeavyForOnePersonIsNamed(): void
    {
        $plan = Plans::of(
            [
                'crucible.mass' => '3 kg',
                'flask.length' => '400 mm',
                'flask.width' => '300 mm',
                'flask.cope' => '120 mm',
                'flask.drag' => '90 mm',
            ],
            ['safe_lift' => '15 kg'],
        );

        self::assertContains('lift_cope', array_column($plan->risks(), 'code'));
    }

    public function testEnergyBecomesMoneyByTheCastersOwnFurnaceAndTariff(): void
    {
        $plan = Plans::of(
            [],
            [
                'furnaces' => [['name' => 'Kiln', 'source' => 'electric', 'power' => '2 kW', 'efficiency' => '20-30 %']],
                'tariffs' => ['electric' => 0.4],
            ],
        );
        $heat = self::value($plan, 'metal', 'melt_energy');

        self::assertEqualsWithDelta(($heat / 0.25 / 3.6e6) * 0.4, self::value($plan, 'metal', 'energy_cost'), 0.01);
        self::assertEqualsWithDelta($heat / 0.25 / 2000, self::value($plan, 'metal', 'melt_time'), 1.0);
    }

    public function testBlanksGivePartOfAPlanAndSayWhatIsMissing(): void
    {
        $blank = Plans::of(array_fill_keys(array_keys(Plans::values()), null));
        foreach ($blank->stages as $stage => $result) {
            self::assertSame([], $result->figures, $stage);
            self::assertNotEmpty($result->missing, $stage);
        }
        $metalOnly = Plans::of(['casting.sections' => [['shape' => 'plate', 'length' => '60 mm']]]);
        self::assertNull($metalOnly->figure('pattern', 'casting_volume'));
        self::assertStringContainsString('width, thickness missing', $metalOnly->stages['pattern']->missing[0]['words']);
    }

    public function testEveryDefaultThatWasUsedIsListed(): void
    {
        $words = str_replace(
            "\u{00A0}",
            ' ',
            implode(
                ' ',
                array_map(static fn ($stage): string => implode(' ', array_column($stage->assumptions, 'words')), Plans::of()->stages),
            ),
        );

        foreach (['Melt loss', 'reserve', 'School of gating', '40 mm of metal', 'Vents are 3 mm'] as $default) {
            self::assertStringContainsString($default, $words);
        }
    }

    /** @return iterable<string, array{CastingPlan}> */
    public static function plans(): iterable
    {
        $workshop = [
            'furnaces' => [['name' => 'Forge', 'source' => 'propane', 'power' => '12 kW']],
            'tariffs' => ['propane' => 2.9],
            'crucibles' => [['name' => 'A', 'volume' => '0.5 L', 'mass' => '1.2 kg']],
        ];
        yield 'a plan in green sand' => [Plans::of()];
        yield 'with a workshop' => [Plans::of(['gating.sprue' => null, 'gating.well' => 'well', 'mould.cope_weight' => '3 kg'], $workshop)];
        yield 'plaster' => [
            Plans::of([
                'mould.process' => 'plaster',
                'plaster.ratio' => '40 %',
                'flask.length' => '300 mm',
                'flask.width' => '200 mm',
                'flask.cope' => '100 mm',
                'flask.drag' => '80 mm',
            ]),
        ];
        yield 'only the thinnest and the heaviest known' => [
            Plans::of([
                'casting.sections' => null,
                'casting.wall' => '4 mm',
                'casting.heaviest' => '30 mm',
                'casting.run' => '200 mm',
                'casting.mass' => '0.4 kg',
                'pour.time' => '3 s',
            ]),
        ];
    }

    #[DataProvider('plans')]
    public function testEveryNumberOpensToItsWorking(CastingPlan $plan): void
    {
        foreach ($plan->stages as $stage) {
            foreach ($stage->figures as $figure) {
                self::assertNotSame('', $figure->working->formula, $figure->code);
                self::assertNotSame('', $figure->working->source, $figure->code);
                self::assertNotSame([], $figure->working->inputs, $figure->code);
                self::assertLessThanOrEqual($figure->value->highSi, $figure->value->lowSi);
                self::assertTrue(is_finite($figure->value->si), $figure->code);
            }
        }
    }

    public function testARangeThatWasTypedWidensWhatFollowsFromIt(): void
    {
        $narrow = Plans::of(['pour.temperature' => '720 C'])->figure('filling', 'fill_ratio', 'rim');
        $wide = Plans::of(['pour.temperature' => '690-750 C'])->figure('filling', 'fill_ratio', 'rim');

        self::assertEqualsWithDelta($narrow?->value->si, $wide?->value->si, 0.05);
        self::assertGreaterThan($narrow?->value->relativeSpread() ?? 1.0, $wide?->value->relativeSpread() ?? 0.0);
    }

    public function testACastersOwnPoursMoveTheFillRatio(): void
    {
        $learnt = array_fill(0, 4, ['ratio' => 1.5, 'filled' => false]);

        self::assertLessThan(
            self::value(Plans::of(), 'filling', 'fill_ratio', 'rim'),
            self::value(Plans::of([], [], $learnt), 'filling', 'fill_ratio', 'rim'),
        );
    }

    public function testDunkingSubtractsTheRodAndWeighingKnowsTheMaterial(): void
    {
        $dunked = Plans::of(['casting.sections' => null, 'pattern.volume' => '260 mL', 'pattern.held' => '10 mL']);
        self::assertEqualsWithDelta(250e-6 * 0.987 ** 3, self::value($dunked, 'pattern', 'casting_volume'), 1e-7);

        $weighed = Plans::of(['casting.sections' => null, 'pattern.mass' => '125 g', 'pattern.material' => 'pine']);
        self::assertEqualsWithDelta((0.125 / 500) * 0.987 ** 3, self::value($weighed, 'pattern', 'casting_volume'), 1e-7);
        // Mass by ratio: pattern mass × ρ_metal/ρ_pattern × (1 − c)³.
        self::assertEqualsWithDelta(((0.125 * 2680) / 500) * 0.987 ** 3, self::value($weighed, 'pattern', 'casting_mass'), 1e-4);
        self::assertGreaterThan(0.05, $weighed->figure('pattern', 'casting_mass')?->value->relativeSpread());
    }

    #[Group('wide')]
    public function testMassGrowsWithEveryDimension(): void
    {
        $mass = static fn (array $section): float => self::value(Plans::of(['casting.sections' => [$section]]), 'pattern', 'casting_mass');
        $shapes = [
            'plate' => ['length' => 60, 'width' => 40, 'thickness' => 6],
            'cylinder' => ['diameter' => 40, 'height' => 30],
            'tube' => ['diameter' => 60, 'wall' => 6, 'height' => 40],
            'ring' => ['diameter' => 90, 'width' => 12, 'thickness' => 5],
            'sphere' => ['diameter' => 40],
            'wedge' => ['length' => 60, 'width' => 40, 'thickness' => 9, 'thin_end' => 4],
        ];
        foreach ($shapes as $shape => $sizes) {
            $this->limitTo(12)
                ->forAll(Generators::choose(1, 60))
                ->then(static function (int $percent) use ($shape, $sizes, $mass): void {
                    $section = static fn (array $s): array => ['shape' => $shape] +
                        array_map(static fn (float $mm): array => ['value' => $mm, 'unit' => 'mm'], array_map(floatval(...), $s));
                    $before = $mass($section($sizes));
                    foreach ($sizes as $name => $mm) {
                        self::assertGreaterThan(
                            $before,
                            $mass($section([$name => $mm * (1 + $percent / 100)] + $sizes)),
                            "{$shape} {$name}",
                        );
                    }
                });
        }
    }

    public function testALargerHeadNeverNeedsALargerChoke(): void
    {
        $this->limitTo(25)
            ->forAll(Generators::choose(60, 300), Generators::choose(1, 200))
            ->then(static function (int $head, int $more): void {
                $choke = static fn (int $mm): float => self::value(
                    Plans::of(['gating.sprue_height' => "{$mm} mm", 'gating.fill_time' => '3 s']),
                    'gating',
                    'choke',
                );
                self::assertLessThanOrEqual($choke($head) + 1e-12, $choke($head + $more));
            });
    }

    public function testHotterMetalNeverFillsLess(): void
    {
        $this->limitTo(25)
            ->forAll(Generators::choose(640, 780), Generators::choose(1, 60))
            ->then(static function (int $celsius, int $more): void {
                $ratio = static fn (int $c): float => self::value(
                    Plans::of(['pour.temperature' => "{$c} C", 'pour.time' => '2 s']),
                    'filling',
                    'fill_ratio',
                    'rim',
                );
                self::assertGreaterThanOrEqual($ratio($celsius) - 1e-9, $ratio($celsius + $more));
            });
    }

    public function testSectionsThatAreNoCastingArePointedAt(): void
    {
        $bad = [
            [[['shape' => 'plate'], ['shape' => 'boss']], '/planned/casting.sections/1/joins'],
            [
                [
                    ['shape' => 'plate', 'id' => 'a'],
                    ['shape' => 'bar', 'id' => 'b', 'joins' => 'c'],
                    ['shape' => 'bar', 'id' => 'c', 'joins' => 'b'],
                ],
                '/planned/casting.sections/1/joins',
            ],
            [[['shape' => 'ring', 'diameter' => '20 mm', 'width' => '15 mm', 'thickness' => '4 mm']], '/planned/casting.sections/0/width'],
            [[['shape' => 'free', 'volume' => '100 mL', 'area' => '10 cm2']], '/planned/casting.sections/0/area'],
            [[['shape' => 'plate', 'length' => '6 kg']], '/planned/casting.sections/0/length'],
            [[['shape' => 'plank']], '/planned/casting.sections/0/shape'],
        ];
        foreach ($bad as [$sections, $pointer]) {
            try {
                Plans::of(['casting.sections' => $sections]);
                self::fail("{$pointer} was taken");
            } catch (RejectedRecord $rejected) {
                self::assertSame($pointer, $rejected->problems[0]->pointer);
            }
        }
    }

    /** @param FigureCode $code */
    private static function value(CastingPlan $plan, string $stage, string $code, string $subject = ''): float
    {
        $figure = $plan->figure($stage, $code, $subject);
        self::assertInstanceOf(Figure::class, $figure, "{$stage} has no {$code} {$subject}");

        return $figure->value->si;
    }

    /** @return list<array{stage: string, code: string, words: string, subject: string, standing: string}> */
    private static function risksOf(CastingPlan $plan, string $section): array
    {
        return array_values(array_filter($plan->risks(), static fn (array $risk): bool => $risk['subject'] === $section));
    }
}
