<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Quantity;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Quantity\UnreadableQuantity;
use PHPUnit\Framework\TestCase;

final class UnitPreferencesTest extends TestCase
{
    public function testNoSquareCentimetresBesideInches(): void
    {
        $units = UnitPreferences::fromArray(['length' => 'in', 'volume' => 'in3', 'temperature' => 'degF']);

        self::assertSame(
            ['in2', 'in/s', 'in3/s', 'ddegF'],
            array_map(static fn (Dimension $dimension): string => $units->unit($dimension)->code, [
                Dimension::Area,
                Dimension::Speed,
                Dimension::Flow,
                Dimension::TemperatureDifference,
            ]),
        );
        self::assertSame('kg', $units->unit(Dimension::Mass)->code, 'what nobody chose stays as it was');
        self::assertSame('cm2', UnitPreferences::fromArray(['mass' => 'lb'])->unit(Dimension::Area)->code);
    }

    public function testAUnitOfAnotherKindIsNoPreference(): void
    {
        $this->expectException(UnreadableQuantity::class);
        UnitPreferences::fromArray(['length' => 'kg']);
    }
}
