<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Quantity;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\ImpossibleQuantity;
use MoltenNotes\Core\Quantity\QuantityParser;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Quantity\UnreadableQuantity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestDox;
use PHPUnit\Framework\TestCase;

final class QuantityParserTest extends TestCase
{
    /** @return iterable<string, array{string, Dimension, float}> typed, kind, canonical SI; factors by international definition */
    public static function typed(): iterable
    {
        yield 'celsius' => ['705 C', Dimension::Temperature, 978.15];
        yield 'fahrenheit without a space' => ['1300F', Dimension::Temperature, (1300 + 459.67) * 5 / 9];
        yield 'a degree sign' => ['705°C', Dimension::Temperature, 978.15];
        yield 'about' => ['~ 705 °C', Dimension::Temperature, 978.15];
        yield 'pounds and ounces' => ['4 lb 2 oz', Dimension::Mass, 4.125 * 0.45359237];
        yield 'inch with a fraction' => ['1 3/4 in', Dimension::Length, 1.75 * 0.0254];
        yield 'feet and inches' => ['2\'3"', Dimension::Length, 27 * 0.0254];
        yield 'a plain fraction' => ['3/8"', Dimension::Length, 0.375 * 0.0254];
        yield 'millimetres without a space' => ['35mm', Dimension::Length, 0.035];
        yield 'decimal comma' => ['3,5 %', Dimension::Ratio, 0.035];
        yield 'hours and minutes' => ['1 h 20 min', Dimension::Time, 4800.0];
        yield 'minutes and seconds with a colon' => ['1:30', Dimension::Time, 90.0];
        yield 'the preferred unit' => ['705', Dimension::Temperature, 978.15];
        yield 'a third' => ['1⅓ in', Dimension::Length, 4 / 3 * 0.0254];
        yield 'thousandths of an inch by their plain name' => ['5 thou', Dimension::Length, 5 * 2.54e-5];
        yield 'a decimal comma with three figures that can mean but one' => ['0,125 in', Dimension::Length, 0.003175];
        yield 'thousands and decimals' => ['1 200,5 g', Dimension::Mass, 1.2005];
        yield 'kilograms and grams' => ['1 kg 200 g', Dimension::Mass, 1.2];
        yield 'thousands with a space' => ['1 200 g', Dimension::Mass, 1.2];
    }

    #[DataProvider('typed')]
    #[TestDox('a caster may type $text')]
    public function testReadsWhatCastersType(string $text, Dimension $dimension, float $si): void
    {
        $read = (new QuantityParser(UnitPreferences::metric()))->parse($text, $dimension);

        self::assertEqualsWithDelta($si, $read->si(), 1e-9 * max(1.0, $si));
    }

    /** A bare first number must not take the caster's own unit: "1 200 g" was a pound and 200 g. */
    public function testThousandsReadAlikeWhateverUnitsTheCasterPrefers(): void
    {
        foreach ([UnitPreferences::metric(), UnitPreferences::imperial()] as $preferences) {
            self::assertEqualsWithDelta(1.2, (new QuantityParser($preferences))->parse('1 200 g', Dimension::Mass)->si(), 1e-9);
            self::assertEqualsWithDelta(2.5, (new QuantityParser($preferences))->parse('2 500 mm', Dimension::Length)->si(), 1e-9);
            self::assertEqualsWithDelta(2.5, (new QuantityParser($preferences))->parse('2 400-2 600 mm', Dimension::Length)->si(), 1e-9);
        }
    }

    public function testARangeIsItsMiddleWithHalfItsWidthAsSpread(): void
    {
        $read = (new QuantityParser(UnitPreferences::metric()))->parse('700-720 C', Dimension::Temperature);

        self::assertEqualsWithDelta(983.15, $read->si(), 1e-9);
        self::assertEqualsWithDelta(10.0, $read->spreadSi(), 1e-9);
    }

    public function testABareNumberIsReadInTheCastersOwnUnit(): void
    {
        $read = (new QuantityParser(UnitPreferences::imperial()))->parse('1300', Dimension::Temperature);

        self::assertSame('degF', $read->unitCode);
    }

    /** @return iterable<string, array{string, Dimension, string}> */
    public static function unreadable(): iterable
    {
        yield 'nothing in it' => ['hot', Dimension::Temperature, 'cannot be read'];
        yield 'a mass where a temperature is asked for' => ['12 kg', Dimension::Temperature, 'is a mass'];
        yield 'a mistyped unit' => ['12 inhces', Dimension::Length, 'Did you mean'];
        yield 'a range that runs backwards' => ['720-700 C', Dimension::Temperature, 'backwards'];
        yield 'division by zero' => ['1/0 in', Dimension::Length, 'cannot be read'];
        yield 'two numbers side by side' => ['12 14 mm', Dimension::Length, 'cannot be read'];
        yield 'digits of another script' => ['١٢ mm', Dimension::Length, '0 to 9'];
        yield 'a number half in another script' => ['1٢ mm', Dimension::Length, '0 to 9'];
        yield 'wide digits' => ['１２ mm', Dimension::Length, '0 to 9'];
        yield 'a digit of another script behind the unit' => ['12 mm٣', Dimension::Length, '0 to 9'];
        yield 'mil, which has two readings' => ['5 mil', Dimension::Length, 'a thousandth of an inch (thou) or a millimetre (mm)'];
        yield 'gr, which has two readings' => ['12 gr', Dimension::Mass, 'grains (0.0648 g) or grams (g)'];
        yield 'fluid ounces of two countries' => ['12 fl oz', Dimension::Volume, 'imperial'];
        yield 'a comma that parts thousands for some' => ['1,500 mm', Dimension::Length, '1.5 or 1500'];
        yield 'an apostrophe that parts thousands, not a foot and 500 mm' => ['1’500 mm', Dimension::Length, 'cannot be read'];
        yield 'inches and millimetres in one length' => ['2 in 5 mm', Dimension::Length, 'cannot be read'];
        yield 'pounds and grams in one mass' => ['2 lb 50 g', Dimension::Mass, 'cannot be read'];
        yield 'a first part without a unit' => ['4 2 oz', Dimension::Mass, 'cannot be read'];
        yield 'very long' => [str_repeat('9', 5000).'x', Dimension::Length, 'cannot be read'];
        yield 'broken bytes' => ["\xff\xfe12", Dimension::Length, 'cannot be read'];
    }

    #[DataProvider('unreadable')]
    public function testSaysWhatIsWrongWithTheText(string $text, Dimension $dimension, string $expected): void
    {
        $this->expectException(UnreadableQuantity::class);
        $this->expectExceptionMessage($expected);

        (new QuantityParser(UnitPreferences::metric()))->parse($text, $dimension);
    }

    public function testNothingIsColderThanAbsoluteZero(): void
    {
        $this->expectException(ImpossibleQuantity::class);

        (new QuantityParser(UnitPreferences::metric()))->parse('-300 C', Dimension::Temperature);
    }

    public function testANegativeLengthIsImpossible(): void
    {
        $this->expectException(ImpossibleQuantity::class);

        (new QuantityParser(UnitPreferences::metric()))->parse('-3 mm', Dimension::Length);
    }
}
