<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Little is known of most pours: a plan still says something useful, as unsure as it is, and what would make it surer. */
final class LittleIsKnownTest extends TestCase
{
    /** A process, a family of metal, a rough shape and a measurement or two. */
    private const ROUGH = [
        'pour.temperature' => '740 C', 'gating.sprue_height' => '120 mm',
        'casting.sections' => [
            [
                'id' => 'plate', 'label' => 'Plate', 'shape' => 'plate', 'length' => '150 mm', 'width' => '90 mm', 'thickness' => '6 mm',
                'gates' => 1,
            ],
        ],
    ];

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function families(): iterable
    {
        yield 'aluminium' => ['aluminium_unknown', '740 C', ['al_si7mg', 'al_si9cu3', 'al_mn_sheet']];
        yield 'brass' => ['brass_unknown', '1030 C', ['yellow_brass']];
        yield 'pewter' => ['pewter_unknown', '330 C', ['pewter_sb7cu2', 'pewter_low_cu']];
        yield 'iron' => ['iron_unknown', '1380 C', ['grey_iron', 'ductile_iron']];
    }

    /** @param list<string> $grades */
    #[DataProvider('families')]
    public function testAFamilyHoldsItsGradesWithinItsSpread(string $family, string $pour, array $grades): void
    {
        $unknown = AlloyTable::get($family);
        self::assertTrue($unknown->isGradeUnknown());
        foreach ($grades as $grade) {
            $known = AlloyTable::get($grade);
            self::assertFalse($known->isGradeUnknown());
            self::assertEqualsWithDelta($unknown->liquidus->kelvin(), $known->liquidus->kelvin(), $unknown->meltsWithin, $grade);
            $density = $known->densitySolid->si() / $unknown->densitySolid->si();
            self::assertEqualsWithDelta(1.0, $density, $unknown->densityWithin + 1e-9, $grade);
        }
    }

    /** @param list<string> $grades */
    #[DataProvider('families')]
    public function testItsPlanIsWiderThanThatOfAKnownGradeAndSaysEnough(string $family, string $pour, array $grades): void
    {
        $rough = ['mould.process' => 'oil_sand', 'pour.temperature' => $pour] + self::ROUGH;
        $unknown = Plans::bare(['metal.alloy' => $family] + $rough);
        foreach ($grades as $grade) {
            $known = Plans::bare(['metal.alloy' => $grade] + $rough);
            foreach ([['filling', 'fill_ratio', 'plate'], ['feeding', 'freezing_time', 'plate'], ['metal', 'charge', '']] as $at) {
                self::assertGreaterThanOrEqual(self::spread($known, ...$at), self::spread($unknown, ...$at), "{$grade}: {$at[1]}");
            }
        }
        self::assertNotNull($unknown->figure('mould', 'cope_weights'));
    }

    public function testWhatOneMoreMeasurementWouldNarrowMostIsSaid(): void
    {
        $advice = static fn (array $change): string => Plans::bare($change + self::ROUGH + [
            'mould.process' => 'oil_sand', 'metal.alloy' => 'al_si7mg',
        ])->most('filling', 'narrows')->note ?? '';

        $byColour = ['melt.temperature_by' => 'colour', 'pour.temperature' => '660 C'];
        self::assertStringStartsWith('Measure the temperature with a probe', $advice($byColour));
        self::assertStringStartsWith('Find out the grade', $advice(['metal.alloy' => 'aluminium_unknown', 'pour.temperature' => '660 C']));
        self::assertStringStartsWith('Log whether it filled', $advice(['melt.temperature_by' => 'probe', 'pour.temperature' => '790 C']));
        self::assertMatchesRegularExpression('/± (\d+) % becomes ± (\d+) %/', $advice([]));
    }

    public function testNothingButAWallAndARunStillTellsWhetherItFills(): void
    {
        $plan = Plans::bare([
            'mould.process' => 'oil_sand', 'metal.alloy' => 'aluminium_unknown', 'casting.wall' => '5 mm', 'casting.run' => '160 mm',
            'pour.temperature' => '740 C', 'pour.time' => '5 s', 'casting.heaviest' => '20 mm',
        ]);

        self::assertNotNull($plan->figure('filling', 'fill_ratio'));
        self::assertNotNull($plan->figure('feeding', 'freezing_time'));
    }

    /** Every default that was used is named, with the field that takes its place. */
    public function testWhatWasTakenForGrantedIsNamedWithItsField(): void
    {
        $fields = static function (array $planned): array {
            $assumed = [];
            foreach (Plans::bare($planned)->stages as $stage) {
                array_push($assumed, ...array_column($stage->assumptions, 'field'));
            }

            return array_values(array_filter($assumed));
        };
        $silicone = $fields(['mould.process' => 'silicone', 'metal.alloy' => 'tin', 'pour.carry_time' => '5 s'] + self::ROUGH);
        foreach (['pour.ambient', 'mould.temperature', 'crucible.mass', 'gating.basin_depth', 'gating.school'] as $field) {
            self::assertContains($field, $silicone);
        }
        $foam = $fields(['mould.process' => 'lost_foam', 'metal.alloy' => 'al_si9cu3'] + self::ROUGH);
        foreach (['foam.density', 'foam.coats'] as $field) {
            self::assertContains($field, $foam);
        }
        $volume = $fields([
            'mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg', 'pattern.volume_by' => 'dunk', 'pattern.volume' => '200 mL',
            'casting.length' => '150 mm', 'casting.height' => '20 mm', 'gating.sprue_height' => '100 mm',
        ]);
        self::assertContains('casting.wall', $volume, 'average thickness');
        self::assertContains('casting.sections', $volume, 'a flask from a length alone');
        // Told, none of them is taken for granted.
        $told = $fields(['mould.process' => 'silicone', 'metal.alloy' => 'tin', 'pour.carry_time' => '5 s', 'pour.ambient' => '12 C',
            'mould.temperature' => '90 C', 'crucible.mass' => '0.8 kg'] + self::ROUGH);
        self::assertSame([], array_intersect(['pour.ambient', 'mould.temperature', 'crucible.mass'], $told));
    }

    private static function spread(CastingPlan $plan, string $stage, string $code, string $subject): float
    {
        /** @var FigureCode $code */
        $figure = $plan->figure($stage, $code, $subject);
        self::assertNotNull($figure, "{$stage}: {$code}");

        return $figure->value->relativeSpread();
    }
}
