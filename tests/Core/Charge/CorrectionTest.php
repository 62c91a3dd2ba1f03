<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Charge;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\Grade;
use MoltenNotes\Core\Charge\Addition;
use MoltenNotes\Core\Charge\Composition;
use MoltenNotes\Core\Charge\Correction;
use MoltenNotes\Core\Charge\Knowledge;
use MoltenNotes\Core\Charge\Recovery;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** What to stir into a pot after a check. */
final class CorrectionTest extends TestCase
{
    /**
     * @param array<string, float> $found per cent
     * @param array<string, array{float, float}> $windows shares
     * @param list<Addition> $additions
     */
    private static function correct(
        float $kg,
        array $found,
        string $alloy,
        array $windows,
        array $additions,
        ?float $room = null,
        string $known = 'certified',
    ): Correction {
        $shares = array_map(static fn (float $share): float => $share / 100, $found);
        $composition = Composition::told($shares, $alloy, Knowledge::of($known));
        self::assertNotNull($composition);

        return Correction::of(
            Estimate::exact(Dimension::Mass, $kg),
            $composition,
            AlloyTable::get($alloy),
            $windows,
            $additions,
            null === $room ? null : Estimate::exact(Dimension::Mass, $room),
            new QuantityFormatter(UnitPreferences::metric()),
        );
    }

    /** The closed form for one element and one addition, a = M (w − c) ÷ (r − w), as every foundry text has it. */
    public function testZincThatBurntOffIsPutBackByTheFormula(): void
    {
        $correction = self::correct(5.0, ['Zn' => 33.0], 'yellow_brass', ['Zn' => [0.36, 0.41]], [Addition::pure('Zn')]);
        $recovery = Recovery::of('Cu', 'Zn')->added->si;
        // Drawn in by what a certified figure leaves open: 2 % of 33 %.
        $wanted = 0.36 + 0.02 * 0.33;

        self::assertCount(1, $correction->lines);
        self::assertEqualsWithDelta((5.0 * ($wanted - 0.33)) / ($recovery - $wanted), $correction->lines[0]->mass->si, 1e-6);
        self::assertStringContainsString('One thing to weigh out', $correction->words);
    }

    public function testTooMuchIronIsThinnedWithCleanMetalAndNothingElseTakesItOut(): void
    {
        $ingot = new Addition(
            'lot',
            'Clean ingot',
            Composition::told(['Si' => 0.07, 'Fe' => 0.001], 'al_si7mg', Knowledge::of('certified')) ?? self::fail(),
            Estimate::ratio(0.02),
            4.0,
        );
        $windows = ['Fe' => [0.0, 0.0045]];
        $correction = self::correct(2.0, ['Si' => 7.0, 'Fe' => 0.7], 'al_si7mg', $windows, [$ingot, Addition::pure('Si')]);
        self::assertSame(['Clean ingot'], array_map(static fn ($line): string => $line->addition->name, $correction->lines));
        self::assertLessThanOrEqual(0.0045, $correction->after?->composition?->share('Fe')->si);

        // Anything thins everything; but not into another metal.
        $alone = self::correct(
            2.0,
            ['Si' => 7.0, 'Fe' => 0.7, 'Mg' => 0.3],
            'al_si7mg',
            $windows + ['Mg' => [0.0025, 0.0045]],
            [Addition::pure('Mg')],
        );
        self::assertSame(['Fe'], $alone->outside);
        self::assertStringContainsString('only goes down with metal that has less of it', $alone->words);
        self::assertSame([], $alone->lines);
    }

    public function testWhatIsInsideIsLeftAlone(): void
    {
        $grade = Grade::find('al_si7mg');
        self::assertNotNull($grade);
        $found = ['Si' => 7.0, 'Mg' => 0.35, 'Fe' => 0.2, 'Cu' => 0.05, 'Mn' => 0.1, 'Zn' => 0.05, 'Ti' => 0.1];
        $correction = self::correct(3.0, $found, 'al_si7mg', $grade->windows, [Addition::pure('Mg')]);

        self::assertSame([], $correction->lines);
        self::assertStringStartsWith('Nothing to add', $correction->words);
    }

    public function testWhatDoesNotFitIntoTheCrucibleIsLadledOutFirst(): void
    {
        $correction = self::correct(3.0, ['Zn' => 30.0], 'yellow_brass', ['Zn' => [0.36, 0.41]], [Addition::pure('Zn')], 3.1);

        self::assertStringContainsString('ladle', $correction->words);
    }

    public function testTheShelfGoesBeforeTheShop(): void
    {
        $brass = new Addition(
            'lot',
            'Zinc rich brass',
            Composition::told(['Zn' => 0.8, 'Cu' => 0.2], null, Knowledge::of('certified')) ?? self::fail(),
            Estimate::ratio(0.0),
            5.0,
        );
        $correction = self::correct(5.0, ['Zn' => 34.0], 'yellow_brass', ['Zn' => [0.36, 0.41]], [Addition::pure('Zn'), $brass]);

        self::assertSame(['Zinc rich brass'], array_map(static fn ($line): string => $line->addition->name, $correction->lines));
    }

    /** Pewter is mostly tin, and its antimony has no place in bronze. */
    public function testNothingIsPutRightWithWhatDoesNotBelongIntoTheMetal(): void
    {
        $pewter = new Addition(
            'lot',
            'Pewter',
            Composition::told([], 'pewter_low_cu', Knowledge::of('certified')) ?? self::fail(),
            Estimate::ratio(0.02),
            5.0,
        );
        $correction = self::correct(2.5, ['Sn' => 8.2], 'tin_bronze', ['Sn' => [0.09, 0.11]], [$pewter, Addition::pure('Sn')]);
        self::assertContains('Sn', array_map(static fn ($line): string => $line->addition->name, $correction->lines));
        self::assertLessThanOrEqual(0.0005 + 1e-9, $correction->after?->composition?->share('Sb')->si);
        // As little of it as stays a trace is not enough.
        self::assertSame([], self::correct(2.5, ['Sn' => 8.2], 'tin_bronze', ['Sn' => [0.09, 0.11]], [$pewter])->lines);
    }

    /** Random pots: what is weighed out makes it what was wanted, and glpsol finds nothing lighter. */
    public function testWhatIsWeighedOutMakesItWhatWasWantedAndNothingLighterDoes(): void
    {
        $grade = Grade::find('al_si9cu3');
        self::assertNotNull($grade);
        $additions = [Addition::pure('Si'), Addition::pure('Cu'), Addition::pure('Mg'), Addition::pure('Al')];
        $chance = new Randomizer(new Mt19937(5));
        $corrected = 0;
        for ($i = 0; $i < 25; ++$i) {
            $found = [
                'Si' => $chance->getInt(40, 140) / 10,
                'Cu' => $chance->getInt(5, 60) / 10,
                'Mg' => $chance->getInt(0, 60) / 100,
                'Fe' => $chance->getInt(20, 120) / 100,
            ];
            $windows = array_intersect_key($grade->windows, $found);
            $correction = self::correct(4.0, $found, 'al_si9cu3', $windows, $additions);
            if ([] === $correction->lines) {
                self::assertTrue([] !== $correction->outside || str_starts_with($correction->words, 'Nothing to add'), $correction->words);
                continue;
            }
            ++$corrected;
            foreach ($windows as $element => [$low, $high]) {
                $is = $correction->after?->composition?->share($element)->si ?? -1.0;
                self::assertGreaterThanOrEqual($low - 1e-7, $is, "{$i} {$element}");
                self::assertLessThanOrEqual($high + 1e-7, $is, "{$i} {$element}");
            }
            $sum = array_sum(array_map(static fn ($line): float => $line->mass->si, $correction->lines));
            $theirs = self::glpsol(4.0, $found, $windows);
            self::assertNotNull($theirs);
            // Windows are drawn in, so that it may be a little more, and never less.
            self::assertGreaterThanOrEqual($theirs - 1e-6, $sum, "pot {$i}");
            self::assertLessThanOrEqual($theirs * 1.35 + 0.05, $sum, "pot {$i}");
        }
        self::assertGreaterThan(12, $corrected);
    }

    /**
     * @param array<string, float> $found per cent
     * @param array<string, array{float, float}> $windows
     */
    private static function glpsol(float $kg, array $found, array $windows): ?float
    {
        $pure = ['Si', 'Cu', 'Mg', 'Al'];
        $lp = "Minimize\n mass: x0 + x1 + x2 + x3\nSubject To\n";
        foreach ($windows as $element => [$low, $high]) {
            $terms = static function (float $limit) use ($pure, $element): string {
                $terms = '';
                foreach ($pure as $j => $metal) {
                    $arrives = $metal === $element ? Recovery::of('Al', $element)->added->si : 0.0;
                    $terms .= sprintf(' %+.9f x%d', $arrives - $limit, $j);
                }

                return $terms;
            };
            $lp .= sprintf(" %slo: %s >= %.9f\n", $element, $terms($low), $kg * ($low - $found[$element] / 100));
            $lp .= sprintf(" %shi: %s <= %.9f\n", $element, $terms($high), $kg * ($high - $found[$element] / 100));
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'pot');
        file_put_contents($file, $lp."End\n");
        (new Process(['glpsol', '--lp', $file, '--write', "{$file}.out"]))->mustRun();
        $out = (string) file_get_contents("{$file}.out");
        unlink($file);
        unlink("{$file}.out");
        self::assertSame(1, preg_match('/^s bas \d+ \d+ (\w) (\w) (\S+)/m', $out, $m), $out);

        return 'f' === $m[1] && 'f' === $m[2] ? (float) $m[3] : null;
    }
}
