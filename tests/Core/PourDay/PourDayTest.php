<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\PourDay;

use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\PourDay\DayEvent;
use MoltenNotes\Core\PourDay\FromEvents;
use MoltenNotes\Core\PourDay\LeavingOrder;
use MoltenNotes\Core\PourDay\PouringOrder;
use MoltenNotes\Core\PourDay\RunSheet;
use MoltenNotes\Core\PourDay\Tap;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\TestCase;

/** The day of a pour: what its plan makes of it, and what its taps make of the record. */
final class PourDayTest extends TestCase
{
    public function testTapsBecomeTheTimesOfTheRecord(): void
    {
        $values = FromEvents::values(
            [
                new DayEvent('full', 2518.4),
                new DayEvent('lit', 0.0),
                new DayEvent('all_liquid', 1500.0),
                new DayEvent('temperature', 1700.0, '700 C'),
                new DayEvent('temperature', 2400.0, '1355 F'),
                new DayEvent('skimmed', 2450.0),
                new DayEvent('out', 2500.0),
                new DayEvent('pour', 2512.0),
                new DayEvent('temperature', 2600.0, '600 C'),
                new DayEvent('opened', 4918.4),
            ],
            UnitPreferences::metric(),
        );

        $told = array_map(
            static fn (Measurement|bool $value): mixed => $value instanceof Measurement ? round($value->si(), 1) : $value,
            $values,
        );
        self::assertEquals([
            'melt.time' => 1500.0,
            'melt.hold' => 1000.2,
            'pour.carry_time' => 12.0,
            'pour.time' => 6.4,
            'cooling.open_after' => 2400.0,
            'melt.skimmed' => true,
            'pour.temperature' => 1008.2,
        ], $told, 'the last temperature before the pour counts: 1355 °F');
    }

    public function testTapsThatContradictOneAnotherSayNothing(): void
    {
        $values = FromEvents::values([new DayEvent('full', 10.0), new DayEvent('pour', 20.0)], UnitPreferences::metric());
        self::assertArrayNotHasKey('pour.time', $values);
        $hot = FromEvents::values([new DayEvent('temperature', 1.0, 'very hot')], UnitPreferences::metric());
        self::assertSame([], $hot);
        // Two minutes of carrying a pot is long; a whole evening between two taps is a forgotten tap, and no carry time.
        $values = FromEvents::values([new DayEvent('out', 0.0), new DayEvent('pour', 20_000.0)], UnitPreferences::metric());
        self::assertArrayNotHasKey('pour.carry_time', $values);
    }

    public function testTheOrderInWhichTapsArriveChangesNothing(): void
    {
        $events = [];
        foreach (array_keys(Tap::all()) as $place => $code) {
            $events[] = new DayEvent($code, 10.0 * $place, 'temperature' === $code ? '700 C' : null);
        }
        $straight = FromEvents::values($events, UnitPreferences::metric());
        self::assertEquals($straight, FromEvents::values(array_reverse($events), UnitPreferences::metric()));
        self::assertContains('bubbling', FromEvents::seen($events));
    }

    public function testEveryTapNoticesOrSetsSomethingThatTheRecordKnows(): void
    {
        foreach (Tap::all() as $tap) {
            if (null !== $tap->seen) {
                self::assertArrayHasKey($tap->seen, Vocabulary::standard()->observations, $tap->code);
            }
            foreach (array_keys($tap->sets) as $field) {
                self::assertNotNull(Fields::find($field), $tap->code);
            }
            self::assertLessThanOrEqual(24, mb_strlen($tap->label), 'a tap is read at arm’s length');
        }
    }

    /** Short enough to be read with gloves on, never a promise, and each with why. */
    public function testHoldsAreShortAndSayWhyInEveryProcess(): void
    {
        foreach (MouldProcess::all() as $process) {
            $sheet = self::sheet(['mould.process' => $process->code, 'metal.alloy' => 'al_si7mg']);
            foreach (['lighting', 'pouring'] as $when) {
                self::assertContains($when, array_column($sheet->holds, 'when'), $process->code);
            }
            foreach ($sheet->holds as $hold) {
                self::assertLessThanOrEqual(60, mb_strlen($hold['text']));
                self::assertNotSame('', $hold['why']);
                self::assertDoesNotMatchRegularExpression('/\bsafe/i', $hold['text'].$hold['why']);
                self::assertTrue(RunSheet::isHold($hold['code']));
            }
            self::assertNotSame([], $sheet->trouble);
        }
    }

    public function testHoldsFollowWhatIsThere(): void
    {
        $codes = static fn (array $values): array => array_column(self::sheet($values)->holds, 'code');

        self::assertNotContains('core_cured', $codes(['mould.process' => 'green_sand']));
        self::assertContains('core_cured', $codes(['mould.process' => 'green_sand', 'core.volume' => '40 mL']));
        self::assertNotContains('wash_dry', $codes(['mould.process' => 'green_sand', 'mould.coating' => 'none']));
        self::assertContains('zinc', $codes(['mould.process' => 'green_sand', 'metal.alloy' => 'yellow_brass']));
        self::assertContains('burnt_out', $codes(['mould.process' => 'plaster']));
        self::assertNotContains('held_down', $codes(['mould.process' => 'plaster']));
    }

    public function testTheMetalCoolsOnTheWayAndTheSheetSaysFromWhenItIsTooCold(): void
    {
        $sheet = self::sheet(['pour.temperature' => '760 C'] + Plans::values());
        self::assertSame([0, 5, 10, 15, 20, 30, 45, 60, 90, 120], array_column($sheet->metal, 'seconds'));
        $rank = array_map(
            static fn (array $row): int => ['good' => 0, 'risky' => 1, 'bad' => 2][$row['standing']] ?? 0,
            $sheet->metal,
        );
        $sorted = $rank;
        sort($sorted);
        self::assertSame($sorted, $rank, 'it only gets colder');
        self::assertNotNull($sheet->fills);
        self::assertSame([], self::sheet(['mould.process' => 'green_sand'])->metal, 'without a temperature nothing is told');
    }

    /** The late end of the plan’s spread rules: somebody stands beside it. */
    public function testOpeningTimesAreThoseOfThePlanAtTheirLateEnd(): void
    {
        $solid = Plans::of()->figure('cooling', 'solid_through')?->value;
        self::assertNotNull($solid);
        $opening = array_column(self::sheet(Plans::values())->opening, 'seconds', 'code');

        self::assertSame($solid->highSi, $opening['solid_through']);
        self::assertGreaterThan($solid->si, $opening['solid_through']);
    }

    /** Thinnest and hottest first, heaviest last, and what says nothing after them; in whatever order they were planned. */
    public function testWhatNeedsTheHottestMetalIsPouredFirst(): void
    {
        $plate = static fn (string $thick): AttemptRecord => Records::read(['planned' => [
            'mould.process' => 'green_sand',
            'metal.alloy' => 'al_si7mg',
            'casting.sections' => [['shape' => 'plate', 'length' => '160 mm', 'width' => '80 mm', 'thickness' => $thick, 'gates' => 1]],
            'gating.sprue' => '14 mm',
            'gating.sprue_height' => '90 mm',
            'pour.temperature' => '720 C',
        ]]);
        $moulds = ['thick' => $plate('15 mm'), 'blank' => Records::read([]), 'thin' => $plate('3 mm'), 'middling' => $plate('7 mm')];
        $format = new QuantityFormatter(UnitPreferences::metric());
        $order = static fn (array $records): array => array_map(
            static fn (PouringOrder $row): string => $row->key,
            PouringOrder::of($records, $format),
        );

        self::assertSame(['thin', 'middling', 'thick', 'blank'], $order($moulds));
        self::assertSame(['thin', 'middling', 'thick', 'blank'], $order(array_reverse($moulds)));
    }

    public function testBlanksGiveASheetWithoutAmounts(): void
    {
        $sheet = self::sheet([]);

        self::assertSame([], $sheet->lay);
        self::assertSame([], $sheet->opening);
        self::assertCount(7, $sheet->steps);
        self::assertSame('opened', $sheet->steps[6]['code']);
        self::assertStringContainsString('Not before it is solid', $sheet->steps[6]['words']);
    }

    /** @param array<string, mixed> $planned */
    private static function sheet(array $planned): RunSheet
    {
        return RunSheet::of(Records::read(['planned' => $planned]), new QuantityFormatter(UnitPreferences::metric()));
    }

    public function testThePotThatLosesItsHeatFasterLeavesTheFurnaceLast(): void
    {
        $format = new QuantityFormatter(UnitPreferences::metric());
        $of = static fn (string $alloy, string $hot, string $charge): AttemptRecord => Records::read([
            'planned' => ['metal.alloy' => $alloy, 'pour.temperature' => $hot, 'metal.charge' => $charge] + Plans::values(),
        ]);
        $order = LeavingOrder::of([
            'bronze' => $of('tin_bronze', '1150 C', '1 kg'),
            'aluminium' => $of('al_si7mg', '720 C', '1 kg'),
            'nothing told' => Records::read(['planned' => []]),
        ], $format);
        self::assertSame(['aluminium', 'bronze', 'nothing told'], array_map(static fn (LeavingOrder $row): string => $row->key, $order));
        self::assertNotNull($order[0]->loses);
        self::assertNull($order[2]->loses);
        // Of one metal the small pot cools faster.
        $sizes = LeavingOrder::of(['small' => $of('al_si7mg', '720 C', '0.4 kg'), 'large' => $of('al_si7mg', '720 C', '8 kg')], $format);
        self::assertSame('large', $sizes[0]->key);
    }
}
