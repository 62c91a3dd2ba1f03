<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Process;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Mould\Suitability;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Safety\Cautions;
use PHPUnit\Framework\TestCase;

/** One row says everything of a process, so the row must not contradict itself, nor the tables beside it. */
final class MouldProcessTest extends TestCase
{
    public function testEveryProcessHasItsCautionsAndEveryCautionItsProcess(): void
    {
        $cautions = array_column(Cautions::rows(), null, 'code');
        foreach (MouldProcess::all() as $process) {
            self::assertNotSame([], $process->hazards, "{$process->code}: nothing here is without danger");
            foreach ($process->hazards as $hazard) {
                self::assertSame('mould.process', $cautions[$hazard]['fact'] ?? null, $hazard);
            }
        }
        foreach ($cautions as $code => $caution) {
            if ('mould.process' === $caution['fact']) {
                self::assertNotSame([], $caution['choices'], "{$code} is never shown");
            }
        }
    }

    public function testWhatIsPickedFromIsTheTable(): void
    {
        self::assertSame(array_keys(MouldProcess::all()), array_keys(Choices::list('process')));
    }

    public function testSandIsRammedAroundAPartingAndBreathes(): void
    {
        foreach (MouldProcess::all() as $process) {
            self::assertTrue(!$process->rammed || $process->bondedSand, "{$process->code}: what is rammed is sand");
            self::assertTrue(!$process->bondedSand || ($process->breathes && !$process->onePiece), "{$process->code}: sand has two halves");
        }
        self::assertSame(['green_sand', 'oil_sand', 'silicate_sand', 'resin_sand', 'printed_sand'], MouldProcess::ofSand());
    }

    public function testFiguresAreWithinWhatSuchMouldsHave(): void
    {
        foreach (MouldProcess::all() as $process) {
            [$start, $least, $most] = $process->transfer;
            self::assertTrue($least < $start && $start < $most, $process->code);
            self::assertGreaterThan(0.1, min($process->conductivity));
            self::assertLessThan(60, max($process->conductivity));
            foreach (AlloyTable::all() as $alloy) {
                [$heavy, $thin] = $process->pourOffset($alloy->family);
                self::assertGreaterThanOrEqual(abs($heavy), abs($thin), "{$process->code}: thin sections ask for more of a change");
            }
        }
    }

    /** No mould is said to bear a metal that is refused at any heat at which it is liquid. */
    public function testWhatAMouldBearsCanBePouredIntoIt(): void
    {
        $format = new QuantityFormatter(UnitPreferences::metric());
        $pairs = 0;
        foreach (MouldProcess::all() as $process) {
            foreach (AlloyTable::all() as $alloy) {
                $hottest = (new Suitability($process->code, $alloy))->hottest();
                if ('good' !== $process->bears($alloy->code, $alloy->family)['standing']) {
                    continue;
                }
                ++$pairs;
                self::assertTrue(null === $hottest || $hottest->isAbove($alloy->liquidus), "{$process->code}, {$alloy->name}");
            }
        }
        self::assertGreaterThan(100, $pairs);
        // And the other way round: pewter at its liquidus is no question for rubber, bronze at its own is.
        $rubber = static fn (string $alloy): array => (new Suitability('silicone', AlloyTable::find($alloy)))->questions(
            AlloyTable::find($alloy)?->liquidus,
            Temperature::fromCelsius(100),
            false,
            $format,
        );
        self::assertSame([], $rubber('tin'));
        self::assertContains('bad', array_column($rubber('tin_bronze'), 'standing'));
    }

    public function testARemedyNeverWarmsAMouldBeyondWhatItBearsNorRestsItDamp(): void
    {
        foreach (MouldProcess::all() as $process) {
            foreach (array_filter([$process->warmedTo, $process->restedTo]) as $to) {
                self::assertLessThan($process->mouldLimit[0] ?? \INF, $to, $process->code);
                self::assertGreaterThanOrEqual($process->warmFrom ?? 0.0, $to, $process->code);
            }
            self::assertTrue(null === $process->restedTo || $process->restedTo < $process->warmedTo, $process->code);
        }
    }

    public function testAnUnknownProcessIsNone(): void
    {
        self::assertNull(MouldProcess::find(null));
        self::assertNull(MouldProcess::find('porridge'));
    }
}
