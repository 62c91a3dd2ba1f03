<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;
use PHPUnit\Framework\Attributes\DataProvider;

/** What waits for what, and the castings it belongs to. */
final class BenchAndCastingsTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testAnEmptyNotebookHasAnEmptyBench(): void
    {
        self::assertSame(['waiting' => [], 'repeat_list' => []], $this->call('GET', '/api/bench'));
    }

    public function testACastingWaitsForOneThingAfterAnother(): void
    {
        $casting = $this->casting();
        $id = self::id();
        $planned = ['casting_id' => $casting, 'planned' => ['mould.process' => 'green_sand']];
        $this->log($id, $planned);
        self::assertSame('pour', $this->waitsFor($id));

        $this->say($id, ['poured_on' => '2026-05-02']);
        self::assertSame('inspection', $this->waitsFor($id));

        $this->say($id, ['verdict' => 'scrap']);
        self::assertSame('findings', $this->waitsFor($id));

        $this->findBlowhole(['id' => $id]);
        self::assertSame('next_attempt', $this->waitsFor($id));
    }

    public function testAGoodCastingWaitsForNothing(): void
    {
        $this->pour($this->casting(), ['verdict' => 'good']);

        self::assertSame([], $this->call('GET', '/api/bench')['waiting']);
    }

    public function testATrailRunsFromTheFirstAttemptToTheLast(): void
    {
        $casting = $this->casting('Rowlock socket');
        $this->pour($casting);
        $this->pour($casting, ['verdict' => 'good', 'poured_on' => '2026-05-10']);
        /** @var list<array{number: int, verdict: string}> $trail */
        $trail = $this->call('GET', "/api/castings/{$casting}")['trail'];

        self::assertSame([1, 2], array_column($trail, 'number'));
        self::assertSame(['scrap', 'good'], array_column($trail, 'verdict'));
    }

    public function testACastingIsNotRenamedOverANameThatNobodySaw(): void
    {
        $casting = $this->casting('Cleat');
        $rename = fn (string $to, int $expect): array => $this->change(
            [['part' => 'casting', 'id' => $casting, 'set' => Changes::set(['name' => $to], '', ['name' => 'Cleat'])]],
            $expect,
        );
        $rename('Thwart cleat', 200);
        self::assertSame('Thwart cleat', $this->call('GET', "/api/castings/{$casting}")['name']);

        $clash = $rename('Something else', 409)['clashes'][0];
        self::assertSame(
            ['Cleat', 'Something else', 'Thwart cleat'],
            [$clash['was']['raw'], $clash['yours']['raw'], $clash['stored']['raw']],
        );
        self::assertSame('Thwart cleat', $this->call('GET', "/api/castings/{$casting}")['name']);
    }

    /** The lists read plain columns, the attempt its record: they must not tell two stories. */
    public function testBenchLedgerAndAttemptTellTheSame(): void
    {
        $casting = $this->casting('Rowlock socket');
        $planned = self::id();
        $this->log($planned, [
            'casting_id' => $this->casting('Fairlead'),
            'planned' => ['mould.process' => 'lost_foam', 'metal.alloy' => 'al_si12', 'pour.temperature' => '760 C'],
        ]);
        $poured = $this->pour($casting, ['verdict' => null]);
        $scrap = $this->pour($this->casting('Stove damper'));
        $this->findBlowhole($scrap);
        $ledger = array_column((array) $this->call('GET', '/api/attempts')['attempts'], null, 'id');
        $bench = array_column((array) $this->call('GET', '/api/bench')['waiting'], null, 'id');
        self::assertCount(3, $bench);

        foreach ([$planned => 'planned', $poured['id'] => 'poured', $scrap['id'] => 'judged'] as $id => $state) {
            $attempt = $this->call('GET', "/api/attempts/{$id}");
            self::assertSame($state, $attempt['state']);
            foreach (
                [
                    'casting_id',
                    'casting_name',
                    'number',
                    'state',
                    'poured_on',
                    'verdict',
                    'process',
                    'process_label',
                    'alloy',
                    'alloy_label',
                    'pour_temperature',
                    'version',
                ] as $told
            ) {
                self::assertSame($attempt[$told], $bench[$id][$told], "{$state} on the bench: {$told}");
                self::assertSame($attempt[$told], $ledger[$id][$told], "{$state} in the ledger: {$told}");
            }
        }
        self::assertSame([1, ['blowhole']], [$bench[$scrap['id']]['findings'], $ledger[$scrap['id']]['findings']]);
    }

    public function testWhatAPlanChangesStandsOnTheBench(): void
    {
        $attempt = $this->pour($this->casting());
        $this->findBlowhole($attempt);
        $this->say((string) $attempt['id'], ['sheet.dry_squeeze' => true]);
        $next = $this->next($attempt['id']);

        $bench = $this->call('GET', '/api/bench')['waiting'];
        self::assertSame([$next['id']], array_column((array) $bench, 'id'), 'the first one waits for nothing any more');
        self::assertSame(['Temper until it breaks clean'], $bench[0]['changed'] ?? null);
    }

    public function testAVerdictThatNoTableKnowsAnyMoreIsNoVerdictAnywhere(): void
    {
        $attempt = $this->pour($this->casting());
        $this->storage()->executeStatement("UPDATE attempt SET verdict = 'meh'");

        self::assertNull($this->call('GET', "/api/attempts/{$attempt['id']}")['verdict']);
        foreach (['/api/attempts' => 'attempts', '/api/bench' => 'waiting'] as $list => $key) {
            $line = $this->call('GET', $list)[$key][0] ?? [];
            self::assertSame([null, 'poured'], [$line['verdict'] ?? null, $line['state'] ?? null], $list);
        }
        self::assertSame('inspection', $this->waitsFor((string) $attempt['id']));
    }

    public function testEveryVerdictCountsAsHistory(): void
    {
        $casting = $this->casting();
        foreach (['good', 'usable', 'scrap', null] as $verdict) {
            $attempt = $this->pour($casting, ['verdict' => $verdict]);
            $this->say((string) $attempt['id'], ['opinions.sand_wet' => 'confirmed']);
        }

        $repeated = $this->call('GET', '/api/bench')['repeat_list'];
        self::assertSame(
            ['sand_wet', 3],
            [$repeated[0]['cause'] ?? null, $repeated[0]['times'] ?? null],
            'what is not judged yet does not count',
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        $entry = ['name' => 'Cleat', 'purpose' => 'works', 'wanted' => 1, 'note' => null];
        yield 'no name' => [['name' => ' '] + $entry, '/name'];
        yield 'no such purpose' => [['purpose' => 'glory'] + $entry, '/purpose'];
        yield 'less than none wanted' => [['wanted' => -1] + $entry, '/wanted'];
        yield 'a name as long as a book' => [['name' => str_repeat('cleat ', 200)] + $entry, '/name'];
    }

    /** @param array<string, mixed> $entry */
    #[DataProvider('faults')]
    public function testAFaultOfACastingPointsAtItsField(array $entry, string $pointer): void
    {
        $answer = $this->change([['part' => 'casting', 'id' => self::id(), 'create' => [], 'set' => Changes::set($entry)]], 422);

        self::assertContains(
            "/changes/0/set{$pointer}",
            array_column(is_array($answer['problems'] ?? null) ? $answer['problems'] : [], 'pointer'),
            (string) json_encode($answer),
        );
    }

    public function testTheHandbookTellsWhereItsFiguresAreFrom(): void
    {
        $handbook = $this->call('GET', '/api/handbook');
        self::assertIsArray($handbook['alloys']);
        self::assertNotEmpty($handbook['alloys']);
        self::assertIsArray($handbook['defects']);
        self::assertGreaterThan(30, count($handbook['defects']));
    }

    private function waitsFor(string $attempt): ?string
    {
        /** @var list<array{id: string, waits_for: string}> $waiting */
        $waiting = $this->call('GET', '/api/bench')['waiting'];
        foreach ($waiting as $line) {
            if ($line['id'] === $attempt) {
                return $line['waits_for'];
            }
        }

        return null;
    }
}
