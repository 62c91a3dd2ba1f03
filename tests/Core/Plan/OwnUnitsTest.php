<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Drawing\MouldSection;
use MoltenNotes\Core\NextAttempt\NextAttempt;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\ValueWords;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use MoltenNotes\Tests\Support\WildRecords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whoever reads inches and °F finds no millimetre and no °C in any sentence, drawing or working; and the other way round. */
final class OwnUnitsTest extends TestCase
{
    /** Letters of a formula are symbols, and a source is quoted as it was printed. */
    private const NOT_SAID = ['formula', 'source', 'raw', 'unit'];

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function casters(): iterable
    {
        yield 'inches, pounds, °F' => [
            ['length' => 'in', 'mass' => 'lb', 'volume' => 'in3', 'temperature' => 'degF', 'density' => 'lb/ft3', 'pressure' => 'psi'],
            '/\d\s?(mm|cm|mm²|cm²|cm³|mL|L|kg|g|°C|kPa|bar|m\/s|mL\/s|kg\/m³)(?![\w²³\/])/u',
        ];
        yield 'millimetres, kilograms, °C' => [
            ['length' => 'mm', 'mass' => 'kg', 'volume' => 'mL', 'temperature' => 'degC', 'density' => 'kg/m3', 'pressure' => 'kPa'],
            '/\d\s?(in|″|in²|in³|fl oz|lb|oz|°F|psi|in\/s|lb\/ft³)(?![\w²³\/])/u',
        ];
    }

    /** @param array<string, string> $units */
    #[DataProvider('casters')]
    public function testEverythingThatIsSaidIsSaidInTheCastersUnits(array $units, string $foreign): void
    {
        $preferences = UnitPreferences::fromArray($units);
        $said = 0;
        foreach (self::records() as $name => $record) {
            foreach (self::sayings($record, $preferences) as $where => $words) {
                self::assertDoesNotMatchRegularExpression($foreign, $words, "{$name}, {$where}");
                ++$said;
            }
        }
        self::assertGreaterThan(5000, $said);
    }

    /** @param array<string, string> $units */
    #[DataProvider('casters')]
    public function testTheTableOfAlloysSpeaksSoToo(array $units, string $foreign): void
    {
        $format = new QuantityFormatter(UnitPreferences::fromArray($units));
        foreach (AlloyTable::all() as $alloy) {
            self::assertDoesNotMatchRegularExpression($foreign, $format->words($alloy->note), $alloy->code);
            self::assertStringNotContainsString('{', $format->words($alloy->note));
        }
    }

    /** @return iterable<string, AttemptRecord> */
    private static function records(): iterable
    {
        yield 'a plan' => Records::read(['planned' => Plans::values()]);
        yield 'a cold rim' => Records::read(Records::coldRim());
        yield 'wet sand' => Records::read(Records::wetSand());
        // What a mould or a metal does not bear is said with temperatures of its own.
        foreach (
            [
                ['silicone', 'tin', '310 C'],
                ['silicone', 'al_si7mg', '720 C'],
                ['plaster', 'carbon_steel', '1600 C'],
                ['green_sand', 'yellow_brass', '1060 C'],
                ['plaster', 'al_si7mg', '760 C'],
            ] as [$process, $alloy, $hot]
        ) {
            yield "{$alloy} in {$process}" => Records::read([
                'planned' => [
                    'mould.process' => $process, 'metal.alloy' => $alloy, 'pour.temperature' => $hot, 'mould.temperature' => '400 C',
                ] + Plans::values(),
            ]);
        }
        $wild = new WildRecords(20261127);
        for ($i = 0; $i < 60; ++$i) {
            yield "wild {$i}" => Records::read($wild->document());
        }
    }

    /** @return iterable<string, string> where → words */
    private static function sayings(AttemptRecord $record, UnitPreferences $units): iterable
    {
        $format = new QuantityFormatter($units);
        $basis = Basis::of($record, $format);
        $plan = PlanCasting::of($basis);
        yield from self::words($plan->toArray($format), 'plan');
        yield from self::words($plan->answers($format), 'answers');
        yield from self::words(MouldSection::of($basis, $plan)->toArray(), 'section');
        $catalogue = Catalogue::standard();
        yield from self::words((new Diagnose($catalogue, $units))->attempt($record)->toArray(), 'why');
        foreach ((new NextAttempt($catalogue, $units))->proposals($record, array_keys($catalogue->causes)) as $change) {
            yield "change {$change->remedy->code}" => $change->remedy->label;
            if (null !== $change->remedy->field) {
                yield "change {$change->remedy->code} to" => ValueWords::of($change->remedy->field, $change->new, $format);
            }
        }
    }

    /** @return iterable<string, string> */
    private static function words(mixed $value, string $where): iterable
    {
        if (is_string($value)) {
            yield $where => $value;
        }
        foreach (is_array($value) ? $value : [] as $key => $part) {
            if (!in_array($key, self::NOT_SAID, true)) {
                yield from self::words($part, "{$where}/{$key}");
            }
        }
    }
}
