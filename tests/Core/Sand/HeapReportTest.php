<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Sand;

use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Sand\Heap;
use MoltenNotes\Core\Sand\HeapHistory;
use MoltenNotes\Core\Sand\HeapReport;
use MoltenNotes\Core\Sand\Measure;
use MoltenNotes\Core\Sand\Mending;
use MoltenNotes\Core\Sand\SandAddition;
use MoltenNotes\Core\Sand\SandKind;
use MoltenNotes\Core\Sand\SandPour;
use MoltenNotes\Core\Sand\SandTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is said of a heap, and that something true is said of every heap that can be written down. */
final class HeapReportTest extends TestCase
{
    private const DAY = 86400.0;

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>|null, string, string}> */
    public static function heaps(): iterable
    {
        $eight = ['clay' => Measurement::of(8, 'percent')];
        yield 'nothing known' => ['bentonite', [], null, 'plain', 'Nothing is known of this heap yet'];
        yield 'clay known, not today’s water' => [
            'bentonite', $eight, ['clay' => Measurement::of(8, 'percent')],
            'plain', 'Its moisture is not known today',
        ];
        yield 'too wet' => [
            'bentonite', $eight, ['moisture' => Measurement::of(6.5, 'percent')],
            'bad', 'Too wet to mould: moisture 6.5 % (2.5 to 4.5 % wanted)',
        ];
        yield 'too dry' => ['bentonite', $eight, ['moisture' => Measurement::of(1.2, 'percent')], 'bad', 'Too dry to mould'];
        yield 'wet by the hand alone' => ['bentonite', $eight, ['squeeze' => 'wet'], 'bad', 'Wet sand blows'];
        yield 'right' => [
            'bentonite', $eight, ['moisture' => Measurement::of(3.5, 'percent'), 'squeeze' => 'good'],
            'good', 'Fit to mould: moisture 3.5 %',
        ];
        yield 'natural sand wants more' => ['natural', [], ['moisture' => Measurement::of(6, 'percent')], 'good', 'Fit to mould'];
        yield 'little clay left' => [
            'bentonite', $eight, ['clay' => Measurement::of(3, 'percent'), 'moisture' => Measurement::of(3.5, 'percent')],
            'bad', 'This heap is tired',
        ];
        yield 'too much clay' => [
            'bentonite', $eight, ['clay' => Measurement::of(16, 'percent'), 'moisture' => Measurement::of(3.5, 'percent')],
            'bad', 'It breathes less',
        ];
        yield 'dust in dry sand' => ['dry', [], ['clay' => Measurement::of(3, 'percent')], 'bad', 'There is dust in it: clay and dust 3 %'];
        yield 'damp sand for foam' => ['dry', [], ['moisture' => Measurement::of(2, 'percent')], 'bad', 'Too wet to mould'];
        yield 'closed pores' => [
            'bentonite', $eight, ['moisture' => Measurement::of(3.5, 'percent'), 'permeability' => 20],
            'risky', 'Permeability number is outside its band',
        ];
    }

    /**
     * @param array<string, mixed> $columns
     * @param array<string, mixed>|null $test
     */
    #[DataProvider('heaps')]
    public function testItSaysWhatItIsGoodFor(string $kind, array $columns, ?array $test, string $standing, string $words): void
    {
        $heap = Heap::from(['kind' => $kind, 'mass' => Measurement::of(30, 'kg')] + $columns) ?? throw new \LogicException('no heap');
        $events = null === $test ? [] : [SandTest::from(10 * self::DAY, $test, Mass::of(0.1, 'g'))];
        $report = HeapReport::of($heap, new HeapHistory($heap, $events), 10.2 * self::DAY, self::format());

        self::assertStringContainsString($words, $report->sentence);
        self::assertSame($standing, $report->standing);
        self::assertStringNotContainsString('safe', $report->sentence);
    }

    /**
     * Whatever is written into a book, in whatever order: shares stay shares, low ends below high ends, and there is a sentence and an
     * answer on what to add.
     */
    public function testEveryBookCanBeRead(): void
    {
        $dice = new Randomizer(new Mt19937(5));
        $format = self::format();
        for ($book = 0; $book < 150; ++$book) {
            $kinds = array_keys(SandKind::all());
            $kg = $dice->getInt(0, 3) > 0 ? ['mass' => Measurement::of($dice->getInt(1, 400) / 10, 'kg')] : [];
            $heap = Heap::from(['kind' => $kinds[$dice->getInt(0, count($kinds) - 1)]] + $kg) ?? throw new \LogicException('no heap');
            $events = [];
            for ($i = $dice->getInt(0, 25); $i > 0; --$i) {
                $events[] = self::event($dice);
            }
            $history = new HeapHistory($heap, $events);
            $now = $history->until(40 * self::DAY);
            $report = HeapReport::of($heap, $history, $now, $format);
            self::assertNotSame('', $report->sentence);
            foreach ([$report->state->burnt, ...array_map(static fn ($one) => $one->value, $report->state->readings)] as $value) {
                self::assertTrue(null === $value || ($value->lowSi <= $value->si && $value->si <= $value->highSi));
            }
            self::assertTrue(null === $report->state->burnt || ($report->state->burnt->si >= 0.0 && $report->state->burnt->highSi <= 1.0));
            self::assertLessThanOrEqual(1.0, $report->state->readings['clay']->value->si ?? 0.0);
            self::assertGreaterThan(0.0, $report->state->dry->si ?? 1.0);
            foreach (Mending::of($heap, $report->state, $format)?->lines() ?? [] as $line) {
                self::assertGreaterThan(0.0, $line->figure->value->si);
                self::assertTrue(is_finite($line->figure->value->highSi));
            }
            foreach (array_keys(Measure::all()) as $measure) {
                $moments = array_column($history->trend($measure, $now), 0);
                $sorted = $moments;
                sort($sorted);
                self::assertSame($sorted, $moments);
            }
        }
    }

    private static function event(Randomizer $dice): SandTest|SandAddition|SandPour
    {
        $at = $dice->getInt(0, 40) * self::DAY;
        $kg = static fn (): Measurement => Measurement::of($dice->getInt(0, 60) / 10, 'kg');

        return match ($dice->getInt(0, 2)) {
            0 => new SandPour($at, 0 === $dice->getInt(0, 4) ? null : Mass::of($dice->getInt(0, 40) / 10, 'kg')),
            1 => SandAddition::from($at, [
                'water' => $kg(), 'clay' => $kg(), 'sand' => $kg(), 'oil' => $kg(), 'burnt_out' => $kg(), 'taken_out' => $kg(),
            ]),
            default => SandTest::from($at, array_filter([
                'moisture' => 0 === $dice->getInt(0, 1) ? Measurement::of($dice->getInt(0, 250) / 10, 'percent') : null,
                'clay' => 0 === $dice->getInt(0, 3) ? Measurement::of($dice->getInt(0, 500) / 10, 'percent') : null,
                'compactability' => 0 === $dice->getInt(0, 4) ? Measurement::of($dice->getInt(0, 90), 'percent') : null,
                'permeability' => 0 === $dice->getInt(0, 3) ? $dice->getInt(1, 2000) : null,
            ], static fn ($value): bool => null !== $value), Mass::of(1, 'g')),
        };
    }

    private static function format(): QuantityFormatter
    {
        return new QuantityFormatter(UnitPreferences::metric());
    }
}
