<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;

/** Nothing that was typed is lost, whatever device it was typed on and whatever went wrong on the way. */
final class CommandsTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testTwoDevicesThatTouchDifferentFieldsMerge(): void
    {
        $attempt = (string) $this->pour($this->casting(), ['note' => null])['id'];
        $desk = [
            'part' => 'attempt',
            'id' => $attempt,
            'set' => ['note' => ['was' => null, 'to' => 'from the desk'], 'made.sand.moisture' => ['was' => null, 'to' => '4 %']],
        ];
        $phone = [
            'part' => 'attempt',
            'id' => $attempt,
            'set' => ['verdict' => ['was' => 'scrap', 'to' => 'usable'], 'made.casting.wall' => ['was' => '1 3/4 in', 'to' => '12 mm']],
        ];
        $this->change([$desk]);
        $this->change([$phone]);
        $now = $this->call('GET', "/api/attempts/{$attempt}");

        self::assertSame(
            ['from the desk', 'usable', 12, 4],
            [$now['note'], $now['verdict'], $now['made']['casting.wall']['raw']['value'], $now['made']['sand.moisture']['raw']['value']],
        );
    }

    public function testATrueClashShowsBothSidesAndKeepsNothingOfTheCommand(): void
    {
        $attempt = (string) $this->pour($this->casting())['id'];
        $this->say($attempt, ['note' => 'from the phone']);
        $answer = $this->change(
            [
                [
                    'part' => 'attempt',
                    'id' => $attempt,
                    'set' => ['note' => ['was' => null, 'to' => 'from the desk'], 'verdict' => ['was' => 'scrap', 'to' => 'good']],
                ],
            ],
            409,
        );

        self::assertSame('record.clash', $answer['code']);
        self::assertCount(1, $answer['clashes']);
        $clash = $answer['clashes'][0];
        self::assertSame(
            ['note', 'Note', 'blank', 'from the desk', 'from the phone'],
            [$clash['field'], $clash['label'], $clash['was']['shown'], $clash['yours']['shown'], $clash['stored']['shown']],
        );
        self::assertNotNull($clash['device']);
        self::assertSame('scrap', $this->call('GET', "/api/attempts/{$attempt}")['verdict'], 'all of it or nothing');

        // Choosing one's own is saying that the other side was seen.
        $this->change([
            [
                'part' => 'attempt',
                'id' => $attempt,
                'set' => ['note' => ['was' => 'from the phone', 'to' => 'from the desk'], 'verdict' => ['was' => 'scrap', 'to' => 'good']],
            ],
        ]);
        self::assertSame('from the desk', $this->call('GET', "/api/attempts/{$attempt}")['note']);
    }

    public function testTheSameSaidTwiceIsNoClash(): void
    {
        $attempt = (string) $this->pour($this->casting())['id'];
        $this->change([
            [
                'part' => 'attempt',
                'id' => $attempt,
                'set' => ['note' => ['was' => null, 'to' => 'wet sand'], 'made.sand.moisture' => ['was' => null, 'to' => '4 %']],
            ],
        ]);
        $this->change([
            [
                'part' => 'attempt',
                'id' => $attempt,
                'set' => [
                    'note' => ['was' => null, 'to' => 'wet sand'],
                    'made.sand.moisture' => ['was' => null, 'to' => ['value' => 4.0, 'unit' => 'percent']],
                ],
            ],
        ]);

        self::assertCount(2, $this->call('GET', "/api/attempts/{$attempt}/history")['commands'], 'the second changed nothing');
    }

    public function testWhatWasTypedAfterALostAnswerIsKeptToo(): void
    {
        $attempt = self::id();
        $command = self::id();
        $changes = Changes::attempt(
            $attempt,
            ['casting_id' => $this->casting(), 'poured_on' => '2026-05-03', 'made' => ['sand.moisture' => '4 %']],
            true,
        );
        $this->change($changes, 200, $command);
        // The answer was lost. The same again changes nothing; what was typed since comes as a command of its own, from what was typed
        // before.
        self::assertSame('known', $this->change($changes, 200, $command)['outcome']);
        $this->change([
            [
                'part' => 'attempt',
                'id' => $attempt,
                'set' => ['made.sand.moisture' => ['was' => '4 %', 'to' => '3.5 %'], 'note' => ['was' => null, 'to' => 'weighed again']],
            ],
        ]);
        $now = $this->call('GET', "/api/attempts/{$attempt}");
        self::assertSame([3.5, 'weighed again'], [$now['made']['sand.moisture']['raw']['value'], $now['note']]);

        // More under an id that was used would be dropped in silence: it is refused.
        $changes[0]['set']['note'] = ['was' => null, 'to' => 'more'];
        self::assertSame('command.id_used', $this->change($changes, 422, $command)['problems'][0]['code']);
    }

    public function testAFindingSentAgainIsOneFindingAndTwoDevicesMergeInIt(): void
    {
        $attempt = (string) $this->pour($this->casting())['id'];
        $finding = self::id();
        $command = self::id();
        $changes = [Changes::finding($attempt, ['kind' => 'blowhole', 'places' => ['cope_face']], $finding)];
        $this->change($changes, 200, $command);
        $this->change($changes, 200, $command);
        $this->change([['part' => 'finding', 'id' => $finding, 'set' => ['severity' => ['was' => null, 'to' => 'spoils']]]]);
        $this->change([['part' => 'finding', 'id' => $finding, 'set' => ['note' => ['was' => null, 'to' => 'size of a pea']]]]);
        $findings = $this->call('GET', "/api/attempts/{$attempt}")['findings'];

        self::assertCount(1, $findings);
        self::assertSame(
            ['blowhole', ['cope_face'], 'spoils', 'size of a pea', 3],
            [$findings[0]['kind'], $findings[0]['places'], $findings[0]['severity'], $findings[0]['note'], $findings[0]['version']],
        );
        $this->change([['part' => 'finding', 'id' => $finding, 'set' => ['severity' => ['was' => null, 'to' => 'trace']]]], 409);
    }

    public function testASharedHeatMergesAndItsMetalIsThatOfEveryMould(): void
    {
        $casting = $this->casting();
        $first = $this->pour($casting);
        $second = $this->pour($casting, ['made' => ['mould.process' => 'green_sand'], 'heat' => ['id' => $first['heat']['id']]]);
        $heat = ['part' => 'heat', 'id' => $first['heat']['id']];
        $this->change([$heat + ['set' => ['melt.skimmed' => ['was' => null, 'to' => true]]]]);
        $this->change([$heat + ['set' => ['metal.alloy' => ['was' => 'al_si7mg', 'to' => 'al_si12']]]]);
        $this->change([$heat + ['set' => ['metal.alloy' => ['was' => 'al_si7mg', 'to' => 'red_brass']]]], 409);

        self::assertSame(['al_si12', 'al_si12'], array_column((array) $this->call('GET', '/api/attempts')['attempts'], 'alloy'));
        self::assertTrue($this->call('GET', "/api/attempts/{$second['id']}")['heat']['values']['melt.skimmed']['raw']);
    }

    public function testAFaultAnywhereKeepsNothingOfTheCommand(): void
    {
        $casting = self::id();
        $attempt = self::id();
        $refused = $this->change(
            [
                ['part' => 'casting', 'id' => $casting, 'create' => [], 'set' => Changes::set(['name' => 'Cleat'])],
                [
                    'part' => 'attempt',
                    'id' => $attempt,
                    'create' => ['casting' => $casting],
                    'set' => Changes::set(['made.sand.moisture' => '80 %', 'made.sand.colour' => 'red', 'observations.singing' => true]),
                ],
                Changes::finding($attempt, ['kind' => 'gremlins']),
            ],
            422,
        );

        self::assertEqualsCanonicalizing(
            [
                '/changes/1/set/made.sand.moisture',
                '/changes/1/set/made.sand.colour',
                '/changes/1/set/observations.singing',
                '/changes/2/set/kind',
            ],
            array_column((array) $refused['problems'], 'pointer'),
        );
        $this->forget();
        $this->call('GET', "/api/castings/{$casting}", null, 404);
    }

    public function testEveryChangeCanBeLookedAtAndTakenBack(): void
    {
        $attempt = (string) $this->pour($this->casting())['id'];
        $this->say($attempt, ['note' => 'first']);
        $this->say($attempt, ['note' => 'second', 'made.sand.moisture' => '4 %']);
        $this->find($attempt, ['kind' => 'blowhole']);
        $history = $this->call('GET', "/api/attempts/{$attempt}/history")['commands'];
        self::assertCount(4, $history);
        self::assertSame(['finding', 'created'], [$history[0]['changes'][0]['part'], $history[0]['changes'][0]['field']]);
        $changed = $history[1]['changes'];
        self::assertSame(
            [['note', 'first', 'second'], ['made.sand.moisture', 'blank', '4 %']],
            array_map(
                static fn (array $change): array => [
                    $change['field'],
                    str_replace("\u{A0}", ' ', $change['was']['shown']),
                    str_replace("\u{A0}", ' ', $change['became']['shown']),
                ],
                $changed,
            ),
        );

        $back = array_map(
            static fn (array $change): array => [
                'part' => $change['part'],
                'id' => $change['id'],
                'set' => [$change['field'] => ['was' => $change['became']['raw'], 'to' => $change['was']['raw']]],
            ],
            $changed,
        );
        $this->call('POST', '/api/commands', ['id' => self::id(), 'undoes' => $history[1]['id'], 'changes' => $back]);
        $now = $this->call('GET', "/api/attempts/{$attempt}");
        self::assertSame('first', $now['note']);
        self::assertArrayNotHasKey('sand.moisture', $now['made']);
        $after = $this->call('GET', "/api/attempts/{$attempt}/history")['commands'];
        self::assertSame([$history[1]['id'], true], [$after[0]['undoes'], $after[2]['taken_back']]);

        // What somebody changed since is not overrun by taking back.
        $this->say($attempt, ['note' => 'third']);
        $this->change([['part' => 'attempt', 'id' => $attempt, 'set' => ['note' => ['was' => 'first', 'to' => null]]]], 409);
    }

    public function testWhatIsThrownAwayLiesInTheBinAndComesBackWhole(): void
    {
        $casting = $this->casting('Cleat');
        $first = $this->pour($casting);
        $this->findBlowhole($first);
        $second = $this->pour($casting);
        $bin = fn (string $part, mixed $id, bool $in): array => $this->change([
            ['part' => $part, 'id' => $id, 'set' => Changes::set(['binned' => $in], '', ['binned' => !$in])],
        ]);

        $finding = $first['findings'][0]['id'] ?? $this->call('GET', "/api/attempts/{$first['id']}")['findings'][0]['id'];
        $bin('finding', $finding, true);
        self::assertSame([], $this->call('GET', "/api/attempts/{$first['id']}")['findings']);
        $bin('attempt', $second['id'], true);
        $this->call('GET', "/api/attempts/{$second['id']}", null, 404);
        self::assertSame(1, $this->call('GET', '/api/attempts')['total']);
        $bin('heat', $first['heat']['id'], true);
        self::assertNull($this->call('GET', "/api/attempts/{$first['id']}")['heat']);
        $bin('casting', $casting, true);
        self::assertSame([], $this->call('GET', '/api/castings')['castings']);
        self::assertSame(0, $this->call('GET', '/api/attempts')['total']);
        self::assertSame([], $this->call('GET', '/api/bench')['waiting']);
        $lying = $this->call('GET', '/api/bin')['things'];
        self::assertEqualsCanonicalizing(['casting', 'attempt', 'heat', 'finding'], array_column($lying, 'part'));
        self::assertSame([30], array_values(array_unique(array_column($lying, 'days_left'))));

        $bin('casting', $casting, false);
        self::assertSame(
            [$first['id']],
            array_column((array) $this->call('GET', '/api/attempts')['attempts'], 'id'),
            'what went in by itself stays in',
        );
        $bin('attempt', $second['id'], false);
        $bin('heat', $first['heat']['id'], false);
        $bin('finding', $finding, false);
        $back = $this->call('GET', "/api/attempts/{$first['id']}");
        self::assertSame(
            ['blowhole', 'al_si7mg', 'al_si7mg'],
            [$back['findings'][0]['kind'], $back['heat']['values']['metal.alloy']['raw'], $back['alloy']],
        );
        self::assertSame(2, $this->call('GET', '/api/attempts')['total']);
        self::assertSame([], $this->call('GET', '/api/bin')['things']);
    }

    public function testAfterThirtyDaysTheBinIsEmptied(): void
    {
        $casting = $this->casting('Cleat');
        $first = $this->pour($casting);
        $this->findBlowhole($first);
        $next = $this->next($first['id']);
        foreach (['attempt' => $first['id'], 'heat' => $first['heat']['id']] as $part => $id) {
            $this->change([['part' => $part, 'id' => $id, 'set' => Changes::set(['binned' => true], '', ['binned' => false])]]);
        }
        $age = fn (int $days): int => (int) $this->storage()->executeStatement(
            'UPDATE attempt a JOIN heat h ON h.id = a.heat_id SET a.binned_at = NOW() - INTERVAL ? DAY, h.binned_at = NOW() - INTERVAL '
                .'? DAY WHERE a.binned_at IS NOT NULL',
            [$days, $days],
        );
        $age(29);
        $this->forget();
        self::assertSame([1, 1], array_column((array) $this->call('GET', '/api/bin')['things'], 'days_left'));
        $age(31);
        self::assertSame([], $this->call('GET', '/api/bin')['things']);
        $this->forget();
        self::assertNull($this->call('GET', "/api/attempts/{$next['id']}")['previous_id']);
        self::assertSame(1, (int) $this->storage()->fetchOne('SELECT COUNT(*) FROM attempt'));
    }

    public function testThingsAreRenamedAndMoved(): void
    {
        $from = $this->casting('Cleat');
        $to = $this->casting('Fairlead');
        $attempt = $this->pour($from);
        $this->pour($to);
        $finding = $this->findBlowhole($attempt);
        $other = $this->pour($from);
        $this->change([
            [
                'part' => 'attempt',
                'id' => $attempt['id'],
                'set' => Changes::set(['casting' => $to, 'name' => 'the one with two risers'], '', ['casting' => $from]),
            ],
        ]);
        $this->change([
            ['part' => 'finding', 'id' => $finding, 'set' => Changes::set(['attempt' => $other['id']], '', ['attempt' => $attempt['id']])],
        ]);
        $this->change([['part' => 'heat', 'id' => $attempt['heat']['id'], 'set' => Changes::set(['name' => 'Saturday’s first'])]]);
        $this->forget();
        $moved = $this->call('GET', "/api/attempts/{$attempt['id']}");

        self::assertSame(
            ['Fairlead', 2, 'the one with two risers', 'Saturday’s first', []],
            [$moved['casting_name'], $moved['number'], $moved['name'], $moved['heat']['name'], $moved['findings']],
        );
        self::assertSame('blowhole', $this->call('GET', "/api/attempts/{$other['id']}")['findings'][0]['kind']);
        self::assertSame([2], array_column((array) $this->call('GET', "/api/castings/{$from}")['trail'], 'number'));

        // The history calls what was moved by name, not by number.
        $history = $this->call('GET', "/api/attempts/{$attempt['id']}/history")['commands'];
        $move = array_column(array_merge(...array_column($history, 'changes')), null, 'field')['casting'];
        self::assertSame(['Cleat', 'Fairlead'], [$move['was']['shown'], $move['became']['shown']]);
        $set = ['casting' => ['was' => $from, 'to' => $this->casting('Oar handle')]];
        $clash = $this->change([['part' => 'attempt', 'id' => $attempt['id'], 'set' => $set]], 409)['clashes'][0];
        self::assertSame(
            ['Cleat', 'Oar handle', 'Fairlead'],
            [$clash['was']['shown'], $clash['yours']['shown'], $clash['stored']['shown']],
        );
    }

    public function testANextAttemptThrownAwayOpensItsSheetAgain(): void
    {
        $attempt = $this->pour($this->casting());
        $this->findBlowhole($attempt);
        $this->say((string) $attempt['id'], ['sheet.dry_squeeze' => true]);
        $next = $this->next($attempt['id']);
        $this->change([['part' => 'attempt', 'id' => $next['id'], 'set' => Changes::set(['binned' => true], '', ['binned' => false])]]);
        self::assertNull($this->call('GET', "/api/attempts/{$attempt['id']}")['next_id']);
        $this->say((string) $attempt['id'], ['sheet.dry_sand' => ['new' => '3.2 %']]);

        self::assertContains('sand.moisture', (array) $this->next($attempt['id'])['changed_fields']);
    }

    public function testAClockThatIsWrongIsNoReasonToRefuse(): void
    {
        foreach (['0001-01-01T00:00:00Z', '9999-12-31T23:59:59+14:00', '2026-05-03T17:40:00.123+02:00'] as $moment) {
            $this->call('POST', '/api/commands', [
                'id' => self::id(),
                'made_at' => $moment,
                'changes' => [['part' => 'casting', 'id' => self::id(), 'create' => [], 'set' => Changes::set(['name' => 'Cleat'])]],
            ]);
        }
        self::assertSame(
            '/made_at',
            $this->call(
                'POST',
                '/api/commands',
                ['id' => self::id(), 'made_at' => 'at noon', 'changes' => [['part' => 'casting', 'id' => self::id(), 'create' => []]]],
                422,
            )['problems'][0]['pointer'],
        );
    }
}
