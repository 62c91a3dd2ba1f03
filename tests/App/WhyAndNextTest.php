<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Quantity\UnitPreferences;

final class WhyAndNextTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testFromAFindingToAScoredPrediction(): void
    {
        $casting = $this->casting();
        $attempt = $this->pour($casting);
        $this->findBlowhole($attempt);

        $why = $this->call('GET', "/api/attempts/{$attempt['id']}/diagnosis");
        self::assertSame('sand_wet', $why['causes'][0]['cause']);
        $check = $why['next_checks'][0];
        $this->say((string) $attempt['id'], ["answers.{$check['check']}" => 'yes']);
        $again = $this->call('GET', "/api/attempts/{$attempt['id']}/diagnosis");
        self::assertNotEquals(array_column($why['causes'], 'probability', 'cause'), array_column($again['causes'], 'probability', 'cause'));
        $this->say((string) $attempt['id'], ['opinions.sand_wet' => 'confirmed']);

        $this->say((string) $attempt['id'], ['sheet.dry_squeeze' => true, 'sheet.dry_sand' => ['new' => '3.2 %']]);
        $sheet = $this->call('GET', "/api/attempts/{$attempt['id']}/change-sheet");
        self::assertSame('blowhole', $sheet['predictions'][0]['defect']);
        self::assertLessThan($sheet['predictions'][0]['before'], $sheet['predictions'][0]['after']);

        $next = $this->next($attempt['id']);
        self::assertSame('good', $next['planned']['sand.condition']['raw']);
        self::assertContains('sand.moisture', $next['changed_fields']);
        self::assertSame('planned', $next['state']);
        self::assertSame(
            '/changes/0/create/after',
            $this->change([['part' => 'attempt', 'id' => self::id(), 'create' => ['after' => $attempt['id']]]], 422)['problems'][0][
                'pointer'
            ],
            'one sheet, one next attempt',
        );

        $this->say((string) $next['id'], ['poured_on' => '2026-05-10', 'made.sand.condition' => 'good', 'verdict' => 'good']);
        $trail = $this->call('GET', "/api/castings/{$casting}")['trail'];
        self::assertCount(2, $trail);
        self::assertSame(
            ['blowhole', 'gone', true],
            [$trail[1]['sheet']['scores'][0]['defect'], $trail[1]['sheet']['scores'][0]['found'], $trail[1]['sheet']['scores'][0]['held']],
        );
    }

    public function testWhatWasForetoldCannotBeRewrittenAfterwards(): void
    {
        $attempt = $this->pour($this->casting());
        $this->findBlowhole($attempt);
        $this->say((string) $attempt['id'], ['sheet.dry_squeeze' => true]);
        $this->next($attempt['id']);

        self::assertSame(
            'planning.sheet_closed',
            $this->change(
                [
                    [
                        'part' => 'attempt',
                        'id' => $attempt['id'],
                        'set' => ['sheet.dry_squeeze' => ['was' => ['new' => 'good'], 'to' => null]],
                    ],
                ],
                422,
            )['problems'][0]['code'],
        );
    }

    public function testAnImpossibleAmountOnTheSheetIsRefusedAtItsLine(): void
    {
        $attempt = $this->pour($this->casting());
        $this->findBlowhole($attempt);
        $refused = $this->say((string) $attempt['id'], ['sheet.dry_sand' => ['new' => '90 %']], 422);

        self::assertSame('/changes/0/set/sheet.dry_sand/new', $refused['problems'][0]['pointer']);
    }

    public function testAConfirmedCauseComesBackOnTheRepeatListAndWeighsMore(): void
    {
        $casting = $this->casting();
        $before = null;
        for ($i = 0; $i < 3; ++$i) {
            $attempt = $this->pour($casting, [
                'made' => ['mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg'],
                'observations' => [],
            ]);
            $this->findBlowhole($attempt);
            $chances = array_column($this->call('GET', "/api/attempts/{$attempt['id']}/diagnosis")['causes'], 'probability', 'cause');
            $before ??= $chances['sand_wet'];
            $this->say((string) $attempt['id'], ['opinions.sand_wet' => 'confirmed']);
        }
        $attempt = $this->pour($casting, ['made' => ['mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg'], 'observations' => []]);
        $this->findBlowhole($attempt);
        $after = array_column($this->call('GET', "/api/attempts/{$attempt['id']}/diagnosis")['causes'], 'probability', 'cause')['sand_wet'];

        self::assertGreaterThan($before, $after);
        self::assertContains('sand_wet', array_column($this->call('GET', '/api/bench')['repeat_list'], 'cause'));
    }

    public function testTheDocumentOfAnAttemptGivesTheSameDiagnosisWithoutADatabase(): void
    {
        $attempt = $this->pour($this->casting());
        $this->findBlowhole($attempt);
        $document = $this->call('GET', "/api/attempts/{$attempt['id']}/document");
        $read = AttemptDocument::read($document, Catalogue::standard()->causeCodes());
        $alone = (new Diagnose(Catalogue::standard(), UnitPreferences::metric()))->attempt($read['record'])->toArray();

        self::assertSame(
            $alone['causes'],
            array_map(static fn (array $cause): array => $cause, $this->call('GET', "/api/attempts/{$attempt['id']}/diagnosis")['causes']),
        );
    }

    public function testTheSheetOffersNoPlaceTwiceNothingRuledOutAndNoCoreWithoutACore(): void
    {
        $casting = $this->casting();
        $attempt = $this->pour($casting, [
            'made' => [
                'mould.process' => 'green_sand',
                'sand.condition' => 'wet',
                'metal.alloy' => 'al_si7mg',
                'pour.temperature' => '800 C',
            ],
        ]);
        $this->findBlowhole($attempt);
        foreach (['misrun', 'pinholes', 'sand_inclusion', 'internal_shrinkage', 'core_shift'] as $kind) {
            $this->find($attempt['id'], ['kind' => $kind]);
        }
        /** @var list<array{remedy: string, cause: string, field: string|null}> $offered */
        $offered = $this->call('GET', "/api/attempts/{$attempt['id']}/change-sheet")['proposals'];
        $fields = array_filter(array_column($offered, 'field'));
        self::assertNotSame([], $fields);
        self::assertSame(array_values(array_unique($fields)), array_values($fields));
        self::assertSame(
            [],
            array_values(array_filter($offered, static fn (array $line): bool => str_starts_with((string) $line['field'], 'core.'))),
            'there is no core',
        );
        $cause = $offered[0]['cause'];

        $this->say((string) $attempt['id'], ["opinions.{$cause}" => 'ruled_out']);
        self::assertNotContains(
            $cause,
            array_column((array) $this->call('GET', "/api/attempts/{$attempt['id']}/change-sheet")['proposals'], 'cause'),
        );
    }

    /** Held against the good one, kept, undone; only with another try at the same casting. */
    public function testAnAttemptIsHeldAgainstAnotherOfTheSameCasting(): void
    {
        $casting = $this->casting();
        $blown = $this->pour($casting);
        $this->findBlowhole($blown);
        $made = ['mould.process' => 'green_sand', 'sand.condition' => 'good', 'metal.alloy' => 'al_si7mg', 'pour.temperature' => '1300F'];
        $good = $this->pour($casting, ['made' => $made, 'verdict' => 'good', 'observations' => []]);
        $id = (string) $blown['id'];
        $alone = $this->call('GET', "/api/attempts/{$id}/diagnosis");
        self::assertSame([[$good['id'], true, false]], array_map(
            static fn (array $row): array => [$row['id'], $row['better'], $row['chosen']],
            $alone['comparable'],
        ));
        self::assertNull($alone['compared']);

        $this->say($id, ['beside' => $good['id']]);
        $why = $this->call('GET', "/api/attempts/{$id}/diagnosis");
        self::assertSame(['sand.condition'], array_column($why['compared']['differences'], 'field'));
        self::assertStringContainsString('One thing differs, Squeeze test', $why['compared']['words']);
        self::assertSame('Compared with', $this->call('GET', "/api/attempts/{$id}/history")['commands'][0]['changes'][0]['label'] ?? '');

        $stranger = $this->pour($this->casting('Other'));
        foreach ([$stranger['id'], $id, self::id(), 7] as $other) {
            $this->change([['part' => 'attempt', 'id' => $id, 'set' => ['beside' => ['was' => $good['id'], 'to' => $other]]]], 422);
        }
        $this->change([['part' => 'attempt', 'id' => $good['id'], 'set' => ['binned' => ['was' => false, 'to' => true]]]]);
        self::assertNull($this->call('GET', "/api/attempts/{$id}/diagnosis")['compared'], 'what is in the bin says nothing');
    }

    public function testWhatWorkedIsKeptAndSaidWhereItChanges(): void
    {
        $casting = $this->casting();
        $good = $this->pour($casting, ['verdict' => 'usable']);
        $this->findBlowhole($good);
        $id = (string) $good['id'];
        $this->say($id, ['kept.sand.condition' => true, 'kept.pour.temperature' => true]);
        self::assertSame(['sand.condition', 'pour.temperature'], $this->call('GET', "/api/attempts/{$id}")['kept']);
        $lines = array_column($this->call('GET', "/api/attempts/{$id}/change-sheet")['proposals'], 'keeps', 'field');
        self::assertSame('Sticky, as in no. 1', $lines['sand.condition'], 'a change to what was to stay says so');

        $this->say($id, ['sheet.dry_squeeze' => true]);
        $next = $this->next($id);
        $keeps = array_column($next['keeps'], null, 'field');
        self::assertSame([false, 'Breaks clean'], [$keeps['sand.condition']['stays'], $keeps['sand.condition']['here']]);
        self::assertTrue($keeps['pour.temperature']['stays']);
        $this->change([['part' => 'attempt', 'id' => $id, 'set' => ['kept.sand.colour' => ['was' => null, 'to' => true]]]], 422);
    }

    public function testAChangeOfTheCastersOwnIsScoredLikeTheOthers(): void
    {
        $casting = $this->casting();
        $attempt = $this->pour($casting);
        $this->findBlowhole($attempt);
        $id = (string) $attempt['id'];
        $own = self::id();
        $change = ['words' => 'Preheat the sprue with a torch', 'against' => 'blowhole'];
        $this->say($id, ["own.{$own}" => $change]);
        self::assertSame([$own, null], [
            $this->call('GET', "/api/attempts/{$id}/change-sheet")['own'][0]['id'],
            $this->call('GET', "/api/attempts/{$id}/change-sheet")['own'][0]['found'],
        ]);
        $nonsense = [['words' => ' '], ['words' => 'x', 'against' => 'bad_luck'], ['words' => 'x', 'more' => 1], 'words only'];
        foreach ($nonsense as $wrong) {
            $this->change([['part' => 'attempt', 'id' => $id, 'set' => ['own.'.self::id() => ['was' => null, 'to' => $wrong]]]], 422);
        }
        $this->change([['part' => 'attempt', 'id' => $id, 'set' => ['own.first' => ['was' => null, 'to' => $change]]]], 422);

        $next = $this->next($id);
        $this->change([['part' => 'attempt', 'id' => $id, 'set' => ["own.{$own}" => ['was' => $change, 'to' => null]]]], 422);
        $this->say((string) $next['id'], ['poured_on' => '2026-05-10', 'verdict' => 'good']);
        $trail = $this->call('GET', "/api/castings/{$casting}")['trail'];
        self::assertSame(['Preheat the sprue with a torch', 'gone'], [
            $trail[1]['sheet']['own'][0]['words'],
            $trail[1]['sheet']['own'][0]['found'],
        ]);
    }

    /** What the caster ruled out keeps none of its changes, accepted before or not. */
    public function testWhatIsRuledOutLeavesTheSheet(): void
    {
        $attempt = $this->pour($this->casting());
        $this->findBlowhole($attempt);
        $id = (string) $attempt['id'];
        $this->say($id, ['sheet.dry_squeeze' => true]);
        $before = $this->call('GET', "/api/attempts/{$id}/diagnosis")['causes'][0]['probability'];
        $this->say($id, ['opinions.sand_wet' => ['opinion' => 'ruled_out', 'note' => null, 'sure' => 'certain']]);
        $after = array_column($this->call('GET', "/api/attempts/{$id}/diagnosis")['causes'], 'probability', 'cause');
        self::assertLessThanOrEqual($before, $after['sand_wet'], 'it never rises by being ruled out');
        self::assertSame('certain', $this->call('GET', "/api/attempts/{$id}/diagnosis")['opinions']['sand_wet']['sure']);
        $sheet = $this->call('GET', "/api/attempts/{$id}/change-sheet");
        self::assertNotContains('sand_wet', array_column($sheet['proposals'], 'cause'));
        self::assertStringContainsString('Nothing is changed yet', $sheet['teaches']);
        $next = $this->next($id);
        self::assertSame([], $next['changed_fields']);
        self::assertSame('wet', $next['planned']['sand.condition']['raw']);
        $this->say($id, ['opinions.sand_wet' => ['opinion' => 'ruled_out', 'sure' => 'maybe']], 422);
    }

    /** The repeat list speaks of pours like this one only: of its process, its metal and walls of its kind. */
    public function testTheRepeatListSpeaksOfPoursLikeThisOne(): void
    {
        $casting = $this->casting();
        $attempt = $this->pour($casting);
        $this->findBlowhole($attempt);
        $this->say((string) $attempt['id'], ['opinions.sand_wet' => 'confirmed']);
        $like = fn (string $query): array => array_column($this->call('GET', "/api/repeats?{$query}")['repeats'], 'times', 'cause');

        self::assertSame(['sand_wet' => 1], $like('process=green_sand&alloy=al_si7mg'));
        self::assertSame(['sand_wet' => 1], $like('process=green_sand'), 'a metal that is not told does not part them');
        self::assertSame([], $like('process=lost_foam&alloy=al_si7mg'));
        self::assertSame([], $like('process=green_sand&alloy=tin_bronze'));
        self::assertSame([], $like("attempt={$attempt['id']}"), 'it is no repeat of itself');
        $thick = ['mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg', 'casting.wall' => '2 in'];
        $thin = ['casting.wall' => '3 mm'] + $thick;
        self::assertSame(['sand_wet' => 1], $like('attempt='.$this->pour($casting, ['made' => $thick])['id']));
        self::assertSame([], $like('attempt='.$this->pour($casting, ['made' => $thin])['id']), 'a wall of another kind');
        $this->call('GET', '/api/repeats?attempt='.self::id(), null, 404);
    }

    /** Another mould of the same melt, judged and sound, clears what was in the melt. */
    public function testMouldsOfOneMeltSpeakForOneAnother(): void
    {
        $casting = $this->casting();
        $heat = self::id();
        $this->change([['part' => 'heat', 'id' => $heat, 'create' => [], 'set' => ['metal.alloy' => ['was' => null, 'to' => 'al_si7mg']]]]);
        $shares = ['metal.share_2' => ['was' => null, 'to' => '70 %'], 'metal.share_3' => ['was' => null, 'to' => '40 %']];
        $this->change([['part' => 'heat', 'id' => $heat, 'set' => $shares]], 422);
        $porous = $this->pour($casting, ['made' => ['mould.process' => 'green_sand']]);
        $sound = $this->pour($casting, ['made' => ['mould.process' => 'green_sand'], 'verdict' => 'good']);
        $this->find($porous['id'], ['kind' => 'gas_porosity']);
        $why = "/api/attempts/{$porous['id']}/diagnosis";
        $gas = fn (): float => array_column($this->call('GET', $why)['causes'], 'probability', 'cause')['hydrogen'];
        $this->say((string) $porous['id'], ['heat' => $heat]);
        $alone = $gas();
        $this->say((string) $sound['id'], ['heat' => $heat]);
        self::assertLessThan($alone, $gas());
        $this->find($sound['id'], ['kind' => 'gas_porosity']);
        self::assertGreaterThan($alone, $gas());
    }

    public function testSectionsAreComparedTryByTry(): void
    {
        $casting = $this->casting();
        $made = ['casting.sections' => [
            ['id' => 'rim', 'label' => 'Rim', 'shape' => 'plate', 'length' => '100 mm', 'width' => '50 mm', 'thickness' => '4 mm'],
            ['id' => 'boss', 'label' => 'Boss', 'shape' => 'boss', 'diameter' => '20 mm', 'height' => '20 mm', 'joins' => 'rim'],
        ], 'casting.count' => 3];
        $first = $this->pour($casting, ['made' => $made]);
        $finding = $this->find($first['id'], ['kind' => 'misrun', 'section' => 'rim', 'pieces' => [3, 1, 1], 'number' => 2]);
        $found = $this->call('GET', "/api/attempts/{$first['id']}")['findings'][0];
        self::assertSame(['rim', [1, 3], 2], [$found['section'], $found['pieces'], $found['number']]);
        $this->pour($casting, ['made' => $made, 'verdict' => 'good']);
        $rows = array_column($this->call('GET', "/api/castings/{$casting}")['by_section'], 'tries', 'label');

        self::assertSame([['misrun'], []], array_column($rows['Rim'], 'faults'));
        self::assertSame([[], []], array_column($rows['Boss'], 'faults'));
        foreach (['section' => ['rim', '<b>'], 'pieces' => [[1, 3], [0]], 'number' => [2, -1]] as $field => [$was, $to]) {
            $refused = $this->change([['part' => 'finding', 'id' => $finding, 'set' => [$field => ['was' => $was, 'to' => $to]]]], 422);
            self::assertStringContainsString($field, $refused['problems'][0]['pointer']);
        }
    }
}
