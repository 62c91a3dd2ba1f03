<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Charge;

use MoltenNotes\Core\Charge\HeatMetal;
use MoltenNotes\Core\Charge\Knowledge;
use MoltenNotes\Core\Charge\Lot;
use MoltenNotes\Core\Charge\LotEvent;
use MoltenNotes\Core\Charge\Shelf;
use MoltenNotes\Core\Quantity\Measurement;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The shelf by its book: what went into heats, and what came back. */
final class ShelfTest extends TestCase
{
    /** @param array<string, mixed> $more */
    private static function lot(string $id, float $kg, array $more = []): Lot
    {
        return Lot::from($id, ucfirst($id), ['mass' => self::kg($kg)] + $more);
    }

    private static function kg(float $kg): Measurement
    {
        return Measurement::of($kg, 'kg');
    }

    /** @param array<string, mixed> $more */
    private static function event(float $at, string $kind, string $lot, ?float $kg, ?string $heat = null, array $more = []): LotEvent
    {
        return LotEvent::from($at, $kind, $lot, $heat, (null === $kg ? [] : ['mass' => self::kg($kg)]) + $more);
    }

    public function testMetalGoesFromTheShelfIntoThePotAndBackOneMeltOlder(): void
    {
        $lots = [
            'fine' => self::lot('fine', 0.120, ['alloy' => 'silver_999', 'form' => 'ingot', 'composition' => ['Cu' => 0.001]]),
            'copper' => self::lot('copper', 0.500, ['alloy' => 'copper', 'form' => 'ingot']),
            'returns' => self::lot('returns', 0.0),
        ];
        $shelf = Shelf::replay($lots, [
            self::event(3.0, 'lot_returned', 'returns', 0.040, 'heat', ['what' => 'gating']),
            self::event(1.0, 'lot_charged', 'fine', 0.100, 'heat'),
            self::event(1.0, 'lot_charged', 'copper', 0.008, 'heat'),
        ]);
        $states = $shelf->states();

        self::assertEqualsWithDelta(0.020, $states['fine']->mass->si, 1e-12);
        self::assertEqualsWithDelta(0.492, $states['copper']->mass->si, 1e-12);
        self::assertEqualsWithDelta(0.040, $states['returns']->mass->si, 1e-12);
        self::assertEqualsWithDelta(0.925, $states['returns']->composition?->share('Ag')->si ?? 0.0, 0.002);
        self::assertSame(1.0, $states['returns']->remelts);
        self::assertEqualsWithDelta(0.04, $shelf->returned('heat')->si, 1e-12);
        self::assertSame(['Fine', 'Copper'], array_map(static fn ($line): string => $line->name, $shelf->pot('heat')->lines));
    }

    /** Whatever the book says, no metal comes from nowhere: what is there, what was charged and what came in add up. */
    public function testTheBalanceHoldsForRandomBooks(): void
    {
        $chance = new Randomizer(new Mt19937(3));
        for ($book = 0; $book < 100; ++$book) {
            $lots = $events = [];
            $in = 0.0;
            foreach (['a', 'b', 'c'] as $id) {
                $kg = $chance->getInt(100, 900) / 100;
                $lots[$id] = self::lot($id, $kg, ['alloy' => 'al_si9cu3']);
                $in += $kg;
            }
            for ($i = 0; $i < 20; ++$i) {
                $id = ['a', 'b', 'c'][$chance->getInt(0, 2)];
                $kg = $chance->getInt(1, 80) / 100;
                $kind = ['lot_added', 'lot_charged', 'lot_returned'][$chance->getInt(0, 2)];
                $heat = 'lot_added' === $kind ? null : 'h'.$chance->getInt(1, 4);
                $events[] = self::event((float) $chance->getInt(1, 1000), $kind, $id, $kg, $heat);
                $in += 'lot_charged' === $kind ? -$kg : $kg;
            }
            $states = Shelf::replay($lots, $events)->states();
            $is = $over = 0.0;
            foreach ($states as $state) {
                $is += $state->mass->si;
                $over += $state->overdrawn->si();
                self::assertGreaterThanOrEqual(0.0, $state->mass->si);
                self::assertNotNull($state->composition);
            }
            self::assertEqualsWithDelta($in + $over, $is, 1e-9, "book {$book}");
            // The order in which lines were written down says nothing; their moments do.
            $again = Shelf::replay($lots, array_reverse($events))->states();
            self::assertEqualsWithDelta($states['a']->remelts, $again['a']->remelts, 1e-9);
        }
    }

    public function testTheScaleHasTheLastWordAndMoreThanThereWasIsSaid(): void
    {
        $lots = ['a' => self::lot('a', 1.0, ['alloy' => 'al_si12'])];
        $short = Shelf::replay($lots, [self::event(1.0, 'lot_charged', 'a', 1.4, 'h')])->states()['a'];
        self::assertSame(0.0, $short->mass->si);
        self::assertEqualsWithDelta(0.4, $short->overdrawn->si(), 1e-12);

        $weighed = Shelf::replay($lots, [
            self::event(1.0, 'lot_charged', 'a', 1.4, 'h'),
            self::event(2.0, 'lot_weighed', 'a', 0.7),
        ])->states()['a'];
        self::assertSame(0.7, $weighed->mass->si);
        self::assertSame(0.0, $weighed->overdrawn->si());
    }

    public function testAnAnalysisStandsBeforeTheGradeAndACheckOfThePotBeforeBoth(): void
    {
        $lots = ['a' => self::lot('a', 3.0, ['alloy' => 'al_si7mg']), 'back' => self::lot('back', 0.0)];
        $found = ['composition' => ['Si' => 0.062, 'Fe' => 0.005]];
        $events = [
            self::event(1.0, 'lot_checked', 'a', null, null, $found),
            self::event(2.0, 'lot_charged', 'a', 2.0, 'h'),
            self::event(3.0, 'lot_returned', 'back', 0.5, 'h'),
        ];
        $shelf = Shelf::replay($lots, $events);
        self::assertEqualsWithDelta(0.062, $shelf->states()['a']->composition?->share('Si')->si ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(0.062, $shelf->states()['back']->composition?->share('Si')->si ?? 0.0, 1e-3);

        $checked = Shelf::replay($lots, $events, ['h' => new HeatMetal('al_si7mg', ['Si' => 0.071], Knowledge::of('assayed'))]);
        self::assertEqualsWithDelta(0.071, $checked->states()['back']->composition?->share('Si')->si ?? 0.0, 1e-9);
    }

    public function testAHeatOfWhichOnlyTheMetalIsKnownGivesBackThatMetal(): void
    {
        $shelf = Shelf::replay(
            ['back' => self::lot('back', 0.0)],
            [self::event(1.0, 'lot_returned', 'back', 0.5, 'h')],
            ['h' => new HeatMetal('zn_al4', [], Knowledge::of(null))],
        );
        self::assertSame('Zn', $shelf->states()['back']->composition?->base);
    }

    public function testALotGivenOtherMetalIsTheMeanOfBoth(): void
    {
        $state = Shelf::replay(
            ['a' => self::lot('a', 1.0, ['alloy' => 'al_si12', 'form' => 'ingot', 'remelts' => 2])],
            [self::event(1.0, 'lot_returned', 'a', 3.0, 'h')],
            ['h' => new HeatMetal('al99', [], Knowledge::of(null))],
        )->states()['a'];

        self::assertEqualsWithDelta((0.12 * 1.0 + 0.001 * 3.0) / 4.0, $state->composition?->share('Si')->si ?? 0.0, 1e-9);
        self::assertEqualsWithDelta((2.0 * 1.0 + 1.0 * 3.0) / 4.0, $state->remelts, 1e-9);
    }
}
