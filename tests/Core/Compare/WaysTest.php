<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Compare;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\CastStrength;
use MoltenNotes\Core\Calendar\Windows;
use MoltenNotes\Core\Compare\WayFigures;
use MoltenNotes\Core\Compare\WayOfMaking;
use MoltenNotes\Core\Compare\Ways;
use MoltenNotes\Core\Cost\Amount;
use MoltenNotes\Core\Experience\Share;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Tests\Support\Records;
use MoltenNotes\Tests\Support\WildRecords;
use PHPUnit\Framework\TestCase;

/** One part by several processes: each planned for itself, better only beyond what is unsure. */
final class WaysTest extends TestCase
{
    private static function format(): QuantityFormatter
    {
        return new QuantityFormatter(UnitPreferences::metric());
    }

    private static function process(string $code): MouldProcess
    {
        $process = MouldProcess::find($code);
        self::assertNotNull($process);

        return $process;
    }

    /** @param array<string, mixed> $over */
    private static function way(string $process, array $over = []): WayFigures
    {
        /** @var array{hands?: array{float, float}, days?: float|null, money?: array{float, float}|null, missing?: list<string>,
         *     energy?: array{float, float}|null, cannot?: string, risks?: list<array{words: string, standing: 'risky'|'bad'}>,
         *     fill?: float|null, skin?: array{float, float}, strength?: array{float, float}, before?: array{int, int},
         *     alloy?: string} $over */
        $hands = $over['hands'] ?? [5.0, 8.0];
        $money = array_key_exists('money', $over) ? $over['money'] : [10.0, 12.0];
        $energy = array_key_exists('energy', $over) ? $over['energy'] : [1e7, 2e7];
        $strength = $over['strength'] ?? [1.4e8, 1.8e8];
        $days = array_key_exists('days', $over) ? $over['days'] : 4.0;

        return new WayFigures(
            self::process($process),
            AlloyTable::get($over['alloy'] ?? 'al_si7mg'),
            Estimate::between(Dimension::Time, 1800 * array_sum($hands), 3600 * $hands[0], 3600 * $hands[1]),
            null === $days ? null : Time::fromSi(86400 * $days),
            null === $money ? null : Amount::of(array_sum($money) / 2, $money[0], $money[1], 'EUR'),
            $over['missing'] ?? [],
            null === $energy ? null : Estimate::between(Dimension::Energy, array_sum($energy) / 2, $energy[0], $energy[1]),
            $over['cannot'] ?? '',
            $over['risks'] ?? [],
            isset($over['fill']) ? Estimate::ratio($over['fill']) : null,
            $over['skin'] ?? self::process($process)->skin,
            Estimate::between(Dimension::Pressure, array_sum($strength) / 2, $strength[0], $strength[1]),
            Share::of(...($over['before'] ?? [0, 0])),
        );
    }

    public function testOneIsBetterOnlyWhereItsWorseEndBeatsTheBetterEndOfAllOthers(): void
    {
        $ways = Ways::compare([
            self::way('green_sand', ['hands' => [5, 8], 'days' => 3.0, 'money' => [4.0, 5.0]]),
            self::way('plaster', ['hands' => [6, 9], 'days' => 6.0, 'money' => [6.0, 9.0]]),
        ]);
        self::assertNull($ways->best['hands'], 'five to eight hours and six to nine are no difference');
        self::assertSame(0, $ways->best['elapsed']);
        self::assertSame(0, $ways->best['money']);
        self::assertSame(1, $ways->best['skin'], 'plaster copies finer than sand');
        self::assertSame(
            'Green sand is there first, costs least; Plaster investment has the finest skin.',
            $ways->sentence,
        );
    }

    public function testTheOrderTheyAreToldInChangesNothing(): void
    {
        $all = [self::way('green_sand', ['days' => 3.0]), self::way('lost_foam', ['days' => 5.0]), self::way('plaster', ['days' => 6.0])];
        $one = Ways::compare($all);
        $two = Ways::compare(array_reverse($all));
        foreach ($one->best as $question => $place) {
            self::assertSame(null === $place ? null : 2 - $place, $two->best[$question], $question);
        }
    }

    public function testASumThatLeavesSomethingOutIsNoCheaperForIt(): void
    {
        $ways = Ways::compare([
            self::way('green_sand', ['money' => [1.0, 1.1], 'missing' => ['metal']]), self::way('plaster', ['money' => [6.0, 9.0]]),
        ]);
        self::assertNull($ways->best['money']);
        self::assertNull(Ways::compare([self::way('green_sand', ['money' => null]), self::way('plaster')])->best['money']);
    }

    public function testWhatCannotWorkIsSaidFirstAndIsBestAtNothing(): void
    {
        $ways = Ways::compare([
            self::way('silicone', ['cannot' => 'The rubber burns.', 'days' => 0.5]), self::way('green_sand', ['days' => 3.0]),
        ]);
        self::assertStringStartsWith('Silicone rubber will not work as it stands. ', $ways->sentence);
        self::assertStringNotContainsString('Silicone rubber is there first', $ways->sentence);
        self::assertTrue(self::way('green_sand', ['fill' => 0.6])->isRuledOut(), 'it stops before it is full');
        self::assertFalse(self::way('green_sand', ['risks' => [['words' => 'Set a riser.', 'standing' => 'bad']]])->isRuledOut());
        $doubts = Ways::compare([
            self::way('green_sand', ['risks' => [['words' => 'Set a riser.', 'standing' => 'bad']]]),
            self::way('oil_sand', ['risks' => array_fill(0, 5, ['words' => 'A doubt.', 'standing' => 'risky'])]),
        ]);
        self::assertSame(1, $doubts->best['risk'], 'five doubts are less than one thing that must be put right');
    }

    public function testThreeGoodOfFourIsNotBetterThanOneOfTwo(): void
    {
        $ways = Ways::compare([self::way('green_sand', ['before' => [3, 4]]), self::way('oil_sand', ['before' => [1, 2]])]);
        self::assertNull($ways->best['before']);
        $many = Ways::compare([self::way('green_sand', ['before' => [19, 20]]), self::way('oil_sand', ['before' => [4, 20]])]);
        self::assertSame(0, $many->best['before']);
    }

    public function testTheScoreIntervalIsThatOfTheTextbooks(): void
    {
        // Wilson's interval worked out apart: 8 of 10 at z = 1.6449 is 0.541 to 0.931; 0 of 5 is 0 to 0.351.
        $share = Share::of(8, 10);
        self::assertEqualsWithDelta(0.541, $share->low, 0.001);
        self::assertEqualsWithDelta(0.931, $share->high, 0.001);
        self::assertEqualsWithDelta(0.351, Share::of(0, 5)->high, 0.001);
        self::assertSame([0.0, 1.0], [Share::of(0, 0)->low, Share::of(0, 0)->high]);
        for ($n = 1; $n < 40; ++$n) {
            self::assertLessThanOrEqual(1.0, Share::of($n, $n)->high);
            self::assertGreaterThan(Share::of(0, $n)->high - 1e-9, Share::of(0, max(1, $n - 1))->high, 'more pours leave less open');
        }
        $this->expectException(\LogicException::class);
        Share::of(3, 2);
    }

    public function testAWayKeepsThePartAndDropsWhatIsOfAnotherMould(): void
    {
        $part = Records::read(['planned' => [
            'mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg', 'pattern.volume' => '90 mL', 'pattern.kind' => 'wood',
            'sand.moisture' => '3.5 %', 'gating.gate_width' => '20 mm', 'feeding.riser_diameter' => '30 mm', 'casting.wall' => '5 mm',
            'pour.temperature' => '705 C', 'melt.furnace' => 'Pot', 'mould.cope_weight' => '10 kg',
        ]])->values();
        $way = WayOfMaking::values($part, self::process('lost_foam'), AlloyTable::get('tin_bronze'), self::format());

        self::assertSame(
            ['casting.wall', 'melt.furnace', 'metal.alloy', 'mould.process', 'pattern.kind', 'pattern.volume', 'pour.temperature'],
            (static function (Values $values): array {
                $keys = array_keys($values->all());
                sort($keys);

                return $keys;
            })($way),
        );
        self::assertSame('foam', $way->choice('pattern.kind'));
        self::assertGreaterThan(1000, $way->measurement('pour.temperature')?->asTemperature()->celsius(), 'hot enough for bronze');
        self::assertNull($way->measurement('sand.moisture'));
    }

    public function testEveryPartCanBeMadeOrRefusedInEveryWay(): void
    {
        $wild = new WildRecords(41);
        $format = self::format();
        $windows = new Windows(array_map(static fn (int $day): array => [1440 * $day + 1080, 1440 * $day + 1320, 1], range(1, 90)));
        for ($i = 0; $i < 6; ++$i) {
            $part = Records::read($wild->document())->values();
            foreach (MouldProcess::all() as $process) {
                foreach (['al_si7mg', 'tin_bronze', 'pewter_low_cu'] as $alloy) {
                    $values = WayOfMaking::values($part, $process, AlloyTable::get($alloy), $format);
                    $plan = PlanCasting::of(Basis::of(Records::read(['planned' => $values->toArray()]), $format));
                    self::assertNotSame([], $plan->stages);
                    $hands = WayOfMaking::hands($values, $process->code, null, null);
                    self::assertGreaterThan(0.0, $hands->lowSi);
                    $there = WayOfMaking::elapsed($values, $process->code, null, null, null, null, null, $windows, 0);
                    self::assertNotNull($there, "{$process->code}: ninety evenings reach");
                    self::assertGreaterThan($hands->lowSi / 2, $there->si());
                }
            }
        }
    }

    public function testMoreHoursInTheWeekNeverMakeItLater(): void
    {
        $values = Values::of(['pattern.kind' => 'wood', 'mould.process' => 'plaster']);
        $few = new Windows(array_map(static fn (int $day): array => [1440 * $day + 1080, 1440 * $day + 1260, 1], range(1, 60)));
        $many = new Windows(array_map(static fn (int $day): array => [1440 * $day + 480, 1440 * $day + 1260, 1], range(1, 60)));
        $slow = WayOfMaking::elapsed($values, 'plaster', null, null, null, null, null, $few, 0);
        $fast = WayOfMaking::elapsed($values, 'plaster', null, null, null, null, null, $many, 0);
        self::assertNotNull($slow);
        self::assertNotNull($fast);
        self::assertLessThanOrEqual($slow->si(), $fast->si());
        self::assertNull(WayOfMaking::elapsed($values, 'plaster', null, null, null, null, null, new Windows([]), 0));
        self::assertNotNull(WayOfMaking::oven($values, 'plaster'), 'a burnout draws');
        self::assertNull(WayOfMaking::oven($values, 'green_sand'));
    }

    public function testEveryAlloyHasAStrength(): void
    {
        foreach (AlloyTable::all() as $alloy) {
            self::assertNotNull(CastStrength::of($alloy), $alloy->code);
        }
        // ASM vol. 2, sand cast: 356-F about 165 MPa, C83600 about 255, recalled from memory.
        $al = CastStrength::of(AlloyTable::get('al_si7mg'));
        self::assertTrue(null !== $al && $al->lowSi < 165e6 && $al->highSi > 165e6);
        $red = CastStrength::of(AlloyTable::get('red_brass'));
        self::assertTrue(null !== $red && $red->lowSi < 255e6 && $red->highSi > 255e6);
    }
}
