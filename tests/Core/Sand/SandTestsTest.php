<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Sand;

use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Sand\ImpossibleTest;
use MoltenNotes\Core\Sand\SandTest;
use MoltenNotes\Core\Sand\SieveTest;
use MoltenNotes\Core\Sand\Weighing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a test of a sand says, against the arithmetic of the test handbook. */
final class SandTestsTest extends TestCase
{
    /** AFS, textbook example (recalled): 1, 4, 12, 26, 30, 17, 6, 4 % on 30 to 200 and pan give a grain fineness number of 77.6. */
    public function testTheTextbookSieveTable(): void
    {
        $sieve = self::sieved(['30' => 1, '40' => 4, '50' => 12, '70' => 26, '100' => 30, '140' => 17, '200' => 6, 'pan' => 4]);

        self::assertEqualsWithDelta(77.6, $sieve->fineness, 0.05);
        self::assertSame(['50', '70', '100', '140'], $sieve->main());
        self::assertEqualsWithDelta(0.10, $sieve->fines(), 1e-9);
        self::assertStringContainsString('spread over 4 sieves', $sieve->words());
    }

    public function testTheNumberDoesNotDependOnHowMuchWasSieved(): void
    {
        $few = self::sieved(['70' => 10, '100' => 20]);
        $much = self::sieved(['70' => 100, '100' => 200]);

        self::assertEqualsWithDelta($few->fineness, $much->fineness, 1e-9);
        self::assertEqualsWithDelta((10 * 50 + 20 * 70) / 30, $few->fineness, 1e-9);
        self::assertStringContainsString('two sieves', $few->words());
    }

    public function testFinerGrainsRaiseTheNumber(): void
    {
        self::assertGreaterThan(
            self::sieved(['50' => 50, '70' => 50])->fineness,
            self::sieved(['50' => 50, '70' => 40, '140' => 10])->fineness,
        );
    }

    /** AFS: 85 s for 2000 cm³ at 5 g/cm² is a permeability number of 70.8 (textbook example, recalled). */
    public function testTheTextbookPermeability(): void
    {
        $test = self::test(['seconds' => Measurement::of(85, 's'), 'pressure' => Measurement::of(5, 'cmWater')]);

        self::assertEqualsWithDelta(70.8, $test->readings['permeability']->si, 0.1);
    }

    /** (wet − dry) / wet: 200 g that dry to 193 g held 3.5 %; the step of the scale is its spread. */
    public function testMoistureByWeighing(): void
    {
        $fine = self::test(['wet' => self::grams(200), 'dried' => self::grams(193)], 0.1)->readings['moisture'];
        $rough = self::test(['wet' => self::grams(200), 'dried' => self::grams(193)], 1)->readings['moisture'];

        self::assertEqualsWithDelta(0.035, $fine->si, 1e-9);
        self::assertEqualsWithDelta(0.0007, $fine->highSi - $fine->si, 1e-4);
        self::assertEqualsWithDelta(0.007, $rough->highSi - $rough->si, 2e-4);
    }

    /** A small sample on a kitchen scale says nothing; so large a one would. */
    public function testTheSampleThatAScaleNeeds(): void
    {
        $spoon = Weighing::lost(Mass::of(20, 'g'), Mass::of(19, 'g'), Mass::of(1, 'g'));
        self::assertGreaterThan(0.06, $spoon->highSi - $spoon->si);

        $needed = Weighing::sampleFor(Mass::of(1, 'g'), 0.003);
        $again = Weighing::lost($needed, Mass::fromSi(0.965 * $needed->si()), Mass::of(1, 'g'));
        self::assertEqualsWithDelta(0.003, $again->highSi - $again->si, 1e-4);
    }

    /** Clay and loss on ignition are of the dry sample: 50 g washed to 46 g held 8 %; 50 g fired to 49 g lost 2 %. */
    public function testClayAndLossOnIgnition(): void
    {
        $test = self::test([
            'wash_before' => self::grams(50), 'wash_after' => self::grams(46), 'fire_before' => self::grams(50),
            'fire_after' => self::grams(49),
        ]);

        self::assertEqualsWithDelta(0.08, $test->readings['clay']->si, 1e-9);
        self::assertEqualsWithDelta(0.02, $test->readings['loss_on_ignition']->si, 1e-9);
    }

    public function testCompactabilityIsTheWayItWentDown(): void
    {
        $test = self::test(['loose' => Measurement::of(120, 'mm'), 'rammed' => Measurement::of(66, 'mm')]);

        self::assertEqualsWithDelta(0.45, $test->readings['compactability']->si, 1e-9);
    }

    public function testWhatWasToldAsANumberIsTakenWithAnHonestSpread(): void
    {
        $moisture = self::test(['moisture' => Measurement::of(3.5, 'percent')])->readings['moisture'];
        $range = self::test(['moisture' => Measurement::of(3, 'percent', 5)])->readings['moisture'];

        self::assertEqualsWithDelta(0.035, $moisture->si, 1e-9);
        self::assertGreaterThan(0.002, $moisture->highSi - $moisture->si);
        self::assertEqualsWithDelta(0.05, $range->highSi, 1e-9);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function impossible(): iterable
    {
        yield 'gained by drying' => [['wet' => self::grams(190), 'dried' => self::grams(200)], 'dried'];
        yield 'gained by washing' => [['wash_before' => self::grams(40), 'wash_after' => self::grams(50)], 'wash_after'];
        yield 'grew by ramming' => [['loose' => Measurement::of(60, 'mm'), 'rammed' => Measurement::of(100, 'mm')], 'rammed'];
        yield 'dried, but never weighed moist' => [['dried' => self::grams(200)], 'wet'];
        yield 'fired, not weighed after' => [['fire_before' => self::grams(50)], 'fire_after'];
        yield 'a time without a pressure' => [['seconds' => Measurement::of(60, 's')], 'pressure'];
        yield 'empty sieves' => [['sieves' => ['70' => self::grams(0)]], 'sieves'];
    }

    /** @param array<string, mixed> $columns */
    #[DataProvider('impossible')]
    public function testWhatCannotBelongTogetherIsNamed(array $columns, string $at): void
    {
        try {
            self::test($columns);
            self::fail('It was taken.');
        } catch (ImpossibleTest $fault) {
            self::assertSame($at, $fault->column);
        }
    }

    /** @param array<int|string, float|int> $grams */
    private static function sieved(array $grams): SieveTest
    {
        $masses = [];
        foreach ($grams as $sieve => $mass) {
            $masses[(string) $sieve] = Mass::of($mass, 'g');
        }

        return SieveTest::of($masses);
    }

    /** @param array<string, mixed> $columns */
    private static function test(array $columns, float $stepGrams = 0.1): SandTest
    {
        return SandTest::from(0.0, $columns, Mass::of($stepGrams, 'g'));
    }

    private static function grams(float $grams): Measurement
    {
        return Measurement::of($grams, 'g');
    }
}
