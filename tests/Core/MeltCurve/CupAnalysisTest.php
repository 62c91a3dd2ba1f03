<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\MeltCurve;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\Grade;
use MoltenNotes\Core\MeltCurve\CupAnalysis;
use MoltenNotes\Core\Quantity\Temperature;
use PHPUnit\Framework\TestCase;

/** What a cooled cup says of the main addition. */
final class CupAnalysisTest extends TestCase
{
    /** The table of alloys is another source than the lines: its liquidus must give its own grade back, within what a cup leaves open. */
    public function testTheLiquidusOfTheTableGivesItsGradeBack(): void
    {
        foreach (['al_si7mg', 'al_si12', 'tin_bronze', 'bell_metal', 'yellow_brass', 'silver_925', 'za_8', 'za_12', 'za_27'] as $code) {
            $alloy = AlloyTable::get($code);
            $grade = Grade::find($code);
            self::assertNotNull($grade);
            $cup = CupAnalysis::of($grade->base, 'yellow_brass' === $code ? 'Zn' : null, $alloy->liquidus);
            self::assertNotNull($cup, $code);
            [$low, $high] = $grade->windows[$cup->element];
            self::assertLessThanOrEqual($high, $cup->share->lowSi, $code);
            self::assertGreaterThanOrEqual($low, $cup->share->highSi, $code);
        }
    }

    public function testAnEarlierStopIsLessOfItAndOutsideTheLineNothingIsSaid(): void
    {
        $more = CupAnalysis::of('Al', null, Temperature::fromCelsius(600.0));
        $less = CupAnalysis::of('Al', null, Temperature::fromCelsius(620.0));
        self::assertNotNull($more);
        self::assertNotNull($less);
        self::assertGreaterThan($less->share->si, $more->share->si);
        self::assertLessThan($less->share->si, $less->share->lowSi);
        self::assertNull(CupAnalysis::of('Al', null, Temperature::fromCelsius(500.0)));
        self::assertNull(CupAnalysis::of('Fe', null, Temperature::fromCelsius(1190.0)));
    }
}
