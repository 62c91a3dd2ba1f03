<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Alloy;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Record\Choices;
use PHPUnit\Framework\TestCase;

final class MetalFamilyTest extends TestCase
{
    public function testEveryAlloyHasItsFamilyAndNoFamilyStandsEmpty(): void
    {
        $families = array_unique(array_map(static fn (Alloy $alloy): string => $alloy->family, AlloyTable::all()));

        self::assertEqualsCanonicalizing(array_values($families), array_keys(MetalFamily::all()));
        foreach (AlloyTable::all() as $alloy) {
            self::assertSame($alloy->family, MetalFamily::of($alloy)->code);
        }
    }

    public function testWhatAChargeLosesIsAShareWithItsLeastFirst(): void
    {
        foreach (MetalFamily::all() as $family) {
            foreach ([null, 'no such charge', ...array_keys(Choices::list('charge_source'))] as $charge) {
                $loss = $family->usualLoss($charge);
                self::assertGreaterThan(0.0, $loss->lowSi, $family->code);
                self::assertGreaterThan($loss->lowSi, $loss->highSi, $family->code);
                self::assertLessThanOrEqual(0.5, $loss->highSi, $family->code);
            }
        }
        self::assertSame(MetalFamily::find('aluminium')?->usualLoss('unknown')->si, MetalFamily::find('aluminium')?->usualLoss(null)->si);
    }

    /** Common practice: the hotter the metal, the more heat a sand conducts; no mould conducts less under iron than under tin. */
    public function testHotterMetalNeverFindsAColderMould(): void
    {
        foreach (MouldProcess::all() as $process) {
            $under = static fn (string $family): float => $process->conductivityUnder(MetalFamily::find($family));
            self::assertLessThanOrEqual($under('copper'), $under('aluminium'), $process->code);
            self::assertLessThanOrEqual($under('iron'), $under('copper'), $process->code);
            self::assertSame($under('aluminium'), $process->conductivityUnder(null), 'an unknown metal counts as a light one');
        }
    }
}
