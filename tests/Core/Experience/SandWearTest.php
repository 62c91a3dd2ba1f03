<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Experience;

use MoltenNotes\Core\Experience\SandWear;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Sand\SandKind;
use PHPUnit\Framework\TestCase;

/** What a pour burns of its heap, from what the record says of it. */
final class SandWearTest extends TestCase
{
    public function testWithoutMetalMassOrMouldNothingIsMadeUp(): void
    {
        $told = ['mould.process' => 'green_sand', 'metal.alloy' => 'tin_bronze'];

        self::assertNotNull(self::wear($told, 2.0));
        self::assertNull(self::wear($told, null));
        self::assertNull(self::wear(['mould.process' => 'green_sand'], 2.0));
        self::assertNull(self::wear(['metal.alloy' => 'tin_bronze'], 2.0));
    }

    /** Where nobody wrote how hot it was, it lies between the wear of the cold end and of the hot end of the alloy's own range. */
    public function testAnUnknownTemperatureIsTheMiddleOfTheRange(): void
    {
        $at = static fn (?float $celsius): float => self::wear(
            ['mould.process' => 'green_sand', 'metal.alloy' => 'tin_bronze']
                + (null === $celsius ? [] : ['pour.temperature' => Measurement::of($celsius, 'degC')]),
            2.0,
        ) ?? 0.0;

        self::assertGreaterThan($at(1050), $at(null));
        self::assertLessThan($at(1200), $at(null));
    }

    /** The harder the metal on the sand, the more of it: zinc hardly, aluminium a little, bronze, iron. */
    public function testMetalsWearInTheOrderOfTheirHeat(): void
    {
        $of = static fn (string $alloy): float => self::wear(['mould.process' => 'green_sand', 'metal.alloy' => $alloy], 1.0) ?? 0.0;

        self::assertSame(0.0, $of('zn_al4'));
        self::assertLessThan($of('tin_bronze'), $of('al_si7mg'));
        self::assertLessThan($of('grey_iron'), $of('tin_bronze'));
    }

    public function testSandWithoutABinderIsNotWornByHeat(): void
    {
        self::assertSame(0.0, self::wear(['mould.process' => 'lost_foam', 'metal.alloy' => 'grey_iron'], 3.0, 'dry'));
    }

    /** @param array<string, Measurement|string> $values */
    private static function wear(array $values, ?float $kg, string $kind = 'bentonite'): ?float
    {
        return SandWear::of(
            Values::of($values),
            null === $kg ? null : Mass::of($kg, 'kg'),
            SandKind::find($kind) ?? throw new \LogicException('no such sand'),
        )?->si();
    }
}
