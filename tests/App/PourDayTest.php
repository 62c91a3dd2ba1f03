<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

/** Taps of the day: kept one by one, merged from two phones, flowing into the record and out of it again. */
final class PourDayTest extends ApiTestCase
{
    private string $attempt;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
        $this->attempt = self::id();
        $this->change([[
            'part' => 'attempt',
            'id' => $this->attempt,
            'create' => ['casting' => $this->casting()],
            'set' => [
                'planned.mould.process' => ['was' => null, 'to' => 'green_sand'],
                'planned.metal.alloy' => ['was' => null, 'to' => 'al_si7mg'],
            ],
        ]]);
    }

    public function testTapsFlowIntoTheRecordAndAreMarkedAsMeasured(): void
    {
        $this->tap('lit', 0);
        $this->tap('all_liquid', 1200);
        $this->tap('temperature', 1400, '735 C');
        $this->tap('out', 1500);
        $this->tap('bubbled', 1520);
        $pour = $this->tap('pour', 1515);
        $this->tap('full', 1522);
        $now = $this->call('GET', "/api/attempts/{$this->attempt}");

        self::assertSame(['15 s', '7 s', '735 °C'], [
            str_replace("\u{00A0}", ' ', $now['made']['pour.carry_time']['shown']),
            str_replace("\u{00A0}", ' ', $now['made']['pour.time']['shown']),
            str_replace("\u{00A0}", ' ', $now['made']['pour.temperature']['shown']),
        ]);
        self::assertSame('al_si7mg', $now['heat']['values']['metal.alloy']['raw'], 'the melt begins with its first tap');
        self::assertContains('bubbling', $now['observations']);
        self::assertSame('poured', $now['state']);
        self::assertEqualsCanonicalizing(
            ['melt.time', 'melt.hold', 'pour.carry_time', 'pour.time', 'pour.temperature'],
            $now['measured'],
        );

        // Moved in time afterwards: what followed from it follows.
        $this->change([['part' => 'attempt', 'id' => $this->attempt, 'set' => [
            "event.{$pour}" => ['was' => $this->told('pour', 1515), 'to' => $this->told('pour', 1511)],
        ]]]);
        // One second is one second, however large the number is.
        $this->change([['part' => 'attempt', 'id' => $this->attempt, 'set' => [
            "event.{$pour}" => ['was' => $this->told('pour', 1511), 'to' => $this->told('pour', 1510)],
        ]]]);
        self::assertSame('10 s', $this->shown('pour.carry_time'));
        // Put right by hand, it stays, and is measured no more.
        $this->say($this->attempt, ['made.pour.carry_time' => '11 s']);
        $this->change([['part' => 'attempt', 'id' => $this->attempt, 'set' => [
            "event.{$pour}" => ['was' => $this->told('pour', 1510), 'to' => null],
        ]]]);
        self::assertSame('11 s', $this->shown('pour.carry_time'));
        self::assertNull($this->shown('pour.time'), 'taken back, what it said goes with it');
    }

    public function testMouldsOfOneMeltStandTogetherAndWhatHappensInItIsWrittenForAll(): void
    {
        $other = self::id();
        $heat = self::id();
        $this->change([
            ['part' => 'heat', 'id' => $heat, 'create' => [], 'set' => ['metal.alloy' => ['was' => null, 'to' => 'al_si7mg']]],
            [
                'part' => 'attempt',
                'id' => $other,
                'create' => ['casting' => $this->casting('Ring')],
                'set' => ['planned.metal.alloy' => ['was' => null, 'to' => 'al_si7mg'], 'heat' => ['was' => null, 'to' => $heat]],
            ],
            ['part' => 'attempt', 'id' => $this->attempt, 'set' => ['heat' => ['was' => null, 'to' => $heat]]],
        ]);
        $sheet = $this->call('GET', "/api/attempts/{$this->attempt}/day");
        self::assertSame([$heat, $heat], array_column($sheet['together'], 'heat_id'));
        // One press on one phone: one command for both.
        $tap = 'event.'.self::id();
        $this->change(array_map(fn (string $id): array => [
            'part' => 'attempt', 'id' => $id, 'set' => [$tap => ['was' => null, 'to' => $this->told('lit', 0)]],
        ], [$this->attempt, $other]));
        $this->tap('all_liquid', 1260);
        foreach ([$this->attempt, $other] as $id) {
            self::assertSame('lit', $this->call('GET', "/api/attempts/{$id}/day")['events'][0]['code']);
        }
        $melt = $this->call('GET', "/api/attempts/{$other}")['heat']['values'];
        self::assertSame('21 min', str_replace("\u{00A0}", ' ', $melt['melt.time']['shown']), 'the melt is one, whoever tapped');
    }

    public function testAfterThePourOnlyWhatIsBlankAndWouldMatterIsAskedAndTheRemainderGoesOnTheShelf(): void
    {
        $day = fn (): array => $this->call('GET', "/api/attempts/{$this->attempt}/day");
        self::assertSame([], $day()['blank'], 'nothing is asked before the pour');
        $this->tap('pour', 10);
        $this->tap('full', 18);
        $blank = array_column($day()['blank'], 'field');
        self::assertGreaterThan(3, count($blank));
        self::assertContains('sand.moisture', $blank);
        self::assertNotContains('casting.wall', $blank, 'the pattern can be measured tomorrow');
        self::assertNotContains('pour.time', $blank, 'the taps have told that');
        $this->say($this->attempt, ['made.sand.moisture' => '4 %']);
        self::assertNotContains('sand.moisture', array_column($day()['blank'], 'field'));

        $heat = self::id();
        $this->change([
            ['part' => 'heat', 'id' => $heat, 'create' => [], 'set' => ['metal.remainder' => ['was' => null, 'to' => '0.4 kg']]],
            ['part' => 'workshop_row', 'id' => self::id(), 'create' => ['kind' => 'stock'], 'set' => [
                'name' => ['was' => null, 'to' => 'Ingots, Al-Si7Mg'], 'mass' => ['was' => null, 'to' => '0.4 kg'],
            ]],
        ]);
        self::assertCount(1, $this->call('GET', '/api/workshop')['stock']);
    }

    public function testTwoPhonesOnOnePourMerge(): void
    {
        $pourer = $this->tap('pour', 100);
        $helper = $this->tap('bubbled', 103);
        $day = $this->call('GET', "/api/attempts/{$this->attempt}/day");

        self::assertSame([$pourer, $helper], array_column($day['events'], 'id'));
        // Sent twice by a phone that heard no answer, it is one tap.
        $command = self::id();
        $id = self::id();
        $set = ["event.{$id}" => ['was' => null, 'to' => $this->told('full', 110)]];
        $this->change([['part' => 'attempt', 'id' => $this->attempt, 'set' => $set]], 200, $command);
        $this->change([['part' => 'attempt', 'id' => $this->attempt, 'set' => $set]], 200, $command);
        self::assertCount(3, $this->call('GET', "/api/attempts/{$this->attempt}/day")['events']);
    }

    public function testNonsenseIsRefusedAndNothingOfItStays(): void
    {
        $wrong = [
            ['code' => 'sneezed', 'at' => 1_700_000_000],
            ['code' => 'pour', 'at' => 'now'],
            ['code' => 'pour', 'at' => 4_000_000_000],
            ['code' => 'pour', 'at' => -5],
            ['code' => 'pour'],
            ['code' => 'pour', 'at' => 1_700_000_000, 'more' => 1],
            ['code' => 'temperature', 'at' => 1_700_000_000, 'word' => 'rather hot'],
            'pour',
        ];
        foreach ($wrong as $tap) {
            $set = ['event.'.self::id() => ['was' => null, 'to' => $tap]];
            $this->change([['part' => 'attempt', 'id' => $this->attempt, 'set' => $set]], 422);
        }
        $set = ['event.first' => ['was' => null, 'to' => $this->told('pour', 1)]];
        $this->change([['part' => 'attempt', 'id' => $this->attempt, 'set' => $set]], 422);
        self::assertSame([], $this->call('GET', "/api/attempts/{$this->attempt}/day")['events']);
    }

    public function testAHoldIsSeenToOrOverriddenWithAReasonThatIsKept(): void
    {
        $this->say($this->attempt, ['hold.dressed' => true, 'hold.path' => ['reason' => 'Only me here, gate shut']]);
        $holds = array_column($this->call('GET', "/api/attempts/{$this->attempt}/day")['holds'], null, 'code');

        self::assertSame([true, null], [$holds['dressed']['seen'], $holds['dressed']['reason']]);
        self::assertSame([true, 'Only me here, gate shut'], [$holds['path']['seen'], $holds['path']['reason']]);
        self::assertFalse($holds['no_rain']['seen']);
        $this->change([['part' => 'attempt', 'id' => $this->attempt, 'set' => ['hold.luck' => ['was' => null, 'to' => true]]]], 422);
        $words = json_encode($this->call('GET', "/api/attempts/{$this->attempt}/history")['commands'][0]['changes']);
        self::assertStringContainsString('overridden: Only me here', (string) $words);
    }

    public function testMouldsOfOneMetalStandInPouringOrder(): void
    {
        self::assertSame('[]', json_encode($this->call('GET', "/api/attempts/{$this->attempt}/day")['together']), 'alone');
        $other = self::id();
        $this->change([[
            'part' => 'attempt',
            'id' => $other,
            'create' => ['casting' => $this->casting('Thin one')],
            'set' => [
                'planned.metal.alloy' => ['was' => null, 'to' => 'al_si7mg'],
                'planned.casting.wall' => ['was' => null, 'to' => '2 mm'],
            ],
        ]]);
        $together = $this->call('GET', "/api/attempts/{$this->attempt}/day")['together'];
        self::assertSame([[$other, false], [$this->attempt, true]], array_map(
            static fn (array $row): array => [$row['id'], $row['here']],
            $together,
        ));
    }

    public function testSomebodyElsesDayIsNotFound(): void
    {
        $attempt = $this->attempt;
        $this->call('DELETE', '/api/session');
        $this->signedIn('second@molten.example');
        $this->call('GET', "/api/attempts/{$attempt}/day", null, 404);
    }

    private function tap(string $code, int $second, ?string $word = null): string
    {
        $id = self::id();
        $this->change([['part' => 'attempt', 'id' => $this->attempt, 'set' => [
            "event.{$id}" => ['was' => null, 'to' => $this->told($code, $second, $word)],
        ]]]);

        return $id;
    }

    /** @return array{code: string, at: string, word: string|null} */
    private function told(string $code, int $second, ?string $word = null): array
    {
        return ['code' => $code, 'at' => (string) (1_750_000_000.5 + $second), 'word' => $word];
    }

    private function shown(string $field): ?string
    {
        $made = $this->call('GET', "/api/attempts/{$this->attempt}")['made'];

        return isset($made[$field]) ? str_replace("\u{00A0}", ' ', (string) $made[$field]['shown']) : null;
    }
}
