<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;

final class LogPourTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testTheSameRequestTwiceLogsOnePour(): void
    {
        $command = self::id();
        $changes = Changes::attempt(
            self::id(),
            [
                'casting_id' => $this->casting(),
                'poured_on' => '2026-05-03',
                'made' => ['mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg'],
            ],
            true,
        );
        $first = $this->change($changes, 200, $command);
        $again = $this->change($changes, 200, $command);

        self::assertSame(['done', 'known'], [$first['outcome'], $again['outcome']]);
        self::assertSame($first['parts'], $again['parts'], 'the same answer');
        self::assertSame(1, $this->call('GET', '/api/attempts')['total']);
        self::assertSame(1, (int) $this->storage()->fetchOne('SELECT COUNT(*) FROM heat'));
    }

    public function testAFaultNamesItsFieldAndKeepsNothingHalf(): void
    {
        $casting = $this->casting();
        $id = self::id();
        $refused = $this->log(
            $id,
            ['casting_id' => $casting, 'poured_on' => '2026-05-03', 'made' => ['pour.temperature' => 'hot', 'sand.moisture' => '80 %']],
            422,
        );

        self::assertSame(
            ['/changes/0/set/made.pour.temperature', '/changes/0/set/made.sand.moisture'],
            array_column($refused['problems'], 'pointer'),
        );
        $this->call('GET', "/api/attempts/{$id}", null, 404);
    }

    public function testAnUnlikelyValueIsKeptAndAskedAbout(): void
    {
        $casting = $this->casting();
        $logged = $this->log(self::id(), [
            'casting_id' => $casting,
            'poured_on' => '2026-05-03',
            'made' => ['mould.process' => 'green_sand', 'sand.moisture' => '12 %'],
        ]);

        self::assertSame('/changes/0/set/made.sand.moisture', $logged['questions'][0]['pointer']);
    }

    public function testPlannedAndMadeAreBothKept(): void
    {
        $casting = $this->casting();
        $id = self::id();
        $this->log($id, ['casting_id' => $casting, 'planned' => ['pour.temperature' => '720 C', 'gating.gates' => 2]]);
        $logged = $this->log($id, ['made' => ['pour.temperature' => '690 C'], 'poured_on' => '2026-05-03']);

        self::assertEquals(720, $logged['attempt']['planned']['pour.temperature']['raw']['value']);
        self::assertEquals(690, $logged['attempt']['made']['pour.temperature']['raw']['value']);
        self::assertSame('poured', $logged['attempt']['state']);
    }

    public function testTwoMouldsFromOneHeatShareItsMetal(): void
    {
        $casting = $this->casting();
        $first = $this->pour($casting);
        $second = $this->log(self::id(), [
            'casting_id' => $casting,
            'poured_on' => '2026-05-03',
            'heat' => ['id' => $first['heat']['id'], 'values' => ['melt.skimmed' => true]],
        ])['attempt'];

        self::assertSame('al_si7mg', $second['alloy']);
        self::assertTrue($this->call('GET', "/api/attempts/{$first['id']}")['heat']['values']['melt.skimmed']['raw']);
    }

    public function testAVerdictNeedsAPourAndAPourNeedsADayThatHasCome(): void
    {
        $casting = $this->casting();
        $refused = $this->log(self::id(), ['casting_id' => $casting, 'verdict' => 'good'], 422);
        self::assertSame('/changes/0/set/poured_on', $refused['problems'][0]['pointer']);
        $this->log(self::id(), ['casting_id' => $casting, 'poured_on' => '2190-01-01'], 422);
    }

    public function testLastUsedValuesAreOfferedNotFilledIn(): void
    {
        $casting = $this->casting();
        $this->pour($casting);
        $blank = $this->log(self::id(), ['casting_id' => $casting, 'poured_on' => '2026-05-04'])['attempt'];
        self::assertSame([], (array) $blank['made']);

        self::assertSame('al_si7mg', $this->call('GET', '/api/suggestions')['heats'][0]['values']['metal.alloy']['raw']);
    }

    public function testTheLedgerFindsAPourByWhatIsKnownOfIt(): void
    {
        $cleat = $this->casting('Cleat');
        $damper = $this->casting('Stove damper');
        $this->findBlowhole($this->pour($cleat));
        $this->pour($damper, [
            'made' => ['mould.process' => 'oil_sand', 'metal.alloy' => 'red_brass'],
            'verdict' => 'good',
            'observations' => [],
        ]);

        foreach (['process=oil_sand', 'alloy=red_brass', 'verdict=good', 'q=damper'] as $query) {
            $found = $this->call('GET', "/api/attempts?{$query}");
            self::assertSame([1, 'Stove damper'], [$found['total'], $found['attempts'][0]['casting_name']], $query);
        }
        self::assertSame('Cleat', $this->call('GET', '/api/attempts?defect=blowhole')['attempts'][0]['casting_name']);
        self::assertSame(0, $this->call('GET', '/api/attempts?q=%25')['total'], 'a percent sign is text, not a wildcard');
    }

    public function testWhatIsTypedIsReadBackBeforeItIsSaved(): void
    {
        $read = $this->call('POST', '/api/quantities', ['field' => 'pour.temperature', 'text' => '1300F']);
        self::assertStringContainsString('704', $read['shown']);
        $refused = $this->call('POST', '/api/quantities', ['field' => 'pour.temperature', 'text' => '1300 kg'], 422);
        self::assertSame('/text', $refused['problems'][0]['pointer']);
    }
}
