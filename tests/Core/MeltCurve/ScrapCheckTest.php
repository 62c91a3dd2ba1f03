<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\MeltCurve;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\MeltCurve\CoolingCurve;
use MoltenNotes\Core\MeltCurve\Curve;
use MoltenNotes\Core\MeltCurve\FittingAlloy;
use MoltenNotes\Core\MeltCurve\FoundArrests;
use MoltenNotes\Core\MeltCurve\KnownArrests;
use MoltenNotes\Core\MeltCurve\ScrapCheck;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\TemperatureDifference;
use MoltenNotes\Tests\Support\Cup;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Cups of known alloys, cooled by the simulator: the scrap check must name them, or say that it cannot. */
final class ScrapCheckTest extends TestCase
{
    /** @return iterable<string, array{string}> whose arrests lie apart from those of all others */
    public static function alloysThatStandAlone(): iterable
    {
        foreach (
            [
                'al_si7mg', 'al_si6cu4', 'al_si9cu3', 'al_si12', 'al_mg7', 'zn_al4', 'za_8', 'za_12', 'za_27', 'copper', 'silver_925',
                'tin', 'pewter_sb7cu2', 'pewter_low_cu', 'lead', 'grey_iron', 'al_bronze', 'bell_metal',
            ] as $alloy
        ) {
            yield $alloy => [$alloy];
        }
    }

    #[DataProvider('alloysThatStandAlone')]
    public function testAnAlloyIsNamedWithinThreeKelvinOfItsArrests(string $alloy): void
    {
        $known = KnownArrests::all()[$alloy];
        // A noise of one kelvin, and a probe that reads one and a half off, either way.
        foreach ([0.0, 1.5, -1.5] as $seed => $off) {
            $cooling = CoolingCurve::read(Cup::of($alloy, 40 + $seed, 1.0, $off));
            $found = FoundArrests::on($cooling);
            self::assertNotNull($found, "{$alloy}, probe {$off} off");
            $check = ScrapCheck::of($found);

            self::assertSame('named', $check->verdict, "{$alloy}, probe {$off} off: ".$check->words);
            self::assertSame($alloy, $check->alloys[0]->alloy->code);
            if ($known->showsTwo() && 'grey_iron' !== $alloy) {
                self::assertEqualsWithDelta($known->upper->si() + $off, $found->upper->si(), 3.0, "{$alloy} begins to freeze");
                self::assertNotNull($known->lower);
                self::assertEqualsWithDelta($known->lower->si() + $off, $found->lower?->si() ?? 0.0, 3.0, "{$alloy} below");
            }
        }
    }

    public function testOverAllAlloysNoWrongNameIsGivenAndTheRightOneIsAlwaysAmongThoseTold(): void
    {
        $named = 0;
        $told = 0;
        foreach (array_keys(KnownArrests::all()) as $alloy) {
            foreach ([7, 8] as $seed) {
                $found = FoundArrests::on(CoolingCurve::read(Cup::of($alloy, $seed)));
                self::assertNotNull($found, $alloy);
                $check = ScrapCheck::of($found);
                $codes = array_map(static fn (FittingAlloy $fit): string => $fit->alloy->code, $check->alloys);
                self::assertContains($alloy, $codes, "{$alloy}: {$check->words}");
                ++$told;
                if ('named' === $check->verdict) {
                    ++$named;
                    self::assertSame($alloy, $codes[0]);
                }
            }
        }
        self::assertGreaterThan(0.85 * $told, $named, 'most are named outright');
    }

    public function testWhatStandsStillAlikeIsNotToldApartAndItSaysWhatDoes(): void
    {
        $sheet = ScrapCheck::of(FoundArrests::told(Temperature::fromCelsius(653), Temperature::fromCelsius(640)));
        self::assertSame('cannot_tell', $sheet->verdict);
        self::assertStringContainsString('cannot tell', $sheet->words);
        self::assertEqualsCanonicalizing(
            ['al_mn_sheet', 'al_mgsi_wrought'],
            array_map(static fn (FittingAlloy $fit): string => $fit->alloy->code, $sheet->alloys),
        );

        // Begins at 892, and nobody watched how it went on: bell metal, sterling or brass.
        $early = ScrapCheck::of(FoundArrests::told(Temperature::fromCelsius(893), null));
        self::assertSame('cannot_tell', $early->verdict);
        self::assertStringContainsString('Weigh a piece in water', $early->words);
        self::assertStringContainsString('colour', $early->words);
    }

    public function testAMetalThatIsNotInTheTableIsNotForcedIntoIt(): void
    {
        $check = ScrapCheck::of(FoundArrests::told(Temperature::fromCelsius(720), Temperature::fromCelsius(690)));
        self::assertSame('none', $check->verdict);
        self::assertNull($check->contradicts('al_si7mg'), 'what is not known says nothing against what is written');
    }

    public function testWhatIsWrittenIsContradictedOrNot(): void
    {
        $housing = ScrapCheck::of(FoundArrests::told(Temperature::fromCelsius(594), Temperature::fromCelsius(565)));
        self::assertTrue($housing->contradicts('al_si7mg'));
        self::assertFalse($housing->contradicts('al_si9cu3'));
        self::assertFalse($housing->contradicts('aluminium_unknown'), 'it is some aluminium');
        self::assertTrue($housing->contradicts('brass_unknown'));
        self::assertNull($housing->contradicts('no_such_alloy'));
    }

    public function testAProbeThatWasCheckedTellsMore(): void
    {
        // Those that begin at 1000 and at 1010 °C: within a usual probe's error of one another, but not of one checked to one kelvin.
        $found = FoundArrests::told(Temperature::fromCelsius(1006), null);
        self::assertSame('cannot_tell', ScrapCheck::of($found)->verdict);
        $usual = ScrapCheck::of($found)->alloys[0];
        $checked = ScrapCheck::of($found, TemperatureDifference::fromSi(1.0))->alloys[0];
        self::assertSame('red_brass', $checked->alloy->code);
        self::assertGreaterThan($usual->share->si(), $checked->share->si());
    }

    public function testACurveThatDoesNotShowFreezingSaysSo(): void
    {
        $cooling = [];
        for ($second = 0; $second < 600; ++$second) {
            $cooling[] = [(float) $second, 293.15 + 500 * exp(-$second / 400)];
        }
        $even = CoolingCurve::read(Curve::of($cooling));
        self::assertNull($even->upper);
        self::assertStringContainsString('evenly', (string) $even->why);

        self::assertNull(CoolingCurve::read(Curve::of([]))->upper);
        self::assertStringContainsString('few readings', (string) CoolingCurve::read(Curve::of([[0.0, 900.0], [1.0, 899.0]]))->why);
        $flat = array_map(static fn (int $second): array => [(float) $second, 900.0], range(0, 300));
        self::assertStringContainsString('hardly cooled', (string) CoolingCurve::read(Curve::of($flat))->why);
    }

    public function testACurveThatEndsEarlyDoesNotClaimThatNothingComesBelow(): void
    {
        $full = Cup::of('al_si7mg', 3);
        $freezing = CoolingCurve::read($full);
        self::assertNotNull($freezing->lower);
        $early = CoolingCurve::read($full->between(0, $freezing->lower->from - 20));
        self::assertNotNull($early->upper);
        self::assertNull($early->lower);
        self::assertFalse($early->ends);
        self::assertStringContainsString('before all is solid', (string) $early->why);
    }

    public function testArrestsDoNotHangOnTheClockNorOnHowOftenItIsReadAndMoveWithTheProbe(): void
    {
        $curve = Cup::of('al_si9cu3', 5, 0.8);
        $points = array_map(null, $curve->at, $curve->kelvin);
        $read = static fn (array $points): CoolingCurve => CoolingCurve::read(Curve::of($points));
        $plain = $read($points);
        $later = $read(array_map(static fn (array $p): array => [$p[0] + 1.7e9, $p[1]], $points));
        $warmer = $read(array_map(static fn (array $p): array => [$p[0], $p[1] + 4.0], $points));
        $seldom = $read(array_values(array_filter($points, static fn (int $i): bool => 0 === $i % 4, \ARRAY_FILTER_USE_KEY)));
        $shuffled = $points;
        mt_srand(4);
        shuffle($shuffled);
        foreach (['upper', 'lower'] as $which) {
            $is = $plain->{$which}?->temperature->si() ?? 0.0;
            self::assertEqualsWithDelta($is, $later->{$which}?->temperature->si(), 0.05);
            self::assertEqualsWithDelta($is + 4.0, $warmer->{$which}?->temperature->si(), 0.4);
            self::assertEqualsWithDelta($is, $seldom->{$which}?->temperature->si(), 2.0);
            self::assertEqualsWithDelta($is, $read($shuffled)->{$which}?->temperature->si(), 1e-9);
        }
    }

    public function testNoiseIsToldAndWidensWhatIsFound(): void
    {
        $calm = CoolingCurve::read(Cup::of('al_si7mg', 6, 0.3));
        $wild = CoolingCurve::read(Cup::of('al_si7mg', 6, 2.0));
        self::assertEqualsWithDelta(0.3, $calm->noise->si(), 0.1);
        self::assertEqualsWithDelta(2.0, $wild->noise->si(), 0.4);
        self::assertGreaterThan($calm->upper?->within->si(), $wild->upper?->within->si());
    }

    public function testEveryAlloyOfAKnownGradeHasItsArrestsAndTheyFitTheTableOfAlloys(): void
    {
        foreach (AlloyTable::all() as $code => $alloy) {
            $known = KnownArrests::find($code);
            self::assertSame($alloy->isGradeUnknown(), null === $known, $code);
            if (null === $known) {
                continue;
            }
            // Commercial grades freeze a little off the middle of the table, never by more than this.
            self::assertEqualsWithDelta($alloy->liquidus->si(), $known->upper->si(), 10.5, $code);
            $before = $known->upper->si() + 1e-6;
            foreach ([0.0, 0.05, 0.3, 0.6, 0.9, 1.0] as $solid) {
                $there = $known->standsAt(Ratio::fromSi($solid))->si();
                self::assertLessThanOrEqual($before, $there, "{$code} {$solid}: the more is solid, the colder");
                $before = $there + 1e-6;
            }
            self::assertEqualsWithDelta(($known->lower ?? $alloy->solidus)->si(), $before, 10.0, $code);
        }
    }
}
