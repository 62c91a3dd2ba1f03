<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Finishing;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Finishing\Grits;
use MoltenNotes\Core\Finishing\HandWork;
use MoltenNotes\Core\Finishing\Repair;
use MoltenNotes\Core\Finishing\Route;
use MoltenNotes\Core\Finishing\RouteFacts;
use MoltenNotes\Core\Finishing\RouteStep;
use MoltenNotes\Core\Finishing\Treatment;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Tests\Support\Records;
use MoltenNotes\Tests\Support\WildRecords;
use PHPUnit\Framework\TestCase;

/** From the mould to the hand that uses it: order, grits, heat treatment, chips, repairs. */
final class RouteTest extends TestCase
{
    /** @param array<string, mixed> $over */
    private static function facts(array $over = []): RouteFacts
    {
        /** @var array{alloy?: string, purpose?: string, look?: string, treatment?: string, fit?: string, face?: float, cut?: float,
         *     cuts?: int, machined?: float, wall?: float, faults?: list<string>, mended?: list<string>,
         *     skin?: array{float, float}} $over */
        return new RouteFacts(
            AlloyTable::get($over['alloy'] ?? 'al_si7mg'),
            $over['purpose'] ?? 'works',
            $over['look'] ?? null,
            $over['treatment'] ?? null,
            $over['fit'] ?? null,
            $over['skin'] ?? [12.0, 25.0],
            Estimate::exact(Dimension::Area, $over['face'] ?? 0.04),
            Estimate::exact(Dimension::Area, $over['cut'] ?? 5e-4),
            $over['cuts'] ?? 2,
            isset($over['machined']) ? Estimate::exact(Dimension::Area, $over['machined']) : null,
            null,
            isset($over['wall']) ? Length::of($over['wall'], 'mm') : null,
            $over['faults'] ?? [],
            $over['mended'] ?? [],
        );
    }

    /** @param array<string, mixed> $over */
    private static function route(array $over = []): Route
    {
        return Route::of(self::facts($over), new QuantityFormatter(UnitPreferences::metric()));
    }

    /** @return list<string> */
    private static function codes(Route $route): array
    {
        return array_map(static fn (RouteStep $step): string => $step->code, $route->steps);
    }

    private static function step(Route $route, string $code): RouteStep
    {
        foreach ($route->steps as $step) {
            if ($code === $step->code) {
                return $step;
            }
        }
        self::fail("no {$code}");
    }

    public function testMachinedBeforeHeatHeatBeforeTheFineCutPolishBeforePatinaFillBeforePaintFitLast(): void
    {
        // Common practice of the trade, and the order that foundry handbooks give: gates, look, rough, heat, fine, surface, colour, fit.
        self::assertSame(
            ['cut_gates', 'inspect', 'rough_machine', 'heat_treat', 'finish_machine', 'sand', 'paint', 'fit', 'sign_off'],
            self::codes(self::route(['purpose' => 'machined', 'treatment' => 't6', 'look' => 'painted', 'fit' => 'eye'])),
        );
        self::assertSame(
            ['cut_gates', 'inspect', 'sand', 'polish', 'sign_off'],
            self::codes(self::route(['purpose' => 'shows'])),
            'what shows is polished where nobody says otherwise',
        );
        self::assertSame(
            ['cut_gates', 'inspect', 'sand', 'patina', 'sign_off'],
            self::codes(self::route(['alloy' => 'tin_bronze', 'look' => 'patinated'])),
        );
        self::assertSame(['cut_gates', 'inspect', 'sand', 'sign_off'], self::codes(self::route(['treatment' => 'none', 'fit' => 'none'])));
    }

    public function testNoGritIsSkippedOverTwofoldAndTheRoughestSkinBeginsCoarsest(): void
    {
        foreach ([40, 60, 80, 120, 180] as $first) {
            $grits = Grits::between($first, 400);
            self::assertSame($first, $grits[0]);
            self::assertSame(400, $grits[count($grits) - 1]);
            foreach (array_slice($grits, 1) as $place => $grit) {
                self::assertLessThanOrEqual(2 * $grits[$place], $grit, implode(', ', $grits));
                self::assertGreaterThan($grits[$place], $grit);
            }
        }
        self::assertSame([120], Grits::between(120, 80), 'what is fine already is not made coarser');
        $before = 1000;
        foreach ([0.8, 2, 4, 8, 15, 30] as $ra) {
            self::assertLessThanOrEqual($before, Grits::first($ra), "Ra {$ra}");
            $before = Grits::first($ra);
        }
    }

    public function testHeatTreatmentsAreThoseOfTheHandbookTables(): void
    {
        // ASM Handbook vols. 4 and 15, recalled from memory.
        $table = [
            't6' => [[540, [4, 12]], [162.5, [3, 8]]],
            't5' => [[162.5, [3, 8]]],
            't6_cu' => [[502.5, [8, 12]], [155, [3, 5]]],
            'relief_brass' => [[275, [1, 1]]],
            'stabilise' => [[100, [3, 6]]],
        ];
        foreach ($table as $code => $stages) {
            $told = Treatment::find($code)?->stages(null) ?? [];
            self::assertCount(count($stages), $told, $code);
            foreach ($stages as $place => [$celsius, $hours]) {
                self::assertEqualsWithDelta($celsius, ($told[$place]->lowC + $told[$place]->highC) / 2, 2.5, $code);
                $hold = $told[$place]->hold;
                self::assertSame([3600.0 * $hours[0], 3600.0 * $hours[1]], [$hold->lowSi, $hold->highSi], $code);
            }
        }
        $iron = Treatment::find('relief_iron')?->stages(Length::of(50, 'mm'))[0] ?? null;
        self::assertNotNull($iron);
        self::assertSame([550.0, 600.0, 2 * 3600.0], [$iron->lowC, $iron->highC, $iron->hold->si], 'an hour for each 25 mm');
    }

    public function testNothingIsHeatedIntoItsFreezingRangeAndThickWallsAreHeldLonger(): void
    {
        $seen = [];
        foreach (AlloyTable::all() as $alloy) {
            foreach (Treatment::of($alloy) as $treatment) {
                $seen[$treatment->code] = true;
                $before = 0.0;
                foreach ([4.0, 10.0, 25.0, 60.0] as $mm) {
                    $stages = $treatment->stages(Length::of($mm, 'mm'));
                    self::assertGreaterThanOrEqual($before, $stages[0]->hold->si, "{$treatment->code} {$mm} mm");
                    $before = $stages[0]->hold->si;
                    foreach ($stages as $stage) {
                        self::assertLessThan($alloy->solidus->celsius() - 5, $stage->highC, "{$alloy->code} {$treatment->code}");
                        self::assertGreaterThanOrEqual($stage->hold->lowSi, $stage->hold->highSi);
                    }
                }
            }
        }
        $choices = array_keys(array_diff_key(Choices::list('treatment'), ['none' => 0]));
        self::assertEqualsCanonicalizing($choices, array_keys($seen), 'whatever can be chosen is some metal’s');
    }

    public function testATreatmentForAnotherMetalIsSaidToBeWrong(): void
    {
        $step = self::step(self::route(['alloy' => 'tin_bronze', 'treatment' => 't6']), 'heat_treat');
        self::assertStringContainsString('is not for Tin bronze', $step->words);
    }

    public function testChipsOfDearMetalsAreCollectedAndWeighed(): void
    {
        // A cut through 5 cm² with a kerf of 1.2 mm is 0.6 cm³; of tin bronze some 5.3 g.
        $cut = self::step(self::route(['alloy' => 'tin_bronze']), 'cut_gates');
        self::assertNotNull($cut->chips);
        self::assertEqualsWithDelta(0.6e-6 * AlloyTable::get('tin_bronze')->densitySolid->si(), $cut->chips->si, 1e-6);
        self::assertNull(self::step(self::route(), 'cut_gates')->chips, 'aluminium goes to the scrap');
        $milled = self::step(self::route(['alloy' => 'silver_925', 'machined' => 10e-4]), 'rough_machine');
        self::assertEqualsWithDelta(10e-4 * 1e-3 * 10360, $milled->chips->si ?? 0.0, 2e-4);
    }

    public function testMoreOfItNeverTakesLess(): void
    {
        foreach ([
            'face' => [0.01, 0.04, 0.2], 'cut' => [1e-4, 5e-4, 30e-4], 'cuts' => [1, 3, 9], 'machined' => [1e-4, 20e-4, 90e-4],
        ] as $key => $more) {
            $before = 0.0;
            foreach ($more as $value) {
                $hands = self::route([$key => $value, 'look' => 'polished'])->hands->si;
                self::assertGreaterThan($before, $hands, "{$key} {$value}");
                $before = $hands;
            }
        }
        $iron = self::route(['alloy' => 'grey_iron'])->hands->si;
        self::assertGreaterThan(self::route()->hands->si, $iron, 'iron takes longer than aluminium');
    }

    public function testRepairsAreOfferedByMetalAndPurposeOrNone(): void
    {
        $codes = static fn (string $defect, ?string $family, ?string $purpose, ?string $look): array => array_map(
            static fn (Repair $one): string => $one->code,
            Repair::of($defect, $family, $purpose, $look),
        );
        self::assertContains('weld_al', $codes('blowhole', 'aluminium', 'works', 'as_cast'));
        self::assertNotContains('fill', $codes('blowhole', 'aluminium', 'seals', 'as_cast'), 'filler holds no pressure');
        self::assertNotContains('fill', $codes('blowhole', 'copper', 'shows', 'patinated'), 'and takes no patina');
        self::assertSame([], $codes('cold_crack', 'aluminium', 'works', null), 'poured again');
        self::assertSame([], $codes('wrong_composition', 'copper', null, null));
        $families = array_map(static fn (MetalFamily $family): string => $family->code, MetalFamily::all());
        foreach (Repair::all() as $one) {
            foreach ($one->mends as $defect) {
                self::assertArrayHasKey($defect, Vocabulary::standard()->defects, $one->code);
            }
            self::assertSame([], array_diff($one->families, $families), $one->code);
            self::assertContains($one->step, Route::codes(), $one->code);
        }
        foreach ($families as $family) {
            self::assertSame($family, HandWork::of($family)->family, 'every family has its work');
        }
    }

    public function testAChosenRepairStandsWhereItBelongsOnTheRoute(): void
    {
        $with = self::route(['faults' => ['blowhole'], 'mended' => ['weld_al'], 'treatment' => 't6']);
        self::assertSame(['Build up with TIG, filler of its own alloy'], self::step($with, 'heat_treat')->repairs);
        self::assertGreaterThan(self::route(['treatment' => 't6'])->hands->si, $with->hands->si);
        $filled = self::route(['faults' => ['blowhole'], 'mended' => ['fill'], 'look' => 'painted']);
        self::assertSame(['cut_gates', 'inspect', 'sand', 'fill', 'paint', 'sign_off'], self::codes($filled));
        self::assertNotNull(self::step($filled, 'fill')->waits, 'it cures by itself');
        self::assertNotContains('fill', self::codes(self::route(['mended' => ['fill']])), 'nothing is wrong with it');
    }

    public function testEveryRecordHasARoute(): void
    {
        $format = new QuantityFormatter(UnitPreferences::metric());
        $wild = new WildRecords(77);
        for ($i = 0; $i < 60; ++$i) {
            $basis = Basis::of(Records::read($wild->document()), $format);
            $route = Route::of(RouteFacts::ofPlan($basis, PlanCasting::of($basis), null, [], []), $format);
            self::assertSame('cut_gates', $route->steps[0]->code);
            self::assertSame('sign_off', $route->steps[count($route->steps) - 1]->code);
            self::assertGreaterThan(0.0, $route->hands->si);
        }
    }
}
