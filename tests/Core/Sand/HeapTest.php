<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Sand;

use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Sand\Heap;
use MoltenNotes\Core\Sand\HeapHistory;
use MoltenNotes\Core\Sand\HeapReport;
use MoltenNotes\Core\Sand\HeapState;
use MoltenNotes\Core\Sand\Mending;
use MoltenNotes\Core\Sand\MendLine;
use MoltenNotes\Core\Sand\MendTargets;
use MoltenNotes\Core\Sand\SandAddition;
use MoltenNotes\Core\Sand\SandPour;
use MoltenNotes\Core\Sand\SandTest;
use PHPUnit\Framework\TestCase;

/** A heap through a season: what pours take from it, what gives it back. */
final class HeapTest extends TestCase
{
    private const DAY = 86400.0;

    /** m (want − now)/(100 − want): 40 kg at 2 % want 825 g of water for 4 % (derived; the same by hand). */
    public function testWaterForAWantedMoisture(): void
    {
        $heap = self::heap(['mass' => Measurement::of(40, 'kg')]);
        $lines = self::mended($heap, [self::test(11, ['moisture' => Measurement::of(2, 'percent')])], new MendTargets(Ratio::fromSi(0.04)));

        // The heap is weighed at the moisture that is aimed at, 3.5 %; its dry sand is 38.6 kg: 38.6 · (4/96 − 2/98).
        self::assertEqualsWithDelta(38.6 * (4 / 96 - 2 / 98), $lines['water']->figure->value->si, 0.005);
        self::assertLessThan($lines['water']->figure->value->highSi, $lines['water']->figure->value->si);
        self::assertArrayNotHasKey('clay', $lines);
    }

    /** What is weighed out brings the heap to what was wanted: the balance the other way round. */
    public function testWhatIsAddedMakesTheHeapWhatWasWanted(): void
    {
        $heap = self::heap(['mass' => Measurement::of(50, 'kg'), 'clay' => Measurement::of(8, 'percent')]);
        $events = [
            ...array_map(static fn (int $day): SandPour => new SandPour($day * self::DAY, Mass::of(1.5, 'kg')), range(1, 9)),
            self::test(10, ['moisture' => Measurement::of(2.2, 'percent')]),
        ];
        $lines = self::mended($heap, $events);
        self::assertSame(['burnt_out', 'sand', 'clay', 'water'], array_keys($lines));
        $kg = static fn (string $code): Measurement => Measurement::of($lines[$code]->figure->value->si, 'kg');
        $after = (new HeapHistory($heap, [
            ...$events,
            SandAddition::from(10 * self::DAY, ['taken_out' => $kg('burnt_out')]),
            SandAddition::from(10 * self::DAY + 60, ['sand' => $kg('sand'), 'clay' => $kg('clay'), 'water' => $kg('water')]),
        ]))->at(10 * self::DAY + 120);

        self::assertEqualsWithDelta(0.08, $after->readings['clay']->value->si, 3e-4);
        self::assertLessThan(0.10, $after->burnt->si ?? 1.0);
        self::assertEqualsWithDelta(0.10, $after->burnt->si ?? 0.0, 0.008);
        self::assertEqualsWithDelta(0.035, $after->readings['moisture']->value->si, 6e-4);
    }

    public function testTooMuchWaterIsTakenUpByDrySand(): void
    {
        $heap = self::heap(['mass' => Measurement::of(40, 'kg'), 'clay' => Measurement::of(8, 'percent')]);
        $events = [self::test(0, ['moisture' => Measurement::of(6, 'percent')])];
        $mending = Mending::of($heap, (new HeapHistory($heap, $events))->at(60.0), self::format());
        $lines = $mending?->lines() ?? [];
        self::assertSame(['sand', 'clay'], array_map(static fn (MendLine $line): string => $line->code, $lines));
        $after = (new HeapHistory($heap, [
            ...$events,
            SandAddition::from(120.0, [
                'sand' => Measurement::of($lines[0]->figure->value->si, 'kg'),
                'clay' => Measurement::of($lines[1]->figure->value->si, 'kg'),
            ]),
        ]))->at(180.0);

        self::assertEqualsWithDelta(0.035, $after->readings['moisture']->value->si, 2e-4);
        self::assertStringContainsString('until it has lost', $lines[0]->how);
    }

    /** Sand as it is dug brings its clay with it: nothing is weighed out for it, and what is burnt is renewed by it alone. */
    public function testNaturalSandIsRenewedByNaturalSand(): void
    {
        $heap = Heap::from(['kind' => 'natural', 'mass' => Measurement::of(20, 'kg'), 'clay' => Measurement::of(14, 'percent')])
            ?? throw new \LogicException('no heap');
        $pours = array_map(static fn (int $day): SandPour => new SandPour($day * self::DAY, Mass::of(0.6, 'kg')), range(1, 9));
        $lines = self::mended($heap, $pours);
        $washed = self::mended(self::heap(['mass' => Measurement::of(20, 'kg'), 'clay' => Measurement::of(14, 'percent')]), $pours);
        self::assertLessThan($washed['clay']->figure->value->si, $lines['clay']->figure->value->si);
        $after = (new HeapHistory($heap, [
            ...$pours,
            SandAddition::from(10 * self::DAY, ['taken_out' => Measurement::of($lines['burnt_out']->figure->value->si, 'kg')]),
            SandAddition::from(10 * self::DAY + 60, [
                'sand' => Measurement::of($lines['sand']->figure->value->si, 'kg'),
                'clay' => Measurement::of($lines['clay']->figure->value->si, 'kg'),
            ]),
        ]))->at(11 * self::DAY);
        self::assertEqualsWithDelta(0.14, $after->readings['clay']->value->si, 1e-3);

        $wet = self::mended($heap, [self::test(11, ['moisture' => Measurement::of(9, 'percent')])]);
        self::assertSame(['sand'], array_keys($wet));
    }

    public function testPoursTireAHeapAndClayAndSandMendIt(): void
    {
        $heap = self::heap(['mass' => Measurement::of(30, 'kg'), 'clay' => Measurement::of(8, 'percent')]);
        $pours = array_map(static fn (int $day): SandPour => new SandPour($day * self::DAY, Mass::of(1, 'kg')), range(1, 12));
        $fresh = self::at($heap, [], 20);
        $worn = self::at($heap, $pours, 20);
        $mended = self::at($heap, [...$pours, SandAddition::from(15 * self::DAY, ['clay' => Measurement::of(1, 'kg')])], 20);

        self::assertEqualsWithDelta(0.08, $fresh->readings['clay']->value->si, 1e-9);
        self::assertEqualsWithDelta(0.08 * (1 - 1 / (30 * 0.965)) ** 12, $worn->readings['clay']->value->si, 1e-6);
        self::assertGreaterThan($worn->readings['clay']->value->si, $mended->readings['clay']->value->si);
        self::assertSame([12, 12], [$worn->pours, $worn->sinceMended]);
        self::assertSame(0, $mended->sinceMended);
        self::assertGreaterThan(0.3, $worn->burnt->si ?? 0.0);
    }

    /** Dead clay is still clay to a wash: what it finds is not all alive. */
    public function testAWashFindsDeadClayToo(): void
    {
        $heap = self::heap(['mass' => Measurement::of(30, 'kg'), 'clay' => Measurement::of(8, 'percent')]);
        $pours = array_map(static fn (int $day): SandPour => new SandPour($day * self::DAY, Mass::of(1, 'kg')), range(1, 12));
        $wash = self::test(15, ['wash_before' => Measurement::of(100, 'g'), 'wash_after' => Measurement::of(92, 'g')]);
        $reading = self::at($heap, [...$pours, $wash], 16)->readings['clay'];

        self::assertSame('tested', $reading->origin);
        self::assertLessThan(0.06, $reading->value->si);
        self::assertEqualsWithDelta(0.08 * (1 - 1 / 28.95) ** 12, $reading->value->si, 1e-4);
    }

    /** Burnt sand thrown away takes no live clay with it; mixed sand takes everything along. */
    public function testThrowingBurntSandAwayRenewsMoreThanTakingMixedSandOut(): void
    {
        $heap = self::heap(['mass' => Measurement::of(30, 'kg'), 'clay' => Measurement::of(8, 'percent')]);
        $pours = array_map(static fn (int $day): SandPour => new SandPour($day * self::DAY, Mass::of(1, 'kg')), range(1, 12));
        $none = self::at($heap, $pours, 20);
        $burnt = self::at($heap, [...$pours, SandAddition::from(15 * self::DAY, ['burnt_out' => Measurement::of(5, 'kg')])], 20);
        $mixed = self::at($heap, [...$pours, SandAddition::from(15 * self::DAY, ['taken_out' => Measurement::of(5, 'kg')])], 20);

        self::assertLessThan($none->burnt->si ?? 0.0, $burnt->burnt->si ?? 1.0);
        self::assertGreaterThan($none->readings['clay']->value->si, $burnt->readings['clay']->value->si);
        self::assertEqualsWithDelta($none->burnt->si ?? 0.0, $mixed->burnt->si ?? 1.0, 1e-9);
        self::assertEqualsWithDelta($none->readings['clay']->value->si, $mixed->readings['clay']->value->si, 1e-9);
    }

    public function testMoistureGoesWithTheDayAndClayDoesNot(): void
    {
        $heap = self::heap(['mass' => Measurement::of(30, 'kg'), 'clay' => Measurement::of(8, 'percent')]);
        $test = self::test(1, ['moisture' => Measurement::of(3.4, 'percent'), 'squeeze' => 'good']);
        $same = self::at($heap, [$test], 1.5)->values();
        $later = self::at($heap, [$test], 6)->values();

        self::assertArrayHasKey('sand.moisture', $same);
        self::assertSame('good', $same['sand.condition'] ?? null);
        self::assertArrayNotHasKey('sand.moisture', $later);
        self::assertArrayNotHasKey('sand.condition', $later);
        self::assertArrayHasKey('sand.clay', $later);
    }

    /** What nobody told or measured is not told on as if it were known. */
    public function testARecipeTakenForGrantedIsNotHandedOnToTheMould(): void
    {
        self::assertArrayNotHasKey('sand.clay', self::at(self::heap(['mass' => Measurement::of(30, 'kg')]), [], 1)->values());
        self::assertSame(['sand.reused' => 0, 'sand.kind' => 'bentonite'], self::at(self::heap([]), [], 1)->values());
    }

    public function testItSaysItIsGettingTiredBeforeItIs(): void
    {
        $heap = self::heap(['mass' => Measurement::of(30, 'kg'), 'clay' => Measurement::of(8, 'percent')]);
        $say = static function (int $pours) use ($heap): HeapReport {
            $events = array_map(static fn (int $day): SandPour => new SandPour($day * self::DAY, Mass::of(0.6, 'kg')), range(1, $pours));

            return HeapReport::of(
                $heap,
                new HeapHistory($heap, [...$events, self::test(60, ['moisture' => Measurement::of(3.5, 'percent')])]),
                60.2 * self::DAY,
                self::format(),
            );
        };

        self::assertSame('good', $say(2)->standing);
        self::assertStringContainsString('Fit to mould', $say(2)->sentence);
        self::assertStringContainsString('getting tired', $say(11)->sentence);
        self::assertSame('bad', $say(30)->standing);
        self::assertStringContainsString('This heap is tired', $say(30)->sentence);
        self::assertGreaterThan($say(8)->poursLeft->value->si ?? 0.0, $say(4)->poursLeft->value->si ?? 0.0);
    }

    /** The last pour before it is tired is the one that must be said. */
    public function testTheLastPourThatIsLeftIsSaid(): void
    {
        $heap = self::heap(['mass' => Measurement::of(30, 'kg'), 'clay' => Measurement::of(6.1, 'percent')]);
        $events = [new SandPour(self::DAY, Mass::of(0.3, 'kg')), self::test(60, ['moisture' => Measurement::of(3.5, 'percent')])];
        $report = HeapReport::of($heap, new HeapHistory($heap, $events), 60.2 * self::DAY, self::format());

        self::assertSame('bad', $report->poursLeft?->standing);
        self::assertStringContainsString('It has about one pour like the last ones left', $report->sentence);
    }

    public function testWhatIsDueIsNamed(): void
    {
        $heap = self::heap(['mass' => Measurement::of(30, 'kg')]);
        $due = static function (array $events, float $day) use ($heap): array {
            /** @var list<SandTest|SandAddition|SandPour> $events */
            $named = [];
            foreach (HeapReport::of($heap, new HeapHistory($heap, $events), $day * self::DAY, self::format())->due as $one) {
                $named[$one->measure->code] = [$one->now, $one->words];
            }

            return $named;
        };
        $clay = self::test(0, ['clay' => Measurement::of(8, 'percent'), 'moisture' => Measurement::of(3.4, 'percent')]);
        $pours = array_map(static fn (int $day): SandPour => new SandPour($day * self::DAY, null), range(1, 10));

        self::assertTrue($due([], 1)['clay'][0]);
        self::assertFalse($due([$clay], 1)['clay'][0]);
        self::assertFalse($due([$clay], 1)['moisture'][0]);
        self::assertTrue($due([$clay], 3)['moisture'][0]);
        self::assertTrue($due([$clay, ...$pours], 20)['clay'][0]);
        self::assertStringContainsString('10 pours since', $due([$clay, ...$pours], 20)['clay'][1]);
    }

    /** By weight it has water enough, by ramming it has not: dead clay drinks it. */
    public function testWeighingAndRammingThatDisagreeAreSaidTo(): void
    {
        $heap = self::heap(['mass' => Measurement::of(30, 'kg'), 'clay' => Measurement::of(8, 'percent')]);
        $state = self::at($heap, [self::test(1, [
            'wet' => Measurement::of(500, 'g'), 'dried' => Measurement::of(482.5, 'g'), 'compactability' => Measurement::of(24, 'percent'),
        ])], 1.1);

        self::assertStringContainsString('do not agree', Mending::of($heap, $state, self::format())?->doubt() ?? '');
    }

    public function testWithoutWhatItWeighsNothingIsWeighedOut(): void
    {
        $heap = self::heap(['clay' => Measurement::of(8, 'percent')]);

        self::assertNull(Mending::of($heap, self::at($heap, [], 1), self::format()));
        self::assertNull(self::at($heap, [new SandPour(0.0, Mass::of(1, 'kg'))], 1)->burnt);
    }

    /** Oil and catalyst for the burnt share: 40 kg that lost a fifth of 2 % oil want 160 g, and a twentieth of that of catalyst. */
    public function testOilAndCatalystForTheBurntShare(): void
    {
        $heap = Heap::from([
            'kind' => 'oil', 'mass' => Measurement::of(40, 'kg'), 'clay' => Measurement::of(5, 'percent'),
            'oil' => Measurement::of(2, 'percent'), 'catalyst' => Measurement::of(0.1, 'percent'),
        ]) ?? throw new \LogicException('no heap');
        $lines = self::mended($heap, [new SandPour(self::DAY, Mass::of(8, 'kg'))]);

        self::assertEqualsWithDelta(0.421, $lines['clay']->figure->value->si, 0.002);
        self::assertEqualsWithDelta(0.02 * 40.42 - 0.016 * 40, $lines['oil']->figure->value->si, 0.002);
        self::assertEqualsWithDelta($lines['oil']->figure->value->si / 20, $lines['catalyst']->figure->value->si, 1e-6);
        self::assertSame(['clay', 'oil', 'catalyst'], array_keys($lines));
    }

    /** @param array<string, mixed> $columns */
    private static function heap(array $columns): Heap
    {
        return Heap::from(['kind' => 'bentonite'] + $columns) ?? throw new \LogicException('no heap');
    }

    /** @param array<string, mixed> $columns */
    private static function test(float $day, array $columns): SandTest
    {
        return SandTest::from($day * self::DAY, $columns, Mass::of(0.1, 'g'));
    }

    /** @param list<SandTest|SandAddition|SandPour> $events */
    private static function at(Heap $heap, array $events, float $day): HeapState
    {
        return (new HeapHistory($heap, $events))->at($day * self::DAY);
    }

    /**
     * @param list<SandTest|SandAddition|SandPour> $events
     *
     * @return array<string, MendLine>
     */
    private static function mended(Heap $heap, array $events, MendTargets $wanted = new MendTargets()): array
    {
        $lines = [];
        $mending = Mending::of($heap, (new HeapHistory($heap, $events))->at(11 * self::DAY), self::format(), $wanted);
        foreach ($mending?->lines() ?? [] as $line) {
            $lines[$line->code] = $line;
        }

        return $lines;
    }

    private static function format(): QuantityFormatter
    {
        return new QuantityFormatter(UnitPreferences::metric());
    }
}
