<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

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
        $this->call('PUT', "/api/attempts/{$id}", $planned, 201);
        self::assertSame('pour', $this->waitsFor($id));

        $this->call('PUT', "/api/attempts/{$id}", $planned + ['poured_on' => '2026-05-02', 'version' => 1]);
        self::assertSame('inspection', $this->waitsFor($id));

        $this->call('PUT', "/api/attempts/{$id}", $planned + ['poured_on' => '2026-05-02', 'verdict' => 'scrap', 'version' => 2]);
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

    public function testACastingIsRenamedByItsOwnVersionOnly(): void
    {
        $casting = $this->casting('Cleat');
        $entry = ['name' => 'Thwart cleat', 'purpose' => 'works', 'wanted' => 2, 'note' => 'of pewter'];
        $this->call('PUT', "/api/castings/{$casting}", $entry + ['version' => 1]);
        self::assertSame('Thwart cleat', $this->call('GET', "/api/castings/{$casting}")['name']);

        $stale = $this->call('PUT', "/api/castings/{$casting}", ['name' => 'Something else'] + $entry + ['version' => 1], 409);
        self::assertStringContainsString('Thwart cleat', (string) json_encode($stale), 'shows what is stored');
        self::assertSame('Thwart cleat', $this->call('GET', "/api/castings/{$casting}")['name']);
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
        $answer = $this->call('PUT', '/api/castings/'.self::id(), $entry, 422);

        self::assertContains($pointer, array_column(is_array($answer['problems'] ?? null) ? $answer['problems'] : [], 'pointer'), (string) json_encode($answer));
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
