<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Instrument;

use MoltenNotes\Core\Instrument\InstrumentKind;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\UnitTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class InstrumentKindTest extends TestCase
{
    /** @return iterable<string, array{InstrumentKind, float, string|null, Dimension, float}> */
    public static function readings(): iterable
    {
        yield 'Celsius as usual' => [InstrumentKind::Thermocouple, 712.4, null, Dimension::Temperature, 985.55];
        // The steam point, by definition 212 °F and 373.15 K.
        yield 'Fahrenheit' => [InstrumentKind::Thermocouple, 212.0, '°F', Dimension::Temperature, 373.15];
        yield 'kelvin' => [InstrumentKind::Thermocouple, 300.0, 'K', Dimension::Temperature, 300.0];
        yield 'below freezing' => [InstrumentKind::Weather, -12.0, 'C', Dimension::Temperature, 261.15];
        yield 'humidity' => [InstrumentKind::Weather, 65.0, '%', Dimension::Ratio, 0.65];
        yield 'watts' => [InstrumentKind::Power, 1500.0, null, Dimension::Power, 1500.0];
        yield 'kilowatts' => [InstrumentKind::Power, 1.5, 'kW', Dimension::Power, 1500.0];
        // 1 lb = 0.45359237 kg, by definition.
        yield 'pounds' => [InstrumentKind::Scale, 2.0, 'lb', Dimension::Mass, 0.90718474];
        yield 'a file has both' => [InstrumentKind::File, 2.0, 'kW', Dimension::Power, 2000.0];
    }

    #[DataProvider('readings')]
    public function testAReadingIsUnderstoodInItsUnit(InstrumentKind $kind, float $value, ?string $unit, Dimension $of, float $si): void
    {
        $read = $kind->reading($value, $unit);
        self::assertInstanceOf(Measurement::class, $read);
        self::assertSame($of, $read->dimension);
        self::assertEqualsWithDelta($si, $read->si(), 1e-6 * $si);
    }

    /** @return iterable<string, array{InstrumentKind, float, string|null, string}> */
    public static function nonsense(): iterable
    {
        yield 'no probe reads that' => [InstrumentKind::Thermocouple, 9000.0, null, 'No probe reads 9000'];
        yield 'a scale in degrees' => [InstrumentKind::Scale, 3.0, '°C', 'A scale is read in kg'];
        yield 'a probe that weighs' => [InstrumentKind::Thermocouple, 3.0, 'kg', 'A probe is read in °C'];
        yield 'a unit that is none' => [InstrumentKind::Weather, 3.0, 'furlongs', 'read in °C or %'];
        yield 'weather of a furnace' => [InstrumentKind::Weather, 700.0, '°C', 'No weather station reads'];
        yield 'humidity of a sponge' => [InstrumentKind::Weather, 140.0, '%', 'No weather station reads'];
        yield 'no number' => [InstrumentKind::Power, \INF, null, 'no number'];
        yield 'colder than cold' => [InstrumentKind::Thermocouple, -400.0, null, 'No probe reads -400'];
        yield 'power given back' => [InstrumentKind::Power, -3.0, null, 'No power meter reads'];
    }

    #[DataProvider('nonsense')]
    public function testWhatItCannotReadIsToldInWords(InstrumentKind $kind, float $value, ?string $unit, string $words): void
    {
        $told = $kind->reading($value, $unit);
        self::assertIsString($told);
        self::assertStringContainsString($words, $told);
    }

    public function testEveryKindHasANameAndReadsSomethingWithinItsLimits(): void
    {
        foreach (InstrumentKind::cases() as $kind) {
            self::assertNotSame('', $kind->label());
            foreach ($kind->reads() as $dimension => $limits) {
                self::assertLessThan($limits['most'], $limits['least'], "{$kind->value} {$dimension}");
                $unit = UnitTable::get($limits['unit'])->label;
                foreach (['least', 'most'] as $end) {
                    self::assertInstanceOf(Measurement::class, $kind->reading($limits[$end], $unit));
                }
            }
        }
    }
}
