<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Alloy;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\UnknownAlloy;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Quantity\Temperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A slipped digit in the table would be poured by somebody: each row must agree with itself. */
final class AlloyTableTest extends TestCase
{
    /** @return iterable<string, array{Alloy}> */
    public static function rows(): iterable
    {
        foreach (AlloyTable::all() as $code => $alloy) {
            yield $code => [$alloy];
        }
    }

    #[DataProvider('rows')]
    public function testARowAgreesWithItself(Alloy $alloy): void
    {
        self::assertGreaterThanOrEqual($alloy->solidus->kelvin(), $alloy->liquidus->kelvin(), 'liquidus below solidus');
        self::assertLessThan($alloy->densitySolid->si(), $alloy->densityLiquid->si(), 'liquid heavier than solid');
        self::assertGreaterThan($alloy->liquidus->kelvin(), $alloy->pourHeavy->kelvin(), 'poured below its liquidus');
        self::assertGreaterThan($alloy->pourHeavy->kelvin(), $alloy->pourThin->kelvin(), 'thin sections want hotter metal');
        self::assertNotSame('', $alloy->source('density_solid_kg_m3'));
    }

    /** Derived: what shrinks on freezing and contracts on cooling must end at the solid density, within 3.5 %. */
    #[DataProvider('rows')]
    public function testLiquidDensityFollowsFromShrinkageAndContraction(Alloy $alloy): void
    {
        $expected = $alloy->densitySolid->si() * (1 - $alloy->contraction->si()) ** 3 * (1 - $alloy->shrinkage->si());

        self::assertEqualsWithDelta(1.0, $alloy->densityLiquid->si() / $expected, 0.035);
    }

    /** ASM Metals Handbook vol. 2, recalled from memory: pure metals melt at one temperature. */
    public function testPureMetalsHaveNoFreezingRange(): void
    {
        foreach (['al99' => 660, 'copper' => 1083, 'silver_999' => 962, 'tin' => 232, 'lead' => 327] as $code => $celsius) {
            $alloy = AlloyTable::get($code);
            self::assertEqualsWithDelta($celsius, $alloy->liquidus->celsius(), 1e-9);
            self::assertEqualsWithDelta(0.0, $alloy->freezingRange()->si(), 1e-9);
        }
    }

    public function testSuperheatIsADifferenceAndMayBeNegative(): void
    {
        $alloy = AlloyTable::get('al_si7mg');

        self::assertEqualsWithDelta(90.0, $alloy->superheatAt(Temperature::fromCelsius(705))->si(), 1e-9);
        self::assertLessThan(0.0, $alloy->superheatAt(Temperature::fromCelsius(600))->si());
    }

    public function testEveryMetalOfTheHandbookCanBeChosen(): void
    {
        self::assertCount(33, AlloyTable::all());
        self::assertCount(9, AlloyTable::family('aluminium'));
        self::assertTrue(AlloyTable::get('carbon_steel')->has('beyond_most_workshops'));
        self::assertTrue(AlloyTable::get('lead')->has('fume_lead'));
        self::assertTrue(AlloyTable::get('grey_iron')->has('graphite_expands'));
    }

    public function testAValueSaysHowFarItCanBeTrusted(): void
    {
        self::assertSame(Mark::RecalledFromMemory, AlloyTable::get('copper')->mark('liquidus_c'));
        self::assertSame(Mark::CommonPractice, AlloyTable::get('al_si12')->mark('latent_kj_kg'));
        self::assertStringContainsString('500', AlloyTable::get('al_si12')->source('latent_kj_kg'));
    }

    public function testAMistypedAlloyIsMetWithTheNearest(): void
    {
        try {
            AlloyTable::get('al_si7mgg');
            self::fail('an unknown alloy was taken');
        } catch (UnknownAlloy $unknown) {
            self::assertSame('al_si7mg', $unknown->suggestion);
        }
    }
}
