<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Experience;

use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Experience\HeapLookback;
use MoltenNotes\Core\Experience\HeapPour;
use MoltenNotes\Core\Experience\TwoGroups;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Sand\Heap;
use MoltenNotes\Core\Sand\HeapHistory;
use MoltenNotes\Core\Sand\SandTest;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** Looking back on a heap: counts first, and a test only where there are enough to test. */
final class HeapLookbackTest extends TestCase
{
    private const DAY = 86400.0;

    public function testFishersTestAgreesWithScipy(): void
    {
        $tables = [[3, 1, 1, 8], [8, 2, 1, 5], [0, 5, 5, 0], [7, 7, 7, 7], [1, 9, 11, 3], [10, 0, 9, 1], [2, 13, 9, 6]];
        $script = 'from scipy.stats import fisher_exact'."\n"
            .'print(*[fisher_exact([[t[0],t[1]],[t[2],t[3]]])[1] for t in '.json_encode($tables, \JSON_THROW_ON_ERROR).'])';
        $expected = explode(' ', trim((new Process(['/usr/bin/python3', '-c', $script]))->mustRun()->getOutput()));
        foreach ($tables as $index => [$a, $b, $c, $d]) {
            self::assertEqualsWithDelta((float) $expected[$index], (new TwoGroups($a, $a + $b, $c, $c + $d))->chance(), 1e-9);
        }
    }

    public function testWetDaysThatBlewAreToldWithTheirCounts(): void
    {
        $pours = [];
        for ($day = 1; $day <= 14; ++$day) {
            $pours[] = self::pour($day, $day <= 7 ? 6.0 : 3.5, $day <= 6);
        }
        $said = implode(' ', HeapLookback::of(self::heap(), $pours, []));

        self::assertStringContainsString(
            'Of 7 pours wetter than 4.5 %, 6 showed a defect that sand may have a part in; of the others, 0 of 7.',
            $said,
        );
        self::assertStringContainsString('It went together', $said);
        self::assertStringNotContainsString('because', $said);
    }

    public function testAFewPoursAreShownAndNotTested(): void
    {
        $said = HeapLookback::of(self::heap(), [self::pour(1, 6.0, true), self::pour(2, 3.5, false)], []);

        self::assertSame(
            ['Of one pour wetter than 4.5 %, 1 showed a defect that sand may have a part in; of the others, 0 of 1. Too few to say more.'],
            $said,
        );
    }

    public function testBeforeAndAfterItWasMended(): void
    {
        $pours = [];
        for ($day = 1; $day <= 12; ++$day) {
            $pours[] = self::pour($day, 3.5, $day <= 6);
        }
        $said = implode(' ', HeapLookback::of(self::heap(), $pours, [6.5 * self::DAY]));

        self::assertStringContainsString('Of 6 pours poured since it was mended last, 0 showed', $said);
        self::assertStringContainsString('those before, 6 of 6', $said);
    }

    public function testNothingToTellApartIsNothingSaid(): void
    {
        self::assertSame([], HeapLookback::of(self::heap(), [self::pour(1, 3.4, false), self::pour(2, 3.5, true)], []));
        self::assertSame([], HeapLookback::of(self::heap(), [], [1.0]));
    }

    /** A notebook of pure noise: 200 heaps of 30 pours whose defects have nothing to do with their sand. */
    public function testNoiseIsHardlyEverCalledAConnection(): void
    {
        $dice = new Randomizer(new Mt19937(11));
        $claims = 0;
        for ($heap = 0; $heap < 200; ++$heap) {
            $pours = [];
            for ($day = 1; $day <= 30; ++$day) {
                $pours[] = self::pour($day, 0 === $dice->getInt(0, 1) ? 6.0 : 3.5, 0 === $dice->getInt(0, 2));
            }
            $claims += str_contains(implode(' ', HeapLookback::of(self::heap(), $pours, [15.5 * self::DAY])), 'went together') ? 1 : 0;
        }

        self::assertLessThanOrEqual(10, $claims, 'one in twenty');
    }

    public function testDefectsOfSandAreDefectsThatThereAre(): void
    {
        $known = array_keys(Vocabulary::standard()->defects);
        self::assertContains('blowhole', HeapPour::ofSand(array_map(strval(...), $known)));
        self::assertSame([], HeapPour::ofSand(['misrun', 'shift']));
        self::assertCount(13, HeapPour::ofSand(array_map(strval(...), $known)));
    }

    private static function pour(int $day, float $moisture, bool $defect): HeapPour
    {
        $test = SandTest::from($day * self::DAY, ['moisture' => Measurement::of($moisture, 'percent')], Mass::of(1, 'g'));

        return new HeapPour($day * self::DAY, (new HeapHistory(self::heap(), [$test]))->at($day * self::DAY + 60), $defect);
    }

    private static function heap(): Heap
    {
        return Heap::from(['kind' => 'bentonite', 'clay' => Measurement::of(8, 'percent')]) ?? throw new \LogicException('no heap');
    }
}
