<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Charge;

use MoltenNotes\Core\Charge\Mix;
use MoltenNotes\Core\Charge\MixResult;
use MoltenNotes\Core\Charge\Stock;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** The mix is held against glpsol, on a fixed programme and on random ones. */
final class MixTest extends TestCase
{
    private const WINDOWS = ['Si' => [0.065, 0.075], 'Mg' => [0.0025, 0.0045], 'Fe' => [0.0, 0.0045], 'Cu' => [0.0, 0.0025]];

    /** @return list<Stock> */
    private static function shelf(): array
    {
        return [
            new Stock('wheels', ['Si' => 0.07, 'Mg' => 0.0035, 'Fe' => 0.0015, 'Cu' => 0.0002], 0.05, 2.2, 0, 3),
            new Stock('pistons', ['Si' => 0.12, 'Mg' => 0.01, 'Fe' => 0.005, 'Cu' => 0.011], 0.06, 1.4, 0, 2),
            new Stock('extrusion', ['Si' => 0.0045, 'Mg' => 0.005, 'Fe' => 0.0025, 'Cu' => 0.0005], 0.08, 1.1, 0, 4),
            new Stock('ingot', ['Si' => 0.12, 'Mg' => 0.0005, 'Fe' => 0.004, 'Cu' => 0.0005], 0.02, 3.6, 0, 3),
        ];
    }

    /** Figures from glpsol, noted when the rule was written down. */
    public function testTheWorkedMix(): void
    {
        $mix = Mix::cheapest(4.0, self::WINDOWS, self::shelf(), ['Mg' => 0.85]);

        self::assertTrue($mix->isFeasible());
        self::assertEqualsWithDelta([2.356, 0.879, 1.017, 0.0], $mix->charge, 1e-3);
        self::assertEqualsWithDelta(7.532, $mix->cost, 1e-3);
    }

    public function testPistonsAndExtrusionAloneCannotBeMadeToFitAndItSaysWhichWindow(): void
    {
        $mix = Mix::cheapest(4.0, self::WINDOWS, [self::shelf()[1], self::shelf()[2]], ['Mg' => 0.85]);

        self::assertFalse($mix->isFeasible());
        self::assertEqualsWithDelta(0.0265, $mix->composition['Si'], 5e-4);
        self::assertEqualsWithDelta(0.0051, $mix->composition['Mg'], 1e-4);
        self::assertSame(['Si', 'Mg'], array_column($mix->unmet, 'element'));
    }

    public function testTooLittleMetalIsSaidToBeTooLittle(): void
    {
        $mix = Mix::cheapest(40.0, self::WINDOWS, self::shelf());

        self::assertFalse($mix->enoughMetal);
        self::assertFalse($mix->isFeasible());
    }

    public function testRecoversAKnownMix(): void
    {
        // Two stocks that differ in one element: the window fixes the mix whatever the prices.
        $mix = Mix::cheapest(
            10.0,
            ['Sn' => [0.1, 0.1]],
            [new Stock('copper', ['Sn' => 0.0], 0.0, 9, 0, 100), new Stock('tin', ['Sn' => 1.0], 0.0, 30, 0, 100)],
        );

        self::assertEqualsWithDelta([9.0, 1.0], $mix->charge, 1e-6);
    }

    /** Common practice: 30 parts of ferrochrome with 68 % Cr and 8 % C on 70 parts of scrap give about 20 % Cr and 2.5 % C. */
    public function testFerrochromeOnScrapMakesWhiteIron(): void
    {
        $mix = Mix::cheapest(
            100.0,
            ['Cr' => [0.0, 1.0], 'C' => [0.0, 1.0]],
            [new Stock('ferrochrome', ['Cr' => 0.68, 'C' => 0.08], 0, 1, 30, 30), new Stock('scrap', ['C' => 0.002], 0, 1, 70, 70)],
        );

        self::assertEqualsWithDelta(0.204, $mix->composition['Cr'], 1e-3);
        self::assertEqualsWithDelta(0.025, $mix->composition['C'], 1e-3);
    }

    public function testDegenerateMixesDoNotCircle(): void
    {
        $same = array_map(static fn (int $i): Stock => new Stock("s{$i}", ['Si' => 0.07, 'Mg' => 0.003], 0.05, 2.0, 0, 1), range(1, 12));
        $mix = Mix::cheapest(5.0, ['Si' => [0.07, 0.07], 'Mg' => [0.003, 0.003], 'Fe' => [0.0, 0.0]], $same);

        self::assertTrue($mix->isFeasible());
        self::assertEqualsWithDelta((5.0 / 0.95) * 2.0, $mix->cost, 1e-6);
    }

    public function testAgreesWithGlpsolOnRandomShelves(): void
    {
        $feasible = 0;
        for ($seed = 1; $seed <= 30; ++$seed) {
            [$melt, $windows, $stock, $recovery] = self::random($seed);
            $ours = Mix::cheapest($melt, $windows, $stock, $recovery);
            $theirs = self::glpsol($melt, $windows, $stock, $recovery);
            if (null === $theirs) {
                self::assertFalse($ours->isFeasible(), "seed {$seed}: glpsol finds none");
                continue;
            }
            ++$feasible;
            self::assertTrue($ours->isFeasible(), "seed {$seed}: glpsol finds one for {$theirs}");
            self::assertEqualsWithDelta($theirs, $ours->cost, 1e-5 * max(1.0, $theirs), "seed {$seed}");
            self::assertWithinBounds($ours, $stock);
        }
        self::assertGreaterThan(8, $feasible);
        self::assertLessThan(28, $feasible);
    }

    /** Branch and bound against glpsol's, on random shelves of ingots. */
    public function testWholePiecesAgreeWithGlpsolAndAreWhole(): void
    {
        $found = 0;
        for ($seed = 1; $seed <= 40; ++$seed) {
            [$melt, $windows, $loose, $recovery] = self::random($seed);
            $stock = array_map(
                static fn (Stock $s, int $i): Stock => new Stock(
                    $s->name,
                    $s->composition,
                    $s->loss,
                    $s->price,
                    0.0,
                    $s->most,
                    0 === $i % 3 ? null : 0.11 + 0.07 * (($seed + $i) % 4),
                ),
                $loose,
                array_keys($loose),
            );
            $room = $melt * 1.2;
            $ours = Mix::wholePieces($melt, $room, $windows, $stock, $recovery);
            $theirs = self::glpsol($melt, $windows, $stock, $recovery, $room);
            if (null === $theirs) {
                self::assertNull($ours, "seed {$seed}: glpsol finds none");
                continue;
            }
            ++$found;
            self::assertNotNull($ours, "seed {$seed}: glpsol finds one for {$theirs}");
            self::assertTrue($ours->isFeasible());
            self::assertTrue($ours->proven);
            // A kilogram counts a ten-thousandth of a price, so that the lighter of two is taken.
            self::assertEqualsWithDelta($theirs, $ours->cost, 1e-3, "seed {$seed}");
            self::assertGreaterThanOrEqual($melt - 1e-7, $ours->metal);
            self::assertLessThanOrEqual($room + 1e-7, $ours->metal);
            self::assertWithinBounds($ours, $stock);
            foreach ($stock as $i => $s) {
                if (null !== $s->piece) {
                    self::assertEqualsWithDelta(round($ours->charge[$i] / $s->piece), $ours->charge[$i] / $s->piece, 1e-6);
                }
            }
        }
        self::assertGreaterThan(8, $found);
    }

    public function testWherePiecesCannotMeetTheWindowsItSaysSoByGivingNone(): void
    {
        $tin = new Stock('tin', ['Sn' => 1.0], 0.0, 30, 0, 100, 1.0);
        $copper = new Stock('copper', ['Sn' => 0.0], 0.0, 9, 0, 100, 2.0);

        self::assertNull(Mix::wholePieces(6.0, 6.5, ['Sn' => [0.1, 0.11]], [$copper, $tin]));
        // Nine parts of copper and one of tin: 18 kg and 2 kg, were the pot as large as that.
        self::assertEqualsWithDelta(
            [18.0, 2.0],
            Mix::wholePieces(19.5, 21.0, ['Sn' => [0.095, 0.105]], [$copper, $tin])?->charge,
            1e-9,
        );
    }

    /** @param list<Stock> $stock */
    private static function assertWithinBounds(MixResult $mix, array $stock): void
    {
        foreach ($stock as $i => $s) {
            self::assertGreaterThanOrEqual($s->least - 1e-7, $mix->charge[$i]);
            self::assertLessThanOrEqual($s->most + 1e-7, $mix->charge[$i]);
        }
    }

    /** @return array{float, array<string, array{float, float}>, list<Stock>, array<string, float>} */
    private static function random(int $seed): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $elements = array_slice(['Si', 'Mg', 'Fe', 'Cu', 'Zn', 'Mn', 'Ni', 'Ti'], 0, $chance->getInt(1, 6));
        $stock = [];
        for ($i = 0; $i < $chance->getInt(2, 9); ++$i) {
            $composition = [];
            foreach ($elements as $element) {
                $composition[$element] = $chance->getInt(0, 900) / 10000;
            }
            $least = $chance->getInt(0, 4) > 3 ? $chance->getInt(0, 50) / 100 : 0.0;
            $stock[] = new Stock(
                "s{$i}",
                $composition,
                $chance->getInt(0, 15) / 100,
                $chance->getInt(50, 500) / 100,
                $least,
                $least + $chance->getInt(50, 400) / 100,
            );
        }
        $windows = [];
        foreach ($elements as $element) {
            $low = $chance->getInt(0, 450) / 10000;
            $windows[$element] = [$low, $low + $chance->getInt(50, 500) / 10000];
        }

        return [$chance->getInt(100, 400) / 100, $windows, $stock, ['Mg' => 0.85]];
    }

    /**
     * @param array<string, array{float, float}> $windows
     * @param list<Stock> $stock
     * @param array<string, float> $recovery
     */
    private static function glpsol(float $melt, array $windows, array $stock, array $recovery, ?float $room = null): ?float
    {
        if (null !== $room) {
            return self::glpsolWhole($melt, $windows, $stock, $recovery, $room);
        }
        $term = static fn (float $a, int $i): string => sprintf('%+.12f x%d', $a, $i);
        $lp =
            "Minimize\n cost: ".
            implode(' ', array_map(static fn (Stock $s, int $i): string => $term($s->price, $i), $stock, array_keys($stock))).
            "\nSubject To\n";
        $lp .=
            ' mass: '.
            implode(' ', array_map(static fn (Stock $s, int $i): string => $term(1 - $s->loss, $i), $stock, array_keys($stock))).
            " = {$melt}\n";
        foreach ($windows as $element => [$low, $high]) {
            $content = implode(
                ' ',
                array_map(
                    static fn (Stock $s, int $i): string => $term(
                        ((1 - $s->loss) * ($s->composition[$element] ?? 0) * ($recovery[$element] ?? 1.0)) / $melt,
                        $i,
                    ),
                    $stock,
                    array_keys($stock),
                ),
            );
            $lp .= " {$element}lo: {$content} >= {$low}\n {$element}hi: {$content} <= {$high}\n";
        }
        $lp .=
            "Bounds\n".
            implode(
                "\n",
                array_map(static fn (Stock $s, int $i): string => " {$s->least} <= x{$i} <= {$s->most}", $stock, array_keys($stock)),
            ).
            "\nEnd\n";
        $file = (string) tempnam(sys_get_temp_dir(), 'mix');
        file_put_contents($file, $lp);
        $process = new Process(['glpsol', '--lp', $file, '--write', "{$file}.out"]);
        $process->mustRun();
        $out = (string) file_get_contents("{$file}.out");
        unlink($file);
        unlink("{$file}.out");
        // s bas ROWS COLUMNS primal-status dual-status objective
        self::assertSame(1, preg_match('/^s bas \d+ \d+ (\w) (\w) (\S+)/m', $out, $m), $out);

        return 'f' === $m[1] && 'f' === $m[2] ? (float) $m[3] : null;
    }

    /**
     * The same in whole pieces: at least so much metal, and windows of whatever comes out.
     *
     * @param array<string, array{float, float}> $windows
     * @param list<Stock> $stock
     * @param array<string, float> $recovery
     */
    private static function glpsolWhole(float $melt, array $windows, array $stock, array $recovery, float $room): ?float
    {
        $sum = static function (callable $of) use ($stock): string {
            $terms = '';
            foreach ($stock as $i => $s) {
                $terms .= sprintf(' %+.12f x%d', $of($s) * ($s->piece ?? 1.0), $i);
            }

            return $terms;
        };
        $lp = "Minimize\n cost:".$sum(static fn (Stock $s): float => $s->price)."\nSubject To\n";
        $lp .= ' least:'.$sum(static fn (Stock $s): float => 1 - $s->loss)." >= {$melt}\n";
        $lp .= ' most:'.$sum(static fn (Stock $s): float => 1 - $s->loss)." <= {$room}\n";
        foreach ($windows as $element => $ends) {
            foreach (['>=', '<='] as $k => $sign) {
                $lp .= " {$element}{$k}:".$sum(
                    static fn (Stock $s): float => (1 - $s->loss)
                        * (($s->composition[$element] ?? 0.0) * ($recovery[$element] ?? 1.0) - $ends[$k]),
                )." {$sign} 0\n";
            }
        }
        $lp .= "Bounds\n";
        $whole = '';
        foreach ($stock as $i => $s) {
            $lp .= sprintf(" 0 <= x%d <= %.9f\n", $i, null === $s->piece ? $s->most : floor($s->most / $s->piece + 1e-9));
            $whole .= null === $s->piece ? '' : " x{$i}";
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'mix');
        file_put_contents($file, $lp.('' === $whole ? '' : "Generals\n{$whole}\n")."End\n");
        (new Process(['glpsol', '--lp', $file, '--write', "{$file}.out"]))->mustRun();
        $out = (string) file_get_contents("{$file}.out");
        unlink($file);
        unlink("{$file}.out");
        if (1 === preg_match('/^s bas \d+ \d+ (\w) (\w) (\S+)/m', $out, $m)) {
            return 'f' === $m[1] && 'f' === $m[2] ? (float) $m[3] : null;
        }
        self::assertSame(1, preg_match('/^s mip \d+ \d+ (\w) (\S+)/m', $out, $m), $out);

        return 'o' === $m[1] ? (float) $m[2] : null;
    }
}
