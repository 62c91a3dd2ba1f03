<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

final class LogPourTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testTheSameRequestTwiceLogsOnePour(): void
    {
        $casting = $this->casting();
        $id = self::id();
        $entry = ['casting_id' => $casting, 'poured_on' => '2026-05-03', 'made' => ['mould.process' => 'green_sand']];
        $this->call('PUT', "/api/attempts/{$id}", $entry, 201);
        $this->call('PUT', "/api/attempts/{$id}", $entry);

        self::assertSame(1, $this->call('GET', '/api/attempts')['total']);
    }

    public function testAPourPutRightBeforeTheFirstAnswerCameIsKeptAsPutRight(): void
    {
        $id = self::id();
        $entry = ['casting_id' => $this->casting(), 'poured_on' => '2026-05-03', 'made' => ['mould.process' => 'green_sand', 'pour.temperature' => '705 C']];
        $this->call('PUT', "/api/attempts/{$id}", $entry, 201);
        $same = $this->call('PUT', "/api/attempts/{$id}", $entry);
        self::assertIsArray($same['attempt']);
        self::assertSame(1, $same['attempt']['version'], 'the same again changes nothing');

        $right = $this->call('PUT', "/api/attempts/{$id}", ['note' => 'The probe had slipped.', 'made' => ['pour.temperature' => '735 C'] + $entry['made']] + $entry);
        self::assertIsArray($right['attempt']);
        self::assertSame('The probe had slipped.', $right['attempt']['note']);
        self::assertSame(1, $this->call('GET', '/api/attempts')['total']);

        $late = $this->call('PUT', "/api/attempts/{$id}", $entry);
        self::assertIsArray($late['attempt']);
        self::assertSame('The probe had slipped.', $late['attempt']['note'], 'a straggler does not undo it');
    }

    public function testAStaleSaveShowsBothVersionsAndOverwritesNothing(): void
    {
        $attempt = $this->pour($this->casting());
        $entry = ['poured_on' => '2026-05-03', 'made' => ['mould.process' => 'green_sand'], 'note' => 'from the phone', 'version' => $attempt['version']];
        $this->call('PUT', "/api/attempts/{$attempt['id']}", $entry);

        $stale = $this->call('PUT', "/api/attempts/{$attempt['id']}", ['note' => 'from the desk'] + $entry, 409);
        self::assertSame('from the phone', $stale['current']['note']);
        self::assertSame('from the phone', $this->call('GET', "/api/attempts/{$attempt['id']}")['note']);
    }

    public function testAFaultNamesItsFieldAndKeepsNothingHalf(): void
    {
        $casting = $this->casting();
        $id = self::id();
        $refused = $this->call('PUT', "/api/attempts/{$id}", ['casting_id' => $casting, 'poured_on' => '2026-05-03', 'made' => ['pour.temperature' => 'hot', 'sand.moisture' => '80 %']], 422);

        self::assertSame(['/made/pour.temperature', '/made/sand.moisture'], array_column($refused['problems'], 'pointer'));
        $this->call('GET', "/api/attempts/{$id}", null, 404);
    }

    public function testAnUnlikelyValueIsKeptAndAskedAbout(): void
    {
        $casting = $this->casting();
        $logged = $this->call('PUT', '/api/attempts/'.self::id(), ['casting_id' => $casting, 'poured_on' => '2026-05-03', 'made' => ['mould.process' => 'green_sand', 'sand.moisture' => '12 %']], 201);

        self::assertSame('/made/sand.moisture', $logged['questions'][0]['pointer']);
    }

    public function testPlannedAndMadeAreBothKept(): void
    {
        $casting = $this->casting();
        $id = self::id();
        $this->call('PUT', "/api/attempts/{$id}", ['casting_id' => $casting, 'planned' => ['pour.temperature' => '720 C', 'gating.gates' => 2]], 201);
        $logged = $this->call('PUT', "/api/attempts/{$id}", ['version' => 1, 'planned' => ['pour.temperature' => '720 C', 'gating.gates' => 2], 'made' => ['pour.temperature' => '690 C'], 'poured_on' => '2026-05-03']);

        self::assertEquals(720, $logged['attempt']['planned']['pour.temperature']['raw']['value']);
        self::assertEquals(690, $logged['attempt']['made']['pour.temperature']['raw']['value']);
        self::assertSame('poured', $logged['attempt']['state']);
    }

    public function testTwoMouldsFromOneHeatShareItsMetal(): void
    {
        $casting = $this->casting();
        $first = $this->pour($casting);
        $second = $this->call('PUT', '/api/attempts/'.self::id(), ['casting_id' => $casting, 'poured_on' => '2026-05-03', 'heat' => ['id' => $first['heat']['id'], 'values' => ['melt.skimmed' => true]]], 201)['attempt'];

        self::assertSame('al_si7mg', $second['alloy']);
        self::assertTrue($this->call('GET', "/api/attempts/{$first['id']}")['heat']['values']['melt.skimmed']['raw']);
    }

    public function testAVerdictNeedsAPourAndAPourNeedsADayThatHasCome(): void
    {
        $casting = $this->casting();
        $refused = $this->call('PUT', '/api/attempts/'.self::id(), ['casting_id' => $casting, 'verdict' => 'good'], 422);
        self::assertSame('/poured_on', $refused['problems'][0]['pointer']);
        $this->call('PUT', '/api/attempts/'.self::id(), ['casting_id' => $casting, 'poured_on' => '2190-01-01'], 422);
    }

    public function testLastUsedValuesAreOfferedNotFilledIn(): void
    {
        $casting = $this->casting();
        $this->pour($casting);
        $blank = $this->call('PUT', '/api/attempts/'.self::id(), ['casting_id' => $casting, 'poured_on' => '2026-05-04'], 201)['attempt'];
        self::assertSame([], (array) $blank['made']);

        self::assertSame('al_si7mg', $this->call('GET', '/api/suggestions')['heats'][0]['values']['metal.alloy']['raw']);
    }

    public function testTheLedgerFindsAPourByWhatIsKnownOfIt(): void
    {
        $cleat = $this->casting('Cleat');
        $damper = $this->casting('Stove damper');
        $this->findBlowhole($this->pour($cleat));
        $this->pour($damper, ['made' => ['mould.process' => 'oil_sand', 'metal.alloy' => 'red_brass'], 'verdict' => 'good', 'observations' => []]);

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
