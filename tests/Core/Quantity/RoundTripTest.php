<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Quantity;

use Eris\Generators;
use Eris\TestTrait;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\QuantityParser;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Quantity\UnitTable;
use PHPUnit\Framework\TestCase;

/** What is shown can be typed back, and no unit loses anything on the way through SI. */
final class RoundTripTest extends TestCase
{
    use TestTrait;

    public function testEveryUnitComesBackThroughSi(): void
    {
        $this->forAll(Generators::choose(1, 5_000_000))->then(static function (int $n): void {
            foreach (Dimension::cases() as $dimension) {
                foreach (UnitTable::of($dimension) as $unit) {
                    $value = $n / 1000;
                    self::assertEqualsWithDelta($value, $unit->fromSi($unit->toSi($value)), 1e-9 * max(1.0, $value), $unit->code);
                }
            }
        });
    }

    public function testWhatIsShownReadsBackAsTheSameWithinTheFiguresShown(): void
    {
        // [kind, unit, least, most, tolerance of what a workshop can tell, as a share]
        $kinds = [
            [Dimension::Temperature, 'degC', 20, 1600, 0.0],
            [Dimension::Mass, 'g', 1, 40_000, 0.006],
            [Dimension::Length, 'mm', 1, 3000, 0.006],
            [Dimension::Time, 's', 1, 400_000, 0.06],
        ];
        foreach ([UnitPreferences::metric(), UnitPreferences::imperial()] as $preferences) {
            $format = new QuantityFormatter($preferences);
            $parser = new QuantityParser($preferences);
            foreach ($kinds as [$dimension, $unit, $least, $most, $tolerance]) {
                $this->forAll(Generators::choose($least, $most))->then(static function (int $n) use (
                    $dimension,
                    $unit,
                    $tolerance,
                    $format,
                    $parser,
                ): void {
                    $given = Measurement::of((float) $n, $unit);
                    $shown = $format->measurement($given);
                    $back = $parser->parse($shown, $dimension);
                    // A length is shown to 1/64 inch at the finest, a mass to a tenth of an ounce, a temperature to a whole degree: half
                    // of that may go.
                    $slack = match ($dimension) {
                        Dimension::Length => 0.0254 / 128,
                        Dimension::Temperature => 0.5,
                        Dimension::Mass => (0.05 * 0.45359237) / 16,
                        default => 0.0,
                    };
                    self::assertEqualsWithDelta($given->si(), $back->si(), $tolerance * $given->si() + $slack, $shown);
                });
            }
        }
    }

    public function testTheFormForFilesGivesBackExactlyWhatWasTyped(): void
    {
        $this->forAll(Generators::choose(-200, 200_000))->then(static function (int $n): void {
            $form = Measurement::of($n / 100, 'degF')->toArray();

            self::assertEqualsWithDelta($n / 100, $form['value'], 1e-6);
        });
    }

    public function testADifferenceOfTemperaturesIsNotATemperature(): void
    {
        $format = new QuantityFormatter(UnitPreferences::imperial());

        self::assertSame('18°F', str_replace("\u{00A0}", '', $format->measurement(Measurement::of(10.0, 'ddegC'))));
        self::assertSame('50°F', str_replace("\u{00A0}", '', $format->measurement(Measurement::of(10.0, 'degC'))));
    }
}
