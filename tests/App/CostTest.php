<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;

/** What pours cost, from meter, bottle, shelf and bills; and a good casting after two that failed. */
final class CostTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
        $this->furnish(['furnaces' => [['name' => 'Pot', 'source' => 'electric', 'power' => '2 kW']], 'tariffs' => ['electric' => '0.30']]);
    }

    public function testAGoodCastingAfterTwoFailuresCostsAllThree(): void
    {
        $ingots = $this->thing('stock', [
            'name' => 'Ingots', 'alloy' => 'al_si7mg', 'form' => 'ingot', 'mass' => '9 kg', 'price' => '5',
        ]);
        $paper = $this->thing('consumables', ['name' => 'Paper', 'pieces' => 20, 'price' => '0.50']);
        $casting = $this->casting();
        $ids = [];
        foreach (['scrap', 'scrap', 'good'] as $place => $verdict) {
            $ids[] = [$id, $heat] = $this->melted($casting, $verdict, 'pour '.$place);
            $this->say($id, ['melt.meter_before' => '0 kWh'], 422);
            $this->change([['part' => 'heat', 'id' => $heat, 'set' => Changes::set([
                'melt.meter_before' => '100 kWh', 'melt.meter_after' => '104 kWh',
            ])]]);
            $this->move($ingots, 'lot_charged', ['mass' => '1 kg', 'heat' => $heat]);
            $this->move($ingots, 'lot_returned', ['mass' => 'scrap' === $verdict ? '0.9 kg' : '0.4 kg', 'heat' => $heat]);
        }
        $this->move($paper, 'consumable_used', ['pieces' => 4, 'attempt' => $ids[2][0]]);

        $cost = $this->call('GET', "/api/attempts/{$ids[2][0]}/cost");
        $lines = array_column((array) $cost['lines'], null, 'code');
        // 4 kWh are 1.20; 1 kg in, 0.4 back at 92.5 per cent are 3.15; four sheets are 2.00.
        self::assertEqualsWithDelta(1.20, self::amount($lines, 'energy'), 0.001);
        self::assertEqualsWithDelta(5 - 0.4 * 5 * 0.925, self::amount($lines, 'metal'), 0.001);
        self::assertEqualsWithDelta(2.00, self::amount($lines, 'used'), 0.001);
        self::assertSame([], array_filter((array) $cost['lines'], static fn (mixed $line): bool => 'unknown' === ((array) $line)['how']));
        $failed = 1.20 + 5 - 0.9 * 5 * 0.925;
        $good = (array) $cost['good'];
        self::assertEqualsWithDelta(2 * $failed + 1.20 + 3.15 + 2.00, self::middle($good['each']), 0.1);
        self::assertEqualsWithDelta($failed, self::middle($good['failure']), 0.05);
        self::assertSame([1, 2, 3], array_column((array) $good['pours'], 'number'));
        self::assertSame('failure', ((array) ((array) $good['savings'])[0])['code']);
        self::assertEquals($good, $this->call('GET', "/api/castings/{$casting}/cost"));

        // Tax and fees are on every pour; a usable one may be good enough.
        $this->change([['part' => 'workshop', 'id' => self::id(), 'set' => Changes::set(['costs.tax' => '20 %', 'costs.monthly' => '9'])]]);
        $taxed = array_column((array) $this->call('GET', "/api/attempts/{$ids[2][0]}/cost")['lines'], null, 'code');
        self::assertEqualsWithDelta(1.44, self::amount($taxed, 'energy'), 0.001);
        self::assertEqualsWithDelta(3.0, self::amount($taxed, 'fees'), 0.001, 'three heats of one month');
        $this->say($ids[1][0], ['verdict' => 'usable']);
        $usable = $this->call('GET', "/api/castings/{$casting}/cost?counts=usable");
        self::assertStringContainsString('2 from 3 pours', (string) $usable['sentence']);
        self::assertStringContainsString('one from 3 pours', (string) $this->call('GET', "/api/castings/{$casting}/cost")['sentence']);
        // What was used for a mould is taken back like any line of a book.
        $used = (array) ((array) $this->call('GET', "/api/attempts/{$ids[2][0]}/cost")['used'])[0];
        $this->change([['part' => 'movement', 'id' => $used['id'], 'set' => Changes::set(['binned' => true], '', ['binned' => false])]]);
        self::assertSame([], $this->call('GET', "/api/attempts/{$ids[2][0]}/cost")['used']);
    }

    public function testTwoMouldsOfOneMeltShareItAndAPlanSaysWhatItWillCost(): void
    {
        $casting = $this->casting();
        [$first, $heat] = $this->melted($casting, 'good', 'one');
        [$second] = $this->melted($casting, 'good', 'two', $heat);
        $this->change([['part' => 'heat', 'id' => $heat, 'set' => Changes::set(['melt.energy' => '6 kWh'])]]);
        $sum = 0.0;
        foreach ([$first, $second] as $id) {
            $cost = $this->call('GET', "/api/attempts/{$id}/cost");
            self::assertTrue($cost['shares_its_heat']);
            $sum += self::amount(array_column((array) $cost['lines'], null, 'code'), 'energy');
        }
        self::assertEqualsWithDelta(1.80, $sum, 0.001, 'together they pay the whole melt');

        $planned = self::id();
        $this->change([
            [
                'part' => 'attempt', 'id' => $planned, 'create' => ['casting' => $casting],
                'set' => Changes::set([
                    'mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg', 'pattern.volume' => '200 mL',
                    'pour.temperature' => '720 C',
                ], 'planned.'),
            ],
        ]);
        $cost = $this->call('GET', "/api/attempts/{$planned}/cost");
        self::assertStringStartsWith('It will cost at least', (string) $cost['sentence']);
        self::assertStringContainsString('Not counted: metal', (string) $cost['sentence']);
        self::assertNotSame('', $cost['hours'], 'hands on as such pours usually take');
    }

    public function testNonsenseIsRefusedAndWhatIsSombodyElsesIsNotFound(): void
    {
        foreach ([
            ['costs.tax' => '300 %'], ['costs.tax' => 'much'], ['costs.hour' => '-4'], ['costs.monthly' => 'ten'], ['costs.rent' => '4'],
        ] as $set) {
            $answer = $this->change([['part' => 'workshop', 'id' => self::id(), 'set' => Changes::set($set)]], 422);
            self::assertSame('/changes/0/set/'.array_key_first($set), ((array) ((array) $answer['problems'])[0])['pointer']);
        }
        $casting = $this->casting();
        [$id, $heat] = $this->melted($casting, 'scrap', 'one');
        $this->change([['part' => 'heat', 'id' => $heat, 'set' => Changes::set([
            'melt.meter_before' => '104 kWh', 'melt.meter_after' => '100 kWh',
        ])]]);
        self::assertStringContainsString('misread', json_encode($this->call('GET', "/api/attempts/{$id}/cost"), \JSON_THROW_ON_ERROR));
        $paper = $this->thing('consumables', ['name' => 'Paper', 'pieces' => 20]);

        $this->signedIn('second@molten.example');
        $this->call('GET', "/api/attempts/{$id}/cost", null, 404);
        $this->call('GET', "/api/castings/{$casting}/cost", null, 404);
        $own = $this->thing('consumables', ['name' => 'Own paper', 'pieces' => 20]);
        foreach ([[$own, $id], [$paper, $id]] as [$of, $for]) {
            $this->change([[
                'part' => 'movement', 'id' => self::id(), 'create' => ['of' => $of, 'kind' => 'consumable_used'],
                'set' => Changes::set(['pieces' => 1, 'attempt' => $for]),
            ]], 422);
        }
    }

    /** @return array{string, string} attempt and heat */
    private function melted(string $casting, string $verdict, string $name, ?string $heat = null): array
    {
        $id = self::id();
        $new = null === $heat;
        $heat ??= self::id();
        $this->change([
            ...($new ? [['part' => 'heat', 'id' => $heat, 'create' => [], 'set' => Changes::set([
                'metal.alloy' => 'al_si7mg', 'melt.furnace' => 'Pot', 'melted_on' => '2026-05-03',
            ])]] : []),
            [
                'part' => 'attempt', 'id' => $id, 'create' => ['casting' => $casting],
                'set' => Changes::set(['heat' => $heat, 'poured_on' => '2026-05-03', 'verdict' => $verdict, 'name' => $name])
                    + Changes::set(['mould.process' => 'green_sand', 'pattern.volume' => '180 mL'], 'planned.'),
            ],
        ]);

        return [$id, $heat];
    }

    /** @param array<mixed> $lines by code */
    private static function amount(array $lines, string $code): float
    {
        $line = $lines[$code] ?? null;
        self::assertIsArray($line, $code);
        self::assertIsArray($line['amount'], json_encode($line, \JSON_THROW_ON_ERROR));
        self::assertIsNumeric($line['amount']['middle']);

        return (float) $line['amount']['middle'];
    }

    /** The middle of "14 EUR (11 to 18)". */
    private static function middle(mixed $words): float
    {
        self::assertIsString($words);

        return (float) $words;
    }
}
